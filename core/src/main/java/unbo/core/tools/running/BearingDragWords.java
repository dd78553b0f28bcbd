package unbo.core.tools.running;

import java.util.ArrayList;
import java.util.List;

import unbo.core.answer.Answer;
import unbo.core.bearing.Turning;
import unbo.core.drawing.Chart;
import unbo.core.drawing.Drawing;
import unbo.core.finding.Finding;
import unbo.core.finding.Level;
import unbo.core.measure.Show;
import unbo.core.running.BearingDrag;
import unbo.core.worksheet.Worksheet;

/** Friction, in print. */
public final class BearingDragWords {

    private static final double HOT_K = 60;

    private BearingDragWords() {}

    public static Answer answer(BearingDrag friction) {
        List<Finding> findings = new ArrayList<>(List.of(
                friction.warmK() > HOT_K
                        ? new Finding(
                                "friction-hot",
                                Level.WATCH,
                                "It would run hot: less grease, a thinner one, or seals that drag less.")
                        : new Finding("friction-fine", Level.RIGHT, "No more warmth than a hub sheds.")));
        List<String> sentences =
                new ArrayList<>(List.of("Seals are a guide, a factor of two either way; a box of grease filled too "
                        + "full drags a multiple until it has cleared."));
        if (!friction.input().grease()) {
            BearingDrag right = BearingDrag.of(friction.input().level(0));
            if (friction.input().oilMm() > friction.input().bearing().geometry().elementMm() / 2) {
                findings.add(new Finding(
                        "oil-high",
                        Level.SOON,
                        "The oil stands " + Show.number(friction.input().oilMm(), 0) + " mm too high: churning makes "
                                + Show.number(friction.powerW() - right.powerW(), 2)
                                + " W more of heat. Drain it to the middle of the lowest element, standing still "
                                + "and level."));
            } else if (friction.input().oilMm()
                    < -friction.input().bearing().geometry().elementMm() / 2) {
                findings.add(new Finding(
                        "oil-low",
                        Level.STOP,
                        "The oil does not reach the lowest element: it runs dry. Fill it to the middle "
                                + "of the lowest element."));
            }
            sentences.add("Level: the middle of the lowest element, standing still. Thick oil, small "
                    + "elements and a deep bath together are the classic hot box; oil that flows "
                    + "through needs its drain ports open.");
        }
        Answer answer = new Answer(
                List.of(
                        Answer.Figure.number(
                                "drag",
                                friction.friction().totalNmm(),
                                1,
                                "N·mm",
                                "seals " + Show.number(friction.friction().sealsNmm(), 1) + ", lubricant "
                                        + Show.number(friction.friction().lubricantNmm(), 1) + ", load "
                                        + Show.number(friction.friction().loadNmm(), 1)),
                        Answer.Figure.number("takes", friction.powerW(), 2, "W", ""),
                        Answer.Figure.number("warms its hub by about", friction.warmK(), 0, "K", "a guide")),
                findings,
                sentences,
                worksheet(friction),
                friction.input().grease() ? List.of() : List.of(level(friction)));
        Answer charted = friction.input().grease() ? answer : answer.with(levels(friction));
        return charted.with(thickness(friction)).with(speeds(friction)).with(sizes(friction));
    }

