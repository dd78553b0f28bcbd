package unbo.core.tools.strip;

import static java.util.Objects.requireNonNull;

import java.util.ArrayList;
import java.util.List;

import unbo.core.answer.Answer;
import unbo.core.answer.Step;
import unbo.core.finding.Finding;
import unbo.core.finding.Level;
import unbo.core.fit.Fit;
import unbo.core.measure.Show;
import unbo.core.strip.Removal;
import unbo.core.strip.RemovalInput;
import unbo.core.strip.RemovalInput.Corrosion;
import unbo.core.strip.RemovalInput.Nut;
import unbo.core.strip.RemovalInput.Spacer;
import unbo.core.strip.Words;
import unbo.core.worksheet.Worksheet;

/** A removal in print: the way, the verdict before the blow, the steps. */
public final class RemovalWords {

    private RemovalWords() {}

    public static Answer answer(Removal r) {
        List<Answer.Figure> figures = new ArrayList<>();
        figures.add(new Answer.Figure(
                "way out",
                r.best() == null ? "none" : r.best().name(),
                "",
                r.best() == null ? "" : "about " + Show.number(r.best().minutes(), 0) + " minutes"));
        figures.add(new Answer.Figure(
                "the bearing",
                r.scrap() ? "scrap" : r.input().reuse() ? "may run again" : "not hurt",
                "",
                r.scrap() ? "by the way it comes out" : "after a check of its rings"));
        if (r.fit() != null && r.best() != null && !r.best().code().equals("heat-housing")) {
            figures.add(new Answer.Figure("force", force(r.fit()), "kN", "1.5 to 2 times mounting, more when rusted"));
        }
        if (r.heatC() != null && r.input().heatAllowed()) {
            figures.add(Answer.Figure.number(
                    "housing lets go at",
                    r.heatC(),
                    0,
                    "°C",
                    r.fit() == null ? "seat not known: usual" : "housing and ring equally warm"));
        }
        return new Answer(figures, findings(r), sentences(r), worksheet(r), RemovalDrawing.of(r), steps(r));
    }

    private static String force(Fit fit) {
        return Show.number(fit.remove().leastN() / 1000, 1) + "–"
                + Show.number(fit.remove().mostN() / 1000, 1);
    }

    private static List<Finding> findings(Removal r) {
        List<Finding> findings = new ArrayList<>();
        if (r.best() == null) {
            findings.add(new Finding(
                    "no-way",
                    Level.STOP,
                    "No way is left with these tools and this access: see below what each would need."));
        } else if (r.best().crosses()) {
            findings.add(new Finding(
                    "scrap-on-removal",
                    r.input().reuse() ? Level.STOP : Level.SOON,
                    "The force crosses the rolling elements and dents both races: the bearing is "
                            + "scrap, even if it still turns smoothly"
                            + (r.input().reuse()
                                    ? ". No way here spares it: order a new one before it is taken out."
                                    : ". Order a new one first.")));
        } else if (r.scrap()) {
            findings.add(new Finding(
                    "scrap-on-removal",
                    Level.SOON,
                    r.overheated()
                            ? "A sealed bearing takes 80 °C; the housing lets go at "
                                    + Show.number(requireNonNull(r.heatC()), 0)
                                    + " °C: seal and grease are cooked, it is scrap."
                            : "The ring is cut: the bearing is scrap."));
        } else {
            findings.add(new Finding(
                    "spared", Level.RIGHT, "The force goes through the tight ring: the races are not hurt."));
        }
        RemovalInput in = r.input();
        if (in.spacer() != Spacer.NONE) {
            boolean grips = in.gripMm() >= in.jawMm();
            findings.add(new Finding(
                    grips ? "grip" : "no-grip",
                    grips ? Level.RIGHT : Level.WATCH,
                    "Expanding puller: grip " + Words.mm(in.gripMm()) + " = chamfer " + Words.mm(in.chamferMm())
                            + " + corner " + Words.mm(in.cornerMm()) + ", the jaw needs " + Words.mm(in.jawMm())
                            + (grips
                                    ? ": it holds."
                                    : ": it would spread against the spacer"
                                            + (in.spacer() == Spacer.SOFT
                                                    ? "'s soft end and flare it."
                                                    : " and slip."))));
        }
        if (in.nut() == Nut.LEFT_HAND) {
            findings.add(new Finding(
                    "left-hand",
                    Level.WATCH,
                    "Left-hand thread possible: some pulleys, the left pedal, the drive-side cup "
                            + "of ISO and English bottom brackets, hub or wheel nuts on one side of some "
                            + "vehicles. Look at the thread before the spanner goes on."));
        }
        return findings;
    }

    private static List<String> sentences(Removal r) {
        List<String> sentences = new ArrayList<>();
        r.ways().stream()
                .skip(1)
                .forEach(w ->
                        sentences.add("Also: " + w.name().toLowerCase(java.util.Locale.ROOT) + " (" + w.says() + ")"
                                + (w.crosses()
                                        ? ": scrap."
                                        : Removal.cooked(w.code(), r.input(), r.heatC())
                                                ? ": over 80 °C, a sealed bearing is cooked."
                                                : ".")));
        if (r.best() == null) {
            r.refused()
                    .forEach(f -> sentences.add(
                            "Not: " + f.name().toLowerCase(java.util.Locale.ROOT) + ": " + f.why() + "."));
        }
        if (r.input().spacer() != Spacer.NONE) {
            sentences.add("Two schools. Drift from inside past the tipped spacer: quick, the outer ring "
                    + "may tilt and score the seat. Puller behind the inner ring: no shock, needs a "
                    + "lip to grip. Taken here: the puller where the grip suffices, the full-face "
                    + "drift where it does not. Either way measure the spacer afterwards against its "
                    + "recorded length: a flared end side-loads both bearings.");
        }
        sentences.add("Always new: " + String.join(", ", alwaysNew(r.input())) + ".");
        return sentences;
    }

