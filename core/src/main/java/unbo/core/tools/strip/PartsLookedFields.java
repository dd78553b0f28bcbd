package unbo.core.tools.strip;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

import unbo.core.assembly.Assembly;
import unbo.core.assembly.AssemblyKind;
import unbo.core.assembly.BearingPlaces;
import unbo.core.assembly.ChangedParts;
import unbo.core.assembly.Part;
import unbo.core.assembly.PartChange;
import unbo.core.assembly.PartKind;
import unbo.core.bearing.BearingBook;
import unbo.core.fact.FactKey;
import unbo.core.input.Field;
import unbo.core.input.FieldList;
import unbo.core.input.Problem;
import unbo.core.input.Values;
import unbo.core.inspect.PartsLooked;
import unbo.core.measure.Quantity;

/** What is asked of the parts of an assembly that are no bearing. */
public final class PartsLookedFields {

    /** What stands in the box of the place, where the entry is about the other parts. */
    public static final String WHICH = "parts";

    /** What was found, a line a part: its code, what becomes of it, and a note. */
    public static final String LOOKED = "looked";

    public static final String SPACER = "spacerNow";

    private static final String KIND = "kind";
    private static final String BUILT = "built";
    private static final String CHANGED = "changed";
    private static final String BEFORE = "spacerBefore";

    /** Boxes that stand on the stage's page. */
    public static final List<String> ASKED = List.of(BearingPlaces.NAME, LOOKED, SPACER);

    /** Where the lips run: no part that comes off, and looked at wherever there is a seal and no ring for it. */
    private static final Part TRACKS = new Part(
            "seal-tracks",
            "seals' tracks on the shaft",
            PartKind.WEAR_RING,
            new Part.Stand(true, "shaft", 0, ""),
            Part.Ring.NONE,
            null,
            new Part.Upkeep(false, List.of()));

    private static final Pattern LINE = Pattern.compile("([^\\s:]+) (again|renew|right)(?:: ?(.{0,200}))?");

    public static final FieldList<PartsLooked.Input> LIST = FieldList.of(
            List.of(
                    Field.choice(BearingPlaces.NAME, "About", List.of(new Field.Choice(WHICH, "its other parts"))),
                    Field.lines(LOOKED, "Parts looked at", 4000),
                    Field.quantity(SPACER, "Spacer, measured now", Quantity.LENGTH, "mm", 0.5, 400)
                            .usually(2, 250)
                            .hint("the mean of three round its ends; both bearings are set by it"),
                    Field.choice(KIND, "What it is", AssemblyKind.choices())
                            .from(FactKey.ASSEMBLY)
                            .must(),
                    Field.text(BUILT, "Built", 400).from(FactKey.BUILT),
                    Field.lines(CHANGED, "Parts other than usual", 2000).from(FactKey.PARTS),
                    Field.quantity(BEFORE, "Spacer, as recorded", Quantity.LENGTH, "mm", 0.5, 400)
                            .from(FactKey.SPACER)),
            PartsLookedFields::rules,
            PartsLookedFields::make);

    private PartsLookedFields() {}

    /** One line of what was found. */
    public record Line(String code, PartsLooked.Verdict verdict, String note) {

        public String text() {
            return code + " " + verdict.code() + (note.isEmpty() ? "" : ": " + note);
        }
    }

    /** The lines that can be read. */
    public static List<Line> lines(String text) {
        return text.lines()
                .map(PartsLookedFields::line)
                .flatMap(Optional::stream)
                .toList();
    }

    private static Optional<Line> line(String text) {
        Matcher m = LINE.matcher(text.strip());
        return m.matches()
                ? Optional.of(new Line(
                        m.group(1),
                        PartsLooked.Verdict.of(m.group(2)).orElseThrow(),
                        m.group(3) == null ? "" : m.group(3).strip()))
                : Optional.empty();
    }

    /** The parts of an assembly that are looked at here: what is no bearing and carries none. */
    public static List<Part> parts(String kind, String built, String changed, BearingBook book) {
        if (AssemblyKind.find(kind).isEmpty()) {
            return List.of();
        }
        Assembly assembly = Assembly.of(
                new Assembly.Asked(
                        kind, ApartFields.built(built), Assembly.Grip.USUAL, Map.of(), PartChange.all(changed)),
                book);
        List<Part> parts = new ArrayList<>(assembly.parts().stream()
                .filter(part -> part.place() == null)
                .filter(part -> ChangedParts.kinds().contains(part.kind()))
                .toList());
        if (has(parts, PartKind.SEAL) && !has(parts, PartKind.WEAR_RING)) {
            parts.add(TRACKS);
        }
        return List.copyOf(parts);
    }

    private static boolean has(List<Part> parts, PartKind kind) {
        return parts.stream().anyMatch(part -> part.kind() == kind);
    }

    private static List<Part> parts(Values v) {
        return parts(v.text(KIND), v.text(BUILT), v.text(CHANGED), v.book());
    }

    private static List<Problem> rules(Values v) {
        List<Problem> problems = new ArrayList<>();
        List<Part> parts = parts(v);
        for (String text :
                v.text(LOOKED).lines().filter(line -> !line.isBlank()).toList()) {
            Optional<Line> line = line(text);
            if (line.isEmpty()
                    || parts.stream()
                            .noneMatch(part -> part.code().equals(line.get().code()))) {
                problems.add(Problem.impossible(
                        LOOKED,
                        "“" + text.strip() + "”: write a part, one of "
                                + String.join(
                                        ", ", parts.stream().map(Part::code).toList())
                                + ", then again, renew or right, and behind a colon what was seen."));
            }
        }
        if (v.text(LOOKED).isBlank() && !v.has(SPACER)) {
            problems.add(new Problem(LOOKED, "Say of one part at least what becomes of it.", false));
        }
        return problems;
    }

    private static PartsLooked.Input make(Values v) {
        List<PartsLooked.Looked> looked = new ArrayList<>();
        List<Line> lines = lines(v.text(LOOKED));
        for (Part part : parts(v)) {
            lines.stream()
                    .filter(line -> line.code().equals(part.code()))
                    .reduce((a, b) -> b)
                    .ifPresent(line -> looked.add(new PartsLooked.Looked(part, line.verdict(), line.note())));
        }
        return new PartsLooked.Input(looked, v.maybe(SPACER), v.maybe(BEFORE));
    }
}
