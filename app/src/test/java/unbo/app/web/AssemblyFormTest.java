package unbo.app.web;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.HashMap;
import java.util.Map;

import org.junit.jupiter.api.Test;
import org.springframework.ui.ExtendedModelMap;
import org.springframework.ui.Model;

import unbo.core.designation.Decoder;

class AssemblyFormTest {

    /** What the page of two balls on a spacer sends where nothing was changed. */
    private static Map<String, String> rows() {
        Model model = new ExtendedModelMap();
        AssemblyForm.show(Map.of("kind", "ball-pair", "numbers", "left 6204-2RS"), Decoder.SHIPPED, model);
        return sent(model);
    }

    private static Map<String, String> sent(Model model) {
        Map<String, String> sent = new HashMap<>(Map.of("kind", "ball-pair", AssemblyForm.ROWS, "ball-pair"));
        for (Object row : (Iterable<?>) model.asMap().get("partRows")) {
            AssemblyForm.Row part = (AssemblyForm.Row) row;
            if (part.line().isEmpty()) {
                sent.put("name-" + part.code(), part.label());
            } else {
                sent.put("line-" + part.code(), part.line());
            }
            if (part.loose() && part.here()) {
                sent.put("here-" + part.code(), "yes");
            }
        }
        for (Object row : (Iterable<?>) model.asMap().get("numbers")) {
            AssemblyForm.Number number = (AssemblyForm.Number) row;
            sent.put("number-" + number.place().code(), number.typed());
        }
        return sent;
    }

    private static String changed(Map<String, String> sent) {
        return AssemblyForm.lines(sent, Decoder.SHIPPED).get("changed");
    }

    @Test
    void untouchedRowsChangeNothing() {
        assertThat(AssemblyForm.lines(rows(), Decoder.SHIPPED))
                .containsEntry("changed", "")
                .containsEntry("numbers", "left 6204-2RS");
        assertThat(AssemblyForm.lines(Map.of("kind", "ball-pair"), Decoder.SHIPPED))
                .as("a page without rows")
                .isEmpty();
    }

    @Test
    void aTickTakenAwayANameAndOneMoreAreLines() {
        Map<String, String> sent = rows();
        sent.remove("here-clip");
        sent.put("name-left-collar", "bush;\nwith a groove");
        sent.put("moreName", "thin shim");
        sent.put("moreKind", "shim");
        sent.put("moreSide", "outboard");
        sent.put("moreBy", "left-bearing");
        assertThat(changed(sent).lines())
                .containsExactlyInAnyOrder(
                        "without clip",
                        "left-collar is bush with a groove",
                        "with shim outboard of left-bearing: thin shim");
    }

    @Test
    void whatWasAddedIsARowThatCanBeTakenAwayAgain() {
        Model model = new ExtendedModelMap();
        AssemblyForm.show(
                Map.of("kind", "ball-pair", "changed", "with shim outboard of left-bearing: thin shim"),
                Decoder.SHIPPED,
                model);
        Map<String, String> sent = sent(model);
        assertThat(changed(sent)).isEqualTo("with shim outboard of left-bearing: thin shim");
        sent.remove("here-own-thin-shim");
        assertThat(changed(sent)).isEmpty();
    }

    @Test
    void rowsOfAnotherKindSayNothing() {
        Map<String, String> sent = rows();
        sent.remove("here-clip");
        sent.put("kind", "crank");
        assertThat(changed(sent)).isEmpty();
    }
}
