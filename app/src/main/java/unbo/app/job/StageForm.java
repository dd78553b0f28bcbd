package unbo.app.job;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;

import unbo.app.web.FieldView;
import unbo.core.answer.Answer;
import unbo.core.answer.Step;
import unbo.core.bearing.BearingBook;
import unbo.core.drawing.Drawing;
import unbo.core.input.Typed;
import unbo.core.inspect.Carried;
import unbo.core.route.StageRule;
import unbo.core.sheet.Sheet;
import unbo.core.stage.RouteStage;
import unbo.core.tools.section.JobSection;

/**
 * One stage of a job under way as its page prints it.
 *
 * @param form the boxes, by name, in order
 * @param missing what the sheet should give and does not, in sentences
 * @param known facts the stage takes from the sheet
 * @param answer null when the texts cannot be used yet
 * @param steps the procedure
 * @param stamps when each ticked step was done, by its code: {@code yes} where nobody kept the minute
 * @param section the hub or shaft, with what the typed texts would add; null where nothing is known to draw
 * @param carried what Inspect found that this stage must heed
 */
public record StageForm(
        Map<String, FieldView> form,
        List<String> missing,
        List<FactLine> known,
        Answer answer,
        List<Step> steps,
        Map<String, String> stamps,
        Drawing section,
        List<String> carried) {

    private static final String TICK = "tick-";
    private static final String DONE = "yes";
    private static final String STAMP = "\\d{4}-\\d\\d-\\d\\dT\\d\\d:\\d\\d";

    /** What a stage is shown of. @param judged false while somebody is still typing: an empty box is not yet a fault */
    record Shown(RouteStage stage, StageRule<?> rule, Typed typed, StageRule.Work work, Sheet sheet, boolean judged) {}

    /** The name of the box by which a step of the procedure is ticked. */
    static String tick(String step) {
        return TICK + step;
    }

    static boolean isTick(String name) {
        return name.matches(TICK + "[a-z][a-z0-9-]{0,59}");
    }

    static StageForm of(Shown shown, BearingBook book) {
        StageRule.Work work = shown.work;
        StageRule<?> rule = shown.rule;
        Map<String, FieldView> form = new LinkedHashMap<>();
        Map<String, FieldView> all = FieldView.form(work.reading(), shown.typed);
        rule.asked().forEach(name -> {
            FieldView field = all.get(name);
            form.put(name, shown.judged || !field.typed().isBlank() ? field : field.withoutRefusals());
        });
        List<String> missing = work.reading().problems().stream()
                .filter(p -> !rule.asked().contains(p.field()))
                .map(p -> work.reading().fields().get(p.field()).field().label())
                .distinct()
                .toList();
        List<FactLine> known = rule.taken(shown.sheet, shown.typed).stream()
                .map(fact -> FactLine.of(fact, shown.sheet))
                .filter(line -> !line.shown().isEmpty())
                .toList();
        Sheet drawn = work.ok() ? shown.sheet.with(work.outcome().facts()) : shown.sheet;
        Answer answer = work.ok() ? work.outcome().answer() : null;
        return new StageForm(
                form,
                missing,
                known,
                answer,
                rule.steps(shown.typed, answer),
                stamps(shown.typed.texts()),
                JobSection.touchable(drawn, book),
                Carried.to(shown.stage.code(), shown.sheet));
    }

    /** Codes of the steps that are ticked among some texts. */
    static Set<String> ticked(Map<String, String> texts) {
        return texts.entrySet().stream()
                .filter(e -> e.getKey().startsWith(TICK) && !e.getValue().isBlank())
                .map(e -> e.getKey().substring(TICK.length()))
                .collect(Collectors.toUnmodifiableSet());
    }

    private static Map<String, String> stamps(Map<String, String> texts) {
        Map<String, String> stamps = new LinkedHashMap<>();
        ticked(texts).forEach(step -> stamps.put(step, texts.get(tick(step))));
        return stamps;
    }

    /** Codes of the ticked steps. */
    public Set<String> ticked() {
        return stamps.keySet();
    }

    /** What the tick of a step sends: when it was done, or that it was. */
    public String stamp(String step) {
        return stamps.getOrDefault(step, DONE);
    }

    /** The time at which a step was done; empty where it was not, or nobody kept the minute. */
    public String doneAt(String step) {
        String stamp = stamps.getOrDefault(step, "");
        return stamp.matches(STAMP) ? stamp.substring(stamp.indexOf('T') + 1) : "";
    }

    /** The last step before the one that comes next; empty where none is ticked. */
    public String lastTicked() {
        String last = "";
        for (Step step : steps) {
            if (!stamps.containsKey(step.code())) {
                break;
            }
            last = step.code();
        }
        return last;
    }

    /** What is kept of a tick: the minute of it, or that it was. */
    static String tickText(String sent) {
        return sent.matches(STAMP) ? sent : DONE;
    }

    /** True where one of some boxes holds something, or refuses it. */
    public boolean anySaid(List<String> names) {
        return names.stream()
                .map(form::get)
                .anyMatch(field -> field != null
                        && (!field.typed().isEmpty() || !field.refusals().isEmpty()));
    }

    /** The step that comes next; null when all are ticked. */
    public Step next() {
        return steps.stream()
                .filter(s -> !stamps.containsKey(s.code()))
                .findFirst()
                .orElse(null);
    }

    /** Steps of the procedure that are not ticked, in words; empty when all are. */
    public List<String> unticked() {
        return steps.stream()
                .filter(s -> !stamps.containsKey(s.code()))
                .map(Step::text)
                .toList();
    }
}
