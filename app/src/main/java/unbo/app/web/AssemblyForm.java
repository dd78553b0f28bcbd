package unbo.app.web;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;

import org.springframework.ui.Model;

import unbo.core.assembly.Assembly;
import unbo.core.assembly.AssemblyKind;
import unbo.core.assembly.ChangedParts;
import unbo.core.assembly.KindPlace;
import unbo.core.assembly.Part;
import unbo.core.assembly.PartChange;
import unbo.core.assembly.PartKind;
import unbo.core.assembly.Side;
import unbo.core.bearing.BearingBook;
import unbo.core.tools.strip.ApartFields;

/**
 * The rows of a page that asks of a whole assembly: a number for each place, and each part with its name and whether it
 * is there. The tool itself has a box of lines for both.
 */
public final class AssemblyForm {

    /** The kind that the rows were made for; where it is not sent there were no rows. */
    public static final String ROWS = "rows-of";

    private static final String NUMBER = "number-";
    private static final String HERE = "here-";
    private static final String NAME = "name-";
    private static final String LINE = "line-";
    private static final String MORE = "more";

    private AssemblyForm() {}

    /** A number to be typed for a place. */
    public record Number(KindPlace place, String typed) {}

    /**
     * A part of the assembly.
     *
     * @param loose true where it may be left out
     * @param here false where it was said not to be there
     * @param line how it was added; empty for a part of the kind
     */
    public record Row(String code, String label, boolean loose, boolean here, String line) {}

    /** The boxes of lines, from the rows that were sent; none where there were no rows. */
    public static Map<String, String> lines(Map<String, String> sent, BearingBook book) {
        String kind = sent.getOrDefault(ApartFields.KIND, "");
        if (!sent.containsKey(ROWS) || AssemblyKind.find(kind).isEmpty()) {
            return Map.of();
        }
        Map<String, String> lines = new HashMap<>();
        lines.put(
                ApartFields.NUMBERS,
                KindPlace.of(kind).stream()
                        .filter(place -> !number(sent, place).isEmpty())
                        .map(place -> new ApartFields.Numbered(place.code(), number(sent, place)).line())
                        .collect(Collectors.joining("\n")));
        lines.put(
                ApartFields.CHANGED,
                sent.get(ROWS).equals(kind)
                        ? changes(sent, whole(kind, sent, book)).stream().collect(Collectors.joining("\n"))
                        : "");
        return lines;
    }

    private static String number(Map<String, String> sent, KindPlace place) {
        return sent.getOrDefault(NUMBER + place.code(), "").strip();
    }

    private static Assembly whole(String kind, Map<String, String> options, BearingBook book) {
        return Assembly.of(new Assembly.Asked(kind, options, Assembly.Grip.USUAL, Map.of()), book);
    }

    /** Parts renamed and left out, then those that were added before, then one more where it is named. */
    private static List<String> changes(Map<String, String> sent, Assembly whole) {
        List<String> changes = new ArrayList<>();
        for (Part part : whole.parts()) {
            String name = sent.get(NAME + part.code());
            if (name == null) {
                continue; // its option came after the rows were made
            }
            if (ChangedParts.loose(part, whole.parts()) && !sent.containsKey(HERE + part.code())) {
                changes.add(new PartChange.Without(part.code()).line());
            } else if (!name.isBlank() && !name.strip().equals(part.label())) {
                changes.add(new PartChange.Called(part.code(), one(name)).line());
            }
        }
        sent.keySet().stream()
                .filter(name -> name.startsWith(LINE))
                .map(name -> name.substring(LINE.length()))
                .filter(code -> sent.containsKey(HERE + code))
                .forEach(code -> changes.add(one(sent.get(LINE + code))));
        String more = one(sent.getOrDefault(MORE + "Name", ""));
        if (!more.isEmpty()) {
            changes.add("with " + sent.getOrDefault(MORE + "Kind", "") + " " + sent.getOrDefault(MORE + "Side", "")
                    + " of " + sent.getOrDefault(MORE + "By", "") + ": " + more);
        }
        return changes;
    }

    private static String one(String text) {
        return text.replaceAll("[\\n\\r;]+", " ").strip();
    }

    /** What the rows show of texts that stand in the tool's boxes. */
    public static void show(Map<String, String> texts, BearingBook book, Model model) {
        String kind = texts.getOrDefault(ApartFields.KIND, "");
        if (AssemblyKind.find(kind).isEmpty()) {
            return;
        }
        Map<String, String> typed = ApartFields.numbers(texts.getOrDefault(ApartFields.NUMBERS, "")).stream()
                .collect(Collectors.toMap(ApartFields.Numbered::place, ApartFields.Numbered::number, (a, b) -> a));
        model.addAttribute("rowsOf", kind);
        model.addAttribute(
                "numbers",
                KindPlace.of(kind).stream()
                        .map(place -> new Number(place, typed.getOrDefault(place.code(), "")))
                        .toList());
        List<PartChange> changes = PartChange.all(texts.getOrDefault(ApartFields.CHANGED, ""));
        model.addAttribute("partRows", rows(whole(kind, texts, book), changes));
        model.addAttribute("partsChanged", changes.size());
        model.addAttribute(
                "partKinds", ChangedParts.kinds().stream().map(PartKind::code).toList());
        model.addAttribute(
                "partSides", Side.BOTH.ends().stream().map(Side::code).toList());
    }

    private static List<Row> rows(Assembly whole, List<PartChange> changes) {
        List<Row> rows = new ArrayList<>();
        for (Part part : whole.parts()) {
            String label = changes.stream()
                    .filter(change -> change instanceof PartChange.Called called
                            && called.part().equals(part.code()))
                    .map(change -> ((PartChange.Called) change).label())
                    .findFirst()
                    .orElse(part.label());
            boolean here = !changes.contains(new PartChange.Without(part.code()));
            rows.add(new Row(part.code(), label, ChangedParts.loose(part, whole.parts()), here, ""));
        }
        for (PartChange change : changes) {
            if (change instanceof PartChange.With with) {
                rows.add(new Row(with.code(), with.label(), true, true, with.line()));
            }
        }
        return rows;
    }
}
