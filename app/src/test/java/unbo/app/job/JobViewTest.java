package unbo.app.job;

import static org.assertj.core.api.Assertions.assertThat;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.when;

import java.util.ArrayList;
import java.util.List;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

import unbo.app.vehicle.Position;
import unbo.core.fact.FactKey;
import unbo.core.finding.Finding;
import unbo.core.finding.Level;
import unbo.core.route.Standing;
import unbo.core.sheet.Fact;
import unbo.core.sheet.How;
import unbo.core.sheet.Sheet;
import unbo.core.stage.RouteStage;

class JobViewTest {

    private static JobView.Station station(
            RouteStage stage, String state, boolean complete, boolean recalculate, Level level) {
        Standing standing = new Standing(
                stage,
                Standing.State.valueOf(state),
                complete,
                recalculate,
                List.of(new Finding("x", level, "judged")));
        return new JobView.Station(standing, 0, null, List.of(), "", List.of());
    }

    private static JobView view(JobView.Station... changed) {
        List<JobView.Station> stations = new ArrayList<>();
        for (RouteStage stage : RouteStage.values()) {
            stations.add(station(stage, "DONE", true, false, Level.RIGHT));
        }
        for (JobView.Station station : changed) {
            stations.set(station.stage().ordinal(), station);
        }
        OpenedJob opened = mock(OpenedJob.class);
        when(opened.stations()).thenReturn(stations);
        return new JobView(new Job(null, mock(Position.class), null), opened);
    }

    @ParameterizedTest
    @CsvSource({
        "DONE,true,false,RIGHT,done",
        "DONE,true,false,WATCH,done",
        "DONE,true,false,SOON,set again",
        "DONE,true,false,STOP,stop",
        "DONE,false,false,RIGHT,incomplete",
        "DONE,true,true,RIGHT,recalculate",
        "DRAFT,false,false,OPEN,draft",
        "SKIPPED,false,false,OPEN,skipped",
        "OPEN,false,false,OPEN,open"
    })
    void aStationHasAWordForWhereItStands(
            String state, boolean complete, boolean recalculate, Level level, String word) {
        assertThat(station(RouteStage.PROVE, state, complete, recalculate, level)
                        .word())
                .isEqualTo(word);
    }

    @Test
    void onlySetAndProveAreSetAgain() {
        assertThat(station(RouteStage.INTAKE, "DONE", true, false, Level.SOON).word())
                .isEqualTo("soon");
        assertThat(station(RouteStage.SET, "DONE", true, false, Level.SOON).word())
                .isEqualTo("set again");
    }

    @Test
    void theNextActionIsTheFirstStationThatWantsSomething() {
        assertThat(view().next()).isEqualTo("ready to sign");
        assertThat(view(station(RouteStage.GREASE, "OPEN", false, false, Level.OPEN))
                        .next())
                .isEqualTo("Grease");
        assertThat(view(station(RouteStage.GREASE, "DONE", true, true, Level.RIGHT))
                        .next())
                .isEqualTo("Grease · recalculate");
        assertThat(view(station(RouteStage.PROVE, "DONE", false, false, Level.RIGHT))
                        .next())
                .isEqualTo("Prove · incomplete");
        assertThat(view(station(RouteStage.PROVE, "DONE", true, false, Level.STOP))
                        .next())
                .isEqualTo("Prove · stop");
        assertThat(view(station(RouteStage.GREASE, "SKIPPED", false, false, Level.OPEN))
                        .next())
                .isEqualTo("ready to sign");
    }

    @Test
    void aJobOpensAtTheFirstStationThatIsNotDone() {
        assertThat(view(station(RouteStage.SET, "DRAFT", false, false, Level.OPEN))
                        .nextStage())
                .isEqualTo(RouteStage.SET);
        assertThat(view().nextStage()).isEqualTo(RouteStage.LOG);
    }

    private static final Sheet VAN = Sheet.of(List.of(
            Fact.words(FactKey.VEHICLE_KIND, "van", How.TYPED, "vehicle"),
            Fact.words(FactKey.COUNTER_UNIT, "mi", How.TYPED, "vehicle")));

    private static String shown(FactKey key, String text) {
        return FactLine.of(Fact.words(key, text, How.TYPED, "intake"), VAN).shown();
    }

    @Test
    void factsAreListedInWordsNotInCodes() {
        assertThat(FactLine.of(Fact.words(FactKey.GREASE_KIND, "CaS", How.TYPED, "grease"), VAN))
                .isEqualTo(new FactLine("grease", "calcium sulfonate complex", "typed", "Grease"));
        assertThat(shown(FactKey.USE, "immersed")).isEqualTo("goes under water");
        assertThat(shown(FactKey.CAUSE, "seal")).isEqualTo("seal dragging or letting water in");
        assertThat(shown(FactKey.USE, "snow")).isEqualTo("snow");
        assertThat(FactLine.of(Fact.number(FactKey.SPINDLE, 30, How.MEASURED, "identify"), VAN)
                        .shown())
                .isEqualTo("30 mm");
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "POSITION|front-left|front left hub",
                "YEARLY|15000|15000 mi a year",
                "COUNTER|88210|88210 mi",
                "CIRCUMSTANCES|salt-water|salt water",
                "FAILURES|rear-left=2|rear left hub: 2",
                "HUB_TYPE|unit|bolted or pressed unit",
                "DAMAGE|etching, debris-bruising|Etched by water, Bruised by debris",
                "PAST_DAMAGE|etching 2025-04-01|Etched by water 2025-04-01",
                "ASSEMBLY|unit-bolted|bolted hub unit",
                "OUTER_KIND|hub-cartridge|double-row hub cartridge",
                "PIN_HOLES|0; 180|0°, 180°",
                "PROOFS_LEFT|wheel-nuts|Wheel nuts star-wise to torque again"
            })
    void everyCodeOfAFactHasItsWords(String name, String text, String words) {
        assertThat(shown(FactKey.named(name).orElseThrow(), text).toLowerCase(java.util.Locale.ROOT))
                .startsWith(words.toLowerCase(java.util.Locale.ROOT).substring(0, 5))
                .doesNotContain(
                        "front-left",
                        "salt-water",
                        "rear-left=",
                        "debris-bruising",
                        "unit-bolted",
                        "hub-cartridge",
                        "wheel-nuts");
    }

    @Test
    void aWaitingJobSaysForWhat() {
        JobView view = view();
        view.job().await("seal 38x59x9");
        assertThat(view.next()).isEqualTo("waiting for seal 38x59x9");
        view.job().goOn();
        assertThat(view.next()).isEqualTo("ready to sign");
    }
}
