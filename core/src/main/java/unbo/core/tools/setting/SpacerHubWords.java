package unbo.core.tools.setting;

import java.util.ArrayList;
import java.util.List;

import unbo.core.answer.Answer;
import unbo.core.arrange.SpacerHub;
import unbo.core.drawing.LimitScale;
import unbo.core.drawing.Role;
import unbo.core.finding.Finding;
import unbo.core.finding.Level;
import unbo.core.measure.Show;
import unbo.core.worksheet.Worksheet;

/** A hub on a spacer, in print. */
public final class SpacerHubWords {

    private SpacerHubWords() {}

    public static Answer answer(SpacerHub hub) {
        List<Answer.Figure> figures = new ArrayList<>();
        List<Finding> findings = new ArrayList<>();
        List<String> sentences = new ArrayList<>();
        if (!hub.input().shoulders()) {
            figures.add(new Answer.Figure("spacer", "sets itself", "", "one shoulder"));
            findings.add(new Finding(
                    "one-shoulder",
                    Level.RIGHT,
                    "With one shoulder the second bearing is driven until its inner ring just "
                            + "meets the spacer: the gap at its outer ring is intended."));
            sentences.add("Seat the shoulder's side first. Drive the other with a plate on BOTH rings "
                    + "until the spacer can just be pushed sideways with a finger; stop there.");
            return new Answer(
                    figures,
                    findings,
                    sentences,
                    new Worksheet(
                            "Is the spacer right?", List.of(Worksheet.given("", "layout", "one shoulder")), List.of()),
                    List.of());
        }
        figures.add(Answer.Figure.fixed(
                hub.input().errorMm() < 0 ? "spacer too short by" : "spacer too long by",
                Math.abs(hub.input().errorMm()),
                2,
                "mm",
                "the bearings give ±" + Show.fixed(hub.axialMm(), 2) + " mm"));
        figures.add(new Answer.Figure(
                "side load on each",
                hub.sideLoaded() ? Show.number(hub.sideN(), 0) : "none",
                hub.sideLoaded() ? "N" : "",
                hub.sideLoaded() ? "rigid rings: at most" : ""));
        if (hub.sideLoaded()) {
            figures.add(Answer.Figure.number(
                    "life left of it",
                    Math.max(0.1, hub.lifeShare() * 100),
                    hub.lifeShare() < 0.01 ? 1 : 0,
                    "%",
                    "against the same hub without side load"));
            findings.add(new Finding(
                    "side-loaded",
                    Level.SOON,
                    "Once the axle is clamped both bearings are side-loaded by up to " + Show.number(hub.sideN(), 0)
                            + " N. "
                            + (hub.input().errorMm() < 0
                                    ? "A shim of " + Show.fixed(-hub.input().errorMm(), 2)
                                            + " mm beside the spacer, or a new one."
                                    : "Face the spacer by "
                                            + Show.fixed(hub.input().errorMm(), 2) + " mm, square, or renew it.")));
        } else {
            findings.add(new Finding(
                    "spacer-right", Level.RIGHT, "Its error is within the bearings' axial clearance: no side load."));
        }
        sentences.add("Rings and hub are taken as rigid, so the force is an upper bound; a hub that "
                + "binds when the axle is clamped proves it.");
        double end = Math.max(Math.abs(hub.input().errorMm()), hub.axialMm()) * 1.4;
        return new Answer(
                figures,
                findings,
                sentences,
                new Worksheet(
                        "Is the spacer right, or does it side-load the bearings?",
                        List.of(
                                Worksheet.given(
                                        "e",
                                        "spacer less shoulders",
                                        Show.number(hub.input().errorMm(), 3) + " mm"),
                                Worksheet.given(
                                        "Gr",
                                        "radial clearance, mounted",
                                        Show.number(hub.input().clearanceUm(), 1) + " µm"),
                                Worksheet.judged(
                                        "Ga",
                                        "axial clearance of each",
                                        "2·√(A·Gr − Gr²/4), A = 0.05·Dw",
                                        Show.fixed(hub.axialMm(), 3) + " mm",
                                        "|e| ≤ Ga: nothing is pressed"),
                                Worksheet.computed(
                                        "u",
                                        "squeeze of each",
                                        "(|e| − Ga)/2",
                                        Show.fixed(Math.max(0, hub.squeezeMm()), 3) + " mm"),
                                Worksheet.computed(
                                        "Kn",
                                        "ball between both races",
                                        "Hertz, in series",
                                        Show.number(hub.stiffness() / 1000, 0) + " kN/mm^1.5"),
                                Worksheet.computed(
                                        "Fa",
                                        "side load",
                                        "Z·Kn·(A' − A)^1.5·x/A'",
                                        Show.number(hub.sideN(), 0) + " N"),
                                Worksheet.computed(
                                        "",
                                        "life",
                                        "(Fr/P)³, P by ISO 281",
                                        Show.number(hub.lifeShare() * 100, 1) + " %")),
                        List.of(
                                "Axial clearance and ball between grooves of 0.52 and 0.53: Harris and "
                                        + "Kotzalas, Essential Concepts of Bearing Technology. "
                                        + "Contact: Hertz; Brewe and "
                                        + "Hamrock 1977. Life: ISO 281.",
                                "Ball size and number are estimated from the boundary.")),
                List.of(LimitScale.of(
                        "spacer",
                        "Error of the spacer against what the bearings give",
                        "spacer less shoulders, mm",
                        new LimitScale.Range(-end, end),
                        new LimitScale.Range(-hub.axialMm(), hub.axialMm()),
                        List.of(new LimitScale.Marker(
                                hub.input().errorMm(),
                                Show.fixed(hub.input().errorMm(), 2),
                                hub.sideLoaded() ? Role.OUT : Role.ANSWER)))));
    }
}
