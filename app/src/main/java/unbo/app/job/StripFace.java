package unbo.app.job;

import java.util.Map;
import java.util.stream.Collectors;

import org.springframework.stereotype.Component;
import org.springframework.ui.Model;

import unbo.app.catalogue.KnowledgeService;
import unbo.app.web.AssemblyForm;
import unbo.core.apart.ApartInput;
import unbo.core.assembly.KindOption;
import unbo.core.stage.RouteStage;
import unbo.core.strip.Tools;
import unbo.core.tools.strip.ApartFields;
import unbo.core.tools.strip.ApartTool;

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
    public boolean wide() {
        return true;
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

    @Override
    public void show(Showing shown, Model model) {
        String kind = shown.typed().text(ApartFields.KIND);
        AssemblyForm.show(shown.typed().texts(), knowledge.current().bearings(), model);
        model.addAttribute("differs", KindOption.said(kind, shown.typed()::text));
        model.addAttribute(
                "spacer", KindOption.find(kind, KindOption.SPACER_MATERIAL).isPresent());
        shown.work()
                .reading()
                .get()
                .filter(ApartInput.class::isInstance)
                .ifPresent(input -> model.addAttribute("back", TOOL.answer((ApartInput) input)));
        model.addAttribute(
                "toolWords",
                Tools.read(shown.typed().text(ApartFields.TOOLS)).stream()
                        .map(Tools::label)
                        .collect(Collectors.joining(", ")));
    }
}
