package unbo.core.tools;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;

import org.junit.jupiter.api.Test;

import unbo.core.Shipped;
import unbo.core.bearing.BearingKind;
import unbo.core.input.Field;
import unbo.core.input.Problem;
import unbo.core.input.Reading;
import unbo.core.input.UnitSystem;
import unbo.core.tool.Tool;
import unbo.core.tool.Tools;

/**
 * Every kind of bearing in every tool that asks for one: computed, or refused with a reason. The table stands in
 * docs/kinds.md and is made by this test; with {@code -Dunbo.remake=true} it is written anew.
 */
class KindsByToolsTest {

    private static final Path TABLE = Path.of("..", "docs", "kinds.md");

    /** A number of each kind. */
    private static final Map<BearingKind, String> NUMBERS = numbers();

    /** What the sample tells of its own bearing, which another one does not have. */
    private static final Set<String> OF_THE_SAMPLE = Set.of(
            "bore",
            "outside",
            "width",
            "boreMm",
            "outsideMm",
            "widthMm",
            "massKg",
            "kind",
            "elements",
            "elementMm",
            "pitchMm",
            "contactDeg",
            "inner",
            "outer",
            "plane2");

    private static Map<BearingKind, String> numbers() {
        Map<BearingKind, String> numbers = new LinkedHashMap<>();
        for (String number : List.of(
                "6305",
                "4205",
                "7205B",
                "3205",
                "1205",
                "22205",
                "QJ205",
                "NU205",
                "HK2016",
                "NA4905",
                "K 20x24x17",
                "32005X",
                "51105",
                "AXK2035",
                "81105",
                "E15",
                "R8",
                "30.15x41x6.5 45/45",
                "DAC34640037",
                "L44649",
                "L44610")) {
            numbers.put(Shipped.decode(number).kind(), number);
        }
        return numbers;
    }

    private static String cell(Tool<?, ?> tool, String number) {
        List<Field> bearings = tool.fields().fields().stream()
                .filter(f -> f.kind() == Field.Kind.BEARING)
                .toList();
        Map<String, String> texts = new HashMap<>(tool.sample());
        texts.keySet().removeIf(OF_THE_SAMPLE::contains);
        bearings.forEach(f -> texts.put(f.name(), number));
        if (texts.containsKey("plane1")) {
            Double outside = Shipped.decode(number).outsideMm();
            texts.put("plane1", outside == null ? "" : outside + " " + outside + " " + outside);
        }
        if (tool.fields().field("axialN").isPresent()) {
            texts.put("axialN", "200");
        }
        return outcome(tool, texts);
    }

    private static <I, R> String outcome(Tool<I, R> tool, Map<String, String> texts) {
        Reading<I> reading = Shipped.read(tool.fields(), texts, UnitSystem.METRIC);
        if (!reading.ok()) {
            return "refused: "
                    + reading.problems().stream()
                            .map(Problem::sentence)
                            .findFirst()
                            .orElseThrow();
        }
        R result = tool.compute(reading.record());
        assertThat(tool.print(result).figures().isEmpty()
                        && tool.print(result).findings().isEmpty()
                        && tool.print(result).sentences().isEmpty())
                .as(tool.name())
                .isFalse();
        return "computed";
    }

    private static String table() {
        StringBuilder text = new StringBuilder("# Every kind of bearing in every tool\n\n"
                + "Made by `KindsByToolsTest`; again by `./unbo test core -Dtest=KindsByToolsTest "
                + "-Dunbo.remake=true`.\nWhat is refused is told in the sentence that the page shows.\n");
        for (Tool<?, ?> tool : Tools.all()) {
            if (tool.fields().fields().stream().noneMatch(f -> f.kind() == Field.Kind.BEARING)) {
                continue;
            }
            List<String> computed = new ArrayList<>();
            Map<String, List<String>> refused = new LinkedHashMap<>();
            NUMBERS.forEach((kind, number) -> {
                String cell = cell(tool, number);
                if (cell.equals("computed")) {
                    computed.add(kind.code());
                } else {
                    refused.computeIfAbsent(cell.replace(number, "…"), c -> new ArrayList<>())
                            .add(kind.code());
                }
            });
            text.append("\n## ").append(tool.about().title()).append("\n\n");
            text.append("computed: ")
                    .append(computed.isEmpty() ? "none" : String.join(", ", computed))
                    .append("\n");
            refused.forEach((why, kinds) -> text.append("\n- ")
                    .append(String.join(", ", kinds))
                    .append(": ")
                    .append(why)
                    .append("\n"));
        }
        return text.toString();
    }

    @Test
    void everyKindIsHere() {
        assertThat(NUMBERS.keySet()).containsExactlyInAnyOrderElementsOf(BearingKind.named());
    }

    @Test
    void noKindIsPassedOverInSilence() throws IOException {
        String table = table();
        if (Boolean.getBoolean("unbo.remake")) {
            Files.writeString(TABLE, table);
        }
        assertThat(Files.readString(TABLE))
                .as("docs/kinds.md is made anew with -Dunbo.remake=true")
                .isEqualTo(table);
    }
}
