package unbo.core.tools.deciding;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;

import com.google.auto.service.AutoService;
import org.jspecify.annotations.Nullable;

import unbo.core.answer.Answer;
import unbo.core.drawing.Drawing;
import unbo.core.drawing.Known;
import unbo.core.drawing.Point;
import unbo.core.drawing.Role;
import unbo.core.drawing.Shape;
import unbo.core.drawing.ValueTable;
import unbo.core.finding.Finding;
import unbo.core.finding.Level;
import unbo.core.form.TypedRows;
import unbo.core.input.Field;
import unbo.core.input.FieldList;
import unbo.core.input.Problem;
import unbo.core.input.Values;
import unbo.core.measure.Quantity;
import unbo.core.measure.Show;
import unbo.core.spares.SpareKit;
import unbo.core.tool.About;
import unbo.core.tool.Call;
import unbo.core.tool.Offered;
import unbo.core.tool.Tool;
import unbo.core.tool.Work;
import unbo.core.worksheet.Worksheet;

/** Which spares go along? */
@AutoService(Offered.class)
public final class SpareKitTool implements Tool<SpareKit.Input, SpareKit> {

    private static final double MOST = 1e7;
    private static final int MOST_PLACES = 200;
    private static final int MOST_PARTS = 40;
    /** Under this chance to come through another trip is thought of. */
    private static final double THIN = 0.9;

    private static final double WIDE = 280;
    private static final double ROW = 42;
    private static final double HIGH = 15;
    private static final double TEXT = 12;

    private static final FieldList<SpareKit.Place> PLACE = FieldList.of(
            List.of(
                    Field.text("name", "Place", 60).must(),
                    Field.text("part", "Part that it takes", 60).must(),
                    Field.quantity("lambda", "Failures to be looked for on the way", Quantity.RATIO, "", 0, 20)
                            .must()),
            v -> new SpareKit.Place(v.text("name"), v.text("part"), v.number("lambda")));
    private static final FieldList<SpareKit.Part> PART = FieldList.of(
            List.of(
                    Field.text("name", "Part", 60).must(),
                    Field.quantity("grams", "Mass", Quantity.MASS, "g", 0, 100_000)
                            .orElse("0", null)
                            .alwaysMetric(),
                    Field.quantity("price", "Price", Quantity.RATIO, "", 0, MOST)
                            .orElse("0", null),
                    Field.yesNo("fitOnRoad", "Can be fitted on the road").orElse("yes", null),
                    Field.text("contents", "Made up of", 200)),
            v -> new SpareKit.Part(
                    v.text("name"), v.number("grams"), v.number("price"), v.yes("fitOnRoad"), v.text("contents")));
    private static final TypedRows<SpareKit.Place> PLACES = new TypedRows<>("places", PLACE, 1, MOST_PLACES);
    private static final TypedRows<SpareKit.Part> PARTS = new TypedRows<>("parts", PART, 1, MOST_PARTS);

    private static final FieldList<SpareKit.Input> FIELDS = FieldList.of(
            List.of(
                    Field.rows("places", "Places", PLACE.fields())
                            .must()
                            .hint("failures to be looked for: 0.05 is one trip in twenty"),
                    Field.rows("parts", "Spares", PART.fields()).must(),
                    Field.quantity("grams", "At most, mass", Quantity.MASS, "g", 0, 1e6),
                    Field.quantity("money", "At most, money", Quantity.RATIO, "", 0, MOST)
                            .hint("one of the two")),
            SpareKitTool::rules,
            v -> new SpareKit.Input(
                    PLACES.records(v),
                    PARTS.records(v),
                    v.has("grams"),
                    v.has("grams") ? v.number("grams") : v.number("money")));

    private static final unbo.core.tool.Shape SHAPE = unbo.core.tool.Shape.EMPTY
            .andLines("places", unbo.core.tool.Shape.of(PLACE))
            .andLines("parts", unbo.core.tool.Shape.of(PART))
            .and("limit", unbo.core.tool.Shape.of(FIELDS, "grams", "money"));

    /** Pieces of a part. */
    public record CarriedJson(String part, int count) {}

    /** @param chance with that piece as well @param adds to the chance */
    public record NextJson(String part, double chance, double adds) {}

