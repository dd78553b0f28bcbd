package unbo.core.tools.identify;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Map;

import com.google.auto.service.AutoService;
import org.jspecify.annotations.Nullable;

import unbo.core.answer.Answer;
import unbo.core.designation.SealSize;
import unbo.core.drawing.Drawing;
import unbo.core.drawing.Known;
import unbo.core.drawing.Point;
import unbo.core.drawing.Role;
import unbo.core.drawing.ValueTable;
import unbo.core.finding.Finding;
import unbo.core.finding.Level;
import unbo.core.input.FieldList;
import unbo.core.measure.Show;
import unbo.core.seal.SealState;
import unbo.core.tool.About;
import unbo.core.tool.Call;
import unbo.core.tool.Offered;
import unbo.core.tool.Shape;
import unbo.core.tool.Tool;
import unbo.core.tool.Work;
import unbo.core.worksheet.Worksheet;

/** Which seals run on, which are renewed, moved or sleeved, and in which order? */
@AutoService(Offered.class)
public final class SealLedgerTool implements Tool<SealLedgerFields.Ledger, SealLedgerTool.Judged> {

    private static final double MM = 14;
    private static final double ROW = 22;
    private static final double TEXT = 11;
    /** Rubber grows hard: from this age it is looked at by hand, whatever its lip shows. */
    private static final int OLD_YEARS = 8;

    private static final Shape SHAPE = Shape.EMPTY
            .andLines(SealLedgerFields.BOX, Shape.of(SealLedgerFields.LINE))
            .and("today", SealLedgerFields.LIST, "today");

    /** A line and what it tells. */
    public record Told(SealLedgerFields.Line line, SealState state) {}

    /** All of them, what must be done first at the top; those of one verdict as they were written. */
    public record Judged(SealLedgerFields.Ledger ledger, List<Told> told) {}

    /** @param because {@code lip spring track} @param shiftMm null where it is not moved */
    public record SealStateJson(
            String place,
            String verdict,
            List<String> because,
            @Nullable Double shiftMm,
            @Nullable Double thinMm) {}

    /** In the order of their work. */
    public record SealLedgerJson(List<SealStateJson> seals) {}

    @Override
    public About about() {
        return new About(
                "seal-ledger",
                "Seals of a vehicle",
                "Which run on, which are renewed, moved or sleeved?",
                Work.IDENTIFY,
                66);
    }

    @Override
    public FieldList<SealLedgerFields.Ledger> fields() {
        return SealLedgerFields.LIST;
    }

    @Override
    public Map<String, String> sample() {
        return Map.of(
                SealLedgerFields.BOX,
                "wheel left, inner; 45x65x8; clings; 0.05; there; 9;\nwheel right, inner; 45x65x8; loose; 0.2; "
                        + "gone; 11;");
    }

    @Override
    public Judged compute(SealLedgerFields.Ledger in) {
        return new Judged(
                in,
                in.lines().stream()
                        .map(line -> new Told(line, line.state()))
                        .sorted(Comparator.comparing((Told t) -> t.state().verdict())
                                .reversed())
                        .toList());
    }

    @Override
    public List<Finding> findings(Judged judged) {
        List<Finding> findings = new ArrayList<>();
        for (Told told : judged.told()) {
            findings.add(finding(told));
        }
        judged.told().stream()
                .filter(told -> age(judged, told) >= OLD_YEARS && told.state().verdict() == SealState.Verdict.RUN)
                .map(told -> new Finding(
                        "seal-old",
                        Level.WATCH,
                        told.line().place() + ": fitted " + age(judged, told)
                                + " years ago. Bend its lip: rubber that has gone hard is renewed."))
                .forEach(findings::add);
        return findings;
    }

    private static int age(Judged judged, Told told) {
        return judged.ledger().today() == null || told.line().fitted() == null
                ? 0
                : (int) java.time.temporal.ChronoUnit.YEARS.between(
                        told.line().fitted(), judged.ledger().today());
    }

