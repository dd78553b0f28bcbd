package unbo.core.tools.setting;

import java.util.ArrayList;
import java.util.List;

import unbo.core.answer.Answer;
import unbo.core.drawing.ValueTable;
import unbo.core.finding.Finding;
import unbo.core.finding.Level;
import unbo.core.measure.Quantity;
import unbo.core.measure.Show;
import unbo.core.measure.Units;
import unbo.core.setting.CastleNut;
import unbo.core.setting.CastleNutInput;
import unbo.core.setting.EndPlayBand;
import unbo.core.setting.LockingPosition;
import unbo.core.setting.Remedy;
import unbo.core.worksheet.Worksheet;

/** What a castellated nut's result says in sentences, and its derivation. */
public final class CastleNutWords {

    private CastleNutWords() {}

    /** The advice in one piece of text, as JSON gives it. */
    public static String advice(CastleNut nut) {
        return String.join(" ", sentences(nut));
    }

    /** What to do, one sentence for each way. */
    public static List<String> sentences(CastleNut nut) {
        EndPlayBand band = nut.input().band();
        LockingPosition best = nut.bestPosition();
        if (best != null) {
            return List.of("Back off " + degrees(best.backOffDeg())
                    + " from zero end play; the pin goes through the hole at " + degrees(best.holeDeg())
                    + " and leaves " + Show.play(best.endPlayMm()) + ", inside " + words(band) + ".");
        }
        List<String> sentences = new ArrayList<>();
        sentences.add("No locking position is inside " + words(band) + ": one step is worth "
                + Show.play(nut.axialPerStepMm()) + ".");
        nut.remedies().forEach(remedy -> sentences.add(sentence(remedy, band)));
        return List.copyOf(sentences);
    }

    /** One way to get a locking position into the band. */
    public static String sentence(Remedy remedy, EndPlayBand band) {
        if (remedy instanceof Remedy.Washer washer) {
            return "A washer " + Show.play(Math.abs(washer.changeMm()))
                    + (washer.changeMm() > 0 ? " thicker" : " thinner")
                    + " (" + Show.fixed(washer.fromMm(), 3) + " to " + Show.play(washer.toMm())
                    + ") brings the slot that now leaves "
                    + Show.play(washer.fromPlayMm()) + " to the middle of the band: "
                    + Show.fixed(washer.fromPlayMm(), 3) + " − "
                    + bracket(washer.changeMm()) + " = " + Show.play(band.middleMm()) + ".";
        }
        if (remedy instanceof Remedy.CrossedHole hole) {
            return "Where the spindle has a second pin hole across the first, back off " + degrees(hole.backOffDeg())
                    + " and lock there: " + Show.play(hole.endPlayMm()) + ". Never drill one that its maker did not.";
        }
        if (remedy instanceof Remedy.FinerNut nut) {
            return "A nut or nut retainer with " + nut.places()
                    + " or more locking places always has one inside the band.";
        }
        throw new IllegalStateException("unknown remedy " + remedy);
    }

    /** Every locking position of one turn, and where each rule to set by leaves this nut. */
    public static List<ValueTable> tables(CastleNut nut) {
        LockingPosition best = nut.bestPosition();
        List<List<String>> positions = nut.positions().stream()
                .map(p -> List.of(
                        degrees(p.backOffDeg()),
                        Show.fixed(p.endPlayMm(), 3),
                        Show.base(p.endPlayMm(), Units.of(Quantity.LENGTH, "in")),
                        degrees(p.holeDeg()),
                        p.equals(best) ? "use" : inside(p.inBand())))
                .toList();
        List<List<String>> rules = nut.outcomes().stream()
                .map(o -> List.of(
                        o.school() + " · " + SchoolWords.of(o.school()).name(),
                        degrees(o.backOffDeg()),
                        Show.play(o.endPlayMm()),
                        inside(o.inBand())))
                .toList();
        return List.of(
                new ValueTable(
                        "locking-positions",
                        "Positions of one turn",
                        List.of("back off", "end play, mm", "in", "hole", ""),
                        positions),
                new ValueTable(
                        "rules-to-set-by",
                        "Rules to set by: where each leaves this nut",
                        List.of("rule", "back off", "leaves", ""),
                        rules));
    }

    private static String inside(boolean inBand) {
        return inBand ? "inside" : "outside";
    }