    /** @param next null where no further piece helps @param helpless places that no spare answers */
    public record KitJson(
            List<CarriedJson> kit,
            double chanceWith,
            double chanceWithout,
            @Nullable NextJson next,
            List<String> helpless,
            double grams,
            double price) {}

    private static List<Problem> rules(Values v) {
        List<Problem> problems = new ArrayList<>(PLACES.problems(v));
        problems.addAll(PARTS.problems(v));
        if (v.has("grams") == v.has("money")) {
            problems.add(new Problem("grams", "Write a limit of mass or of money: one of them.", false));
        }
        if (problems.isEmpty()) {
            Set<String> names = new HashSet<>();
            PARTS.records(v).stream()
                    .filter(part -> !names.add(part.name()))
                    .forEach(part -> problems.add(Problem.impossible(
                            "parts", "“" + part.name() + "” is listed twice: keep one of the two lines.")));
        }
        return problems;
    }

    @Override
    public About about() {
        return new About("spares", "Spares for a trip", "Which spares go along?", Work.DECIDE, 50);
    }

    @Override
    public FieldList<SpareKit.Input> fields() {
        return FIELDS;
    }

    @Override
    public Map<String, String> sample() {
        return Map.of(
                "places",
                "trailer left, outer; LM67048 set; 0.03\ntrailer right, outer; LM67048 set; 0.03\n"
                        + "trailer left, inner; LM501349 set; 0.02\ntrailer right, inner; LM501349 set; 0.02\n"
                        + "van front left; cartridge 37x72; 0.01",
                "parts",
                "LM67048 set; 310; 19; yes; cone, cup, seal, split pin\nLM501349 set; 470; 24; yes; cone, cup, seal\n"
                        + "cartridge 37x72; 620; 44; no; cartridge, two clips",
                "grams",
                "1000");
    }

    @Override
    public SpareKit compute(SpareKit.Input in) {
        return SpareKit.of(in);
    }

    @Override
    public List<Finding> findings(SpareKit kit) {
        List<Finding> findings = new ArrayList<>();
        findings.add(
                kit.chanceWith() < THIN
                        ? new Finding(
                                "spares-thin",
                                Level.WATCH,
                                "With the kit " + percent(kit.chanceWith())
                                        + " come through without a stop: renew what is likeliest to fail before "
                                        + "the trip.")
                        : new Finding(
                                "spares-through",
                                Level.RIGHT,
                                "With the kit " + percent(kit.chanceWith())
                                        + " come through without a stop, without it " + percent(kit.chanceWithout())
                                        + "."));
        if (!kit.helpless().isEmpty()) {
            findings.add(new Finding(
                    "spares-helpless",
                    Level.WATCH,
                    "No spare helps on the road at "
                            + String.join(
                                    ", ",
                                    kit.helpless().stream()
                                            .map(SpareKit.Place::name)
                                            .toList())
                            + ": look at these before the trip."));
        }
        return findings;
    }

    private static String percent(double share) {
        return Show.number(share * 100, share > 0.99 ? 2 : 1) + " %";
    }

    @Override
    public Answer print(SpareKit kit) {
        List<Answer.Figure> figures = new ArrayList<>(List.of(
                Answer.Figure.number(
                        "come through with the kit",
                        kit.chanceWith() * 100,
                        kit.chanceWith() > 0.99 ? 2 : 1,
                        "%",
                        "without it " + percent(kit.chanceWithout())),
                Answer.Figure.number("the kit weighs", kit.grams(), 0, "g", "costs " + Show.number(kit.price(), 2))));
        SpareKit.Next next = kit.next();
        List<String> sentences = new ArrayList<>();
        sentences.add(
                next == null
                        ? "No further piece would help."
                        : "The next piece would be " + next.part().name() + ": it would add "
                                + Show.number((next.chance() - kit.chanceWith()) * 100, 2) + " in a hundred.");
        sentences.add(
                "If it goes on the road: stop at a smell, smoke, play that can be felt or a hub too hot to touch. A "
                        + "wheel that only hums goes on slowly to the next place where it can be fitted, its hub "
                        + "felt every ten kilometres; a crank, gearbox, axle drive or steering head that grinds is not "
                        + "run on.");
        return new Answer(figures, findings(kit), sentences, worksheet(kit), List.of(stops(kit))).with(packing(kit));
    }

