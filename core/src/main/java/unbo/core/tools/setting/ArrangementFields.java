package unbo.core.tools.setting;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

import unbo.core.arrange.Arrangement;
import unbo.core.fit.Material;
import unbo.core.form.BearingInput;
import unbo.core.input.Field;
import unbo.core.input.FieldList;
import unbo.core.input.Problem;
import unbo.core.input.Values;
import unbo.core.measure.Quantity;
import unbo.core.table.Table;

/** What is asked of a shaft in two bearings. */
public final class ArrangementFields {

    private static final Pick BUILT = new Pick(Map.of("code", "built", "label", "as written below", "note", ""));
    private static final Map<String, Pick> PICKS = picks();
    private static final List<Field.Choice> STOPS = List.of(
            new Field.Choice("both", "stopped both ways"),
            new Field.Choice("left", "stopped on its left"),
            new Field.Choice("right", "stopped on its right"),
            new Field.Choice("none", "free to slide"));
    private static final List<Field.Choice> WAYS = List.of(
            new Field.Choice("right", "holds the shaft from going right"),
            new Field.Choice("left", "holds the shaft from going left"));
    private static final String FREE = "—: as the arrangement has it, else stopped both ways";

    public static final FieldList<Arrangement.Input> LIST =
            FieldList.of(fields(true), ArrangementFields::rules, ArrangementFields::make);

    private ArrangementFields() {}

    /** A ready arrangement: what its rings are stopped by. */
    private record Pick(Map<String, String> row) {

        String at(String column) {
            return row.getOrDefault(column, "");
        }
    }

    private static Map<String, Pick> picks() {
        Map<String, Pick> picks = new LinkedHashMap<>();
        picks.put("built", BUILT);
        Table.read(Arrangement.class, "arrangements.csv").forEach(r -> picks.put(r.get("code"), new Pick(r.cells())));
        return picks;
    }

    /** The ready arrangements, and one as built. */
    public static List<Field.Choice> choices() {
        return PICKS.values().stream()
                .map(p -> new Field.Choice(p.at("code"), p.at("label")))
                .toList();
    }

    /**
     * The boxes. @param alone false where an arrangement may be left out altogether: then nothing is asked for unless
     * one is picked
     */
    public static List<Field> fields(boolean alone) {
        List<Field> fields = new ArrayList<>();
        Field pick = Field.choice("arrangement", "Arrangement", choices());
        fields.add(alone ? pick.orElse("built", null) : pick.hint("choose one to have it judged"));
        for (String side : List.of("left", "right")) {
            Field bearing = Field.bearing(side + "Bearing", named(side) + " bearing");
            fields.add(alone ? bearing.must() : bearing);
        }
        fields.addAll(List.of(
                Field.quantity("between", "Between them", Quantity.LENGTH, "mm", 5, 1000)
                        .usually(20, 400)
                        .orElse("100", null),
                Field.choice("housing", "Case of", Material.choices()).orElse("aluminium", null),
                Field.quantity("warmer", "Runs warmer than the bench by", Quantity.TEMPERATURE_DIFFERENCE, "K", 0, 200)
                        .usually(20, 120)
                        .orElse("80", "an engine or gearbox")));
        for (String side : List.of("left", "right")) {
            fields.addAll(List.of(
                    stop(side + "Inner", named(side) + ", inner ring"),
                    Field.yesNo(side + "InnerTight", named(side) + ", inner ring tight")
                            .seldom(),
                    stop(side + "Outer", named(side) + ", outer ring"),
                    Field.yesNo(side + "OuterTight", named(side) + ", outer ring tight")
                            .seldom(),
                    Field.choice(side + "Way", named(side) + ", if it takes thrust one way", WAYS)
                            .hint(
                                    side.equals("left")
                                            ? "—: from going right, as in a pair back to back"
                                            : "—: from going left, as in a pair back to back")
                            .seldom()));
        }
        fields.add(Field.yesNo("washers", "Thrust washers locate it").seldom());
        return List.copyOf(fields);
    }

    private static String named(String side) {
        return side.equals("left") ? "Left" : "Right";
    }

    private static Field stop(String name, String label) {
        return Field.choice(name, label, STOPS).hint(FREE).seldom();
    }

    /** What is wrong with the two numbers. */
    public static List<Problem> rules(Values v) {
        List<Problem> problems = new ArrayList<>();
        for (String side : List.of("left", "right")) {
            if (v.text(side + "Bearing").isEmpty()) {
                problems.add(new Problem(side + "Bearing", "Write the number of the " + side + " bearing.", false));
            } else if (!BearingInput.numbered(side + "Bearing").of(v).recognised()) {
                problems.add(Problem.impossible(
                        side + "Bearing",
                        "“" + v.text(side + "Bearing") + "” is not known here: read the number again."));
            }
        }
        return problems;
    }

    /** The input of texts that have passed the rules. */
    public static Arrangement.Input make(Values v) {
        Pick pick = PICKS.getOrDefault(v.text("arrangement"), BUILT);
        return new Arrangement.Input(
                new Arrangement.Input.Ready(pick.at("code"), pick.at("label"), pick.at("note")),
                end(v, pick, "left"),
                end(v, pick, "right"),
                v.yes("washers") || pick.at("code").equals("needle-pivot"),
                v.number("between"),
                Material.of(v.text("housing")),
                v.number("warmer"));
    }

    private static Arrangement.End end(Values v, Pick pick, String side) {
        return new Arrangement.End(
                BearingInput.numbered(side + "Bearing").of(v),
                stop(v, pick, side + "Inner"),
                v.yes(side + "InnerTight") || !pick.at(side + "InnerTight").isEmpty(),
                stop(v, pick, side + "Outer"),
                v.yes(side + "OuterTight") || !pick.at(side + "OuterTight").isEmpty(),
                first(v.text(side + "Way"), pick.at(side + "Way"), side.equals("left") ? "right" : "left"));
    }

    private static Arrangement.Stop stop(Values v, Pick pick, String name) {
        return Arrangement.Stop.valueOf(
                first(v.text(name), pick.at(name), "both").toUpperCase(java.util.Locale.ROOT));
    }

    /** The first that is not empty. */
    private static String first(String... texts) {
        return java.util.Arrays.stream(texts)
                .filter(t -> !t.isEmpty())
                .findFirst()
                .orElseThrow();
    }
}
