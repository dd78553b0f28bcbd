package unbo.app.job;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;

import org.junit.jupiter.api.Test;

import unbo.core.answer.Answer;
import unbo.core.drawing.Drawing;
import unbo.core.input.Typed;
import unbo.core.input.UnitSystem;
import unbo.core.sheet.Sheet;
import unbo.core.tools.identify.HubSection;

class DocumentsTest {

    private final Documents documents = new Documents();

    private StageDocument read(String json) {
        Stage stage = new Stage(null, "grease");
        stage.keep(Stage.State.DONE, true, json, null);
        return documents.stage(stage);
    }

    @Test
    void toleratesWhatANewerOrOlderReleaseWrote() {
        StageDocument document = read("{\"v\":9,\"texts\":{\"kind\":\"Li\"},\"new\":1,"
                + "\"facts\":[{\"key\":\"NO_SUCH_FACT\",\"text\":\"x\",\"how\":\"TYPED\"},"
                + "{\"key\":\"GREASE_KIND\",\"text\":\"Li\",\"how\":\"TYPED\","
                + "\"stage\":\"grease\"}],\"answer\":{\"figures\":[{\"what\":\"a\","
                + "\"value\":\"1\",\"unit\":\"g\",\"later\":true}]}}");
        assertThat(document.typed().texts()).containsEntry("kind", "Li");
        assertThat(document.facts())
                .singleElement()
                .satisfies(f -> assertThat(f.text()).isEqualTo("Li"));
        assertThat(document.entries().get(0).answer().figures()).hasSize(1);
        assertThat(document.entries().get(0).answer().findings()).isEmpty();
    }

    @Test
    void anEmptyDocumentIsAnEmptyStage() {
        assertThat(read("{}")).satisfies(d -> {
            assertThat(d.typed().texts()).isEmpty();
            assertThat(d.entries()).isEmpty();
        });
    }

    @Test
    void textsOfAnOlderReleaseAreReadInTheSystemThatAMigrationGaveThem() {
        StageDocument document = read("{\"v\":1,\"units\":\"INCH\",\"texts\":{\"push\":\"0.002\"}}");
        assertThat(document.typed().of("push")).isEqualTo(UnitSystem.INCH);
    }

    @Test
    void whatIsWrittenIsReadAgain() {
        Typed typed = Typed.of(Map.of("push", "0.05"), UnitSystem.METRIC).with("pull", "0.002", UnitSystem.INCH);
        StageEntry entry = new StageEntry(
                "6305~inner-ring", "6305, inner ring", typed, List.of(), Map.of("SEAL", "x"), null, false, true, 7);
        StageDocument document = new StageDocument(StageDocument.VERSION, List.of(entry), "no time");
        assertThat(read(documents.write(document))).isEqualTo(document);
    }

    @Test
    void aDrawingIsKeptShapeByShape() {
        Drawing section = HubSection.of(Sheet.of(List.of()));
        Paper paper = new Paper(
                Paper.VERSION,
                UnitSystem.METRIC,
                new Paper.Head("w", "v", "m", "van", "p", "c"),
                "",
                section,
                List.of(),
                List.of());
        assertThat(documents.paper(documents.write(paper))).isEqualTo(paper);
    }

    @Test
    void oneStationOfAPaperIsReadWithoutTheOthers() {
        Drawing section = HubSection.of(Sheet.of(List.of()));
        Answer answer = new Answer(
                List.of(new Answer.Figure("end play", "0.05", "mm", "0.002 in")),
                List.of(),
                List.of("a", "b"),
                null,
                List.of(section));
        Paper.Station set = new Paper.Station(
                "set",
                "Set",
                "done",
                "",
                List.of(new Paper.Entry("", answer, List.of(new Paper.Line("Slots", "6", "")), List.of())),
                List.of("h"));
        Paper.Station prove = new Paper.Station("prove", "Prove", "open", "no time", List.of(), List.of());
        Paper paper = new Paper(
                Paper.VERSION,
                UnitSystem.METRIC,
                new Paper.Head("w", "v", "m", "van", "p", "c"),
                "hum",
                section,
                List.of(new FactLine("seal", "38x59x9", "typed", "Identify")),
                List.of(set, prove));
        String kept = documents.write(paper);
        assertThat(documents.paper(kept, "set"))
                .isEqualTo(new Paper(
                        Paper.VERSION, UnitSystem.METRIC, paper.head(), "hum", section, List.of(), List.of(set)));
        assertThat(documents.paper(kept, "prove").stations()).containsExactly(prove);
        assertThat(documents.paper(kept, "strip").stations()).isEmpty();
        assertThat(documents
                        .paper(documents.write(paper).replace("\"code\":\"set\",", ""), "prove")
                        .stations())
                .hasSize(2);
    }
}
