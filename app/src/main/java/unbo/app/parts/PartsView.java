package unbo.app.parts;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;

import unbo.app.web.FieldView;
import unbo.core.answer.Answer;
import unbo.core.bearing.BearingBook;
import unbo.core.fact.FactKey;
import unbo.core.input.FieldReader;
import unbo.core.input.UnitSystem;
import unbo.core.measure.Show;
import unbo.core.parts.PartLine;
import unbo.core.parts.Rebuild;
import unbo.core.sheet.Sheet;
import unbo.core.tools.identify.RebuildFields;
import unbo.core.tools.identify.RebuildWords;
import unbo.core.tools.parts.PartLineFields;
import unbo.core.tools.parts.PartsList;
import unbo.core.tools.parts.PartsProposed;
import unbo.core.tools.parts.PartsWords;

/**
 * A parts list as its page shows it.
 *
 * @param rows one for each written part, and empty ones below
 * @param proposed how many of the rows the sheet calls for that nobody wrote yet
 * @param scrapped the bearing that is scrap by the way it comes out; empty when none is
 * @param rebuild the comparison's fields
 * @param compared its answer; null while its fields cannot be used
 */
record PartsView(
        List<Row> rows,
        int proposed,
        String scrapped,
        Map<String, String> suppliers,
        Answer answer,
        Map<String, FieldView> rebuild,
        Answer compared,
        boolean ok) {

    private static final int EMPTY_ROWS = 2;
    private static final int LONGEST_NAME = 40;

    /**
     * One row. @param scrap true for a bearing that is scrap by the way it comes out @param cost of the supplier that
     * counts @param isNew true for a row that the sheet proposes
     */
    record Row(
            int number,
            Map<String, FieldView> form,
            String cost,
            String supplier,
            boolean isNew,
            boolean written,
            boolean scrap) {}

    /** @param kept false where nobody kept a list yet or the sheet has grown: then what it calls for is proposed */
    static PartsView of(Map<String, String> texts, Sheet sheet, UnitSystem units, boolean propose, BearingBook book) {
        Map<String, String> all = new HashMap<>(texts);
        String scrapped = sheet.text(FactKey.SCRAP);
        int proposedFrom = PartsList.MOST;
        int proposed = 0;
        if (propose) {
            int next = PartsList.Typed.of(texts, units).rows().keySet().stream()
                    .mapToInt(n -> n + 1)
                    .max()
                    .orElse(0);
            proposedFrom = next;
            for (PartLine line : PartsProposed.of(sheet, book)) {
                boolean there = PartsList.Typed.of(texts, units).rows().values().stream()
                        .anyMatch(row -> same(row, line));
                if (!there && next < PartsList.MOST) {
                    write(all, next++, line);
                    proposed++;
                }
            }
        }
        PartsList.Typed typed = PartsList.Typed.of(all, units);
        List<Row> rows = new ArrayList<>();
        for (Map.Entry<Integer, Map<String, String>> row : typed.rows().entrySet()) {
            rows.add(row(row.getKey(), row.getValue(), typed, row.getKey() >= proposedFrom, units, scrapped));
        }
        int last = typed.rows().keySet().stream().mapToInt(n -> n + 1).max().orElse(0);
        for (int n = last; n < Math.min(PartsList.MOST, last + EMPTY_ROWS); n++) {
            rows.add(row(n, Map.of(), typed, false, units, scrapped));
        }
        Map<String, String> compare = new HashMap<>();
        RebuildFields.LIST.fields().forEach(f -> compare.put(f.name(), texts.getOrDefault(f.name(), "")));
        if (compare.get("parts").isBlank() && typed.ok() && typed.list().total() > 0) {
            compare.put("parts", Show.fixed(typed.list().total(), 2));
        }
        boolean asked = !compare.get("assembly").isBlank();
        var reading = FieldReader.read(RebuildFields.LIST, compare, units);
        Map<String, FieldView> rebuild = FieldView.form(reading, units);
        if (!asked) {
            rebuild.replaceAll((name, f) -> f.withoutRefusals());
        }
        Map<String, String> suppliers = Map.of(
                "supplierA",
                cut(texts.getOrDefault("supplierA", "")),
                "supplierB",
                cut(texts.getOrDefault("supplierB", "")));
        return new PartsView(
                rows,
                proposed,
                scrapped,
                suppliers,
                PartsWords.answer(typed.list()),
                rebuild,
                asked && reading.ok() ? RebuildWords.answer(Rebuild.of(reading.record())) : null,
                typed.ok());
    }

    private static boolean same(Map<String, String> row, PartLine line) {
        return row.getOrDefault("what", "").strip().equalsIgnoreCase(line.what())
                        && row.getOrDefault("place", "").strip().equalsIgnoreCase(line.place())
                || line.kind().equals("grease") && row.getOrDefault("kind", "").equals("grease");
    }

    private static void write(Map<String, String> texts, int n, PartLine line) {
        texts.put("kind-" + n, line.kind());
        texts.put("what-" + n, line.what());
        texts.put("place-" + n, line.place());
        texts.put("count-" + n, Show.number(line.count(), 1));
        texts.put("unit-" + n, line.unit());
        texts.put("alwaysNew-" + n, line.alwaysNew() ? "yes" : "");
        texts.put("old-" + n, line.progress().old());
    }

    private static Row row(
            int n, Map<String, String> texts, PartsList.Typed typed, boolean isNew, UnitSystem units, String scrapped) {
        boolean written = typed.read().containsKey(n);
        Map<String, FieldView> form = FieldView.form(
                written ? typed.read().get(n) : FieldReader.read(PartLineFields.LIST, texts, units), units);
        if (!written) {
            form.replaceAll((name, f) -> f.withoutRefusals());
        }
        PartLine line =
                written && typed.read().get(n).ok() ? typed.read().get(n).record() : null;
        return new Row(
                n,
                form,
                line == null || line.cost() == null ? "" : Show.fixed(line.cost(), 2),
                line == null || line.supplier() == null
                        ? ""
                        : line.supplier().name().toUpperCase(Locale.ROOT),
                isNew,
                written,
                line != null
                        && line.kind().equals("bearing")
                        && !scrapped.isEmpty()
                        && line.what().strip().equalsIgnoreCase(scrapped));
    }

    /** What of a form belongs to a parts list. */
    static Map<String, String> own(Map<String, String> sent) {
        Map<String, String> texts = new HashMap<>();
        PartsList.Typed.of(sent, UnitSystem.METRIC)
                .rows()
                .forEach((n, row) -> row.forEach((name, text) -> texts.put(name + "-" + n, text.strip())));
        RebuildFields.LIST
                .fields()
                .forEach(
                        f -> texts.put(f.name(), sent.getOrDefault(f.name(), "").strip()));
        texts.put("supplierA", cut(sent.getOrDefault("supplierA", "")));
        texts.put("supplierB", cut(sent.getOrDefault("supplierB", "")));
        texts.values().removeIf(String::isBlank);
        return texts;
    }

    private static String cut(String name) {
        return name.strip().substring(0, Math.min(LONGEST_NAME, name.strip().length()));
    }
}
