package unbo.core.form;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

import unbo.core.input.Field;
import unbo.core.input.FieldList;
import unbo.core.input.FieldReader;
import unbo.core.input.Problem;
import unbo.core.input.Reading;
import unbo.core.input.UnitSystem;
import unbo.core.input.Values;

/**
 * Records written into one box, one to a line, the cells of a line parted by semicolons in the order of its fields; a
 * line without a semicolon is parted at its blanks. Each cell is read as any other field is.
 *
 * @param box name of the box
 * @param row fields of a line
 * @param fewest lines at least
 * @param most lines at most
 * @param <T> what a line is read as
 */
public record TypedRows<T>(String box, FieldList<T> row, int fewest, int most) {

    /** What cannot be read, line by line. */
    public List<Problem> problems(Values v) {
        List<Problem> problems = new ArrayList<>();
        List<Reading<T>> lines = read(v.text(box));
        if (lines.size() < fewest) {
            problems.add(new Problem(
                    box, lines.size() + " of at least " + fewest + " lines are there: write the others.", false));
        }
        if (lines.size() > most) {
            problems.add(Problem.impossible(box, lines.size() + " lines: " + most + " are taken at most."));
        }
        for (int i = 0; i < lines.size(); i++) {
            for (Problem p : lines.get(i).problems()) {
                problems.add(new Problem(box, "Line " + (i + 1) + ": " + p.sentence(), p.readable()));
            }
        }
        return problems;
    }

    /** The records. Those of values without {@link #problems}. */
    public List<T> records(Values v) {
        return read(v.text(box)).stream().flatMap(line -> line.get().stream()).toList();
    }

    private List<Reading<T>> read(String text) {
        return text.lines().filter(line -> !line.isBlank()).map(this::line).toList();
    }

    private Reading<T> line(String line) {
        String[] cells = line.strip().split(line.contains(";") ? ";" : "\\s+", -1);
        Map<String, String> texts = new HashMap<>();
        List<Field> fields = row.fields();
        for (int i = 0; i < Math.min(cells.length, fields.size()); i++) {
            texts.put(fields.get(i).name(), cells[i].strip());
        }
        Reading<T> reading = FieldReader.read(row, texts, UnitSystem.METRIC);
        if (cells.length <= fields.size()) {
            return reading;
        }
        List<Problem> more = new ArrayList<>(reading.problems());
        more.add(
                new Problem(box, cells.length + " cells: " + fields.size() + " at most, parted by semicolons.", false));
        return new Reading<>(null, more, reading.fields());
    }
}
