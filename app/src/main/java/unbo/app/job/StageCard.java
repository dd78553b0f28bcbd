package unbo.app.job;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;

import unbo.app.web.FieldView;
import unbo.core.route.Asking;
import unbo.core.route.FactWords;
import unbo.core.route.StageRule;
import unbo.core.sheet.Sheet;

/**
 * The boxes of a stage as its card shows them: those that are asked now stand open, those that say something already
 * are lines, the rest folds away by what it is about.
 *
 * @param now the most pressing first
 * @param settled true where no empty box would change the answer noticeably
 * @param chosen boxes that were answered by choosing the entry
 * @param lines boxes that are filled, each with where that comes from
 * @param folds all others
 */
public record StageCard(List<Ask> now, boolean settled, List<FieldView> chosen, List<Line> lines, List<Fold> folds) {

    private static final String REST = "More that can be said";

    /** A box that is asked now. @param because why, in a few words; empty where that needs none */
    public record Ask(FieldView field, String because) {}

    /** A box that is filled. @param source where its text comes from */
    public record Line(FieldView field, String value, String source) {}

    /** Boxes about one thing. @param open true where one of them is refused */
    public record Fold(String title, List<FieldView> fields, boolean open) {}

    /** Boxes that belong together. */
    record Group(String title, List<String> names) {}

    /**
     * @param form the boxes by name, in order
     * @param face how what is not asked folds away; what is in no group folds under a title of its own
     */
    static StageCard of(Map<String, FieldView> form, Asking asking, StageFace.Showing shown, StageFace face) {
        Set<String> placed = new HashSet<>(face.apart(shown));
        Set<String> answered =
                face.byPlace().isPresent() && shown.sheet().kind().isPresent() ? face.chooses() : Set.of();
        List<FieldView> chosen = answered.stream()
                .filter(form::containsKey)
                .filter(placed::add)
                .map(form::get)
                .toList();
        List<Ask> now = new ArrayList<>();
        for (Asking.Question question : asking.now()) {
            if (placed.add(question.field())) {
                now.add(new Ask(form.get(question.field()), because(question)));
            }
        }
        List<Line> lines = new ArrayList<>();
        form.forEach((name, field) -> {
            if (!field.typed().isBlank() && field.refusals().isEmpty() && placed.add(name)) {
                lines.add(new Line(field, value(field), source(shown.rule(), shown, name)));
            }
        });
        List<Fold> folds = new ArrayList<>();
        List<Group> groups = face.groups(shown);
        for (Group group : groups) {
            fold(folds, group.title(), group.names(), form, placed);
        }
        fold(folds, groups.isEmpty() ? REST : "Else", List.copyOf(form.keySet()), form, placed);
        return new StageCard(now, asking.settled(), chosen, lines, folds);
    }

    private static void fold(
            List<Fold> folds, String title, List<String> names, Map<String, FieldView> form, Set<String> placed) {
        List<FieldView> fields = names.stream()
                .filter(form::containsKey)
                .filter(placed::add)
                .map(form::get)
                .toList();
        if (!fields.isEmpty()) {
            folds.add(new Fold(
                    title, fields, fields.stream().anyMatch(f -> !f.refusals().isEmpty())));
        }
    }

    private static String because(Asking.Question question) {
        return switch (question.because()) {
            case REFUSED, BEGINS -> "";
            case NEEDED -> "needed";
            case TURNS_THE_VERDICT -> "may turn the verdict";
            case MOVES_THE_ANSWER ->
                question.moves() >= 1
                        ? "changes what is answered"
                        : String.format(
                                Locale.ROOT, "moves the answer by up to %d %%", Math.round(100 * question.moves()));
        };
    }

    private static String value(FieldView field) {
        return switch (field.kind()) {
            case "CHOICE" ->
                field.choices().stream()
                        .filter(choice -> choice.code().equals(field.typed()))
                        .map(choice -> choice.label())
                        .findFirst()
                        .orElse(field.typed());
            case "YES_NO" -> "yes";
            case "QUANTITY", "WHOLE", "LIST", "COUNTER" ->
                field.echo().isEmpty() ? (field.typed() + " " + field.unit()).strip() : field.echo();
            default -> field.typed();
        };
    }

    private static String source(StageRule<?> rule, StageFace.Showing shown, String name) {
        Sheet sheet = shown.sheet();
        return rule.source(sheet, shown.typed(), name)
                .map(fact -> fact.how().word() + ", " + FactWords.source(fact))
                .orElse("");
    }
}
