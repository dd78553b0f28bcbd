package unbo.core.tools.running;

import static java.util.Objects.requireNonNull;

import java.util.ArrayList;
import java.util.List;

import unbo.core.answer.Answer;
import unbo.core.answer.Step;
import unbo.core.lubrication.FreeVolume;
import unbo.core.lubrication.HubGrease;
import unbo.core.lubrication.HubGreaseInput;
import unbo.core.lubrication.Share;
import unbo.core.measure.Show;
import unbo.core.table.Table;
import unbo.core.worksheet.Worksheet;

/** A hub's grease in print. */
public final class HubGreaseWords {

    /** A step of packing. @param of ball, taper or cavity where it is done to that alone; empty for all */
    private record Packing(String method, String of, Step step) {}

    private static final List<Packing> PACKING = Table.read(HubGrease.class, "packing.csv").stream()
            .map(row -> new Packing(
                    row.word("method"),
                    row.get("of"),
                    new Step(row.word("code"), row.word("text") + ".", row.get("caution"))))
            .toList();

    private HubGreaseWords() {}

    public static Answer answer(HubGrease g) {
        return g.input().method().equals("gun")
                ? byGun(g).with(steps(g.input()))
                : packed(g).with(steps(g.input()));
    }

    /** What is done, in order; of ball bearings the cone's steps are another one, and of rollers that one too. */
    private static List<Step> steps(HubGreaseInput in) {
        boolean cones = tapers(in);
        boolean balls = in.open().stream()
                .anyMatch(bearing -> requireNonNull(bearing.envelope()).rolls() != HubGreaseInput.Rolls.TAPER);
        List<Step> steps = new ArrayList<>();
        for (Packing packing : PACKING) {
            boolean here = switch (packing.of()) {
                case "ball" -> balls;
                case "taper" -> cones;
                case "cavity" -> in.cavity() != null;
                default -> true;
            };
            if (here && packing.method().equals(in.method())) {
                steps.add(packing.step());
            }
        }
        return steps;
    }

    private static boolean tapers(HubGreaseInput in) {
        return in.open().stream()
                .anyMatch(bearing -> requireNonNull(bearing.envelope()).rolls() == HubGreaseInput.Rolls.TAPER);
    }

    /** Regreasing through a nipple: nothing is opened, so nothing is packed. */
    private static Answer byGun(HubGrease g) {
        Double strokes = g.strokes();
        List<Answer.Figure> figures = new ArrayList<>();
        figures.add(
                strokes == null
                        ? new Answer.Figure("strokes", "?", "", "weigh ten strokes of the gun")
                        : Answer.Figure.number(
                                "strokes",
                                strokes,
                                1,
                                "",
                                "of " + Show.number(requireNonNull(g.input().strokeG()), 2) + " g"));
        figures.add(Answer.Figure.number("adds", g.replenishG(), 1, "g", "0.005·D·B for each bearing"));
        if (g.input().cavity() != null) {
            figures.add(Answer.Figure.number(
                    "in the cavity at most", g.cavityCm3() * 0.5 * FreeVolume.GREASE_G_PER_CM3, 0, "g", "half of it"));
        }
        return new Answer(
                figures,
                g.findings(),
                List.of(
                        "Only where the hub has a nipple and a vent; a hub without them is opened and packed.",
                        "Old and new grease are in it together: only a grease that mixes with what is in."),
                worksheet(g),
                List.of());
    }

    private static Answer packed(HubGrease g) {
        HubGreaseInput in = g.input();
        HubGreaseInput.Cavity cavity = in.cavity();
        List<Answer.Figure> figures = new ArrayList<>();
        g.open()
                .forEach(portion ->
                        figures.add(new Answer.Figure(how(portion), range(portion.grams()), "g", cm3(portion.cm3()))));
        if (cavity != null) {
            figures.add(Answer.Figure.number(
                    "cavity, " + percent(cavity.share()) + " of it",
                    g.cavityGrams(),
                    0,
                    "g",
                    cm3(g.cavityCm3() * cavity.share())));
        }
        String total = Show.number(g.totalGrams(), g.totalGrams() < 20 ? 1 : 0);
        figures.add(new Answer.Figure("take from the tub", total, "g", ""));
        List<String> sentences = new ArrayList<>();
        in.bearings().stream()
                .filter(HubGreaseInput.Bearing::sealed)
                .forEach(bearing -> sentences.add("The " + bearing.label() + " is greased for life: it gets none."));
        if (cavity != null) {
            sentences.add((tapers(in) ? "Wipe a film on both cups; lay" : "Lay")
                    + " the cavity's share against the hub wall, about " + Show.number(layerMm(cavity), 0)
                    + " mm thick all round. Never fill the hub: a full hub pumps its seals out.");
        } else if (in.open().size() > 1) {
            sentences.add("Nothing goes into the room between the bearings; a thin film keeps rust off its walls.");
        }
        sentences.add("Weigh the tub before and after: " + total + " g should be gone, less what is wiped off.");
        return new Answer(figures, g.findings(), sentences, worksheet(g), List.of());
    }

