package unbo.app.bench;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;

import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestParam;

import unbo.app.job.JobService;
import unbo.app.stock.StockService;
import unbo.app.tool.IntoJob;
import unbo.app.web.FieldView;
import unbo.app.web.Page;
import unbo.app.web.TypedForm;
import unbo.app.workshop.WorkshopService;
import unbo.core.answer.Answer;
import unbo.core.input.FieldReader;
import unbo.core.input.Reading;
import unbo.core.input.UnitSystem;
import unbo.core.measure.Show;
import unbo.core.stack.Link;
import unbo.core.stack.Stack;
import unbo.core.stack.StackInput;
import unbo.core.tools.setting.LinkFields;
import unbo.core.tools.setting.StackLines;
import unbo.core.tools.setting.StackTool;
import unbo.core.tools.setting.StackWords;
import unbo.core.tools.setting.TypedStack;

/** Two chains of links and the shims between them, on the bench; the inputs stay in the address. */
@Page
class StackBench {

    private static final int EMPTY_ROWS = 1;
    private static final String FIRST = "case";

    private final WorkshopService workshops;
    private final JobService jobs;
    private final StockService stock;

    /** A row to write in. @param key row as it stands in the names of its boxes */
    public record Row(String key, Map<String, FieldView> form) {}

    StackBench(WorkshopService workshops, JobService jobs, StockService stock) {
        this.workshops = workshops;
        this.jobs = jobs;
        this.stock = stock;
    }

    @GetMapping("/bench/stack")
    String stack(@RequestParam Map<String, String> sent, Model model) {
        UnitSystem units = sent.isEmpty() || sent.containsKey("template")
                ? UnitSystem.METRIC
                : UnitSystem.named(sent.getOrDefault(TypedForm.UNITS, "")).orElse(workshops.units());
        model.addAttribute("units", units);
        Map<String, String> texts = new HashMap<>(
                sent.isEmpty()
                        ? LinkFields.template(FIRST)
                        : sent.containsKey("template") ? LinkFields.template(sent.get("template")) : sent);
        if (texts.keySet().stream().noneMatch(name -> name.startsWith("thickness-"))) {
            fromShelf(texts);
        }
        TypedStack typed = TypedStack.of(texts, units);
        Stack result = typed.input() == null ? null : Stack.of(typed.input());
        Answer answer = result == null ? null : StackWords.answer(result);
        model.addAttribute("answer", answer);
        model.addAttribute("problems", typed.problems());
        model.addAttribute("outer", links(typed.outer(), "o", units));
        model.addAttribute("inner", links(typed.inner(), "i", units));
        model.addAttribute("shims", shims(typed, units));
        model.addAttribute("frame", FieldView.form(typed.frame(), units));
        model.addAttribute("templates", LinkFields.templates());
        model.addAttribute(
                "take",
                result == null || result.shimsMm() == null || result.shimsMm().isEmpty()
                        ? null
                        : result.shimsMm().stream().map(t -> Show.number(t, 3)).collect(Collectors.joining(" ")));
        if (answer != null && !sent.isEmpty()) {
            model.addAttribute(
                    "intoJobs",
                    IntoJob.links(
                            jobs.underWay(0, IntoJob.MOST), new StackTool(), asLines(typed.input(), texts, units)));
        }
        return "bench/stack";
    }

    /** The stack as a job's Set takes it. */
    private static Map<String, String> asLines(StackInput input, Map<String, String> texts, UnitSystem units) {
        Map<String, String> lines = new HashMap<>(Map.of(
                "outer",
                StackLines.lines(input.outer()),
                "inner",
                StackLines.lines(input.inner()),
                "shims",
                StackLines.shimLines(input.stock())));
        lines.put(TypedForm.UNITS, units.name());
        List.of("min", "max", "workingTemperature").forEach(name -> lines.put(name, texts.getOrDefault(name, "")));
        return lines;
    }

    private void fromShelf(Map<String, String> texts) {
        int n = 0;
        for (StackInput.Shim s :
                stock.shelf().stream().limit(StackInput.MOST_SHIMS - 2L).toList()) {
            texts.put("thickness-s" + n, Show.number(s.thicknessMm(), 3));
            texts.put("count-s" + n++, String.valueOf(s.count()));
        }
    }

    private static List<Row> links(Map<Integer, Reading<Link>> read, String chain, UnitSystem units) {
        List<Row> rows = new ArrayList<>();
        read.forEach((n, reading) -> rows.add(new Row(chain + n, FieldView.form(reading, units))));
        int next = read.keySet().stream().mapToInt(n -> n + 1).max().orElse(0);
        for (int n = next; n < Math.min(StackInput.MOST_LINKS, next + EMPTY_ROWS); n++) {
            rows.add(new Row(
                    chain + n, quiet(FieldView.form(FieldReader.read(LinkFields.LINK, Map.of(), units), units))));
        }
        return rows;
    }

    private static List<Row> shims(TypedStack typed, UnitSystem units) {
        List<Row> rows = new ArrayList<>();
        typed.stock().forEach((n, reading) -> rows.add(new Row("s" + n, FieldView.form(reading, units))));
        int next = typed.stock().keySet().stream().mapToInt(n -> n + 1).max().orElse(0);
        for (int n = next; n < Math.min(StackInput.MOST_SHIMS, next + 2 * EMPTY_ROWS); n++) {
            rows.add(new Row(
                    "s" + n, quiet(FieldView.form(FieldReader.read(LinkFields.SHIM, Map.of(), units), units))));
        }
        return rows;
    }

    private static Map<String, FieldView> quiet(Map<String, FieldView> form) {
        form.replaceAll((name, f) -> f.withoutRefusals());
        return form;
    }
}