    private static Worksheet worksheet(BearingDrag friction) {
        return new Worksheet(
                "What does it drag?",
                List.of(
                        Worksheet.given(
                                "Dw, dm, Z",
                                friction.input().bearing().name(),
                                Show.number(
                                                friction.input()
                                                        .bearing()
                                                        .geometry()
                                                        .elementMm(),
                                                2) + " mm, "
                                        + Show.number(
                                                friction.input()
                                                        .bearing()
                                                        .geometry()
                                                        .pitchMm(),
                                                1) + " mm, "
                                        + friction.input().bearing().geometry().elements()
                                        + (friction.input().bearing().geometry().estimated() ? " (estimated)" : "")),
                        Worksheet.computed(
                                "M0",
                                "lubricant",
                                "f0·10⁻⁷·(ν·n)^(2/3)·dm³; under ν·n 2000: f0·160·10⁻⁷·dm³"
                                        + (BearingDrag.churned(friction.input()) > 0
                                                ? "; ·" + Show.number(1 + BearingDrag.churned(friction.input()), 2)
                                                        + " by its level"
                                                : ""),
                                Show.number(friction.friction().lubricantNmm(), 2) + " N·mm"),
                        Worksheet.computed(
                                "M1",
                                "load",
                                "f1·P1·dm",
                                Show.number(friction.friction().loadNmm(), 2) + " N·mm"),
                        Worksheet.computed(
                                "",
                                "seals",
                                "guide, with the bore squared",
                                Show.number(friction.friction().sealsNmm(), 2) + " N·mm"),
                        Worksheet.computed("P", "power", "M·ω", Show.number(friction.powerW(), 3) + " W"),
                        Worksheet.computed(
                                "ΔT",
                                "warmth",
                                "P/conductance, " + Show.number(friction.input().conductance(), 2) + " W/K",
                                Show.number(friction.warmK(), 1) + " K")),
                List.of("Palmgren, Ball and Roller Bearing Engineering. Seals, ceramic balls (load's "
                        + "part times 0.7), oil level and conductance are guides."));
    }

    private static Drawing level(BearingDrag friction) {
        return FaceDrawing.of(
                "oil-level",
                "Oil standing " + Show.number(Math.abs(friction.input().oilMm()), 0) + " mm "
                        + (friction.input().oilMm() > 0 ? "over" : "under") + " the middle of the lowest element",
                List.of(new FaceDrawing.View(friction.input().bearing(), Show.number(friction.powerW(), 2) + " W")),
                Turning.INNER,
                friction.input().oilMm());
    }

    private static Chart levels(BearingDrag friction) {
        return chart(
                friction,
                "warmth-over-level",
                "Warmth over the oil's level",
                new Chart.Axis(
                        "oil over the lowest element's middle, mm",
                        0,
                        Math.max(
                                1,
                                Math.floor(friction.input().bearing().geometry().pitchMm() / 2)),
                        false),
                friction.input()::level,
                Math.max(0, friction.input().oilMm()));
    }

    private static Chart thickness(BearingDrag friction) {
        return chart(
                friction,
                "warmth-over-viscosity",
                "Warmth over the oil's thickness",
                new Chart.Axis("mm²/s at running temperature", 5, 500, true),
                friction.input()::thick,
                friction.input().nu());
    }

    /** Bearings of the same proportions under the same load, in hubs of their size. */
    private static Chart sizes(BearingDrag friction) {
        double pitch = friction.input().bearing().geometry().pitchMm();
        return chart(
                friction,
                "warmth-over-size",
                "Warmth over the bearing's size, its proportions kept",
                new Chart.Axis("pitch diameter, mm", pitch / 2, pitch * 2, false),
                mm -> friction.input().sized(mm / pitch),
                pitch);
    }

    private static Chart speeds(BearingDrag friction) {
        return chart(
                friction,
                "warmth-over-speed",
                "Warmth over speed",
                new Chart.Axis("rpm", 0, Math.max(100, friction.input().rpm() * 2), false),
                friction.input()::running,
                friction.input().rpm());
    }

    private static Chart chart(
            BearingDrag friction,
            String name,
            String title,
            Chart.Axis x,
            java.util.function.DoubleFunction<BearingDrag.Input> at,
            double now) {
        List<Chart.Line> lines =
                List.of(new Chart.Line("", v -> BearingDrag.of(at.apply(v)).warmK()));
        return new Chart(
                name,
                title,
                x,
                Chart.upTo("K over its surroundings", x, lines),
                lines,
                List.of(new Chart.Spot(
                        now, friction.warmK(), Show.number(friction.warmK(), friction.warmK() < 10 ? 1 : 0) + " K")),
                List.of());
    }
}