    private static String how(HubGrease.Portion portion) {
        HubGreaseInput.Envelope e = requireNonNull(portion.bearing().envelope());
        String label = portion.bearing().label();
        return e.rolls() == HubGreaseInput.Rolls.TAPER
                ? label.replace(" bearing", " cone") + ", packed by hand"
                : label + ", " + e.share().percent() + " of its room";
    }

    private static String steel(HubGreaseInput.Envelope e) {
        return Show.number(
                e.rolls() == HubGreaseInput.Rolls.BALL ? FreeVolume.STEEL_SHARE_BALL : FreeVolume.STEEL_SHARE_ROLLER,
                2);
    }

    /** Thickness of the ring of grease against the hub's wall that holds the cavity's share, mm. */
    public static double layerMm(HubGreaseInput.Cavity cavity) {
        double outer = cavity.hubBoreMm() / 2;
        double inner = cavity.spindleMm() / 2;
        return outer - Math.sqrt(outer * outer - cavity.share() * (outer * outer - inner * inner));
    }

    private static Worksheet worksheet(HubGrease g) {
        HubGreaseInput.Cavity cavity = g.input().cavity();
        List<Worksheet.Line> lines = new ArrayList<>();
        for (HubGrease.Portion portion : g.open()) {
            HubGreaseInput.Envelope e = requireNonNull(portion.bearing().envelope());
            String label = portion.bearing().label();
            lines.add(Worksheet.given("d, D, B or T", label, sizes(e)));
            lines.add(Worksheet.computed(
                    "V",
                    "free volume of the " + label,
                    "π/4·B·(D² − d²)·(1 − " + steel(e) + ")",
                    Show.number(portion.cm3(), 2) + " cm³ (estimated: steel fills " + steel(e) + " of the envelope)"));
            lines.add(Worksheet.computed(
                    "",
                    "grease in it",
                    "V · share · 0.90 g/cm³; share " + e.share().percent(),
                    range(portion.grams()) + " g"));
        }
        if (cavity != null) {
            lines.add(Worksheet.given(
                    "L, Dh, ds",
                    "cavity",
                    Show.number(cavity.betweenCupsMm(), 2) + ", " + Show.number(cavity.hubBoreMm(), 2) + ", "
                            + Show.number(cavity.spindleMm(), 2) + " mm"));
            lines.add(Worksheet.computed(
                    "Vc", "volume of the cavity", "π/4·L·(Dh² − ds²)", Show.number(g.cavityCm3(), 1) + " cm³"));
            lines.add(Worksheet.judged(
                    "",
                    "grease in the cavity",
                    "Vc · share · 0.90 g/cm³",
                    Show.number(g.cavityGrams(), 1) + " g",
                    "a third to a half, never full"));
        }
        return new Worksheet(
                "How much grease does this take?",
                lines,
                List.of(
                        "Volumes by geometry; density of grease 0.90 g/cm³; steel shares are the "
                                + "product's own estimates.",
                        "Hand packing 80–100 % and a third of the cavity: usual practice for adjustable hubs. "
                                + "Balls of a wheel 30–50 %, of a pulley 25–35 %, of a pivot that rocks 80–90 %."));
    }

    private static String sizes(HubGreaseInput.Envelope e) {
        return Show.number(e.boreMm(), 3) + " × " + Show.number(e.outsideMm(), 3) + " × " + Show.number(e.widthMm(), 3)
                + " mm";
    }

    private static String range(Share.Range range) {
        return Show.fixed(range.least(), 1) + "–" + Show.fixed(range.most(), 1);
    }

    private static String cm3(double value) {
        return Show.number(value, 1) + " cm³";
    }

    private static String percent(double share) {
        return Show.number(share * 100, 0) + " %";
    }
}
