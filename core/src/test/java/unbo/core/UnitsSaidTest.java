package unbo.core;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;

import org.junit.jupiter.api.Test;

/** A number of a kernel says its unit: in its name, or in the description of its record. */
class UnitsSaidTest {

    private static final Path CORE = Path.of("src/main/java/unbo/core");
    /** Packages of texts, boxes, pictures and of what a job knows: their numbers carry a unit beside them. */
    private static final Set<String> NO_KERNELS = Set.of(
            "answer",
            "drawing",
            "fact",
            "form",
            "input",
            "measure",
            "route",
            "seek",
            "sheet",
            "stage",
            "table",
            "tool",
            "tools",
            "worksheet");

    private static final Pattern RECORD = Pattern.compile(
            "((?:/\\*\\*(?:(?!\\*/).)*\\*/\\s*)?)(?:\\w+ )*record (\\w+)(?:<[^>]*>)?\\s*"
                    + "\\(([^{]*?)\\)\\s*(?:implements [\\w, <>.]+)?\\s*\\{",
            Pattern.DOTALL);
    private static final Pattern NUMBER = Pattern.compile("\\b[dD]ouble\\s+(\\w+)");
    private static final Pattern UNIT_IN_NAME =
            Pattern.compile("(?i)mm2?|um|deg|celsius|newton|hours|minutes|seconds|years|days|grams?|km|rpm|hz|db|watts?"
                    + "|\\w*(?-i:Mm2?|Um|N|Nm|Kn|KN|Deg|C|K|Rpm|Km|Kmh|H|M|S|W|G|Hz|Db|Kg|Ppm|Cm3|M[Pp]a|Bar"
                    + "|Hours|Minutes|Seconds|Years|Days|Grams|Watts|AYear|Per\\w+)");
    /** Plain numbers and money, by the words the trade and its textbooks have for them. */
    private static final Pattern PLAIN = Pattern.compile(
            "(?i)\\w*(share|factor|ratio|rate|chance|probability|odds|score|weight|count|cost|price|mass)"
                    + "|beta|eta|kappa|k|p|n|x|y|\\w+[XY]");

    private static final Pattern UNIT_IN_WORDS = Pattern.compile(
            "\\b(mm|µm|N|kN|°C|K|degrees|N·m|km|hours|minutes|share|factor|ratio|number|MPa|rpm|unit)\\b");

    @Test
    void everyNumberOfAKernelSaysItsUnit() throws IOException {
        List<String> silent = new ArrayList<>();
        int numbers = 0;
        for (Path file : kernels()) {
            Matcher record = RECORD.matcher(Files.readString(file));
            while (record.find()) {
                Matcher number = NUMBER.matcher(record.group(3));
                while (number.find()) {
                    numbers++;
                    if (!said(number.group(1), record.group(1))) {
                        silent.add(CORE.relativize(file) + " " + record.group(2) + "." + number.group(1));
                    }
                }
            }
        }
        assertThat(numbers).isGreaterThan(600);
        assertThat(silent).isEmpty();
    }

    @Test
    void aNumberWithoutAUnitIsNoticed() {
        assertThat(said("length", "/** A link. */")).isFalse();
        assertThat(said("lengthMm", "/** A link. */")).isTrue();
        assertThat(said("length", "/** A link. @param length mm */")).isTrue();
    }

    private static boolean said(String name, String words) {
        return UNIT_IN_NAME.matcher(name).matches()
                || PLAIN.matcher(name).matches()
                || words.matches("(?s).*@param[^@]*\\b" + name + "\\b.*")
                || UNIT_IN_WORDS.matcher(words).find();
    }

    private static List<Path> kernels() throws IOException {
        try (Stream<Path> files = Files.walk(CORE)) {
            return files.filter(file -> file.toString().endsWith(".java"))
                    .filter(file -> !NO_KERNELS.contains(
                            CORE.relativize(file).getName(0).toString()))
                    .toList();
        }
    }
}
