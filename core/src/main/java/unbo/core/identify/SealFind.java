package unbo.core.identify;

import static java.util.Objects.requireNonNull;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

import org.jspecify.annotations.Nullable;

import unbo.core.answer.Answer;
import unbo.core.designation.SealSize;
import unbo.core.finding.Finding;
import unbo.core.finding.Level;
import unbo.core.input.Field;
import unbo.core.input.FieldList;
import unbo.core.input.Problem;
import unbo.core.input.Values;
import unbo.core.measure.Quantity;
import unbo.core.measure.Show;
import unbo.core.table.Table;
import unbo.core.table.TableRow;
import unbo.core.worksheet.Worksheet;

/**
 * Which shaft seal goes between a measured shaft and its housing: the nominal sizes of ISO 6194-1, best first. The
 * seal's outside is made larger than its bore for its press fit, so the housing is measured, not the old seal; a worn
 * shaft measures small. Wider seals of the same two diameters exist; the seat's depth says whether they go in.
 *
 * @param fitting sizes inside what was measured, closest first
 * @param near of the same shaft or the same housing
 */
public record SealFind(Measured measured, List<SealSize> fitting, List<SealSize> near) {

    private static final double SHAFT_MM = 0.25;
    private static final double HOUSING_MM = 0.3;
    private static final double NEAR_MM = 6;
    private static final double FREE_MM = 0.5;
    private static final int MOST_NEAR = 6;
    private static final List<SealSize> SIZES = sizes();

    /** What was measured, mm; the depth null where it was not. */
    public record Measured(
            double shaftMm, double housingMm, @Nullable Double depthMm) {}

    public static final FieldList<Measured> LIST = FieldList.of(
            List.of(
                    Field.quantity("shaft", "Shaft where the lip runs", Quantity.LENGTH, "mm", 4, 110)
                            .usually(6, 100)
                            .must()
                            .hint("beside the worn track"),
                    Field.quantity("housing", "Housing bore", Quantity.LENGTH, "mm", 8, 140)
                            .usually(14, 130)
                            .must()
                            .hint("of the housing, not the old seal: that is pressed in larger"),
                    Field.quantity("depth", "Depth of its seat", Quantity.LENGTH, "mm", 2, 60)
                            .usually(4, 30)),
            SealFind::rules,
            v -> new Measured(v.number("shaft"), v.number("housing"), v.maybe("depth")));

    private static List<Problem> rules(Values v) {
        return v.number("housing") > v.number("shaft") + 4
                ? List.of()
                : List.of(Problem.impossible(
                        "housing",
                        "A housing of " + Show.number(v.number("housing"), 2)
                                + " mm leaves no room for a seal over a shaft of " + Show.number(v.number("shaft"), 2)
                                + " mm."));
    }

    public static SealFind of(Measured m) {
        Comparator<SealSize> closest = Comparator.comparingDouble(
                s -> Math.abs(s.shaftMm() - m.shaftMm()) + Math.abs(s.outsideMm() - m.housingMm()));
        List<SealSize> fitting = SIZES.stream()
                .filter(s -> shaft(s, m) && housing(s, m))
                .sorted(closest)
                .toList();
        List<SealSize> near = SIZES.stream()
                .filter(s -> !fitting.contains(s) && (shaft(s, m) || housing(s, m)))
                .filter(s -> Math.abs(s.shaftMm() - m.shaftMm()) <= NEAR_MM
                        && Math.abs(s.outsideMm() - m.housingMm()) <= 2 * NEAR_MM)
                .sorted(closest)
                .limit(MOST_NEAR)
                .toList();
        return new SealFind(m, fitting, near);
    }

    /**
     * True where a seat of the measured depth leaves this seal clear of the bearing; also where it was not measured.
     */
    public boolean fitsDepth(SealSize s) {
        return measured.depthMm() == null || s.widthMm() + FREE_MM <= measured.depthMm();
    }

