package unbo.app.browser;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.function.ToDoubleFunction;
import java.util.stream.Collectors;

/**
 * What the stages of whole jobs look like as they open: boxes that are shown, heights in screens, whether what keeps a
 * stage is in view, and touches beyond what is typed.
 */
final class SurfaceFigures {

    private static final String READ = """
            const boxes = [...document.querySelectorAll('#stage-form :is(input, select, textarea)')].filter(e =>
                !['hidden', 'checkbox', 'radio', 'range'].includes(e.type) && e.checkVisibility());
            const asked = boxes.filter(e => e.closest('.now') && !e.value).map(e => e.labels[0]?.textContent.trim());
            const foot = document.querySelector('.foot').getBoundingClientRect();
            return [boxes.length, document.documentElement.scrollHeight / innerHeight,
                foot.top >= 0 && foot.bottom <= innerHeight + 1 ? 1 : 0, asked];
            """;
    private static final double MOST_SCREENS = 2;
    /** Touches by which something is said, as a typed figure says something. */
    private static final Set<String> SAYS = Set.of("chosen or ticked", "looked at");
    /** Most touches that say nothing by themselves, by job. */
    private static final Map<String, Integer> GOALS = Map.of("trailer", 45, "unit", 15, "other-side", 8);

    private static final Path DOC = Path.of("../docs/surface.md");

    private record Stage(String job, String stage, int boxes, double screens, double phone, boolean foot) {}

    /** What stands on the stages that are too tall. */
    private final StringBuilder tall = new StringBuilder();

    /** Stage at which something was said, by job and the words of its box. */
    private final Map<String, Map<String, String>> said = new HashMap<>();

    private final List<String> twice = new ArrayList<>();
    private final List<Stage> stages = new ArrayList<>();
    /** How often what was touched, by job. */
    private final Map<String, Map<String, Integer>> touches = new LinkedHashMap<>();

    /** Measures the stage that has just opened, at 1280×800 and at 390×844. */
    void read(Browser browser, String job, String stage) {
        List<?> wide = (List<?>) browser.driver.executeScript(READ);
        size(browser, 390, 844);
        List<?> phone = (List<?>) browser.driver.executeScript(READ);
        size(browser, 1280, 800);
        if (number(wide, 1).doubleValue() > MOST_SCREENS) {
            tall.append("\n")
                    .append(job)
                    .append(' ')
                    .append(stage)
                    .append(":\n")
                    .append(browser.text("main"));
        }
        askedAgain(job, stage, (List<?>) wide.get(3));
        stages.add(new Stage(
                job,
                stage,
                number(wide, 0).intValue(),
                number(wide, 1).doubleValue(),
                number(phone, 1).doubleValue(),
                number(wide, 2).intValue() == 1 && number(phone, 2).intValue() == 1));
    }

    private static Number number(List<?> read, int at) {
        return (Number) read.get(at);
    }

    private static void size(Browser browser, int width, int height) {
        browser.driver.executeCdpCommand(
                "Emulation.setDeviceMetricsOverride",
                Map.of("width", width, "height", height, "deviceScaleFactor", 1, "mobile", width < 600));
    }

    /** Remembers what was said at a stage, by the words of its box. */
    void said(String job, String stage, String words) {
        said.computeIfAbsent(job, any -> new HashMap<>()).putIfAbsent(words + place(stage), stage);
    }

    /** What an address asks of one place stands for that place alone. */
    private static String place(String stage) {
        return stage.contains("which=") ? " of " + stage.replaceAll(".*which=([a-z-]+).*", "$1") : "";
    }

    private void askedAgain(String job, String stage, List<?> asked) {
        for (Object words : asked) {
            String first = said.getOrDefault(job, Map.of()).get(words + place(stage));
            if (first != null && !first.equals(stage)) {
                twice.add(job + ": " + words + ", said at " + first + ", asked at " + stage);
            }
        }
    }

    /** Counts touches and keys beyond typed values. */
    void touched(String job, String what, int times) {
        if (times > 0) {
            touches.computeIfAbsent(job, any -> new LinkedHashMap<>()).merge(what, times, Integer::sum);
        }
    }

