package unbo.core.tools.setting;

import java.util.ArrayList;
import java.util.List;

import unbo.core.answer.Answer;
import unbo.core.bearing.BearingKind;
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
                        um(i.minUm()) + " to " + um(i.maxUm()) + " µm")
                .of(Math.abs(i.meanUm())));
        if (fit.chosen() != null) {
            figures.add(new Answer.Figure(
                            fit.chosen().clearanceClass() + " leaves, running",
                            um(fit.chosen().warm().meanUm()),
                            "µm",
                            um(fit.chosen().warm().minUm()) + " to "
                                    + um(fit.chosen().warm().maxUm()) + " µm; on the bench "
                                    + um(fit.chosen().cold().meanUm()))
                    .of(fit.chosen().warm().meanUm()));
        }
        figures.add(new Answer.Figure(
                "to press it on",
                kN(fit.mount()),
                "kN",
                "oiled at the mean to dry at the largest; to remove " + kN(fit.remove()) + " kN, more if rusted"));
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
        if (!in.seated().ringWidth().isEmpty()) {
            sentences.add(
                    "The ring's own width is not in the tables: " + in.seated().ringWidth() + " is taken, estimated.");
        }
        if (fit.raceway()) {
            sentences.add("There is no inner ring: the shaft is the raceway, h5 or h6, 58 HRC at least, ground.");
        }
        if (!in.inner() && in.kind() == BearingKind.DRAWN_CUP_NEEDLE_ROLLER) {
            sentences.add("A drawn cup is round only in its housing and its outside is not toleranced: its size is "
                    + "taken as it is. N6 in steel, R6 in light alloy.");
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
        if (fit.raceway()) {
            findings.add(
                    i.maxUm() > 0
                            ? new Finding(
                                    "raceway-tight",
                                    Level.STOP,
                                    "The needles would have no clearance on this shaft (" + um(-i.maxUm()) + " to "
                                            + um(-i.minUm()) + " µm): it is a raceway, h5 or h6, never a press fit.")
                            : new Finding(
                                    "raceway-clearance",
                                    Level.RIGHT,
                                    "Clearance on the shaft: " + um(-i.maxUm()) + " to " + um(-i.minUm()) + " µm."));
            return findings;
        }
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
        } else if (fit.aboutZero()) {
            findings.add(new Finding(
                    "about-zero",
                    Level.WATCH,
                    fit.chosen().clearanceClass() + " leaves about zero on the mean, running: "
                            + um(fit.chosen().warm().meanUm()) + " µm ("
                            + um(fit.chosen().warm().minUm()) + " to "
                            + um(fit.chosen().warm().maxUm()) + "). The normal pairing of a light fit"
                            + (fit.classThatLeaves() == null
                                    ? "."
                                    : "; " + fit.classThatLeaves() + " leaves " + um(left(fit, fit.classThatLeaves()))
                                            + " µm.")));
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
                (in.inner() ? fit.raceway() ? "shaft − under the rollers" : "shaft − bore" : "outside − housing")
                        + (in.rough() ? ", times d/(d + 3): turned, rough" : ""),
                three(fit.interference())));
        if (!in.rough() && fit.interference().maxUm() > 0) {
            lines.add(Worksheet.computed(
                    "",
                    "what a ground, a turned seat keeps",
                    "d/(d + 2), d/(d + 3)",
                    three(fit.interference().ground(in.seatMm())) + "; "
                            + three(fit.interference().rough(in.seatMm()))));
        }
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
                "μ·p·π·d·B, μ 0.12 at the mean to 0.16 at the largest",
                kN(fit.mount()) + " kN"));
        lines.add(Worksheet.computed(
                "", "force to take it off", "1.5 · at the mean to 2 · at the largest", kN(fit.remove()) + " kN"));
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

    /** A force from least to most, kN. */
    static String kN(PressFit.Force force) {
        return force.mostN() == 0
                ? "0"
                : Show.number(force.leastN() / 1000, 1) + " to " + Show.number(force.mostN() / 1000, 1);
    }

    static String um(double um) {
        return Show.number(um, 1);
    }
}
