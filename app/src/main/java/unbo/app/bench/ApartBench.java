package unbo.app.bench;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;

import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestParam;

import unbo.app.catalogue.OwnCatalogue;
import unbo.app.web.AssemblyForm;
import unbo.app.web.FieldView;
import unbo.app.web.Page;
import unbo.app.web.TypedForm;
import unbo.app.workshop.WorkshopService;
import unbo.core.apart.Apart;
import unbo.core.apart.ApartInput;
import unbo.core.apart.WholePlan;
import unbo.core.assembly.Assembly;
import unbo.core.assembly.AssemblyKind;
import unbo.core.assembly.Joint;
import unbo.core.assembly.KindOption;
import unbo.core.assembly.Part;
import unbo.core.assembly.PartChange;
import unbo.core.input.FieldReader;
import unbo.core.input.Problem;
import unbo.core.input.Reading;
import unbo.core.input.UnitSystem;
import unbo.core.strip.Tools;
import unbo.core.tools.section.Section;
import unbo.core.tools.strip.ApartFields;
import unbo.core.tools.strip.ApartTool;
import unbo.core.tools.strip.ApartWords;

/** A whole hub, head, crank or pivot on the bench: its section, the order it comes apart in, step by step. */
@Page
class ApartBench {

    private static final ApartTool TOOL = new ApartTool();
    private static final String KEEP = "keep-";
    private static final String TICKED = "tool-";
    /** Sent by the page, whose boxes are ticked one by one. */
    private static final String PAGE = "page";

    private static final String STEP = "step";

    private final WorkshopService workshops;
    private final OwnCatalogue own;

    /** A box to be ticked. */
    public record Tick(String name, String label, boolean on) {}

    ApartBench(WorkshopService workshops, OwnCatalogue own) {
        this.workshops = workshops;
        this.own = own;
    }

    @GetMapping("/bench/apart")
    String apart(@RequestParam Map<String, String> sent, Model model) {
        UnitSystem units = sent.isEmpty() ? UnitSystem.METRIC : workshops.units();
        Map<String, String> texts = texts(sent);
        Reading<ApartInput> reading = FieldReader.read(ApartFields.LIST, TypedForm.read(texts, units), own.book());
        WholePlan plan = reading.get().map(TOOL::compute).orElse(null);
        String kind = texts.getOrDefault(ApartFields.KIND, "");
        model.addAttribute("tool", TOOL);
        model.addAttribute(
                "form", FieldView.form(reading, TypedForm.read(texts, units).shownIn(workshops.units())));
        model.addAttribute(
                "problems",
                reading.problems().stream().map(Problem::sentence).distinct().toList());
        model.addAttribute(
                "kinds", ApartFields.LIST.field(ApartFields.KIND).orElseThrow().choices());
        model.addAttribute("kind", kind);
        model.addAttribute("options", KindOption.said(kind, code -> texts.getOrDefault(code, "")));
        model.addAttribute(
                "spacer", KindOption.find(kind, KindOption.SPACER_MATERIAL).isPresent());
        AssemblyForm.show(texts, own.book(), model);
        model.addAttribute("tools", tools(texts));
        model.addAttribute("plan", plan);
        if (plan != null) {
            model.addAttribute("answer", TOOL.print(plan));
            model.addAttribute("keeps", keeps(plan.input()));
            stepped(plan, sent.getOrDefault(STEP, ""), model);
        }
        return "bench/apart";
    }

    private static void stepped(WholePlan plan, String step, Model model) {
        Apart apart = plan.apart();
        if (apart == null) {
            model.addAttribute("section", Section.of(plan.input().assembly(), Section.View.WHOLE));
            return;
        }
        int at = step.matches("\\d{1,2}")
                ? Math.min(Integer.parseInt(step), apart.steps().size())
                : 0;
        model.addAttribute("section", ApartWords.section(apart, at));
        model.addAttribute("lines", ApartWords.lines(apart));
        model.addAttribute("at", at);
        model.addAttribute("now", at == 0 ? null : ApartWords.lines(apart).get(at - 1));
    }

    /** The boxes of the tool, from those of the page, or as they were sent. */
    private Map<String, String> texts(Map<String, String> sent) {
        if (sent.isEmpty()) {
            return new HashMap<>(TOOL.sample());
        }
        Map<String, String> texts = new HashMap<>(sent);
        if (sent.containsKey(PAGE)) {
            String kind = sent.getOrDefault(ApartFields.KIND, "");
            texts.putAll(AssemblyForm.lines(sent, own.book()));
            Set<String> parts = new HashSet<>();
            if (AssemblyKind.find(kind).isPresent()) {
                Assembly.of(
                                new Assembly.Asked(
                                        kind,
                                        sent,
                                        Assembly.Grip.USUAL,
                                        Map.of(),
                                        PartChange.all(texts.getOrDefault(ApartFields.CHANGED, ""))),
                                own.book())
                        .parts()
                        .forEach(part -> parts.add(part.code()));
            }
            texts.put(ApartFields.KEEP, said(sent, KEEP, parts));
            texts.put(ApartFields.TOOLS, said(sent, TICKED, Tools.codes()));
            KindOption.of(kind)
                    .forEach(option -> texts.computeIfPresent(
                            option.code(), (code, value) -> option.value(value).orElse("")));
        } else {
            texts.putIfAbsent(ApartFields.TOOLS, workshops.current().tools());
        }
        return texts;
    }

    private static String said(Map<String, String> sent, String before, Set<String> known) {
        String said = sent.keySet().stream()
                .filter(name -> name.startsWith(before))
                .map(name -> name.substring(before.length()))
                .filter(known::contains)
                .collect(Collectors.joining(" "));
        return said.isEmpty() && before.equals(TICKED) ? "-" : said;
    }

    private static List<Tick> tools(Map<String, String> texts) {
        List<String> here = Tools.read(texts.getOrDefault(ApartFields.TOOLS, ""));
        return Tools.all().stream()
                .map(tool -> new Tick(TICKED + tool.code(), tool.label(), here.contains(tool.code())))
                .toList();
    }

    /** The parts that may be used again at all. */
    private static List<Tick> keeps(ApartInput input) {
        List<Tick> keeps = new ArrayList<>();
        for (Part part : input.assembly().parts()) {
            boolean held = input.assembly().joints().stream().map(Joint::part).anyMatch(part.code()::equals);
            if (held && !part.upkeep().renewed()) {
                keeps.add(
                        new Tick(KEEP + part.code(), part.label(), input.keep().contains(part.code())));
            }
        }
        return keeps;
    }
}
