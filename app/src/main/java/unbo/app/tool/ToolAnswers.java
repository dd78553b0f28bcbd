package unbo.app.tool;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

import org.springframework.stereotype.Component;

import unbo.app.catalogue.OwnCatalogue;
import unbo.app.web.FieldView;
import unbo.app.web.TypedForm;
import unbo.app.workshop.WorkshopService;
import unbo.core.answer.Answer;
import unbo.core.fact.FactKey;
import unbo.core.input.Field;
import unbo.core.input.FieldReader;
import unbo.core.input.Reading;
import unbo.core.input.Typed;
import unbo.core.tool.Ranges;
import unbo.core.tool.Tool;

/** Asks tools with what the workshop knows: its bearings, its units, and what is set once for all jobs. */
@Component
public class ToolAnswers {

    private final WorkshopService workshops;
    private final OwnCatalogue own;

    /**
     * What a tool says to some texts.
     *
     * @param form its boxes, by name, in order
     * @param answer null where the texts cannot be used yet
     * @param seconds that there are once the step begins; null where nothing runs out
     */
    public record Asked(Reading<?> reading, Map<String, FieldView> form, Answer answer, Long seconds) {

        public boolean ok() {
            return answer != null;
        }
    }

    ToolAnswers(WorkshopService workshops, OwnCatalogue own) {
        this.workshops = workshops;
        this.own = own;
    }

    /** A tool's boxes and answer; what was typed in another system is shown in the workshop's. */
    public <I, R> Asked ask(Tool<I, R> tool, Typed typed) {
        Reading<I> reading = FieldReader.read(tool.fields(), typed, own.book());
        Optional<R> result = reading.get().map(tool::compute);
        Answer answer = result.map(tool::print)
                .map(plain -> Ranges.of(tool, reading, typed, own.book(), plain))
                .orElse(null);
        return new Asked(
                reading,
                FieldView.form(reading, typed.shownIn(workshops.units())),
                answer,
                result.map(tool::seconds)
                        .filter(seconds -> seconds >= 1)
                        .map(Math::round)
                        .orElse(null));
    }

    /** Texts with what the workshop has set once, in boxes of which nothing was sent. */
    public Map<String, String> withUsual(Tool<?, ?> tool, Map<String, String> texts) {
        Map<String, String> all = new HashMap<>(texts);
        usual().forEach((fact, text) -> tool.fields().fields().stream()
                .filter(field -> field.from().contains(fact))
                .map(Field::name)
                .forEach(box -> all.putIfAbsent(box, text)));
        return all;
    }

    private Map<FactKey, String> usual() {
        return Map.of(
                FactKey.TOOLS,
                workshops.current().tools(),
                FactKey.SCHOOL,
                workshops.current().settingSchool());
    }

    /** Those of some texts that a tool asks for, with the systems they were typed in. */
    static Map<String, String> of(Tool<?, ?> tool, Map<String, String> texts) {
        Map<String, String> asked = new HashMap<>(texts);
        asked.keySet().removeIf(name -> tool.fields().field(name).isEmpty() && !TypedForm.says(name));
        return asked;
    }

    /** The boxes as a list, in order. */
    static List<FieldView> boxes(Asked asked) {
        return List.copyOf(asked.form().values());
    }
}
