package unbo.app.job;

import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;

import org.springframework.stereotype.Component;
import org.springframework.ui.Model;

import unbo.app.catalogue.KnowledgeService;
import unbo.app.web.AssemblyForm;
import unbo.core.answer.Step;
import unbo.core.apart.Apart;
import unbo.core.apart.WholePlan;
import unbo.core.assembly.KindOption;
import unbo.core.drawing.Drawing;
import unbo.core.input.Field;
import unbo.core.route.StageRule;
import unbo.core.stage.RouteStage;
import unbo.core.strip.Tools;
import unbo.core.tools.strip.ApartFields;
import unbo.core.tools.strip.ApartTool;
import unbo.core.tools.strip.ApartWords;

/** Strip takes the whole assembly apart: it asks what differs in a thing of its kind, and shows the section. */
@Component
class StripFace implements StageFace {

    private static final ApartTool TOOL = new ApartTool();

    private final KnowledgeService knowledge;

    StripFace(KnowledgeService knowledge) {
        this.knowledge = knowledge;
    }

    @Override
    public RouteStage stage() {
        return RouteStage.STRIP;
    }

    @Override
    public Set<String> apart(Showing shown) {
        Set<String> own = new HashSet<>(Set.of("numbers", "changed", "tools", "spacerChamferMm", "cornerMm", "jawMm"));
        KindOption.all().forEach(option -> own.add(option.code()));
        return own;
    }

    @Override
    public String also() {
        return ",#differs";
    }

    /** Numbers and parts are typed in rows; the stage keeps the tool's boxes of lines. */
    @Override
    public Map<String, String> touched(Map<String, String> texts, Map<String, String> sent) {
        return AssemblyForm.lines(sent, knowledge.current().bearings());
    }

    /** The section as it stands at the step that comes next. */
    @Override
    public Optional<Drawing> section(Showing shown) {
        return plan(shown).map(WholePlan::apart).map(apart -> ApartWords.section(apart, next(apart, shown)));
    }

    /** Number of the step that comes next, from 1; 0 while what comes before the first is not ticked. */
    private static int next(Apart apart, Showing shown) {
        Set<String> ticked = StageForm.ticked(shown.typed().texts());
        String next = shown.rule().steps(shown.typed(), shown.work().outcome().answer()).stream()
                .map(Step::code)
                .filter(code -> !ticked.contains(code))
                .findFirst()
                .orElse("");
        List<String> codes = apart.steps().stream().map(ApartWords::code).toList();
        return next.isEmpty() ? codes.size() : codes.indexOf(next) + 1;
    }

    /** The plan of the whole assembly; empty where one bearing is asked about, or nothing can be planned yet. */
    private static Optional<WholePlan> plan(Showing shown) {
        return Optional.ofNullable(shown.work().outcome())
                .map(StageRule.Outcome::result)
                .filter(WholePlan.class::isInstance)
                .map(WholePlan.class::cast);
    }

    /** What was said of an option, in a few words. */
    private static String words(KindOption.Said said) {
        return said.option().label() + " "
                + said.option().values().stream()
                        .filter(value -> value.code().equals(said.value()))
                        .map(Field.Choice::label)
                        .findFirst()
                        .orElse(said.value());
    }

    @Override
    public void show(Showing shown, Model model) {
        String kind = shown.typed().text(ApartFields.KIND);
        AssemblyForm.show(shown.typed().texts(), knowledge.current().bearings(), model);
        List<KindOption.Said> differs = KindOption.said(kind, shown.typed()::text);
        model.addAttribute("differs", differs);
        model.addAttribute("told", differs.stream().map(StripFace::words).collect(Collectors.joining("; ")));
        model.addAttribute(
                "spacer", KindOption.find(kind, KindOption.SPACER_MATERIAL).isPresent());
        plan(shown).ifPresent(plan -> model.addAttribute("back", TOOL.print(plan)));
        model.addAttribute(
                "toolWords",
                Tools.read(shown.typed().text(ApartFields.TOOLS)).stream()
                        .map(Tools::label)
                        .collect(Collectors.joining(", ")));
    }
}
