package unbo.core.tools.strip;

import static java.util.Objects.requireNonNull;

import java.util.ArrayList;
import java.util.List;

import unbo.core.answer.Answer;
import unbo.core.answer.Step;
import unbo.core.drawing.Drawing;
import unbo.core.drawing.LimitScale;
import unbo.core.drawing.Role;
import unbo.core.finding.Finding;
import unbo.core.finding.Level;
import unbo.core.inspect.BearingCheck;
import unbo.core.measure.Show;
import unbo.core.worksheet.Worksheet;

/** A bearing in the hand, in print. */
public final class BearingCheckWords {

    private BearingCheckWords() {}

    public static Answer answer(BearingCheck check) {
        List<Answer.Figure> figures = new ArrayList<>();
        figures.add(new Answer.Figure(
                "verdict",
                switch (check.verdict()) {
                    case REUSE -> "may go back";
                    case HERE_ONLY -> "here only";
                    case LOOK_AGAIN -> "look again";
                    case SCRAP -> "scrap";
                },
                "",
                check.input().bearing().designation()));
        if (check.leastMm() != null) {
            figures.add(new Answer.Figure(
                    "axial shake of its class",
                    Show.fixed(check.leastMm(), 2) + "–" + Show.fixed(requireNonNull(check.mostMm()), 2),
                    "mm",
                    check.input().clearance() + ", fresh and clean"));
        }
        List<Finding> findings = new ArrayList<>();
        findings.add(
                switch (check.verdict()) {
                    case REUSE -> new Finding("check-reuse", Level.RIGHT, "Nothing speaks against it.");
                    case HERE_ONLY ->
                        new Finding(
                                "check-here",
                                Level.WATCH,
                                "Only here, where it runs slow and light, and note it: "
                                        + String.join("; ", check.reasons()) + ".");
                    case LOOK_AGAIN ->
                        new Finding(
                                "check-again",
                                Level.OPEN,
                                "Not judged yet: " + String.join("; ", check.reasons()) + ".");
                    case SCRAP ->
                        new Finding(
                                "check-scrap",
                                Level.STOP,
                                "Scrap: " + String.join("; ", check.reasons())
                                        + (check.input().road()
                                                        && check.reasons().size() == 1
                                                        && !check.input().hurt()
                                                ? ". On a public road it is not given the benefit of the doubt."
                                                : "."));
                });
        if ((check.input().bearing().cone() || check.input().bearing().cup())
                && check.verdict() != BearingCheck.Verdict.SCRAP) {
            findings.add(new Finding(
                    "check-pair", Level.WATCH, "Cone and cup go back as a pair or not at all: judge the other too."));
        }
        if (check.shakeInside() != null) {
            findings.add(shake(check, Show.number(requireNonNull(check.input().shakeMm()), 3)));
        }
        List<Drawing> drawings = check.leastMm() == null
                ? List.of()
                : List.of(LimitScale.of(
                        "shake",
                        "Axial shake against the band of its class",
                        "axial shake, mm",
                        new LimitScale.Range(
                                0,
                                Math.max(
                                                requireNonNull(check.mostMm()),
                                                check.input().shakeMm() == null
                                                        ? 0
                                                        : check.input().shakeMm())
                                        * 1.25),
                        new LimitScale.Range(check.leastMm(), check.mostMm()),
                        check.input().shakeMm() == null
                                ? List.of()
                                : List.of(new LimitScale.Marker(
                                        check.input().shakeMm(),
                                        Show.number(check.input().shakeMm(), 2),
                                        Boolean.TRUE.equals(check.shakeInside()) ? Role.ANSWER : Role.OUT))));
        List<Worksheet.Line> lines = check.leastMm() == null
                ? List.of()
                : List.of(
                        Worksheet.computed(
                                "Ga",
                                "axial shake of the class",
                                "2·√(A·Gr − Gr²/4), A = 0.05·Dw",
                                Show.fixed(check.leastMm(), 3) + " to " + Show.fixed(requireNonNull(check.mostMm()), 3)
                                        + " mm"),
                        Worksheet.judged(
                                "",
                                "measured",
                                "",
                                check.input().shakeMm() == null
                                        ? "–"
                                        : Show.number(check.input().shakeMm(), 3) + " mm",
                                "up to " + Show.fixed(check.mostMm(), 3) + " mm, dial 0.01"));
        return new Answer(
                figures,
                findings,
                List.of(
                        check.input().roomy()
                                ? "A sound one of its kind or class can be felt to shake up and down: measure it."
                                : "Radial shake, up and down, is the fault; some axial shake in a single-row "
                                        + "ball bearing is its clearance."),
                new Worksheet(
                        "May it go back?",
                        lines,
                        List.of("Clearance classes: ISO 5753-1. Axial clearance: ball in two grooves of 0.52 "
                                + "and 0.53 times its diameter; ball estimated from the boundary.")),
                drawings,
                List.of(
                        new Step(
                                "wash",
                                "Wash it in parts solvent until it turns free.",
                                "Never petrol. Never heat a part wet with chlorinated cleaner: toxic gas."),
                        new Step(
                                "dry",
                                "Let it drain and dry, ring held still.",
                                "Never spin a bearing with compressed air: it can throw its elements."),
                        new Step("turn", "Oil it, turn it slowly by hand under light thrust, both ways.", ""),
                        new Step(
                                "shake",
                                "Hold the outer ring: shake up and down, then push and pull against a dial.",
                                ""),
                        new Step(
                                "look",
                                "Look at races, elements, cage and colour under a lamp; wipe a straw colour "
                                        + "with solvent before it is called one.",
                                "")));
    }

    private static Finding shake(BearingCheck check, String mm) {
        if (Boolean.TRUE.equals(check.shakeInside())) {
            return new Finding("shake-inside", Level.RIGHT, mm + " mm of axial shake is its clearance, no fault.");
        }
        return check.shakeUnder()
                ? new Finding("shake-under", Level.WATCH, mm + " mm of axial shake is less than its class leaves.")
                : new Finding(
                        "shake-over",
                        Level.SOON,
                        mm + " mm of axial shake is over the " + Show.fixed(requireNonNull(check.mostMm()), 2)
                                + " mm that " + check.input().clearance() + " gives: it is worn.");
    }
}