    /** What a step of the band means, for the line under the answer. */
    public static String words(EndPlayBand band) {
        return Show.fixed(band.minMm(), 3) + " to " + Show.play(band.maxMm());
    }

    /** The derivation: one line for each value, in the order of the thought. */
    public static Worksheet worksheet(CastleNut nut) {
        CastleNutInput in = nut.input();
        List<Worksheet.Line> lines = new ArrayList<>();
        lines.add(Worksheet.given(
                "P",
                "thread pitch",
                Show.value(in.pitchMm(), Units.of(Quantity.PITCH, "mm")) + " = "
                        + Show.value(25.4 / in.pitchMm(), Units.of(Quantity.PITCH, "tpi"))));
        lines.add(Worksheet.given("N", "slots", String.valueOf(in.slots())));
        lines.add(Worksheet.given(
                "h",
                "pin hole openings",
                String.join(
                        ", ",
                        in.pinHolesDeg().stream().map(CastleNutWords::degrees).toList())));
        lines.add(Worksheet.given("φ", "slot 0 when the end play is just zero", degrees(in.freeAngleDeg())));
        lines.add(Worksheet.computed("s", "from slot to slot", "360 / N", degrees(in.slotStepDeg())));
        lines.add(Worksheet.computed(
                "", "way of one degree", "P / 360", Show.value(in.pitchMm() / 360, Units.of(Quantity.LENGTH, "mm"))));
        for (LockingPosition p : nut.positions().stream().limit(6).toList()) {
            lines.add(Worksheet.judged(
                    "β",
                    "locks at the hole at " + degrees(p.holeDeg()),
                    "β = (h − φ) mod s + k·s;  e = P·β/360",
                    degrees(p.backOffDeg()) + " → " + Show.play(p.endPlayMm()),
                    p.inBand() ? "inside " + words(in.band()) : "outside " + words(in.band())));
        }
        lines.add(Worksheet.computed(
                "",
                "largest step between positions",
                "P · Δβ / 360",
                degrees(nut.largestStepDeg()) + " → " + Show.play(nut.axialPerStepMm())));
        for (Remedy remedy : nut.remedies()) {
            if (remedy instanceof Remedy.Washer washer) {
                lines.add(Worksheet.computed(
                        "Δt",
                        washer.changeMm() > 0 ? "thicker washer" : "thinner washer",
                        "e − (least + most)/2",
                        Show.play(washer.changeMm())));
            }
        }
        return new Worksheet(
                "Where can this nut be pinned, and what end play does each place leave?",
                lines,
                List.of(
                        "Geometry of the thread: ISO 68-1 and ISO 261 (metric), ASME B1.1 (unified).",
                        "Band without the maker's figure: 0.025 to 0.125 mm (0.001 to 0.005 in), the "
                                + "usual trade limits for adjusted tapered wheel hubs."));
    }

    /** Degrees with one decimal at most. */
    public static String degrees(double deg) {
        return Show.number(deg, 1) + "°";
    }

    private static String bracket(double value) {
        return value < 0 ? "(" + Show.fixed(value, 3) + ")" : Show.fixed(value, 3);
    }

    /** The nut as it is printed. */
    public static Answer answer(CastleNut nut) {
        LockingPosition best = nut.bestPosition();
        double back = best == null ? nut.bySchool().backOffDeg() : best.backOffDeg();
        double play = best == null ? nut.bySchool().endPlayMm() : best.endPlayMm();
        return new Answer(
                List.of(
                        Answer.Figure.number("back off from zero end play", back, 1, "°", ""),
                        Answer.Figure.fixed("end play there", play, 3, "mm", Show.inches(play))),
                List.of(finding(nut)),
                sentences(nut),
                worksheet(nut),
                List.of(CastleNutDrawing.face(nut), CastleNutDrawing.scale(nut)),
                SchoolWords.of(nut.input().school()).steps(),
                tables(nut));
    }

    /** Whether a slot leaves an end play inside the band. */
    public static Finding finding(CastleNut nut) {
        return nut.bestPosition() == null
                ? new Finding(
                        "no-slot",
                        Level.SOON,
                        "No slot leaves an end play inside "
                                + words(nut.input().band())
                                + ": change the washer before the hub is closed.")
                : new Finding(
                        "slot-right",
                        Level.RIGHT,
                        "A slot leaves an end play inside " + words(nut.input().band()) + ".");
    }
}
