package unbo.core.table;

import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;

import org.apache.commons.csv.CSVRecord;
import org.jspecify.annotations.Nullable;

/** A row of a data file: each cell read as what it must be, or refused by file, row and column. */
public final class TableRow {

    private final String file;
    private final CSVRecord cells;

    TableRow(String file, CSVRecord cells) {
        this.file = file;
        this.cells = cells;
    }

    /** The cell as it stands; empty where nothing stands there. @throws TableFault if there is no such column */
    public String get(String column) {
        if (!cells.isMapped(column)) {
            throw new TableFault(file + " has no column " + column + ".");
        }
        if (!cells.isSet(column)) {
            throw fault(column, "is missing: the row ends before it");
        }
        return cells.get(column);
    }

    /** Its cells by column, in the order of the file. */
    public Map<String, String> cells() {
        Map<String, String> all = new LinkedHashMap<>();
        cells.getParser().getHeaderNames().forEach(column -> all.put(column, get(column)));
        return all;
    }

    /** A text that must be there. @throws TableFault if it is empty */
    public String word(String column) {
        String text = get(column);
        if (text.isEmpty()) {
            throw fault(column, "is empty");
        }
        return text;
    }

    /** A finite number. @throws TableFault if it is none */
    public double number(String column) {
        return numeral(column, word(column));
    }

    /** A finite number that is a part of a cell. @throws TableFault if it is none */
    public double numeral(String column, String text) {
        try {
            double value = Double.parseDouble(text);
            if (Double.isFinite(value)) {
                return value;
            }
        } catch (NumberFormatException e) {
            throw fault(column, "is no number: “" + text + "”");
        }
        throw fault(column, "is no finite number: “" + text + "”");
    }

    /** A number from {@code least} to {@code most}. @throws TableFault if it is none of them */
    public double number(String column, double least, double most) {
        double value = number(column);
        if (value < least || value > most) {
            throw fault(column, "is " + get(column) + ", not " + least + " to " + most);
        }
        return value;
    }

    /** A number, or null where the cell is empty. */
    public @Nullable Double maybe(String column) {
        return get(column).isEmpty() ? null : Double.valueOf(number(column));
    }

    /** A whole number. @throws TableFault if it is none */
    public int whole(String column) {
        try {
            return Integer.parseInt(word(column));
        } catch (NumberFormatException e) {
            throw fault(column, "is no whole number: “" + get(column) + "”");
        }
    }

    /** True for yes, false for no or an empty cell. @throws TableFault for anything else */
    public boolean yes(String column) {
        String text = get(column);
        if (!text.isEmpty() && !text.equals("yes") && !text.equals("no")) {
            throw fault(column, "is “" + text + "”, neither yes nor no");
        }
        return text.equals("yes");
    }

    /** Words parted by blanks; none where the cell is empty. */
    public List<String> words(String column) {
        String text = get(column);
        return text.isEmpty() ? List.of() : List.of(text.split("\\s+"));
    }

    /** One of what {@code of} knows. @throws TableFault if it knows no such */
    public <T> T one(String column, Function<String, Optional<T>> of) {
        return of.apply(word(column)).orElseThrow(() -> fault(column, "is not known: “" + get(column) + "”"));
    }

    /** One of the constants of an enum, written in small or capital letters. @throws TableFault if it is none */
    public <E extends Enum<E>> E one(String column, Class<E> constants) {
        String name = word(column).toUpperCase(Locale.ROOT).replace('-', '_');
        return one(
                column,
                text -> Arrays.stream(constants.getEnumConstants())
                        .filter(constant -> constant.name().equals(name))
                        .findFirst());
    }

    /** What is wrong with a cell. @param what goes on after “column NAME” */
    public TableFault fault(String column, String what) {
        return new TableFault(
                file + ", row " + (cells.getRecordNumber() + 1) + ", column " + column + " " + what + ".");
    }

    @Override
    public String toString() {
        return file + ", row " + (cells.getRecordNumber() + 1);
    }
}
