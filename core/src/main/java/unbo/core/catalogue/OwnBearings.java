package unbo.core.catalogue;

import java.io.IOException;
import java.io.StringReader;
import java.io.StringWriter;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;

import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVParser;
import org.apache.commons.csv.CSVPrinter;
import org.apache.commons.csv.CSVRecord;

import unbo.core.bearing.BearingKind;
import unbo.core.bearing.Boundary;
import unbo.core.bearing.OwnBearing;
import unbo.core.input.Field;
import unbo.core.input.FieldList;
import unbo.core.input.FieldReader;
import unbo.core.input.Problem;
import unbo.core.input.Reading;
import unbo.core.input.UnitSystem;
import unbo.core.input.Values;
import unbo.core.measure.Quantity;
import unbo.core.measure.Show;

/**
 * Reads and writes the workshop's own bearings: one by a form, many as a table (RFC 4180, the fields' names in the
 * first line). A table is read whole: one row that cannot be used and none of it is.
 */
public final class OwnBearings {

    /** Rows of a table at most. */
    public static final int MOST = 5000;

    private static final int MOST_FAULTS = 50;

    public static final FieldList<OwnBearing> LIST = FieldList.of(
            List.of(
                    Field.text("designation", "Number", 30).must().hint("as stamped"),
                    Field.choice("kind", "Kind", KindChoices.all()).must(),
                    Field.quantity("bore", "Bore", Quantity.LENGTH, "mm", 0.5, 1000)
                            .usually(3, 200)
                            .must(),
                    Field.quantity("outside", "Outside", Quantity.LENGTH, "mm", 1, 1500)
                            .usually(6, 300)
                            .must(),
                    Field.quantity("width", "Width", Quantity.LENGTH, "mm", 0.5, 500)
                            .usually(2, 80)
                            .must(),
                    Field.quantity("c", "Dynamic rating C", Quantity.FORCE, "N", 10, 5_000_000)
                            .hint("from its maker's list"),
                    Field.quantity("c0", "Static rating C0", Quantity.FORCE, "N", 10, 5_000_000),
                    Field.quantity("price", "Price", Quantity.RATIO, "", 0, 100_000),
                    Field.whole("shelf", "On the shelf", 0, 100_000).orElse("0", null)),
            OwnBearings::rules,
            OwnBearings::make);

    private static final String[] HEADER =
            LIST.fields().stream().map(Field::name).toArray(String[]::new);
    private static final CSVFormat FORMAT =
            CSVFormat.RFC4180.builder().setHeader(HEADER).get();

    private OwnBearings() {}

    private static List<Problem> rules(Values v) {
        if (v.number("outside") <= v.number("bore")) {
            return List.of(Problem.impossible("outside", "The outside must be larger than the bore."));
        }
        return key(v.text("designation")).isEmpty()
                ? List.of(Problem.impossible("designation", "A number has letters or figures."))
                : List.of();
    }

    private static OwnBearing make(Values v) {
        return new OwnBearing(
                new Boundary(
                        BearingKind.of(v.text("kind")).orElseThrow(),
                        v.text("designation").strip().toUpperCase(Locale.ROOT),
                        v.number("bore"),
                        v.number("outside"),
                        v.number("width"),
                        "own",
                        ""),
                v.maybe("c"),
                v.maybe("c0"),
                v.maybe("price"),
                v.whole("shelf"));
    }

    /** By what a number is found again: upper case, letters and figures alone. */
    public static String key(String designation) {
        return designation.toUpperCase(Locale.ROOT).replaceAll("[^A-Z0-9/]", "");
    }

    /** What came of a table. {@code bearings} is empty when there are faults. */
    public record Table(List<OwnBearing> bearings, List<String> faults) {}

