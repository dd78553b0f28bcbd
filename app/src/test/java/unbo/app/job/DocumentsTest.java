package unbo.app.job;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;

class DocumentsTest {

    private final Documents documents = new Documents();

    private StageDocument read(String json) {
        Stage stage = new Stage(null, "grease");
        stage.keep(Stage.State.DONE, true, json, null);
        return documents.stage(stage);
    }

    @Test
    void toleratesWhatANewerOrOlderReleaseWrote() {
        StageDocument document = read("{\"v\":9,\"texts\":{\"kind\":\"Li\"},\"new\":1,\"facts\":[{\"key\":\"NO_SUCH_FACT\",\"text\":\"x\",\"how\":\"TYPED\"},"
                + "{\"key\":\"GREASE_KIND\",\"text\":\"Li\",\"how\":\"TYPED\",\"stage\":\"grease\"}],\"answer\":{\"figures\":[{\"what\":\"a\",\"value\":\"1\",\"unit\":\"g\",\"later\":true}]}}");
        assertThat(document.texts()).containsEntry("kind", "Li");
        assertThat(document.facts()).singleElement().satisfies(f -> assertThat(f.text()).isEqualTo("Li"));
        assertThat(document.answer().figures()).hasSize(1);
        assertThat(document.answer().findings()).isEmpty();
    }

    @Test
    void anEmptyDocumentIsAnEmptyStage() {
        assertThat(read("{}")).satisfies(d -> {
            assertThat(d.texts()).isEmpty();
            assertThat(d.answer()).isNull();
        });
    }
}
