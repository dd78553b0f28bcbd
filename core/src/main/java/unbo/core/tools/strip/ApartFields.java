package unbo.core.tools.strip;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;

import unbo.core.apart.ApartInput;
import unbo.core.assembly.Assembly;
import unbo.core.assembly.AssemblyKind;
import unbo.core.assembly.ChangedParts;
import unbo.core.assembly.KindOption;
import unbo.core.assembly.KindPlace;
import unbo.core.assembly.Part;
import unbo.core.assembly.PartChange;
import unbo.core.assembly.PartKind;
import unbo.core.fact.FactKey;
import unbo.core.input.Field;
import unbo.core.input.FieldList;
import unbo.core.input.Problem;
import unbo.core.input.Values;
import unbo.core.measure.Quantity;
import unbo.core.strip.Tools;

/** What is asked of a whole hub, head, crank or pivot that comes apart. */
public final class ApartFields {

    public static final String KIND = "kind";
    /** Numbers by place, a line each. */
    public static final String NUMBERS = "numbers";
    /** Codes of the parts to be used again. */
    public static final String KEEP = "keep";

    /** Whether the bearings are to be used again, where that is asked of all at once. */
    public static final String SPARE = "spare";

    public static final String TOOLS = "tools";

    /** Parts that are other than in the kind, a line each. */
    public static final String CHANGED = "changed";

    private static final int LONG = 2000;
    private static final Pattern LINE = Pattern.compile("\\s*([a-z-]+)\\s*[:=\\s]\\s*(\\S.*?)\\s*");

    public static final FieldList<ApartInput> LIST = FieldList.of(fields(), ApartFields::rules, ApartFields::make);

    private ApartFields() {}

    /** The boxes of what was said of an assembly and kept, by their names. @param built as {@code FactKey.BUILT} */
    public static Map<String, String> built(String built) {
        Map<String, String> boxes = new LinkedHashMap<>();
        for (String said : words(built)) {
            int sign = said.indexOf('=');
            if (sign > 0) {
                boxes.put(said.substring(0, sign), said.substring(sign + 1));
            }
        }
        return boxes;
    }

    /** A number at a place. */
    public record Numbered(String place, String number) {

        public String line() {
            return place + " " + number;
        }
    }

    private static List<Field> fields() {
        List<Field> fields = new ArrayList<>(List.of(
                Field.choice(KIND, "What it is", AssemblyKind.choices())
                        .from(FactKey.ASSEMBLY)
                        .must(),
                Field.lines(NUMBERS, "Bearings, as stamped", LONG)
                        .hint("a line each: place and number; forces and warmth hang on them")));
        options().forEach((code, options) -> fields.add(option(code, options)));
        fields.add(Field.quantity("spacerChamferMm", "Chamfer of the spacer's end", Quantity.LENGTH, "mm", 0, 5)
                .usually(0, 2)
                .orElse("0", "flat end"));
        fields.add(Field.quantity("cornerMm", "Corner of the inner ring", Quantity.LENGTH, "mm", 0, 4)
                .usually(0.1, 1.5)
                .orElse("0.3", "thin sections 0.2 to 0.3, others 0.6 to 1.0"));
        fields.add(Field.quantity("jawMm", "What the puller's jaw needs", Quantity.LENGTH, "mm", 0.1, 5)
                .usually(0.2, 2)
                .orElse("0.5", "usual jaw"));
        fields.add(Field.choice(
                        SPARE,
                        "Bearings",
                        List.of(
                                new Field.Choice("none", "are renewed"),
                                new Field.Choice("bearings", "are to be used again")))
                .orElse("none", null));
        fields.add(Field.text(KEEP, "To be used again", LONG).hint("what is to be spared, by its code"));
        fields.add(Field.lines(CHANGED, "Parts other than usual", LONG)
                .from(FactKey.PARTS)
                .hint("a line each: “without clip”, “wear-ring is flinger”, or “with shim outboard of outer-cone: "
                        + "thin shim”")
                .seldom());
        fields.add(Field.text(TOOLS, "Tools here", 200)
                .from(FactKey.TOOLS)
                .orElse(Tools.USUAL, "set them once in Settings"));
        return List.copyOf(fields);
    }

    /** All options of all kinds by code; one code may stand for several kinds with other values. */
    private static Map<String, List<KindOption>> options() {
        Map<String, List<KindOption>> options = new LinkedHashMap<>();
        KindOption.all()
                .forEach(option -> options.computeIfAbsent(option.code(), code -> new ArrayList<>())
                        .add(option));
        return options;
    }

