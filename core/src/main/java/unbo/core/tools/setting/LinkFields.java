package unbo.core.tools.setting;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;

import unbo.core.fact.FactKey;
import unbo.core.fit.Material;
import unbo.core.input.Field;
import unbo.core.input.FieldList;
import unbo.core.input.Problem;
import unbo.core.input.Values;
import unbo.core.measure.MeasuredBy;
import unbo.core.measure.Quantity;
import unbo.core.measure.Show;
import unbo.core.stack.Link;
import unbo.core.stack.StackInput;
import unbo.core.table.Table;
import unbo.core.table.TableRow;

/** What is asked of one link, of one shim, and of the stack as a whole. */
public final class LinkFields {

    /** A link of a template, by the names of its boxes; the first link tells the template's label and its band. */
    private record TemplateLink(
            String template, String label, boolean outer, Map<String, String> link, Map<String, String> band) {}

    private static final List<String> LINK_BOXES = List.of("name", "length", "way", "material", "unknown");
    private static final List<TemplateLink> TEMPLATES = Table.read(Link.class, "templates.csv").stream()
            .map(LinkFields::templateLink)
            .toList();
    private static final List<Field.Choice> CHOICES = MeasuredBy.all().stream()
            .map(r -> new Field.Choice(r.code(), r.label() + " ±" + Show.number(r.plusMinusMm(), 3)))
            .toList();

    public static final FieldList<Link> LINK = FieldList.of(
            List.of(
                    Field.text("name", "Link", 40).must(),
                    Field.quantity("length", "Length", Quantity.LENGTH, "mm", 0, 2000),
                    Field.choice("way", "Measured by", CHOICES).orElse("depth", null),
                    Field.quantity("uncertainty", "±", Quantity.LENGTH, "mm", 0, 5),
                    Field.choice("material", "Of", Material.choices()).orElse("steel", null),
                    Field.yesNo("unknown", "Solve for it")),
            LinkFields::rules,
            v -> new Link(
                    v.text("name"),
                    v.yes("unknown") ? null : v.maybe("length"),
                    v.number("uncertainty", plusMinus(v.text("way"))),
                    Material.of(v.text("material"))));

    public static final FieldList<StackInput.Shim> SHIM = FieldList.of(
            List.of(
                    Field.quantity("thickness", "Thickness", Quantity.LENGTH, "mm", 0.005, 20)
                            .usually(0.02, 5)
                            .must(),
                    Field.whole("count", "Count", 0, 999).orElse("1", null)),
            v -> new StackInput.Shim(v.number("thickness"), v.whole("count")));

    /** Target and temperature; the chains and the stock are put to it. */
    public static final FieldList<StackInput> FRAME = FieldList.of(
            List.of(
                    Field.quantity("min", "Float wanted, least", Quantity.LENGTH, "mm", -2, 5)
                            .from(FactKey.BAND_MIN)
                            .usually(-0.2, 0.5)
                            .must()
                            .hint("negative is preload"),
                    Field.quantity("max", "Float wanted, most", Quantity.LENGTH, "mm", -2, 5)
                            .from(FactKey.BAND_MAX)
                            .usually(-0.2, 1)
                            .must(),
                    Field.quantity("workingTemperature", "Working temperature", Quantity.TEMPERATURE, "°C", -40, 200)
                            .usually(40, 130)
                            .orElse("80", "a warm case")),
            v -> v.number("min") <= v.number("max")
                    ? List.of()
                    : List.of(Problem.impossible("max", "The most is under the least: change them over.")),
            v -> new StackInput(
                    List.of(), List.of(), v.number("min"), v.number("max"), List.of(), v.number("workingTemperature")));

    private LinkFields() {}

    private static List<Problem> rules(Values v) {
        return v.has("length") || v.yes("unknown")
                ? List.of()
                : List.of(new Problem("length", "Write its length, or tick that it is to be solved for.", false));
    }

    private static double plusMinus(String way) {
        return MeasuredBy.named(way).orElseThrow().plusMinusMm();
    }

    /** What is wrong with whole chains: empty ones, two unknowns. */
    public static List<Problem> chains(List<Link> outer, List<Link> inner) {
        List<Problem> problems = new ArrayList<>();
        if (outer.isEmpty()) {
            problems.add(new Problem("outer", "The outer chain, in the case, has no link yet.", false));
        }
        if (inner.isEmpty()) {
            problems.add(new Problem("inner", "The inner chain, on the shaft, has no link yet.", false));
        }
        if (java.util.stream.Stream.concat(outer.stream(), inner.stream())
                        .filter(Link::unknown)
                        .count()
                > 1) {
            problems.add(Problem.impossible("outer", "Two links are to be solved for: one sum gives one of them."));
        }
        return problems;
    }

    /** Names and labels of the templates. */
    public static List<Field.Choice> templates() {
        return TEMPLATES.stream()
                .filter(link -> !link.label().isEmpty())
                .map(link -> new Field.Choice(link.template(), link.label()))
                .toList();
    }

    /**
     * The rows of a template as a form would send them: {@code name-outer0} and so on. Empty for a name that is none.
     */
    public static Map<String, String> template(String name) {
        Map<String, String> texts = new java.util.LinkedHashMap<>();
        int[] next = {0, 0};
        for (TemplateLink link : TEMPLATES) {
            if (link.template().equals(name)) {
                String row = "-" + (link.outer() ? "o" : "i") + next[link.outer() ? 0 : 1]++;
                link.link().forEach((box, text) -> texts.put(box + row, text));
                texts.putAll(link.band());
            }
        }
        return texts;
    }

    private static TemplateLink templateLink(TableRow row) {
        Map<String, String> link = new java.util.LinkedHashMap<>();
        LINK_BOXES.forEach(box -> link.put(box, row.get(box)));
        Double min = row.maybe("min");
        return new TemplateLink(
                row.word("template"),
                row.get("label"),
                row.get("chain").equals("outer"),
                link,
                min == null ? Map.of() : Map.of("min", row.get("min"), "max", row.word("max")));
    }
}