    private double median(ToDoubleFunction<Stage> figure) {
        double[] sorted = stages.stream().mapToDouble(figure).sorted().toArray();
        return sorted[sorted.length / 2];
    }

    private double worst(ToDoubleFunction<Stage> figure) {
        return stages.stream().mapToDouble(figure).max().orElseThrow();
    }

    /** Fails over a goal; with {@code -Dunbo.remake=true} the table in docs is written anew. */
    void judge() {
        assertThat(stages).hasSizeGreaterThan(60);
        String table = table();
        assertThat(stages).as(table).allMatch(Stage::foot);
        assertThat(median(Stage::boxes)).as(table).isLessThanOrEqualTo(4);
        assertThat(worst(Stage::boxes)).as(table).isLessThanOrEqualTo(6);
        assertThat(median(Stage::screens)).as(table).isLessThanOrEqualTo(1.3);
        assertThat(worst(Stage::screens)).as(table + tall).isLessThanOrEqualTo(MOST_SCREENS);
        assertThat(twice).as("asked twice in one job").isEmpty();
        assertThat(median(Stage::phone)).as(table).isLessThanOrEqualTo(2.2);
        GOALS.forEach((job, most) ->
                assertThat(moves(job)).as(job + ": " + touches.get(job)).isBetween(1, most));
        if (Boolean.getBoolean("unbo.remake")) {
            try {
                Files.writeString(DOC, table);
            } catch (IOException e) {
                throw new java.io.UncheckedIOException(e);
            }
        }
    }

    private int moves(String job) {
        return touches.getOrDefault(job, Map.of()).entrySet().stream()
                .filter(e -> !SAYS.contains(e.getKey()))
                .mapToInt(Map.Entry::getValue)
                .sum();
    }

    private String table() {
        StringBuilder out = new StringBuilder();
        out.append("# What the stages of whole jobs look like as they open\n\n");
        out.append("Measured by `WholeJobsStory` over its jobs, each at another kind of place; made anew with\n");
        out.append("`-Dunbo.remake=true`. The story fails over a goal.\n\n");
        out.append("| | median | worst | goal |\n|---|---|---|---|\n");
        row(out, "boxes shown when a stage opens", Stage::boxes, "%.0f", "≤ 4 / ≤ 6");
        row(out, "height at 1280×800, screens", Stage::screens, "%.2f", "≤ 1.3 / ≤ 2");
        row(out, "height at 390×844, screens", Stage::phone, "%.2f", "median ≤ 2.2");
        out.append("| asked twice in one job | | ").append(twice.size()).append(" | 0 |\n");
        out.append("\nWhat keeps a stage was in view in all ")
                .append(stages.size())
                .append(" of them, at both sizes.\n\n");
        out.append("Touches and keys beyond what is typed. A line chosen, a tick and a look answered say something,\n");
        out.append("as a typed figure does: they stand apart.\n\n");
        out.append("| job | moves | goal | said by a touch | of which |\n|---|---|---|---|---|\n");
        touches.forEach((job, times) -> out.append(String.format(
                "| %s | %d | %s | %d | %s |%n",
                job,
                moves(job),
                GOALS.containsKey(job) ? "≤ " + GOALS.get(job) : "",
                times.values().stream().mapToInt(n -> n).sum() - moves(job),
                times.entrySet().stream()
                        .map(e -> e.getKey() + " " + e.getValue())
                        .collect(Collectors.joining(", ")))));
        out.append("\n| job | stage | boxes | screens | screens of a phone |\n|---|---|---|---|---|\n");
        stages.forEach(s -> out.append(String.format(
                Locale.ROOT,
                "| %s | %s | %d | %.2f | %.2f |%n",
                s.job(),
                s.stage(),
                s.boxes(),
                s.screens(),
                s.phone())));
        return out.toString();
    }

    private void row(StringBuilder out, String what, ToDoubleFunction<Stage> figure, String format, String goal) {
        out.append(String.format(
                Locale.ROOT,
                "| %s | " + format + " | " + format + " | %s |%n",
                what,
                median(figure),
                worst(figure),
                goal));
    }
}
