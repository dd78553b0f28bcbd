package unbo.core.tools.setting;

import static java.util.Objects.requireNonNull;

import java.util.ArrayList;
import java.util.List;

import unbo.core.answer.Answer;
import unbo.core.arrange.Preload;
import unbo.core.drawing.LimitScale;
import unbo.core.drawing.Role;
import unbo.core.finding.Finding;
import unbo.core.finding.Level;
import unbo.core.measure.Show;
import unbo.core.worksheet.Worksheet;

/** Preload, in print. */
public final class PreloadWords {

    private PreloadWords() {}

    public static Answer answer(Preload preload) {
        List<Answer.Figure> figures = new ArrayList<>();
        List<Finding> findings = new ArrayList<>();
        List<String> sentences = new ArrayList<>();
        if (preload.torqueNm() != null) {
            figures.add(Answer.Figure.fixed(
                    "turning torque, bearings alone",
                    preload.torqueNm(),
                    2,
                    "N·m",
                    Show.number(preload.torqueNm() / 0.112985, 1) + " lbf·in"));
            if (preload.preloadN() != null) {
                figures.add(new Answer.Figure(
                        "stands for a preload of",
                        Show.number(requireNonNull(preload.leastN()) / 1000, 1) + " to "
                                + Show.number(requireNonNull(preload.mostN()) / 1000, 1),
                        "kN",
                        "at hand speed the ribs drag as well"));
            }
            findings.add(judged(preload));
        }
        if (preload.expectedNm() != null) {
            figures.add(Answer.Figure.fixed(
                    "torque to expect for "
                            + Show.number(requireNonNull(preload.input().wantedN()), 0) + " N",
                    preload.expectedNm(),
                    2,
                    "N·m",
                    "bearings alone"));
        }
        if (preload.input().place().equals("wheel-hub")) {
            findings.add(new Finding(
                    "no-pinion-figures",
                    Level.WATCH,
                    "A pinion's torque figures are never used on a wheel hub: there it jams warm "
                            + "cones. Set end play, or the maker's own preload."));
        }
        if (preload.input().place().equals("unit-hub")) {
            findings.add(new Finding(
                    "unit-hub",
                    Level.WATCH,
                    "A unit or cartridge hub has no preload to set: the axle nut's torque, the "
                            + "maker's, holds its inner rings together. Never drive, roll or lower the "
                            + "vehicle with it loose: the halves spread and the bearing is ruined."));
        }
        if (preload.input().crushSleeve()) {
            sentences.add("Crush sleeve: take up slack in small steps and measure each time. Never back "
                    + "off; overshot means a new sleeve.");
        }
        if (preload.input().place().equals("steering-head")) {
            sentences.add("Weight off, cables free, seat the races, back off, set by the scale at the "
                    + "bar's end, tighten the upper yoke, then check again: the yoke changes it.");
        }
        sentences.add("Measure while it turns evenly, not the jerk that starts it. Seal drag is set "
                + "apart: measure before the seal is fitted, or take it off.");
        List<unbo.core.drawing.Drawing> drawings = preload.torqueNm() == null || preload.mostNm() == null
                ? List.of()
                : List.of(LimitScale.of(
                        "preload",
                        "Turning torque against what is wanted",
                        "N·m, bearings alone",
                        new LimitScale.Range(0, Math.max(preload.mostNm(), preload.torqueNm()) * 1.3),
                        new LimitScale.Range(preload.leastNm() == null ? 0 : preload.leastNm(), preload.mostNm()),
                        List.of(new LimitScale.Marker(
                                preload.torqueNm(),
                                Show.fixed(preload.torqueNm(), 2),
                                Boolean.TRUE.equals(preload.inside()) ? Role.ANSWER : Role.OUT))));
        return new Answer(
                figures,
                findings,
                sentences,
                new Worksheet(
                        "Is the preload right?",
                        List.of(
                                Worksheet.computed(
                                        "M",
                                        "turning torque, bearings alone",
                                        "F·r − seal drag",
                                        preload.torqueNm() == null ? "–" : Show.fixed(preload.torqueNm(), 3) + " N·m"),
                                Worksheet.judged(
                                        "",
                                        "wanted",
                                        preload.input().makerMost() != null ? "the maker's" : "usual for this place",
                                        band(preload),
                                        "the maker's figure wins"),
                                Worksheet.computed(
                                        "Fa",
                                        "preload",
                                        "0.4 · (M − 2·M0)/(2·f1·2·Y·dm), f1 0.0004, Y 0.4·cot α; 0.25 to 0.5",
                                        preload.preloadN() == null ? "–" : Show.number(preload.preloadN(), 0) + " N"),
                                Worksheet.computed(
                                        "",
                                        "torque for the wanted preload",
                                        "2·(M0 + f1·2·Y·Fa/0.4·dm)",
                                        preload.expectedNm() == null
                                                ? "–"
                                                : Show.fixed(preload.expectedNm(), 3) + " N·m")),
                        List.of("Friction: Palmgren. Pinion torques (new 1.7 to 3.4, used 0.9 to 1.7 N·m "
                                + "without seal drag) are usual for passenger cars: the maker's figure wins.")),
                drawings);
    }

    private static String band(Preload preload) {
        return preload.mostNm() == null
                ? "no usual figure: the maker's"
                : (preload.leastNm() == null ? "up to " : Show.number(preload.leastNm(), 2) + " to ")
                        + Show.number(preload.mostNm(), 2) + " N·m";
    }

    private static Finding judged(Preload preload) {
        if (preload.inside() == null) {
            return new Finding(
                    "preload-unjudged",
                    Level.OPEN,
                    "No usual torque is known for this place: the maker's figure judges it.");
        }
        if (preload.inside()) {
            return new Finding("preload-right", Level.RIGHT, "Inside " + band(preload) + ".");
        }
        boolean over = requireNonNull(preload.torqueNm()) > requireNonNull(preload.mostNm());
        return new Finding(
                over ? "preload-over" : "preload-under",
                over ? Level.STOP : Level.SOON,
                over
                        ? "Over " + band(preload) + ": it will run hot and spall over its full width."
                                + (preload.input().crushSleeve()
                                        ? " A new crush sleeve, never backed off."
                                        : " Back it off and set again.")
                        : "Under " + band(preload) + ": take up a little more.");
    }
}
