package unbo.core.tools.setting;

import static java.util.Objects.requireNonNull;

import java.util.ArrayList;
import java.util.List;

import unbo.core.answer.Answer;
import unbo.core.answer.Step;
import unbo.core.bearing.Bearing;
import unbo.core.bearing.BearingKind;
import unbo.core.drawing.Drawing;
import unbo.core.drawing.ValueTable;
import unbo.core.finding.Finding;
import unbo.core.fit.Fit;
import unbo.core.fit.FitInput;
import unbo.core.measure.Show;
import unbo.core.mount.Mounting;
import unbo.core.worksheet.Worksheet;

/** Putting a bearing in, in print. */
public final class MountingWords {

    private MountingWords() {}

    /** It in print: the fit's answer, the heat's behind it, then the steps. */
    public static Answer answer(Mounting mounting) {
        Answer fitted = FitWords.answer(mounting.fit());
        List<Answer.Figure> figures = new ArrayList<>(fitted.figures());
        List<Finding> findings = new ArrayList<>(fitted.findings());
        List<Worksheet.Line> lines = new ArrayList<>(fitted.worksheet().lines());
        List<String> sources = new ArrayList<>(fitted.worksheet().sources());
        List<Drawing> drawings = new ArrayList<>(fitted.drawings());
        List<String> sentences = new ArrayList<>(fitted.sentences());
        List<ValueTable> tables = new ArrayList<>();
        if (mounting.heat() != null) {
            Answer warm = HeatWords.answer(mounting.heat());
            figures.addAll(0, warm.figures());
            findings.addAll(warm.findings());
            lines.addAll(warm.worksheet().lines());
            sources.addAll(warm.worksheet().sources());
            drawings.addAll(0, warm.drawings());
            tables.addAll(warm.tables());
        }
        drawings.add(WayRoundDrawing.of(mounting));
        return new Answer(
                figures,
                findings,
                sentences,
                new Worksheet("How does it go in?", lines, sources),
                drawings,
                steps(mounting),
                tables);
    }

    private static List<Step> steps(Mounting mounting) {
        FitInput f = mounting.input().fit();
        List<Step> steps = new ArrayList<>();
        steps.add(new Step(
                "check",
                "Number on the new ring against the job's: "
                        + (mounting.input().bearing().designation().isEmpty()
                                ? "by its sizes"
                                : mounting.input().bearing().designation())
                        + "; unwrap it only now.",
                ""));
        steps.add(new Step(
                "seat",
                "Seat clean, no burr on its edge; " + (f.seat() == null ? "measured" : f.seat()) + ", "
                        + interference(mounting.fit()) + ". Wipe it with thin oil.",
                ""));
        steps.add(new Step("now", "Measure now what is closed in later: " + now(mounting) + ".", ""));
        steps.add(new Step("way", "Which way round: " + orientation(mounting) + ".", ""));
        if (mounting.byHeat()) {
            HeatWords.answer(requireNonNull(mounting.heat())).steps().stream()
                    .filter(s -> !s.code().equals("cool"))
                    .forEach(steps::add);
        } else if (mounting.fit().interference().maxUm() > 0) {
            steps.add(new Step(
                    "press",
                    "Press it with " + FitWords.kN(mounting.fit().mount()) + " kN (oiled to dry) by its "
                            + (f.inner() ? "inner" : "outer") + " ring"
                            + (mounting.input().bothTight() ? ", through a plate on both rings" : "")
                            + "; square from the first millimetre.",
                    "Never through the balls or rollers: it dents them. Under a press: guard down, "
                            + "hands and face away, eye protection."));
        } else {
            steps.add(new Step(
                    "slide", "It slides on by hand: a thin film of grease on the seat against creep and rust.", ""));
        }
        if (mounting.input().bothTight() && mounting.byHeat()) {
            steps.add(new Step("plate", "The other ring is tight as well: finish through a plate on both rings.", ""));
        }
        if (mounting.input().bearing().kind() == BearingKind.HUB_CARTRIDGE) {
            steps.add(new Step(
                    "cartridge",
                    "Into the knuckle by its outer ring; then, for the flange, its INNER ring is "
                            + "supported from behind.",
                    "Pressed against the outer ring the two inner rings part and the seals are "
                            + "torn: support the inner ring."));
        }
        steps.add(new Step(
                "shoulder", "Against its shoulder: the note goes solid, and a 0.04 mm feeler does not go in.", ""));
        if (mounting.byHeat()) {
            steps.add(new Step(
                    "cool",
                    "When it has cooled, push or nut it home again: it creeps off the shoulder as it shrinks.",
                    ""));
        }
        steps.add(new Step(
                "halfway",
                "Stopped half way: not forced on. Pull it back off by the same ring while it is still warm, "
                        + "look for a burr or a tilt, warm it again.",
                "Never driven home by the other ring: that dents the races."));
        steps.add(new Step("turns", "Turn it by hand: even, no tight place.", ""));
        return steps;
    }

    private static String now(Mounting mounting) {
        return mounting.input().bearing().kind().taper()
                ? "spindle and hub lengths for the end play, seat depth for the seal"
                : mounting.input().bothTight()
                        ? "the spacer's length, the depth of both shoulders, seat depth for the seal"
                        : "depth from the case's face to the shoulder, the spacer's length where there "
                                + "is one, seat depth for the seal";
    }

    /** What is particular to a kind; empty where nothing is. */
    private static String byKind(Bearing d) {
        boolean lip = d.series().startsWith("NJ") || d.series().startsWith("NUP");
        return switch (d.kind()) {
            case ANGULAR_CONTACT_BALL -> "the thick shoulder of the outer ring faces where the thrust goes to";
            case MAGNETO_BALL ->
                "the side without a shoulder faces the side its shaft comes from; its twin the other way";
            case HEADSET_ANGULAR_CONTACT ->
                "the chamfer of the inner ring to crown race or compression ring, that of the outer to the cup";
            case THRUST_BALL, THRUST_CYLINDRICAL_ROLLER ->
                "the washer with the ground bore on the shaft, the wider one in the housing";
            case DRAWN_CUP_NEEDLE_ROLLER ->
                "pushed by its marked end on a stepped pilot, to its depth and no farther; never by its lip";
            case CYLINDRICAL_ROLLER ->
                lip ? "the lip of the inner ring toward the thrust; a loose flange ring last" : "";
            default -> "";
        };
    }

    private static String orientation(Mounting mounting) {
        Bearing d = mounting.input().bearing();
        if (d.kind() == BearingKind.HUB_CARTRIDGE) {
            return "the magnetic encoder's side to the sensor; test it with a viewing card, keep it from magnets";
        }
        if (d.kind().taper()) {
            return "large roller ends outward in a hub (back to back), the cup's thick edge against its shoulder";
        }
        String byKind = byKind(d);
        if (!byKind.isEmpty()) {
            return byKind;
        }
        if (d.suffixes().sealing().startsWith("one")) {
            return "the open side faces the grease or oil, the shielded side the weather";
        }
        return "the stamped side where it can be read again; snap ring or flange to its face";
    }

    private static String interference(Fit fit) {
        double mean = fit.interference().meanUm();
        return (mean < 0 ? "gap " : "interference ") + Show.number(Math.abs(mean), 0) + " µm on the mean";
    }
}