    private static Field option(String code, List<KindOption> options) {
        Map<String, Field.Choice> values = new LinkedHashMap<>();
        options.forEach(option -> option.values().forEach(value -> values.putIfAbsent(value.code(), value)));
        return Field.choice(code, options.get(0).label(), List.copyOf(values.values()))
                .hint("as usual where nothing is said");
    }

    private static List<Problem> rules(Values v) {
        List<Problem> problems = new ArrayList<>();
        String kind = v.text(KIND);
        if (AssemblyKind.find(kind).isEmpty()) {
            return problems;
        }
        for (KindOption option : KindOption.of(kind)) {
            String said = v.text(option.code());
            if (!said.isEmpty() && option.value(said).isEmpty()) {
                problems.add(Problem.impossible(
                        option.code(),
                        "For this kind it is one of: "
                                + option.values().stream()
                                        .map(Field.Choice::label)
                                        .collect(Collectors.joining("; ")) + "."));
            }
        }
        List<String> places = KindPlace.of(kind).stream().map(KindPlace::code).toList();
        for (String line : lines(v.text(NUMBERS))) {
            Matcher m = LINE.matcher(line);
            if (!m.matches() || !places.contains(m.group(1))) {
                problems.add(Problem.impossible(
                        NUMBERS,
                        "“" + line.strip() + "”: begin each line with the place, one of " + String.join(", ", places)
                                + ", and go on with the number."));
            }
        }
        changes(v, problems);
        Set<String> parts = assembly(v).parts().stream().map(Part::code).collect(Collectors.toSet());
        for (String code : words(v.text(KEEP))) {
            if (!parts.contains(code)) {
                problems.add(Problem.impossible(
                        KEEP,
                        "“" + code + "” is no part of it: " + String.join(", ", new LinkedHashSet<>(parts)) + "."));
            }
        }
        return problems;
    }

    /** Each change must fit what those before it left. */
    private static void changes(Values v, List<Problem> problems) {
        List<PartChange> before = new ArrayList<>();
        for (String line : PartChange.lines(v.text(CHANGED))) {
            Optional<PartChange> change = PartChange.read(line);
            Optional<String> fault = change.isEmpty()
                    ? Optional.of("“" + line + "”: write “without PART”, “PART is NAME”, or "
                            + "“with KIND inboard of PART: NAME”.")
                    : ChangedParts.fault(change.get(), assembly(v, before).parts());
            fault.ifPresent(why -> problems.add(Problem.impossible(CHANGED, why)));
            change.ifPresent(before::add);
        }
    }

    /** Numbers by place, of the lines that can be read. */
    public static List<Numbered> numbers(String text) {
        List<Numbered> all = new ArrayList<>();
        for (String line : lines(text)) {
            Matcher m = LINE.matcher(line);
            if (m.matches()) {
                all.add(new Numbered(m.group(1), m.group(2)));
            }
        }
        return all;
    }

    private static List<String> lines(String text) {
        return text.lines().filter(line -> !line.isBlank()).toList();
    }

    private static List<String> words(String text) {
        return text.isBlank() ? List.of() : List.of(text.strip().split("[\\s,;]+"));
    }

    private static Assembly assembly(Values v) {
        return assembly(v, PartChange.all(v.text(CHANGED)));
    }

    private static Assembly assembly(Values v, List<PartChange> changes) {
        Map<String, String> options = new HashMap<>();
        KindOption.of(v.text(KIND)).forEach(option -> options.put(option.code(), v.text(option.code())));
        return Assembly.of(
                new Assembly.Asked(
                        v.text(KIND),
                        options,
                        new Assembly.Grip(v.number("spacerChamferMm"), v.number("cornerMm"), v.number("jawMm")),
                        numbers(v.text(NUMBERS)).stream()
                                .collect(Collectors.toMap(Numbered::place, Numbered::number, (a, b) -> a)),
                        changes),
                v.book());
    }

    private static ApartInput make(Values v) {
        Assembly assembly = assembly(v);
        Set<String> keep = new LinkedHashSet<>(words(v.text(KEEP)));
        if (v.text(SPARE).equals("bearings")) {
            assembly.parts().stream()
                    .filter(part ->
                            part.kind() == PartKind.BEARING && !part.upkeep().renewed())
                    .forEach(part -> keep.add(part.code()));
        }
        return ApartInput.of(assembly, Set.copyOf(Tools.read(v.text(TOOLS))), List.copyOf(keep));
    }
}
