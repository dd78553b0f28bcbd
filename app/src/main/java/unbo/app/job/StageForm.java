package unbo.app.job;

import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;

import unbo.app.setting.NutAnswer;
import unbo.app.web.FieldView;
import unbo.core.answer.Answer;
import unbo.core.answer.Step;
import unbo.core.drawing.Drawing;
import unbo.core.input.FieldReader;
import unbo.core.input.UnitSystem;
import unbo.core.inspect.Carried;
import unbo.core.route.RouteStage;
import unbo.core.route.StageRule;
import unbo.core.setting.CastleNut;
import unbo.core.setting.CastleNutDrawing;
import unbo.core.setting.CastleNutFields;
import unbo.core.setting.School;
import unbo.core.setting.Schools;
import unbo.core.sheet.Sheet;

/**
 * One stage as its page prints it.
 *
 * @param form    the boxes, by name, in order
 * @param missing what the sheet should give and does not, in sentences
 * @param known   facts the stage takes from the sheet
 * @param answer  null when the texts cannot be used yet
 * @param nut     only where a castellated nut is set
 * @param toTurn  the nut to be turned by hand, where all but its angle is known; null otherwise
 * @param steps   the procedure: of the chosen school in Set, of the answer elsewhere
 * @param ticked  codes of the ticked steps
 * @param section the hub or shaft, with what the typed texts would add; null where nothing is known to draw
 * @param carried what Inspect found that this stage must heed
 */
public record StageForm(Map<String, FieldView> form, List<String> missing, List<FactLine> known, Answer answer, NutAnswer nut, Drawing toTurn, List<Step> steps,
                        Set<String> ticked, Drawing section, List<String> carried) {

    private static final String TICK = "tick-";

    /** The name of the box by which a step of the procedure is ticked. */
    static String tick(String step) {
        return TICK + step;
    }

    static boolean isTick(String name) {
        return name.matches(TICK + "[a-z]{1,12}");
    }

    /**
     * @param view   whose section is drawn
     * @param sheet  what the stage reads: everything but its own facts
     * @param judged false while somebody is still typing: an empty box is not yet a fault
     */
    static StageForm of(JobView view, RouteStage stage, StageRule<?> rule, Map<String, String> texts, StageRule.Work work, Sheet sheet, UnitSystem units, boolean judged) {
        Map<String, FieldView> form = new LinkedHashMap<>();
        Map<String, FieldView> all = FieldView.form(work.reading(), units);
        rule.asked().forEach(name -> {
            FieldView field = all.get(name);
            form.put(name, judged || !field.typed().isBlank() ? field : field.withoutRefusals());
        });
        List<String> missing = work.reading().problems().stream().filter(p -> !rule.asked().contains(p.field()))
                .map(p -> work.reading().fields().get(p.field()).field().label()).distinct().toList();
        List<FactLine> known = rule.from().entrySet().stream().filter(e -> !rule.asked().contains(e.getKey()))
                .flatMap(e -> sheet.get(e.getValue()).stream()).map(FactLine::of).toList();
        Sheet shown = work.ok() ? sheet.with(work.outcome().facts()) : sheet;
        Answer answer = work.ok() ? work.outcome().answer() : null;
        boolean set = rule.fields() == CastleNutFields.LIST;
        NutAnswer nut = set && work.ok() ? nut(texts, units) : null;
        return new StageForm(form, missing, known, answer, nut, set && nut == null ? toTurn(texts, units) : null, set ? Schools.of(school(texts)).steps() : answer == null ? List.of() : answer.steps(), ticked(texts), view.section(shown), Carried.to(stage.code(), sheet));
    }

    private static NutAnswer nut(Map<String, String> texts, UnitSystem units) {
        return NutAnswer.of(CastleNut.of(FieldReader.read(CastleNutFields.LIST, texts, units).record()));
    }

    private static Drawing toTurn(Map<String, String> texts, UnitSystem units) {
        Map<String, String> atZero = new HashMap<>(texts);
        if (!texts.getOrDefault("freeAngleDeg", "").isBlank()) {
            return null;
        }
        atZero.put("freeAngleDeg", "0");
        return FieldReader.read(CastleNutFields.LIST, atZero, units).get().map(CastleNut::of).map(CastleNutDrawing::face).orElse(null);
    }

    private static School school(Map<String, String> texts) {
        String code = texts.getOrDefault("school", "");
        return code.matches("[A-D]") ? School.valueOf(code) : School.A;
    }

    private static Set<String> ticked(Map<String, String> texts) {
        return texts.entrySet().stream().filter(e -> e.getKey().startsWith(TICK) && !e.getValue().isBlank())
                .map(e -> e.getKey().substring(TICK.length())).collect(java.util.stream.Collectors.toUnmodifiableSet());
    }

    /** Steps of the procedure that are not ticked, in words; empty when all are. */
    public List<String> unticked() {
        return steps.stream().filter(s -> !ticked.contains(s.code())).map(Step::text).toList();
    }
}
