package unbo.app.job;

import static org.assertj.core.api.Assertions.assertThat;
import static org.mockito.Mockito.mock;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

import unbo.app.vehicle.Position;
import unbo.core.finding.Level;
import unbo.core.route.RouteStage;
import unbo.core.route.SignOff;
import unbo.core.sheet.Fact;
import unbo.core.sheet.FactKey;
import unbo.core.sheet.How;
import unbo.core.sheet.Sheet;

class JobViewTest {

    private static JobView.Station station(RouteStage stage, String state, boolean complete, boolean recalculate, Level level) {
        return new JobView.Station(stage, state, complete, recalculate, level, 0, null, Map.of(), null, "");
    }

    private static JobView view(JobView.Station... changed) {
        List<JobView.Station> stations = new ArrayList<>();
        for (RouteStage stage : RouteStage.values()) {
            stations.add(station(stage, stage.used() ? "DONE" : "UNUSED", true, false, Level.RIGHT));
        }
        for (JobView.Station station : changed) {
            stations.set(station.stage().ordinal(), station);
        }
        return new JobView(new Job(null, mock(Position.class), null), null, null, stations, Sheet.of(List.of()), new SignOff(List.of()), true, stage -> Sheet.of(List.of()));
    }

    @ParameterizedTest
    @CsvSource({"DONE,true,false,RIGHT,done", "DONE,true,false,WATCH,done", "DONE,true,false,SOON,set again", "DONE,true,false,STOP,stop", "DONE,false,false,RIGHT,incomplete",
        "DONE,true,true,RIGHT,recalculate", "DRAFT,false,false,OPEN,draft", "SKIPPED,false,false,OPEN,skipped", "OPEN,false,false,OPEN,open", "UNUSED,false,false,OPEN,not used"})
    void aStationHasAWordForWhereItStands(String state, boolean complete, boolean recalculate, Level level, String word) {
        assertThat(station(RouteStage.PROVE, state, complete, recalculate, level).word()).isEqualTo(word);
    }

    @Test
    void onlySetAndProveAreSetAgain() {
        assertThat(station(RouteStage.INTAKE, "DONE", true, false, Level.SOON).word()).isEqualTo("soon");
        assertThat(station(RouteStage.SET, "DONE", true, false, Level.SOON).word()).isEqualTo("set again");
    }

    @Test
    void theNextActionIsTheFirstStationThatWantsSomething() {
        assertThat(view().next()).isEqualTo("ready to sign");
        assertThat(view(station(RouteStage.GREASE, "OPEN", false, false, Level.OPEN)).next()).isEqualTo("Grease");
        assertThat(view(station(RouteStage.GREASE, "DONE", true, true, Level.RIGHT)).next()).isEqualTo("Grease · recalculate");
        assertThat(view(station(RouteStage.PROVE, "DONE", false, false, Level.RIGHT)).next()).isEqualTo("Prove · incomplete");
        assertThat(view(station(RouteStage.PROVE, "DONE", true, false, Level.STOP)).next()).isEqualTo("Prove · stop");
        assertThat(view(station(RouteStage.GREASE, "SKIPPED", false, false, Level.OPEN)).next()).isEqualTo("ready to sign");
    }

    @Test
    void aJobOpensAtTheFirstStationThatIsNotDone() {
        assertThat(view(station(RouteStage.SET, "DRAFT", false, false, Level.OPEN)).nextStage()).isEqualTo(RouteStage.SET);
        assertThat(view().nextStage()).isEqualTo(RouteStage.LOG);
    }

    @Test
    void factsAreListedInWordsNotInCodes() {
        assertThat(FactLine.of(Fact.words(FactKey.GREASE_KIND, "CaS", How.TYPED, "grease"))).isEqualTo(new FactLine("grease", "calcium sulfonate complex", "typed", "grease"));
        assertThat(FactLine.of(Fact.words(FactKey.USE, "immersed", How.TYPED, "vehicle")).shown()).isEqualTo("goes under water");
        assertThat(FactLine.of(Fact.words(FactKey.CAUSE, "seal", How.TYPED, "log")).shown()).isEqualTo("seal dragging or letting water in");
        assertThat(FactLine.of(Fact.words(FactKey.USE, "snow", How.TYPED, "vehicle")).shown()).isEqualTo("snow");
        assertThat(FactLine.of(Fact.number(FactKey.SPINDLE, 30, How.MEASURED, "identify")).shown()).isEqualTo("30 mm");
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