    /** Chance of a stop by each part, as a bar without its spares and a filled one with them. */
    private static Drawing stops(SpareKit kit) {
        List<Shape> shapes = new ArrayList<>();
        double most = kit.input().parts().stream()
                .mapToDouble(part -> SpareKit.stops(kit.input(), part, 0))
                .max()
                .orElse(0);
        double scale = WIDE / Math.max(1e-9, most);
        double y = 0;
        for (SpareKit.Part part : kit.input().parts()) {
            int pieces = kit.kit().getOrDefault(part, 0);
            double without = SpareKit.stops(kit.input(), part, 0);
            double with = SpareKit.stops(kit.input(), part, pieces);
            shapes.add(new Shape.Label(
                    Point.of(0, y - 9),
                    part.name() + (pieces > 0 ? ", " + pieces + " carried" : ", none carried"),
                    "start",
                    TEXT,
                    Role.MARK));
            shapes.add(bar(without * scale, y, Role.PART));
            shapes.add(bar(with * scale, y, Role.ANSWER));
            shapes.add(new Shape.Label(
                    Point.of(without * scale + 6, y + 11),
                    percent(without) + (pieces > 0 ? " → " + percent(with) : ""),
                    "start",
                    TEXT,
                    Role.MARK));
            y += ROW;
        }
        return new Drawing(
                "stops",
                "Chance of a stop by each part, without and with its spares",
                -6,
                -18,
                WIDE + 110,
                y + 8,
                shapes);
    }

    private static Shape bar(double wide, double y, Role role) {
        return Shape.area(
                role,
                Known.TABLE,
                Point.of(0, y),
                Point.of(Math.max(1, wide), y),
                Point.of(Math.max(1, wide), y + HIGH),
                Point.of(0, y + HIGH));
    }

    private static ValueTable packing(SpareKit kit) {
        return new ValueTable(
                "packing",
                "Packing list",
                List.of("spare", "pieces", "made up of", "for", "mass, g"),
                kit.kit().entrySet().stream()
                        .map(carried -> List.of(
                                carried.getKey().name(),
                                String.valueOf(carried.getValue()),
                                carried.getKey().contents(),
                                String.join(
                                        ", ",
                                        kit.input().places().stream()
                                                .filter(place -> place.part()
                                                        .equals(carried.getKey().name()))
                                                .map(SpareKit.Place::name)
                                                .toList()),
                                Show.number(carried.getKey().grams() * carried.getValue(), 0)))
                        .toList());
    }

    private static Worksheet worksheet(SpareKit kit) {
        List<Worksheet.Line> lines = new ArrayList<>();
        for (SpareKit.Part part : kit.input().parts()) {
            int pieces = kit.kit().getOrDefault(part, 0);
            lines.add(Worksheet.computed(
                    "Λ",
                    part.name(),
                    "sum of its places; Σ e^(−Λ)·Λ^k/k! up to " + pieces + " carried",
                    Show.number(SpareKit.lambda(kit.input(), part), 4)));
        }
        lines.add(Worksheet.computed("P", "without a spare", "e^(−ΣΛ)", Show.number(kit.chanceWithout(), 5)));
        lines.add(Worksheet.computed("P", "with the kit", "product over the parts", Show.number(kit.chanceWith(), 5)));
        return new Worksheet(
                "Which spares go along?",
                lines,
                List.of(
                        "Failures of places taken as independent; pieces of one number by the Poisson of the sum "
                                + "of its places.",
                        "The kit is exact under the limit: all sums of parts that no lighter one equals are kept."));
    }

    @Override
    public List<Call<SpareKit>> calls() {
        return List.of(Call.post(
                "spares",
                "Which spares to carry under a limit of mass or money; places: [{name, part, lambda}], parts: [{name, "
                        + "grams, price, fitOnRoad, contents}]",
                SHAPE,
                KitJson.class,
                SpareKitTool::json));
    }

    private static KitJson json(SpareKit kit) {
        SpareKit.Next next = kit.next();
        return new KitJson(
                kit.kit().entrySet().stream()
                        .map(carried -> new CarriedJson(carried.getKey().name(), carried.getValue()))
                        .toList(),
                kit.chanceWith(),
                kit.chanceWithout(),
                next == null ? null : new NextJson(next.part().name(), next.chance(), next.chance() - kit.chanceWith()),
                kit.helpless().stream().map(SpareKit.Place::name).toList(),
                kit.grams(),
                kit.price());
    }
}
