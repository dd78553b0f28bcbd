package unbo.app.job;

import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

import unbo.core.answer.Step;
import unbo.core.input.Field;
import unbo.core.input.Typed;
import unbo.core.route.StageRule;
import unbo.core.tools.school.Dispute;
import unbo.core.tools.setting.SchoolWords;

/**
 * Two versions of one entry that grew apart, laid side by side where they differ. A field that only one side changed
 * takes that side's text unless somebody chooses otherwise; one that both changed takes mine. Each text keeps the
 * system it was typed in.
 */
public record Merge(List<Line> lines, Typed mine, Typed theirs) {

    /**
     * One field in which the two differ.
     *
     * @param ours true where my text stands unless somebody chooses otherwise
     * @param both true where both changed it
     * @param mineShown, theirsShown the texts in words, codes as their labels
     */
    public record Line(String name, String label, String mineShown, String theirsShown, boolean ours, boolean both) {}

    /** @param base the texts that both began with */
    static Merge of(StageRule<?> rule, Typed base, Typed mine, Typed theirs) {
        Set<String> names = new LinkedHashSet<>(rule.asked());
        names.addAll(mine.texts().keySet());
        names.addAll(theirs.texts().keySet());
        List<Line> lines = new ArrayList<>();
        for (String name : names) {
            boolean bothDone = StageForm.isTick(name)
                    && !mine.text(name).isBlank()
                    && !theirs.text(name).isBlank();
            if (!mine.same(name, theirs) && !bothDone) {
                boolean changed = !mine.same(name, base);
                lines.add(new Line(
                        name,
                        label(rule, name),
                        shown(rule, name, mine),
                        shown(rule, name, theirs),
                        changed,
                        changed && !theirs.same(name, base)));
            }
        }
        return new Merge(List.copyOf(lines), mine, theirs);
    }

    /**
     * The texts after choosing. @param picks "mine" or "theirs" by field; what is not chosen takes the side named in
     * its line
     */
    Typed typed(Map<String, String> picks) {
        Typed texts = mine.with(theirs);
        for (Line line : lines) {
            boolean ours = picks.containsKey(line.name) ? picks.get(line.name).equals("mine") : line.ours;
            Typed side = ours ? mine : theirs;
            texts = side.text(line.name).isEmpty() && StageForm.isTick(line.name)
                    ? texts.without(line.name::equals)
                    : texts.with(line.name, side.text(line.name), side.of(line.name));
        }
        return texts;
    }

    private static String label(StageRule<?> rule, String name) {
        Optional<Dispute> dispute = Dispute.kept(name);
        if (dispute.isPresent()) {
            return dispute.get().question();
        }
        if (StageForm.isTick(name)) {
            return SchoolWords.all().stream()
                    .flatMap(s -> s.steps().stream())
                    .filter(s -> StageForm.tick(s.code()).equals(name))
                    .map(Step::text)
                    .findFirst()
                    .orElseGet(() ->
                            "Step: " + name.substring(name.indexOf('-') + 1).replace('-', ' '));
        }
        return rule.fields().field(name).map(Field::label).orElse(name);
    }

    private static String shown(StageRule<?> rule, String name, Typed typed) {
        String text = typed.text(name);
        if (text.isBlank()) {
            return StageForm.isTick(name) ? "not ticked" : "empty";
        }
        if (StageForm.isTick(name)) {
            return "ticked";
        }
        Optional<Dispute> dispute = Dispute.kept(name);
        if (dispute.isPresent()) {
            return dispute.get().taken(typed.texts()).map(Dispute.Side::name).orElse(text);
        }
        return rule.fields().field(name).map(field -> shown(field, text, typed)).orElse(text);
    }

    private static String shown(Field field, String text, Typed typed) {
        String chosen = field.choices().stream()
                .filter(c -> c.code().equals(text))
                .map(Field.Choice::label)
                .findFirst()
                .orElse(text);
        return PaperWriter.withUnit(field, chosen, typed.of(field.name()));
    }
}
