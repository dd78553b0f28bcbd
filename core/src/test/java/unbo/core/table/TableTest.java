package unbo.core.table;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatExceptionOfType;

import java.util.List;
import java.util.function.Consumer;
import java.util.stream.Stream;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;

import unbo.core.bearing.BearingKind;

class TableTest {

    private static final List<TableRow> ROWS = Table.read(TableTest.class, "shelf.csv");
    private static final TableRow GOOD = ROWS.get(0);
    private static final TableRow BAD = ROWS.get(1);
    private static final TableRow SHORT = ROWS.get(2);

    private enum Season {
        SUMMER,
        WINTER
    }

    @Test
    void cellsAreReadAsWhatTheyMustBe() {
        assertThat(GOOD.number("mm")).isEqualTo(0.05);
        assertThat(GOOD.number("mm", 0.05, 0.05)).isEqualTo(0.05);
        assertThat(GOOD.whole("pieces")).isEqualTo(8);
        assertThat(GOOD.one("kind", BearingKind::of)).isEqualTo(BearingKind.DEEP_GROOVE_BALL);
        assertThat(GOOD.one("season", Season.class)).isEqualTo(Season.SUMMER);
        assertThat(GOOD.yes("whole")).isTrue();
        assertThat(GOOD.words("words")).containsExactly("left", "right");
        assertThat(GOOD.maybe("mm")).isEqualTo(0.05);
        assertThat(BAD.words("words")).isEmpty();
        assertThat(BAD.maybe("words")).isNull();
        assertThat(BAD.yes("words")).isFalse();
        assertThat(GOOD.cells()).containsEntry("name", "thin").hasSize(7);
    }

    static Stream<Arguments> faults() {
        return Stream.of(
                fault("column mm is no number: “half”", () -> BAD.number("mm")),
                fault("column pieces is no whole number: “8.5”", () -> BAD.whole("pieces")),
                fault("column kind is not known: “ball”", () -> BAD.one("kind", BearingKind::of)),
                fault("column season is not known: “autumn”", () -> BAD.one("season", Season.class)),
                fault("column whole is “maybe”, neither yes nor no", () -> BAD.yes("whole")),
                fault("column words is empty", () -> BAD.word("words")),
                fault("column mm is no finite number: “NaN”", () -> BAD.numeral("mm", "NaN")));
    }

    private static Arguments fault(String says, Runnable reading) {
        Consumer<TableRow> read = row -> reading.run();
        return Arguments.of(says, read);
    }

    @ParameterizedTest
    @MethodSource("faults")
    void whatCannotBeIsNamedByFileRowAndColumn(String says, Consumer<TableRow> reading) {
        assertThatExceptionOfType(TableFault.class)
                .isThrownBy(() -> reading.accept(BAD))
                .withMessage("table/shelf.csv, row 3, " + says + ".");
    }

    @Test
    void aRowThatEndsEarlyAndAColumnThatIsNoneAreNamed() {
        assertThatExceptionOfType(TableFault.class)
                .isThrownBy(() -> SHORT.get("kind"))
                .withMessage("table/shelf.csv, row 4, column kind is missing: the row ends before it.");
        assertThatExceptionOfType(TableFault.class)
                .isThrownBy(() -> GOOD.get("weight"))
                .withMessage("table/shelf.csv has no column weight.");
        assertThatExceptionOfType(TableFault.class)
                .isThrownBy(() -> GOOD.number("mm", 1, 2))
                .withMessage("table/shelf.csv, row 2, column mm is 0.05, not 1.0 to 2.0.");
    }

    @Test
    void aMissingFileIsNamed() {
        assertThatExceptionOfType(TableFault.class)
                .isThrownBy(() -> Table.read(TableTest.class, "no-such.csv"))
                .withMessageContaining("no-such.csv");
    }
}
