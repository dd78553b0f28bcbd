package unbo.core.tools.setting;

import static java.util.Objects.requireNonNull;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import java.util.stream.Stream;

import unbo.core.fact.FactKey;
import unbo.core.input.Field;
import unbo.core.input.FieldList;
import unbo.core.input.FieldReader;
import unbo.core.input.Problem;
import unbo.core.input.Reading;
import unbo.core.input.UnitSystem;
import unbo.core.input.Values;
import unbo.core.measure.Show;
import unbo.core.stack.Link;
import unbo.core.stack.StackInput;

/**
 * A stack written as lines, one link to a line: {@code recess in the case; 6.35; 0.01; aluminium}. The third part is an
 * uncertainty or how it was measured; third and fourth may be left out; a length of {@code ?} is solved for. Shims are
 * {@code 0.10 x 6}. Bare numbers are millimetres.
 */
public final class StackLines {

    private static final int LONGEST = 1500;
    private static final String UNKNOWN = "?";

    /** The whole stack by lines, for a job's Set. */
    public static final FieldList<StackInput> LIST = FieldList.of(
            Stream.concat(
                            Stream.of(
                                    Field.lines("outer", "In the case: shoulders, cups, covers, gaskets", LONGEST)
                                            .from(FactKey.OUTER_CHAIN)
                                            .must()
                                            .hint("one to a line: name; length; ± or how measured; material. "
                                                    + "A length of ? is solved for."),
                                    Field.lines("inner", "On the shaft: rings, spacers, gears, washers", LONGEST)
                                            .from(FactKey.INNER_CHAIN)
                                            .must()
                                            .hint("one to a line, likewise; bare numbers are mm")),
                            Stream.concat(
                                    LinkFields.FRAME.fields().stream(),
                                    Stream.of(Field.lines("shims", "Shims that are here", LONGEST)
                                            .hint("one to a line: thickness x count"))))
                    .toList(),
            StackLines::rules,
            StackLines::make);

    private StackLines() {}

    /** A case's stack as a template has it. */
    public static Map<String, String> sample() {
        StackInput in = requireNonNull(
                TypedStack.of(LinkFields.template("case"), UnitSystem.METRIC).input());
        return Map.of(
                "outer",
                lines(in.outer()),
                "inner",
                lines(in.inner()),
                "min",
                Show.number(in.minMm(), 3),
                "max",
                Show.number(in.maxMm(), 3),
                "shims",
                "0.10 x 6; 0.15 x 4; 0.30 x 4; 1.00 x 2".replace("; ", "\n"));
    }

    private static List<Problem> rules(Values v) {
        List<Problem> problems = new ArrayList<>(LinkFields.FRAME.rules().apply(v));
        List<Reading<Link>> outer = links(v.text("outer"));
        List<Reading<Link>> inner = links(v.text("inner"));
        gather("outer", outer, StackInput.MOST_LINKS, problems);
        gather("inner", inner, StackInput.MOST_LINKS, problems);
        gather("shims", shims(v.text("shims")), StackInput.MOST_SHIMS, problems);
        return problems.isEmpty() ? LinkFields.chains(records(outer), records(inner)) : problems;
    }

    private static <T> void gather(String field, List<Reading<T>> lines, int most, List<Problem> problems) {
        if (lines.size() > most) {
            problems.add(Problem.impossible(
                    field,
                    lines.size() + " lines: " + most + " are kept at most. Add up links that are measured together."));
        }
        for (int i = 0; i < lines.size(); i++) {
            for (Problem p : lines.get(i).problems()) {
                problems.add(new Problem(field, "Line " + (i + 1) + ": " + p.sentence(), p.readable()));
            }
        }
    }

    private static StackInput make(Values v) {
        StackInput frame = LinkFields.FRAME.make().apply(v);
        return new StackInput(
                records(links(v.text("outer"))),
                records(links(v.text("inner"))),
                frame.minMm(),
                frame.maxMm(),
                records(shims(v.text("shims"))),
                frame.workingC());
    }

    private static <T> List<T> records(List<Reading<T>> lines) {
        return lines.stream().map(Reading::record).toList();
    }

    private static List<Reading<Link>> links(String text) {
        return text.lines().filter(l -> !l.isBlank()).map(StackLines::link).toList();
    }

    private static Reading<Link> link(String line) {
        String[] parts = line.split(";", -1);
        Map<String, String> texts = new HashMap<>();
        texts.put("name", parts[0].strip());
        String length = parts.length > 1 ? parts[1].strip() : "";
        texts.put(length.equals(UNKNOWN) ? "unknown" : "length", length.equals(UNKNOWN) ? "yes" : length);
        if (parts.length > 2) {
            String third = parts[2].strip();
            texts.put(
                    third.matches(".*\\d.*") ? "uncertainty" : "way",
                    third.replace("±", "").strip());
        }
        if (parts.length > 3) {
            texts.put("material", parts[3].strip());
        }
        return FieldReader.read(LinkFields.LINK, texts, UnitSystem.METRIC);
    }

    private static List<Reading<StackInput.Shim>> shims(String text) {
        return text.lines()
                .filter(l -> !l.isBlank())
                .map(line -> {
                    String[] parts = line.split("[x×*]", 2);
                    Map<String, String> texts = new HashMap<>(Map.of("thickness", parts[0].strip()));
                    if (parts.length > 1) {
                        texts.put("count", parts[1].strip());
                    }
                    return FieldReader.read(LinkFields.SHIM, texts, UnitSystem.METRIC);
                })
                .toList();
    }

    /** Links as lines that read as the same links again. */
    public static String lines(List<Link> links) {
        return links.stream()
                .map(l -> l.name().replace(';', ',') + "; " + (l.lengthMm() == null ? UNKNOWN : plain(l.lengthMm()))
                        + "; " + plain(l.plusMinusMm()) + "; " + l.material().code())
                .collect(Collectors.joining("\n"));
    }

    /** A stock as lines that read as the same stock again. */
    public static String shimLines(List<StackInput.Shim> stock) {
        return stock.stream()
                .map(s -> plain(s.thicknessMm()) + " x " + s.count())
                .collect(Collectors.joining("\n"));
    }

    private static String plain(double mm) {
        return Show.number(mm, 4).replace('−', '-');
    }
}
