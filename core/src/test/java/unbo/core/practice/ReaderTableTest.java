package unbo.core.practice;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import java.util.SplittableRandom;
import java.util.stream.Collectors;

import org.junit.jupiter.api.Test;

import unbo.core.damage.Mode;

/** The reader of races against 2000 painted pairs; what it mixes up stands in docs/reader.md. */
class ReaderTableTest {

    private static final int PAIRS = 2000;
    private static final Path TABLE = Path.of("..", "docs", "reader.md");

    private static String written(ReaderTable table, double mixed) {
        String rows = table.read().entrySet().stream()
                .map(row -> "| " + row.getKey() + " | " + row.getValue().getOrDefault(row.getKey(), 0) + " | "
                        + row.getValue().values().stream().mapToInt(n -> n).sum() + " | "
                        + row.getValue().entrySet().stream()
                                .filter(e -> !e.getKey().equals(row.getKey()))
                                .map(e -> e.getKey() + " " + e.getValue())
                                .collect(Collectors.joining(", "))
                        + " |")
                .collect(Collectors.joining("\n"));
        return "# What the reader of races mixes up\n\nMade by `ReaderTableTest`; again by "
                + "`./unbo test core -Dtest=ReaderTableTest -Dunbo.remake=true`.\n" + PAIRS
                + " painted pairs of one fault each, by a hand that shakes: "
                + Math.round(table.right() * 1000) / 10.0 + " % are read right first.\nOf pairs with two faults both "
                + "are named first and second in " + Math.round(mixed * 1000) / 10.0
                + " %.\n\n| painted | read right | of | else read as |\n|---|---|---|---|\n" + rows + "\n";
    }

    /** Share of pairs with two faults of which both are named first and second. */
    private static double mixed() {
        SplittableRandom random = new SplittableRandom(4);
        int both = 0;
        int pairs = 500;
        int painted = 0;
        while (painted < pairs) {
            Painter.Painted p = Painter.any(random, 4);
            if (p.second() != null) {
                painted++;
                both += ReaderTable.named(p)
                                .containsAll(List.of(p.mode().id(), p.second().id()))
                        ? 1
                        : 0;
            }
        }
        return both / (double) pairs;
    }

    @Test
    void whatIsPaintedIsReadRightFirst() throws IOException {
        ReaderTable table = ReaderTable.of(PAIRS, 2);
        double mixed = mixed();
        System.out.printf(
                "%.1f %% of %d read right first; of two faults both named in %.1f %%%n",
                100 * table.right(), PAIRS, 100 * mixed);
        assertThat(table.right()).isGreaterThanOrEqualTo(0.92);
        String now = written(table, mixed);
        if (Boolean.getBoolean("unbo.remake")) {
            Files.writeString(TABLE, now);
        }
        assertThat(Files.readString(TABLE))
                .as("docs/reader.md is made anew with -Dunbo.remake=true")
                .isEqualTo(now);
    }

    @Test
    void healthyIsNotCalledFaulty() {
        SplittableRandom random = new SplittableRandom(5);
        int faulty = 0;
        for (int i = 0; i < 500; i++) {
            List<String> named = ReaderTable.named(Painter.of(Mode.of("normal"), random, 2));
            faulty += named.isEmpty() || named.get(0).equals("normal") ? 0 : 1;
        }
        assertThat(faulty).isLessThanOrEqualTo(15);
    }

    @Test
    void oneSeedOnePainting() {
        assertThat(Painter.any(new SplittableRandom(11), 3)).isEqualTo(Painter.any(new SplittableRandom(11), 3));
    }

    /** 4 of 5 right: mean (1 + 4)/(2 + 5) = 0.714; nothing asked: a half, from 0.05 to 0.95. */
    @Test
    void aSkillWithItsUncertainty() {
        assertThat(Skill.of(4, 5).mean()).isCloseTo(5.0 / 7, within(1e-12));
        assertThat(Skill.of(0, 0).low()).isCloseTo(0.05, within(1e-9));
        assertThat(Skill.of(40, 50).low()).isGreaterThan(Skill.of(4, 5).low());
        Map<Integer, Skill> none = Map.of(0, Skill.of(0, 5));
        assertThat(none.get(0).high()).isLessThan(0.5);
    }
}