    private static boolean shaft(SealSize s, Measured m) {
        return Math.abs(s.shaftMm() - m.shaftMm()) <= SHAFT_MM;
    }

    private static boolean housing(SealSize s, Measured m) {
        return Math.abs(s.outsideMm() - m.housingMm()) <= HOUSING_MM;
    }

    public static Answer answer(SealFind find) {
        List<Finding> findings = new ArrayList<>();
        List<String> sentences = new ArrayList<>();
        Measured m = find.measured();
        if (find.fitting().isEmpty()) {
            findings.add(new Finding(
                    "seal-none",
                    Level.OPEN,
                    "No standard size has this shaft and this housing: measure again beside the "
                            + "worn track, or have the maker's number."));
        }
        for (SealSize s : find.fitting()) {
            findings.add(
                    find.fitsDepth(s)
                            ? new Finding(
                                    "seal-fits",
                                    Level.RIGHT,
                                    words(s) + " fits"
                                            + (m.depthMm() == null
                                                    ? "; measure the depth of its seat"
                                                    : " the seat, " + Show.number(m.depthMm() - s.widthMm(), 1)
                                                            + " mm to spare")
                                            + ".")
                            : new Finding(
                                    "seal-deep",
                                    Level.SOON,
                                    words(s) + " is too wide for a seat of "
                                            + Show.number(requireNonNull(m.depthMm()), 1) + " mm: "
                                            + Show.number(FREE_MM, 1) + " mm must stay free of the bearing."));
        }
        find.near()
                .forEach(s -> sentences.add("Near: " + words(s) + ": shaft " + signed(s.shaftMm() - m.shaftMm())
                        + ", housing " + signed(s.outsideMm() - m.housingMm()) + " mm from what was measured."));
        sentences.add(
                "Widths are the usual ones; wider seals of the same two diameters exist. Measure before ordering.");
        List<Worksheet.Line> lines = new ArrayList<>(List.of(
                Worksheet.given("d", "shaft", Show.number(m.shaftMm(), 3) + " mm"),
                Worksheet.given("D", "housing", Show.number(m.housingMm(), 3) + " mm")));
        find.fitting().forEach(s -> lines.add(line(s, m, "fits")));
        find.near().forEach(s -> lines.add(line(s, m, "near")));
        List<Answer.Figure> figures = find.fitting().isEmpty()
                ? List.of()
                : List.of(new Answer.Figure(
                        "shaft × outside × width",
                        words(find.fitting().get(0)),
                        "mm",
                        find.fitting().size() + " of this shaft and housing"));
        return new Answer(
                figures,
                findings,
                sentences,
                new Worksheet(
                        "Which seal goes between this shaft and this housing?",
                        lines,
                        List.of("Nominal sizes: ISO 6194-1. Taken as fitting: shaft within " + Show.number(SHAFT_MM, 2)
                                + " mm, housing within " + Show.number(HOUSING_MM, 1) + " mm.")),
                List.of());
    }

    private static Worksheet.Line line(SealSize s, Measured m, String judged) {
        return Worksheet.judged(
                "",
                words(s),
                "size − measured",
                signed(s.shaftMm() - m.shaftMm()) + " / " + signed(s.outsideMm() - m.housingMm()) + " mm",
                judged);
    }

    private static String signed(double mm) {
        return (mm < 0 ? "−" : "+") + Show.fixed(Math.abs(mm), 2);
    }

    private static String words(SealSize s) {
        return Show.number(s.shaftMm(), 2) + "×" + Show.number(s.outsideMm(), 2) + "×" + Show.number(s.widthMm(), 2);
    }

    private static List<SealSize> sizes() {
        List<SealSize> sizes = new ArrayList<>();
        for (TableRow row : Table.read(SealFind.class, "seal-sizes.csv")) {
            for (String outside : row.words("outsides")) {
                sizes.add(new SealSize(row.number("shaft"), Double.parseDouble(outside), row.number("width")));
            }
        }
        return List.copyOf(sizes);
    }
}
