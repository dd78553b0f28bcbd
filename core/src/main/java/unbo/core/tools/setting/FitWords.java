package unbo.core.tools.setting;

import java.util.ArrayList;
import java.util.List;

import unbo.core.answer.Answer;
import unbo.core.finding.Finding;
import unbo.core.finding.Level;
import unbo.core.fit.Band;
import unbo.core.fit.Fit;
import unbo.core.fit.FitInput;
import unbo.core.fit.Interference;
import unbo.core.fit.Material;
import unbo.core.fit.PressFit;
import unbo.core.measure.Show;
import unbo.core.worksheet.Worksheet;

/** A fit in print. */
public final class FitWords {

    private static final double ALLOY_K = 60;

    private FitWords() {}

    public static Answer answer(Fit fit) {
        FitInput in = fit.input();
        List<Answer.Figure> figures = new ArrayList<>();
        Interference i = fit.interference();
        figures.add(new Answer.Figure(
                i.meanUm() < 0 ? "gap, mean" : "interference, mean",
                um(Math.abs(i.meanUm())),
                "µm",
                um(i.minUm()) + " to " + um(i.maxUm()) + " µm"));
        if (fit.chosen() != null) {
            figures.add(new Answer.Figure(
                    fit.chosen().clearanceClass() + " leaves, running",
                    um(fit.chosen().warm().meanUm()),
                    "µm",
                    um(fit.chosen().warm().minUm()) + " to "
                            + um(fit.chosen().warm().maxUm()) + " µm; on the bench "
                            + um(fit.chosen().cold().meanUm())));
        }
        figures.add(new Answer.Figure(
                "to press it on, oiled",
                Show.number(fit.pressN() / 1000, 1),
                "kN",
                "to remove " + Show.number(fit.pressN() * Fit.REMOVE_LEAST / 1000, 1) + " to "
                        + Show.number(fit.pressN() * Fit.REMOVE_MOST / 1000, 1) + " kN, more if rusted"));
        List<String> sentences = new ArrayList<>();
        if (in.estimatedSizes()) {
            sentences.add("Outside or width were not told: those of the usual series stand in ("
                    + Show.number(in.boreMm(), 2) + " × " + Show.number(in.outsideMm(), 2) + " × "
                    + Show.number(in.widthMm(), 2) + " mm, estimated).");
        }
        if (!in.material().equals(Material.STEEL)) {
            Interference warm = fit.warmed(ALLOY_K);
            sentences.add("At " + Show.number(ALLOY_K, 0) + " K over the bench the "
                    + in.material().label() + (in.inner() ? " shaft grips " : " housing holds ") + um(warm.meanUm())
                    + " µm on the mean (" + um(warm.minUm()) + " to " + um(warm.maxUm()) + ")"
                    + (warm.meanUm() < 0 ? ": the ring is loose when hot." : "."));
        }
        if (in.place() != null) {
            boolean usual = in.seat() != null && in.place().seats().contains(in.seat());
            sentences.add("Usual where the " + in.place().label() + ": "
                    + String.join(", ", in.place().seats())
                    + (in.place().says().isEmpty() ? "" : "; " + in.place().says()) + "."
                    + (in.seat() == null || usual ? "" : " " + in.seat() + " is not among them: look why."));
        }
        sentences.add(
                in.inner()
                        ? "The ring is pressed by its own face, never through the balls or rollers."
                        : "The outer ring is pressed by its own face, never through the balls or "
                                + "rollers; support it square.");
        return new Answer(figures, findings(fit), sentences, worksheet(fit), FitDrawing.of(fit));
    }

    private static List<Finding> findings(Fit fit) {
        List<Finding> findings = new ArrayList<>();
        Interference i = fit.interference();
        if (fit.chosen() == null) {
            findings.add(new Finding(
                    "fit-class-unlisted",
                    Level.OPEN,
                    "Clearance classes of this kind are not listed here: the fit is shown, what is left is not."));
        } else if (fit.preload()) {
            String other = fit.classThatLeaves();
            findings.add(new Finding(
                    "fit-preload",
                    Level.SOON,
                    fit.chosen().clearanceClass() + " turns to preload on the mean when the inner ring runs "
                            + Show.number(fit.input().deltaK(), 0) + " K warmer: "
                            + um(fit.chosen().warm().meanUm()) + " µm. "
                            + (other == null
                                    ? "No listed class leaves a clearance: take a looser fit."
                                    : other + " leaves " + um(left(fit, other)) + " µm.")));
        } else if (fit.chosen().warm().minUm() < 0) {
            findings.add(new Finding(
                    "fit-clearance",
                    Level.RIGHT,
                    fit.chosen().clearanceClass()
                            + " leaves a clearance on the mean; the tightest corner of both bands comes to "
                            + um(fit.chosen().warm().minUm()) + " µm."));
        } else {
            findings.add(new Finding(
                    "fit-clearance",
                    Level.RIGHT,
                    fit.chosen().clearanceClass() + " leaves a clearance in every corner of both bands."));
        }
        if (i.maxUm() < 0) {
            findings.add(new Finding(
                    "fit-loose",
                    Level.WATCH,
                    "It is loose in every corner, by " + um(-i.maxUm()) + " to " + um(-i.minUm())
                            + " µm: right only for a ring on which the load stands still."));
        }
        return findings;
    }

