package unbo.core.lubrication;

import java.util.ArrayList;
import java.util.List;

import org.jspecify.annotations.Nullable;

import unbo.core.finding.Finding;
import unbo.core.finding.Level;
import unbo.core.input.Field;
import unbo.core.input.FieldList;
import unbo.core.input.Problem;
import unbo.core.input.Values;
import unbo.core.measure.Quantity;
import unbo.core.measure.Show;

/**
 * A grease as its sheet describes it, and whether it suits a position.
 *
 * @param name the workshop's own word for it
 * @param thickener code of its family
 * @param nlgi consistency: 00, 0, 1, 2, 3
 */
public record Grease(String name, String thickener, String nlgi, BaseOil base, Range range, boolean ep) {
    /**
     * Its base oil, mm²/s at 40 and 100 °C.
     *
     * @param oil code of its base oil
     * @param nu40 , nu100 base oil, mm²/s; null where the sheet does not tell
     */
    public record BaseOil(
            String oil, @Nullable Double nu40, @Nullable Double nu100) {}

    /**
     * Temperatures it is good for.
     *
     * @param coldC , hotC its working range
     */
    public record Range(double coldC, double hotC) {}

    private static final int LONGEST_NAME = 60;
    private static final List<String> ALONE = List.of("silicone", "perfluorinated", "glycol");
    private static final List<Field.Choice> OILS = List.of(
            new Field.Choice("mineral", "mineral"),
            new Field.Choice("PAO", "synthetic, PAO"),
            new Field.Choice("ester", "ester"),
            new Field.Choice("silicone", "silicone: mixes with nothing"),
            new Field.Choice("perfluorinated", "perfluorinated: mixes with nothing"),
            new Field.Choice("glycol", "glycol: mixes with nothing"));

    public static final FieldList<Grease> LIST = FieldList.of(
            List.of(
                    Field.text("name", "Its name here", LONGEST_NAME).must(),
                    Field.choice("thickener", "Family, by its thickener", Mixing.choices())
                            .must(),
                    Field.choice(
                                    "nlgi",
                                    "NLGI",
                                    List.of("00", "0", "1", "2", "3").stream()
                                            .map(n -> new Field.Choice(n, n))
                                            .toList())
                            .orElse("2", null),
                    Field.choice("oil", "Base oil", OILS).orElse("mineral", null),
                    Field.quantity("nu40", "Base oil at 40 °C", Quantity.VISCOSITY, "mm²/s", 2, 5000)
                            .usually(10, 1000),
                    Field.quantity("nu100", "Base oil at 100 °C", Quantity.VISCOSITY, "mm²/s", 1, 500)
                            .usually(2, 60),
                    Field.quantity("cold", "Works from", Quantity.TEMPERATURE, "°C", -80, 40)
                            .usually(-50, 0)
                            .orElse("-20", null),
                    Field.quantity("hot", "to", Quantity.TEMPERATURE, "°C", 30, 300)
                            .usually(50, 200)
                            .orElse("120", null),
                    Field.yesNo("ep", "EP additives")),
            Grease::rules,
            v -> new Grease(
                    v.text("name"),
                    v.text("thickener"),
                    v.text("nlgi"),
                    new BaseOil(v.text("oil"), v.maybe("nu40"), v.maybe("nu100")),
                    new Range(v.number("cold"), v.number("hot")),
                    v.yes("ep")));

    private static List<Problem> rules(Values v) {
        List<Problem> problems = new ArrayList<>();
        if (v.has("nu40") && v.has("nu100") && v.number("nu100") >= v.number("nu40")) {
            problems.add(Problem.impossible(
                    "nu100",
                    "Oil is thinner when hot: at 100 °C it must be under the " + Show.number(v.number("nu40"), 1)
                            + " mm²/s of 40 °C."));
        }
        if (v.number("cold") >= v.number("hot")) {
            problems.add(Problem.impossible("hot", "The range ends under where it begins: change them over."));
        }
        return problems;
    }

    /**
     * Whether it suits a position: onto what was in it, at its heat, with its water. Worst first.
     *
     * @param oldKind thickener code of what was in; empty when unknown or washed out
     */
    public List<Finding> at(String oldKind, double hubC, boolean immersed) {
        List<Finding> findings = new ArrayList<>();
        if (!oldKind.isEmpty()) {
            Mixing.Verdict verdict = Mixing.of(thickener, oldKind);
            boolean alone = ALONE.contains(oil());
            findings.add(
                    alone
                            ? new Finding(
                                    "oil-alone",
                                    Level.SOON,
                                    "Its " + oil() + " oil mixes with nothing: wash every trace of the old grease out.")
                            : new Finding(
                                    "mix-" + verdict.word(),
                                    verdict == Mixing.Verdict.COMPATIBLE
                                            ? Level.RIGHT
                                            : verdict == Mixing.Verdict.DOUBTFUL ? Level.WATCH : Level.SOON,
                                    verdict == Mixing.Verdict.COMPATIBLE
                                            ? "Mixes with what was in."
                                            : "Wash what was in out: " + verdict.word() + "."));
        }
        if (hubC > hotC()) {
            findings.add(new Finding(
                    "too-hot",
                    Level.SOON,
                    "The hub's " + Show.number(hubC, 0) + " °C is over its " + Show.number(hotC(), 0) + " °C."));
        }
        Mixing.Thickener family = Mixing.thickener(thickener).orElseThrow();
        if (immersed && !family.water().endsWith("good")) {
            findings.add(new Finding(
                    "washes-out", Level.WATCH, "Goes under water: " + family.name() + " grease washes out."));
        }
        findings.sort(java.util.Comparator.comparing(Finding::level).reversed());
        return List.copyOf(findings);
    }

    public String oil() {
        return base.oil();
    }

    public @Nullable Double nu40() {
        return base.nu40();
    }

    public @Nullable Double nu100() {
        return base.nu100();
    }

    public double coldC() {
        return range.coldC();
    }

    public double hotC() {
        return range.hotC();
    }
}
