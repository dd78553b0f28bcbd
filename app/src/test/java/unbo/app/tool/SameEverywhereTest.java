package unbo.app.tool;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;

import java.time.Instant;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

import org.jsoup.Jsoup;
import org.jsoup.nodes.Element;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.test.web.servlet.MockMvc;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.util.LinkedMultiValueMap;

import unbo.app.Served;
import unbo.app.job.JobService;
import unbo.app.vehicle.VehicleService;
import unbo.core.answer.Answer;
import unbo.core.answer.Step;
import unbo.core.designation.Decoder;
import unbo.core.finding.Finding;
import unbo.core.input.FieldReader;
import unbo.core.input.Typed;
import unbo.core.input.UnitSystem;
import unbo.core.route.Knowledge;
import unbo.core.route.SetWay;
import unbo.core.route.StageRule;
import unbo.core.route.StageRules;
import unbo.core.sheet.Sheet;
import unbo.core.stage.RouteStage;
import unbo.core.tool.Stand;
import unbo.core.tool.Tool;
import unbo.core.tool.Tools;
import unbo.core.vehicle.VehicleInput;

/** The same inputs give the same print, whoever asks: the bench, a page beside a job, a stage. */
@Served
@Transactional
class SameEverywhereTest {

    private static final Instant AT = Instant.parse("2026-05-04T08:00:00Z");

    @Autowired
    private MockMvc mvc;

    @Autowired
    private JobService jobs;

    @Autowired
    private VehicleService vehicles;

    /** What is read off an answer: figures, what is judged, what is said, steps with their cautions, the countdown. */
    private Map<String, List<String>> printed(String address, Map<String, String> texts) throws Exception {
        LinkedMultiValueMap<String, String> sent = new LinkedMultiValueMap<>();
        sent.setAll(texts);
        sent.set("units", "METRIC");
        Element answer = Jsoup.parse(mvc.perform(get(address).params(sent))
                        .andReturn()
                        .getResponse()
                        .getContentAsString())
                .getElementById("answer");
        Map<String, List<String>> parts = new HashMap<>();
        List.of(".figure", ".verdict", ".say li", ".ticks li", ".caution", ".countdown .num", ".why td")
                .forEach(css -> parts.put(css, answer.select(css).eachText()));
        return parts;
    }

    @Test
    void besideAJobAToolPrintsWhatItPrintsOnTheBench() throws Exception {
        long vehicle = vehicles.add(
                        new VehicleInput("trailer", "Same trailer", "SA 1", "X.Y.", "none", 2000.0, "immersed", 1))
                .id();
        long id = jobs.open(vehicle, "axle1-left", AT);
        int compared = 0;
        int cautions = 0;
        int countdowns = 0;
        for (Tool<?, ?> tool : Tools.all()) {
            if (tool.stand().isPresent()) {
                continue;
            }
            Map<String, List<String>> bench = printed("/bench/" + tool.name(), tool.sample());
            assertThat(bench.get(".figure")).as(tool.name()).isNotEmpty();
            assertThat(printed("/jobs/" + id + "/numbers/" + tool.name(), tool.sample()))
                    .as(tool.name())
                    .isEqualTo(bench);
            compared++;
            cautions += bench.get(".caution").size();
            countdowns += bench.get(".countdown .num").size();
        }
        assertThat(compared).isGreaterThan(20);
        assertThat(cautions).isPositive();
        assertThat(countdowns).isPositive();
    }

    /** A tool that a stage asks by the very fields of the tool. */
    @Test
    void aStagePrintsWhatItsToolPrints() {
        List<String> compared = new ArrayList<>();
        for (Tool<?, ?> tool : Tools.all()) {
            tool.stand().ifPresent(stand -> compare(tool, stand, compared));
        }
        assertThat(compared)
                .contains("nut", "stack", "spacer-hub", "unit-hub", "cone-hub", "preload", "crank", "apart");
    }

    private static <I, R> void compare(Tool<I, R> tool, Stand stand, List<String> compared) {
        Map<String, String> texts = new HashMap<>(tool.sample());
        if (stand.stage() == RouteStage.SET) {
            texts.put(SetWay.BY, stand.way());
        }
        Sheet nothing = Sheet.of(List.of());
        StageRule<?> rule = StageRules.of(stand.stage(), nothing, texts);
        if (rule.fields() != tool.fields()
                || !rule.asked().containsAll(tool.sample().keySet())) {
            return;
        }
        StageRule.Outcome outcome = rule.work(Typed.of(texts, UnitSystem.METRIC), nothing, Knowledge.SHIPPED)
                .outcome();
        R result = tool.compute(FieldReader.read(tool.fields(), tool.sample(), UnitSystem.METRIC, Decoder.SHIPPED)
                .record());
        Answer own = tool.print(result);
        assertThat(outcome.answer().figures()).as(tool.name()).isEqualTo(own.figures());
        assertThat(outcome.answer().findings())
                .as(tool.name())
                .isEqualTo(own.findings())
                .extracting(Finding::sentence)
                .doesNotContainNull();
        assertThat(tool.findings(result)).as(tool.name()).isEqualTo(own.findings());
        assertThat(outcome.answer().sentences()).as(tool.name()).isEqualTo(own.sentences());
        assertThat(rule.steps(Typed.of(texts, UnitSystem.METRIC), outcome.answer()))
                .as(tool.name())
                .extracting(Step::text)
                .containsExactlyElementsOf(own.steps().stream().map(Step::text).toList());
        assertThat(outcome.seconds()).as(tool.name()).isEqualTo(tool.seconds(result));
        compared.add(tool.name());
    }
}
