package unbo.core.tools.running;

import static java.util.Objects.requireNonNull;

import java.util.ArrayList;
import java.util.List;

import unbo.core.answer.Answer;
import unbo.core.answer.Step;
import unbo.core.lubrication.FreeVolume;
import unbo.core.lubrication.HubGrease;
import unbo.core.lubrication.HubGreaseInput;
import unbo.core.measure.Show;
import unbo.core.table.Table;
import unbo.core.worksheet.Worksheet;

/** A hub's grease in print. */
public final class HubGreaseWords {

    /** A step of packing. @param of ball or cone where it is done to one kind alone; empty for both */
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

    /** What is done, in order; of ball bearings the cone's steps are another one. */
    private static List<Step> steps(HubGreaseInput in) {
        boolean cones = in.outer().taper() || in.inner().taper();
        boolean balls = !in.outer().taper() || !in.inner().taper();
        List<Step> steps = new ArrayList<>();
        for (Packing packing : PACKING) {
            boolean here = packing.of().equals("ball") ? balls : packing.of().isEmpty() || cones;
            if (here && packing.method().equals(in.method())) {
                steps.add(packing.step());
            }
        }
        return steps;
    }

    /** Regreasing through a nipple: nothing is opened, so nothing is packed. */
    private static Answer byGun(HubGrease g) {
        Double strokes = g.strokes();
        return new Answer(
                List.of(
                        strokes == null
                                ? new Answer.Figure("strokes", "?", "", "weigh ten strokes of the gun")
                                : new Answer.Figure(
                                        "strokes",
                                        Show.number(strokes, 1),
                                        "",
                                        "of "
                                                + Show.number(
                                                        requireNonNull(g.input().strokeG()), 2) + " g"),
                        new Answer.Figure("adds", Show.number(g.replenishG(), 1), "g", "0.005·D·B for each bearing"),
                        new Answer.Figure(
                                "in the cavity at most",
                                Show.number(g.cavityCm3() * 0.5 * FreeVolume.GREASE_G_PER_CM3, 0),
                                "g",
                                "half of it")),
                g.findings(),
                List.of(
                        "Only where the hub has a nipple and a vent; a hub without them is opened and packed.",
                        "Old and new grease are in it together: only a grease that mixes with what is in."),
                worksheet(g),
                List.of());
    }

    private static Answer packed(HubGrease g) {
        return new Answer(
                List.of(
                        new Answer.Figure(
                                how("outer", g.input().outer()), range(g.outerGrams()), "g", cm3(g.outerCm3())),
                        new Answer.Figure(
                                how("inner", g.input().inner()), range(g.innerGrams()), "g", cm3(g.innerCm3())),
                        new Answer.Figure(
                                "cavity, " + percent(g.input().cavityShare()) + " of it",
                                Show.number(g.cavityGrams(), 0),
                                "g",
                                cm3(g.cavityCm3() * g.input().cavityShare())),
                        new Answer.Figure("take from the tub", Show.number(g.totalGrams(), 0), "g", "")),
                g.findings(),
                List.of(
                        (g.input().outer().taper() || g.input().inner().taper()
                                        ? "Wipe a film on both cups; lay"
                                        : "Lay")
                                + " the cavity's share against the hub wall, " + fingers(g)
                                + ". Never fill the hub: a full hub pumps its seals out.",
                        "Weigh the tub before and after: " + Show.number(g.totalGrams(), 0)
                                + " g should be gone, less what is wiped off."),
                worksheet(g),
                List.of());
    }

    private static String how(String place, HubGreaseInput.Envelope e) {
        return e.taper() ? place + " cone, packed by hand" : place + " bearing, 30 to 50 % of its room";
    }

    private static String steel(HubGreaseInput.Envelope e) {
        return Show.number(e.taper() ? FreeVolume.STEEL_SHARE_ROLLER : FreeVolume.STEEL_SHARE_BALL, 2);
    }

    /** The layer against the hub wall that holds the share, from its volume. */
    private static String fingers(HubGrease g) {
        return "about " + Show.number(layerMm(g.input()), 0) + " mm thick all round";
    }

    /** Thickness of the ring of grease against the hub's wall, mm. */
    public static double layerMm(HubGreaseInput in) {
        double outer = in.hubBoreMm() / 2;
        double inner = in.spindleMm() / 2;
        return outer - Math.sqrt(outer * outer - in.cavityShare() * (outer * outer - inner * inner));
    }

    private static Worksheet worksheet(HubGrease g) {
        HubGreaseInput in = g.input();
        return new Worksheet(
                "How much grease does this hub take?",
                List.of(
                        Worksheet.given("d, D, T", "outer bearing", sizes(in.outer())),
                        Worksheet.given("d, D, T", "inner bearing", sizes(in.inner())),
                        Worksheet.computed(
                                "Vo",
                                "free volume of the outer bearing",
                                "π/4·T·(D² − d²)·(1 − " + steel(in.outer()) + ")",
                                Show.number(g.outerCm3(), 2) + " cm³ (estimated: steel fills " + steel(in.outer())
                                        + " of the envelope)"),
                        Worksheet.computed(
                                "Vi",
                                "free volume of the inner bearing",
                                "π/4·T·(D² − d²)·(1 − " + steel(in.inner()) + ")",
                                Show.number(g.innerCm3(), 2) + " cm³ (estimated)"),
                        Worksheet.computed(
                                "",
                                "grease in the bearings",
                                "V · share · 0.90 g/cm³; share 0.8…1.0 for tapers, 0.3…0.5 for balls",
                                range(g.outerGrams()) + " g and " + range(g.innerGrams()) + " g"),
                        Worksheet.given(
                                "L, Dh, ds",
                                "cavity",
                                Show.number(in.betweenCupsMm(), 2) + ", " + Show.number(in.hubBoreMm(), 2) + ", "
                                        + Show.number(in.spindleMm(), 2) + " mm"),
                        Worksheet.computed(
                                "Vc",
                                "volume of the cavity",
                                "π/4·L·(Dh² − ds²)",
                                Show.number(g.cavityCm3(), 1) + " cm³"),
                        Worksheet.judged(
                                "",
                                "grease in the cavity",
                                "Vc · share · 0.90 g/cm³",
                                Show.number(g.cavityGrams(), 1) + " g",
                                "a third to a half, never full")),
                List.of(
                        "Volumes by geometry; density of grease 0.90 g/cm³; steel shares are the "
                                + "product's own estimates.",
                        "Hand packing 80–100 % and a third of the cavity: usual practice for "
                                + "adjustable tapered hubs."));
    }

    private static String sizes(HubGreaseInput.Envelope e) {
        return Show.number(e.boreMm(), 3) + " × " + Show.number(e.outsideMm(), 3) + " × " + Show.number(e.widthMm(), 3)
                + " mm";
    }

    private static String range(HubGrease.Range range) {
        return Show.fixed(range.least(), 1) + "–" + Show.fixed(range.most(), 1);
    }

    private static String cm3(double value) {
        return Show.number(value, 1) + " cm³";
    }

    private static String percent(double share) {
        return Show.number(share * 100, 0) + " %";
    }
}
