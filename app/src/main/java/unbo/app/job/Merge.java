package unbo.app.job;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;

import unbo.core.answer.Step;
import unbo.core.input.Field;
import unbo.core.route.StageRule;
import unbo.core.setting.Schools;

/**
 * Two versions of one stage that grew apart, laid side by side where they differ. A field that only one side changed
 * takes that side's text unless somebody chooses otherwise; one that both changed takes mine.
 */
public record Merge(List<Line> lines, Map<String, String> mine, Map<String, String> theirs) {

    /**
     * One field in which the two differ.
     *
     * @param ours   true where my text stands unless somebody chooses otherwise
     * @param both   true where both changed it
     * @param mineShown, theirsShown the texts in words, codes as their labels
     */
    public record Line(String name, String label, String mineShown, String theirsShown, boolean ours, boolean both) {
    }

    /** @param base the texts that both began with */
    static Merge of(StageRule<?> rule, Map<String, String> base, Map<String, String> mine, Map<String, String> theirs) {
        Set<String> names = new LinkedHashSet<>(rule.asked());
        names.addAll(mine.keySet());
        names.addAll(theirs.keySet());
        List<Line> lines = new ArrayList<>();
        for (String name : names) {
            String my = mine.getOrDefault(name, "");
            String their = theirs.getOrDefault(name, "");
            if (!my.equals(their)) {
                String before = base.getOrDefault(name, "");
                lines.add(new Line(name, label(rule, name), shown(rule, name, my), shown(rule, name, their), !my.equals(before), !my.equals(before) && !their.equals(before)));
            }
        }
        return new Merge(List.copyOf(lines), Map.copyOf(mine), Map.copyOf(theirs));
    }

    /** The texts after choosing. @param picks "mine" or "theirs" by field; what is not chosen takes the side named in its line */
    Map<String, String> texts(Map<String, String> picks) {
        Map<String, String> texts = new HashMap<>(theirs);
        mine.forEach(texts::putIfAbsent);
        for (Line line : lines) {
            boolean ours = picks.containsKey(line.name) ? picks.get(line.name).equals("mine") : line.ours;
            String text = (ours ? mine : theirs).getOrDefault(line.name, "");
            if (text.isEmpty() && StageForm.isTick(line.name)) {
                texts.remove(line.name);
            } else {
                texts.put(line.name, text);
            }
        }
        return texts;
    }

    private static String label(StageRule<?> rule, String name) {
        if (StageForm.isTick(name)) {
            return Schools.all().stream().flatMap(s -> s.steps().stream()).filter(s -> StageForm.tick(s.code()).equals(name))
                    .map(Step::text).findFirst().orElse(name);
        }
        return rule.fields().field(name).map(Field::label).orElse(name);
    }

    private static String shown(StageRule<?> rule, String name, String text) {
        if (text.isBlank()) {
            return StageForm.isTick(name) ? "not ticked" : "empty";
        }
        if (StageForm.isTick(name)) {
            return "ticked";
        }
        return rule.fields().field(name).flatMap(f -> f.choices().stream().filter(c -> c.code().equals(text)).findFirst())
                .map(Field.Choice::label).orElse(text);
    }
}
