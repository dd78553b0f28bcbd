package unbo.core.tools.setting;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;

import org.jspecify.annotations.Nullable;

import unbo.core.input.FieldReader;
import unbo.core.input.Problem;
import unbo.core.input.Reading;
import unbo.core.input.UnitSystem;
import unbo.core.stack.Link;
import unbo.core.stack.StackInput;

/**
 * A stack as it is typed: rows of two chains and of the stock, each name followed by its row, {@code length-o0},
 * {@code length-i2}, {@code thickness-s1}. Empty rows are passed over.
 *
 * @param input null where anything cannot be used
 */
public record TypedStack(
        Map<Integer, Reading<Link>> outer,
        Map<Integer, Reading<Link>> inner,
        Map<Integer, Reading<StackInput.Shim>> stock,
        Reading<StackInput> frame,
        List<Problem> problems,
        @Nullable StackInput input) {

    public static TypedStack of(Map<String, String> texts, UnitSystem units) {
        Map<Integer, Reading<Link>> outer = links(texts, 'o', units);
        Map<Integer, Reading<Link>> inner = links(texts, 'i', units);
        Map<Integer, Reading<StackInput.Shim>> stock = new TreeMap<>();
        rows(texts, 's', StackInput.MOST_SHIMS).forEach((n, row) -> {
            if (!row.getOrDefault("thickness", "").isBlank()) {
                stock.put(n, FieldReader.read(LinkFields.SHIM, row, units));
            }
        });
        Reading<StackInput> frame = FieldReader.read(LinkFields.FRAME, texts, units);
        List<Problem> problems = new ArrayList<>(frame.problems());
        gather(outer, "o", problems);
        gather(inner, "i", problems);
        gather(stock, "s", problems);
        StackInput input = null;
        if (problems.isEmpty()) {
            List<Link> out = outer.values().stream().map(Reading::record).toList();
            List<Link> in = inner.values().stream().map(Reading::record).toList();
            problems.addAll(LinkFields.chains(out, in));
            StackInput f = frame.get().orElseThrow();
            input = problems.isEmpty()
                    ? new StackInput(
                            out,
                            in,
                            f.minMm(),
                            f.maxMm(),
                            stock.values().stream().map(Reading::record).toList(),
                            f.workingC())
                    : null;
        }
        return new TypedStack(outer, inner, stock, frame, List.copyOf(problems), input);
    }

    private static Map<Integer, Reading<Link>> links(Map<String, String> texts, char chain, UnitSystem units) {
        Map<Integer, Reading<Link>> links = new TreeMap<>();
        rows(texts, chain, StackInput.MOST_LINKS).forEach((n, row) -> {
            if (!row.getOrDefault("name", "").isBlank()
                    || !row.getOrDefault("length", "").isBlank()) {
                links.put(n, FieldReader.read(LinkFields.LINK, row, units));
            }
        });
        return links;
    }

    private static Map<Integer, Map<String, String>> rows(Map<String, String> texts, char kind, int most) {
        Map<Integer, Map<String, String>> rows = new TreeMap<>();
        texts.forEach((name, text) -> {
            int dash = name.lastIndexOf('-');
            String row = dash < 0 ? "" : name.substring(dash + 1);
            if (row.matches(kind + "\\d{1,2}") && Integer.parseInt(row.substring(1)) < most) {
                rows.computeIfAbsent(Integer.parseInt(row.substring(1)), n -> new HashMap<>())
                        .put(name.substring(0, dash), text);
            }
        });
        return rows;
    }

    private static <T> void gather(Map<Integer, Reading<T>> rows, String kind, List<Problem> problems) {
        rows.forEach((n, reading) -> reading.problems()
                .forEach(p -> problems.add(new Problem(p.field() + "-" + kind + n, p.sentence(), p.readable()))));
    }
}