    private static Finding finding(Told told) {
        String place = told.line().place() + ": ";
        SealState s = told.state();
        return switch (s.verdict()) {
            case RUN -> new Finding("seal-runs", Level.RIGHT, place + "runs on.");
            case UNSEEN ->
                new Finding(
                        "seal-unseen",
                        Level.OPEN,
                        place + "not looked at. Wheel off: the spacer should cling to the lip.");
            case RENEW ->
                new Finding(
                        "seal-renew",
                        Level.SOON,
                        place + why(s) + ". Seal first; the bearing behind it soon, look into its grease for water.");
            case MOVE ->
                new Finding(
                        "seal-move",
                        Level.SOON,
                        place + why(s) + ". New seal, moved in by " + Show.number(SealState.SHIFT_MM, 1) + " mm"
                                + (s.thinMm() != null && s.thinMm() > 0
                                        ? ", " + Show.number(s.thinMm(), 1) + " mm off its back for that"
                                        : "")
                                + ", so that its lip runs beside the track.");
            case SLEEVE ->
                new Finding(
                        "seal-sleeve",
                        Level.SOON,
                        place + why(s) + ". New seal on a repair sleeve"
                                + (s.seal().seatMm() == null
                                        ? ", unless its seat leaves room to move it: measure that."
                                        : ": there is no room to move it, or the track is too deep."));
        };
    }

    private static String why(SealState s) {
        return String.join(
                ", ",
                s.because().stream()
                        .map(code -> switch (code) {
                            case "lip" -> "the spacer is loose in its lip";
                            case "spring" -> "its spring is gone";
                            default ->
                                "a track of "
                                        + Show.play(
                                                s.seal().trackMm() == null
                                                        ? 0
                                                        : s.seal().trackMm());
                        })
                        .toList());
    }

    private static String words(SealState.Verdict verdict) {
        return switch (verdict) {
            case RUN -> "runs on";
            case UNSEEN -> "not looked at";
            case RENEW -> "renew";
            case MOVE -> "renew, moved in";
            case SLEEVE -> "renew, on a sleeve";
        };
    }

    @Override
    public Answer print(Judged judged) {
        long work = judged.told().stream()
                .filter(t -> t.state().verdict().compareTo(SealState.Verdict.RENEW) >= 0)
                .count();
        return new Answer(
                        List.of(
                                new Answer.Figure(
                                        "to renew",
                                        String.valueOf(work),
                                        "of " + judged.told().size(),
                                        work == 0
                                                ? ""
                                                : judged.told().get(0).line().place() + " first"),
                                new Answer.Figure(
                                        "sizes to order",
                                        order(judged),
                                        "",
                                        "check lips and rubber against the old one")),
                        findings(judged),
                        List.of(
                                "A seal that comes out is always new again; its lip is greased, never run in dry.",
                                "Track and sleeve: sharp edges off the shaft before a lip goes over it; splines and "
                                        + "threads under tape.",
                                "Where a bearing is renewed, so is its seal: bearing first, seal last, and not the "
                                        + "other way round."),
                        worksheet(judged),
                        List.of(drawing(judged)))
                .with(table(judged));
    }

    private static String order(Judged judged) {
        Map<String, Long> sizes = new java.util.TreeMap<>();
        judged.told().stream()
                .filter(t -> t.state().verdict().compareTo(SealState.Verdict.RENEW) >= 0)
                .flatMap(t -> t.line().size().stream())
                .forEach(s -> sizes.merge(size(s), 1L, Long::sum));
        return sizes.isEmpty()
                ? "none"
                : String.join(
                        ", ",
                        sizes.entrySet().stream()
                                .map(e -> (e.getValue() > 1 ? e.getValue() + " × " : "") + e.getKey())
                                .toList());
    }

    private static String size(SealSize s) {
        return Show.number(s.shaftMm(), 2) + "x" + Show.number(s.outsideMm(), 2) + "x" + Show.number(s.widthMm(), 2);
    }

    private static ValueTable table(Judged judged) {
        return new ValueTable(
                "seal-ledger",
                "Seals, in the order of their work",
                List.of("Place", "Seal", "Track, mm", "Fitted", "What to do"),
                judged.told().stream()
                        .map(t -> List.of(
                                t.line().place(),
                                t.line().marking(),
                                t.line().trackMm() == null
                                        ? ""
                                        : Show.number(t.line().trackMm(), 2),
                                t.line().fitted() == null
                                        ? ""
                                        : t.line().fitted().toString(),
                                words(t.state().verdict())))
                        .toList());
    }