    /** What is never used twice after this removal. */
    public static List<String> alwaysNew(RemovalInput in) {
        List<String> parts = new ArrayList<>();
        switch (in.nut()) {
            case STAKED -> parts.add("staked nut");
            case LOCKING -> parts.add("self-locking or yield-torqued nut");
            case CASTLE -> parts.add("split pin");
            default -> {
                // a plain nut is used again when its thread is sound
            }
        }
        if (in.clip()) {
            parts.add("clip ring");
        }
        parts.add("seal");
        return parts;
    }

    private static List<Step> steps(Removal r) {
        RemovalInput in = r.input();
        List<Step> steps = new ArrayList<>();
        steps.add(new Step(
                "support",
                "Support the vehicle or the part; chocks under the wheels that stay down.",
                "Stands, never a jack alone. Pressure out of brakes and suspension first; a "
                        + "caliper is never hung by its hose."));
        steps.add(new Step(
                "brake",
                "Take brake and wheel-speed sensor out of the way, wired up.",
                "Brake dust is never blown out: damp it and wipe."));
        steps.add(new Step("mark", "Mark outboard sides, positions and shims.", ""));
        if (in.nut() != Nut.NONE) {
            steps.add(new Step(
                    "nut",
                    switch (in.nut()) {
                        case STAKED -> "Bend the staking out, undo the nut.";
                        case CASTLE -> "Draw the split pin, undo the nut.";
                        case LEFT_HAND -> "Look which way the thread runs, then undo the nut.";
                        default -> "Undo the nut.";
                    },
                    in.nut() == Nut.LEFT_HAND
                            ? "A left-hand thread is tightened by turning it the usual way: it shears. Look first."
                            : ""));
        }
        if (in.clip()) {
            steps.add(new Step("clip", "Lift the clip ring out.", "It flies: eye protection, hand over it."));
        }
        if (in.corrosion() != Corrosion.NONE) {
            steps.add(new Step(
                    "oil",
                    in.corrosion() == Corrosion.HEAVY
                            ? "Penetrating oil, leave it overnight; again, an hour before."
                            : "Penetrating oil, wait a quarter of an hour.",
                    ""));
        }
        if (r.heatC() != null
                && in.heatAllowed()
                && r.best() != null
                && !r.best().code().equals("heat-housing")
                && in.corrosion() != Corrosion.NONE) {
            steps.add(new Step(
                    "heat",
                    "Warm the housing to about " + Show.number(Math.min(100, Math.max(80, r.heatC())), 0)
                            + " °C, measured by probe or crayon.",
                    "Hot parts: gloves. No flame near fuel, solvent, oil, paint or sensors; never on magnesium."));
        }
        if (r.best() != null) {
            steps.add(new Step(
                    "pull",
                    r.best().name() + ": " + r.best().says() + ".",
                    r.best().caution()));
        }
        steps.add(new Step(
                "clean",
                "Clean seat and shaft; look for creep, scores and rust before anything new goes in.",
                "Never spin a bearing with compressed air: it can throw its elements."));
        steps.add(new Step(
                "measure",
                in.spacer() == Spacer.NONE
                        ? "Measure the seat."
                        : "Measure the seat, and the spacer's length against its record.",
                ""));
        return steps;
    }

    private static Worksheet worksheet(Removal r) {
        List<Worksheet.Line> lines = new ArrayList<>();
        RemovalInput in = r.input();
        lines.add(Worksheet.given("", "tight ring", in.tight().name().toLowerCase(java.util.Locale.ROOT)));
        r.ways()
                .forEach(w -> lines.add(Worksheet.judged(
                        "",
                        w.name(),
                        w.crosses() ? "force through the rolling elements" : "force through the tight ring",
                        Show.number(w.minutes(), 0) + " min" + (w.shock() ? ", by blows" : ""),
                        w.crosses() ? "scrap" : "spared")));
        r.refused().forEach(f -> lines.add(Worksheet.judged("", f.name(), "", f.why(), "not here")));
        if (in.spacer() != Spacer.NONE) {
            lines.add(Worksheet.judged(
                    "",
                    "grip of an expanding jaw",
                    "chamfer + corner",
                    Words.mm(in.gripMm()),
                    "jaw needs " + Words.mm(in.jawMm())));
        }
        if (r.fit() != null) {
            lines.add(Worksheet.computed(
                    "δ",
                    "interference, mean and most",
                    requireNonNull(in.fit()).seat() + " against the bearing's band",
                    Show.number(r.fit().interference().meanUm(), 1) + " and "
                            + Show.number(r.fit().interference().maxUm(), 1) + " µm"));
            lines.add(
                    Worksheet.computed("F", "force to remove", "1.5 to 2 · μ·p·π·d·B, μ 0.12", force(r.fit()) + " kN"));
        }
        if (r.heatC() != null && r.fit() != null) {
            lines.add(Worksheet.judged(
                    "T",
                    "housing lets go",
                    "20 °C + δmax/((αh − αs)·D)",
                    Show.number(r.heatC(), 0) + " °C",
                    "up to " + Show.number(Math.min(120, in.housing().ovenC()), 0) + " °C; sealed bearing 80 °C"));
        }
        return new Worksheet(
                "How does it come out?",
                lines,
                List.of("Thick rings: Lamé; seats: ISO 286. Ways and their limits: textbooks of bearing mounting."));
    }
}