    private static double left(Fit fit, String code) {
        return fit.left().stream()
                .filter(l -> l.clearanceClass().equals(code))
                .findFirst()
                .orElseThrow()
                .warm()
                .meanUm();
    }

    private static Worksheet worksheet(Fit fit) {
        FitInput in = fit.input();
        List<Worksheet.Line> lines = new ArrayList<>();
        lines.add(Worksheet.given(
                "d, D, B",
                "bearing",
                Show.number(in.boreMm(), 3) + " × " + Show.number(in.outsideMm(), 3) + " × "
                        + Show.number(in.widthMm(), 3) + " mm"));
        lines.add(Worksheet.given(
                in.seat() == null ? "" : in.seat(),
                in.inner() ? "shaft's band" : "housing's band",
                band(fit.seatBand())));
        lines.add(Worksheet.given(
                in.tolerance(), in.inner() ? "bearing's bore" : "bearing's outside", band(fit.bearingBand())));
        lines.add(Worksheet.computed(
                "δ",
                "interference, least, mean, most",
                (in.inner() ? "shaft − bore" : "outside − housing")
                        + (in.rough() ? ", times d/(d + 2) for rough seats" : ""),
                three(fit.interference())));
        lines.add(Worksheet.computed(
                in.inner() ? "F" : "G",
                in.inner() ? "inner raceway" : "outer raceway",
                in.inner() ? "d + 0.25·(D − d)" : "D − 0.25·(D − d)",
                Show.number(in.inner() ? in.innerRaceMm() : in.outerRaceMm(), 2) + " mm"));
        lines.add(Worksheet.computed(
                "p",
                "pressure at the mean",
                "δ/(d·[((1+ci²)/(1−ci²) − νi)/Ei + ((1+co²)/(1−co²) + νo)/Eo])",
                Show.number(fit.pressureMPa(), 1) + " MPa"));
        lines.add(Worksheet.computed(
                "",
                "force to press it on",
                "μ·p·π·d·B, μ " + Show.number(PressFit.OILED, 2),
                Show.number(fit.pressN() / 1000, 2) + " kN; dry "
                        + Show.number(fit.pressN() / 1000 * PressFit.DRY / PressFit.OILED, 2) + " kN"));
        lines.add(Worksheet.computed(
                "",
                "clearance lost to the fit",
                in.inner() ? "growth of the inner raceway (Lamé)" : "shrinking of the outer raceway (Lamé)",
                three(fit.lossUm())));
        lines.add(Worksheet.computed(
                "",
                "clearance lost to warmth",
                "α·dm·ΔT, ΔT " + Show.number(in.deltaK(), 0) + " K",
                um(fit.thermalUm()) + " µm"));
        for (Fit.Left l : fit.left()) {
            lines.add(Worksheet.judged(
                    l.clearanceClass(),
                    "left of " + um(l.made().minUm()) + " to " + um(l.made().maxUm()) + " µm",
                    "cold / running",
                    three(l.cold()) + " / " + three(l.warm()),
                    "mean at or over 0"));
        }
        return new Worksheet(
                "How tight is it, and what clearance is left?",
                lines,
                List.of(
                        "Seats: ISO 286-1, ISO 286-2. Bearing: ISO 492, ISO 578. Clearances: ISO 5753-1.",
                        "Thick rings: Lamé. Judged on the mean; minima and maxima are the corners of both bands."));
    }

    private static String band(Band b) {
        return signed(b.upperUm()) + " / " + signed(b.lowerUm()) + " µm";
    }

    private static String signed(double um) {
        return (um > 0 ? "+" : "") + um(um);
    }

    private static String three(Interference i) {
        return um(i.minUm()) + ", " + um(i.meanUm()) + ", " + um(i.maxUm()) + " µm";
    }

    static String um(double um) {
        return Show.number(um, 1);
    }
}