    private static Worksheet worksheet(Judged judged) {
        List<Worksheet.Line> lines = new ArrayList<>();
        for (Told t : judged.told()) {
            Double room = SealState.roomMm(t.state().seal());
            lines.add(Worksheet.judged(
                    "",
                    t.line().place() + ", track",
                    "",
                    t.line().trackMm() == null
                            ? "not measured"
                            : Show.play(t.line().trackMm()),
                    "from " + Show.play(SealState.RUN_ON_MM) + " left, from " + Show.play(SealState.SLEEVE_MM)
                            + " sleeved"));
            if (room != null) {
                lines.add(Worksheet.computed(
                        "", t.line().place() + ", room to move", "seat − width − 0.5", Show.number(room, 1) + " mm"));
            }
        }
        return new Worksheet(
                "Which run on?",
                lines,
                List.of("ISO 6194 for sizes; track, shift and what a back may lose are the trade's guides."));
    }

    /** The depth of each track beside the two limits, twenty times as large. */
    private static Drawing drawing(Judged judged) {
        List<unbo.core.drawing.Shape> shapes = new ArrayList<>();
        double wide = MM * 20 * SealState.SLEEVE_MM * 1.4;
        double run = MM * 20 * SealState.RUN_ON_MM;
        double sleeve = MM * 20 * SealState.SLEEVE_MM;
        double high = judged.told().size() * ROW;
        shapes.add(unbo.core.drawing.Shape.area(
                Role.BAND, Known.TABLE, Point.of(0, 0), Point.of(run, 0), Point.of(run, high), Point.of(0, high)));
        shapes.add(unbo.core.drawing.Shape.line(Role.MARK, Point.of(sleeve, 0), Point.of(sleeve, high)));
        double y = ROW / 2;
        for (Told t : judged.told()) {
            Double track = t.line().trackMm();
            shapes.add(new unbo.core.drawing.Shape.Label(
                    Point.of(-8, y + TEXT * 0.4), t.line().place(), "end", TEXT, Role.MARK));
            if (track != null) {
                double x = Math.min(wide, MM * 20 * track);
                shapes.add(unbo.core.drawing.Shape.line(Role.ANSWER, Point.of(0, y), Point.of(x, y)));
                shapes.add(new unbo.core.drawing.Shape.Circle(
                        Point.of(x, y), 4, track >= SealState.RUN_ON_MM ? Role.OUT : Role.ANSWER, Known.MEASURED));
            }
            shapes.add(new unbo.core.drawing.Shape.Label(
                    Point.of(wide + 8, y + TEXT * 0.4), words(t.state().verdict()), "start", TEXT, Role.ANSWER));
            y += ROW;
        }
        shapes.add(new unbo.core.drawing.Shape.Label(
                Point.of(run, high + TEXT + 2), Show.play(SealState.RUN_ON_MM), "middle", TEXT, Role.MARK));
        shapes.add(new unbo.core.drawing.Shape.Label(
                Point.of(sleeve, high + TEXT + 2), Show.play(SealState.SLEEVE_MM), "middle", TEXT, Role.MARK));
        return new Drawing(
                "seal-tracks",
                "Tracks of the lips: in the band they run on, past the line they are sleeved",
                -170,
                -6,
                wide + 320,
                high + TEXT * 2 + 8,
                shapes);
    }

    @Override
    public List<Call<Judged>> calls() {
        return List.of(Call.post(
                "seal-ledger",
                "The seals of a vehicle: which run on, which are renewed, moved or sleeved",
                SHAPE,
                SealLedgerJson.class,
                judged -> new SealLedgerJson(judged.told().stream()
                        .map(t -> new SealStateJson(
                                t.line().place(),
                                t.state().verdict().name().toLowerCase(Locale.ROOT),
                                t.state().because(),
                                t.state().shiftMm(),
                                t.state().thinMm()))
                        .toList())));
    }
}