    /** Reads a table, all of it or nothing. */
    public static Table read(String csv) {
        List<OwnBearing> bearings = new ArrayList<>();
        List<String> faults = new ArrayList<>();
        try (CSVParser rows = CSVFormat.RFC4180
                .builder()
                .setHeader()
                .setSkipHeaderRecord(true)
                .setIgnoreEmptyLines(true)
                .setTrim(true)
                .setIgnoreHeaderCase(true)
                .get()
                .parse(new StringReader(csv.startsWith("\ufeff") ? csv.substring(1) : csv))) {
            List<String> unknown = rows.getHeaderNames().stream()
                    .filter(n -> LIST.field(n.toLowerCase(Locale.ROOT)).isEmpty())
                    .toList();
            if (!unknown.isEmpty() || rows.getHeaderNames().isEmpty()) {
                return new Table(
                        List.of(),
                        List.of("The first line must name the columns " + String.join(", ", HEADER)
                                + (unknown.isEmpty() ? "." : "; “" + unknown.get(0) + "” is none of them.")));
            }
            Set<String> numbers = new HashSet<>();
            for (CSVRecord row : rows) {
                one(row, rows.getHeaderNames(), numbers, bearings, faults);
            }
        } catch (IOException | UncheckedIOException | IllegalArgumentException e) {
            faults.add("This is no table of comma separated values that can be read: save it as CSV, "
                    + "UTF-8, with the columns named in the first line.");
        }
        if (faults.isEmpty() && bearings.isEmpty()) {
            faults.add("The table has no rows.");
        }
        return new Table(
                faults.isEmpty() ? List.copyOf(bearings) : List.of(),
                faults.stream().limit(MOST_FAULTS).toList());
    }

    private static void one(
            CSVRecord row, List<String> header, Set<String> numbers, List<OwnBearing> bearings, List<String> faults) {
        String here = "Row " + (row.getRecordNumber() + 1) + ": ";
        if (row.getRecordNumber() > MOST) {
            if (row.getRecordNumber() == MOST + 1) {
                faults.add("The table has more than " + MOST + " rows: send it in parts.");
            }
            return;
        }
        if (!row.isConsistent()) {
            faults.add(here + "it has " + row.size() + " cells, the first line names " + header.size() + ".");
            return;
        }
        Map<String, String> texts = new HashMap<>();
        header.forEach(name -> texts.put(name.toLowerCase(Locale.ROOT), unmarked(row.get(name))));
        Reading<OwnBearing> reading = FieldReader.read(LIST, texts, UnitSystem.METRIC);
        OwnBearing bearing = reading.record();
        if (bearing == null) {
            reading.problems().forEach(p -> faults.add(here + p.sentence()));
        } else if (!numbers.add(key(bearing.boundary().designation()))) {
            faults.add(here + bearing.boundary().designation() + " stands there twice.");
        } else {
            bearings.add(bearing);
        }
    }

    /** A text that was marked so that no spreadsheet takes it for a formula. */
    private static String unmarked(String cell) {
        return cell.length() > 1 && cell.charAt(0) == '\'' && "=+-@".indexOf(cell.charAt(1)) >= 0
                ? cell.substring(1)
                : cell;
    }

    /** Writes a table that {@link #read} reads again. */
    public static String write(List<OwnBearing> bearings) {
        StringWriter out = new StringWriter();
        try (CSVPrinter printer = new CSVPrinter(out, FORMAT)) {
            for (OwnBearing b : bearings) {
                String number = b.boundary().designation();
                printer.printRecord(
                        "=+-@".indexOf(number.charAt(0)) < 0 ? number : "'" + number,
                        b.boundary().kind().code(),
                        plain(b.boundary().boreMm()),
                        plain(b.boundary().outsideMm()),
                        plain(b.boundary().widthMm()),
                        b.cN() == null ? "" : plain(b.cN()),
                        b.c0N() == null ? "" : plain(b.c0N()),
                        b.price() == null ? "" : plain(b.price()),
                        b.shelf());
            }
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return out.toString();
    }

    private static String plain(double value) {
        return Show.number(value, 6).replace('−', '-');
    }
}
