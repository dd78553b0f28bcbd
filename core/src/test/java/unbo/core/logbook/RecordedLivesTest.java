package unbo.core.logbook;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;

import org.junit.jupiter.api.Test;

import unbo.core.survival.Lives;
import unbo.core.survival.Observed;

class RecordedLivesTest {

    private static RecordedLives.Row row(boolean fitted, Run.Ended ended, Double from, Double to, Double seen) {
        return new RecordedLives.Row("", fitted, ended, from, to, seen);
    }

    private static Lives.Run only(RecordedLives.Row row) {
        return RecordedLives.of(List.of(row), true).runs().get(0);
    }

    @Test
    void fittedOnesBeginAtNoughtAndFoundOnesWhereTheyWereSeen() {
        assertThat(only(row(true, Run.Ended.FAILED, 1000.0, 31_000.0, null)).observed())
                .isEqualTo(new Observed(0, 30_000, true));
        assertThat(only(row(false, Run.Ended.RUNNING, 1000.0, 31_000.0, null)).observed())
                .isEqualTo(new Observed(1000, 31_000, false));
    }

    @Test
    void foundFailedAtAServiceStandsInTheMiddle() {
        Lives.Run run = only(row(true, Run.Ended.FOUND, 1000.0, 31_000.0, 21_000.0));
        assertThat(run.observed()).isEqualTo(new Observed(0, 25_000, true));
        assertThat(run.between()).isTrue();
    }

    /** A counter that goes back, one that was not read, an age that nobody knows: left out, and told. */
    @Test
    void whatCannotBeCountedIsLeftOut() {
        RecordedLives lives = RecordedLives.of(
                List.of(
                        row(true, Run.Ended.FAILED, 5000.0, 4000.0, null),
                        row(true, Run.Ended.FAILED, 5000.0, 5000.0, null),
                        row(true, Run.Ended.SOUND, null, 4000.0, null),
                        row(false, Run.Ended.RUNNING, 10.0, 40.0, null),
                        row(true, Run.Ended.RUNNING, 40.0, 40.0, null)),
                false);
        assertThat(lives.runs()).isEmpty();
        assertThat(lives.left())
                .containsEntry(RecordedLives.Left.BACK, 2)
                .containsEntry(RecordedLives.Left.UNREAD, 1)
                .containsEntry(RecordedLives.Left.ORIGIN, 1)
                .containsEntry(RecordedLives.Left.FRESH, 1);
        assertThat(lives.leftOut()).isEqualTo(5);
    }

    @Test
    void bandsOfEndPlay() {
        assertThat(PlayBand.of(-0.01)).isEqualTo("preload");
        assertThat(PlayBand.of(0.0)).isEqualTo("0 to 0.025 mm");
        assertThat(PlayBand.of(0.025)).isEqualTo("0.025 to 0.05 mm");
        assertThat(PlayBand.of(0.15)).isEqualTo("over 0.15 mm");
    }
}
