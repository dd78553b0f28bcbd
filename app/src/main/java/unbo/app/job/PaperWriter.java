package unbo.app.job;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.UnaryOperator;
import java.util.stream.Collectors;
import java.util.stream.Stream;

import org.springframework.stereotype.Component;

import unbo.app.catalogue.KnowledgeService;
import unbo.app.workshop.Workshop;
import unbo.app.workshop.WorkshopService;
import unbo.core.answer.Answer;
import unbo.core.answer.Step;
import unbo.core.finding.Finding;
import unbo.core.finding.Level;
import unbo.core.input.Field;
import unbo.core.input.FieldReading;
import unbo.core.input.Typed;
import unbo.core.input.UnitSystem;
import unbo.core.inspect.Carried;
import unbo.core.inspect.JointReading;
import unbo.core.measure.Unit;
import unbo.core.route.Knowledge;
import unbo.core.route.StageRule;
import unbo.core.route.StageRules;
import unbo.core.sheet.Sheet;
import unbo.core.stage.RouteStage;
import unbo.core.strip.Tools;
import unbo.core.tools.diagnosing.DiagnosisFields;
import unbo.core.tools.school.Dispute;
import unbo.core.worksheet.Worksheet;

/**
 * Makes the paper of a job from what its stages keep. Nothing of it is computed anew but drawings, which are not kept.
 */
@Component
class PaperWriter {

    /** Boxes that an older release had and this one asks otherwise. */
    private static final Map<String, String> FORMER = Map.of("splitPin", "New split pin fitted, both legs bent");
    /** Boxes whose text is a list of codes, and what each says. */
    private static final Map<String, UnaryOperator<String>> LISTS =
            Map.of("circumstances", PaperWriter::circumstance, "tools", Tools::label);

    private static final Set<String> PAINTED = Set.of("inner", "outer", "checks");

    private final WorkshopService workshops;
    private final KnowledgeService knowledge;

    PaperWriter(WorkshopService workshops, KnowledgeService knowledge) {
        this.workshops = workshops;
        this.knowledge = knowledge;
    }

    /** In the workshop's present units. */
    Paper write(JobView view) {
        return write(view, workshops.units(), false);
    }

    /**
     * Of a job that an older release closed: in the units that its texts were typed in, whatever the workshop has
     * changed to.
     */
    Paper writeOlder(JobView view) {
        UnitSystem typed = view.stations().stream()
                .flatMap(station -> station.entries().stream())
                .map(entry -> entry.typed().units())
                .findFirst()
                .orElseGet(workshops::units);
        return write(view, typed, true);
    }

    private Paper write(JobView view, UnitSystem units, boolean older) {
        Workshop workshop = workshops.current();
        Knowledge known = knowledge.current();
        Paper.Head head = new Paper.Head(
                workshop.name(),
                view.vehicle().name(),
                view.vehicle().mark(),
                view.vehicle().kind(),
                view.position().label(),
                view.job().complaint());
        return new Paper(
                Paper.VERSION,
                units,
                head,
                view.cause(),
                older ? OlderPaper.section(view, known.bearings()) : view.section(view.sheet(), known.bearings()),
                older ? OlderPaper.facts(view.sheet()) : view.facts(),
                view.stations().stream()
                        .map(station -> station(view, station, known, older))
                        .toList());
    }

    private Paper.Station station(JobView view, JobView.Station station, Knowledge known, boolean older) {
        RouteStage stage = station.stage();
        Sheet sheet = view.sheetFor(stage);
        List<Paper.Entry> entries = new ArrayList<>(station.entries().stream()
                .map(entry -> entry(stage, entry, station.entries().size() > 1, sheet, known))
                .toList());
        if (stage == RouteStage.INSPECT && !older) {
            together(PairRead.of(view, known)).ifPresent(entries::add);
        }
        return new Paper.Station(
                stage.code(),
                stage.title(),
                station.word(),
                station.skipped(),
                entries,
                Carried.to(stage.code(), sheet));
    }

    /** What a pair says together, as an entry of its own; empty where it says nothing. */
    private static Optional<Paper.Entry> together(List<JointReading.Said> said) {
        return said.isEmpty()
                ? Optional.empty()
                : Optional.of(new Paper.Entry(
                        "both together",
                        new Answer(
                                List.of(),
                                said.stream()
                                        .map(one -> new Finding(
                                                one.code(),
                                                Level.WATCH,
                                                one.sentence() + " Read off: " + String.join("; ", one.rings()) + "."))
                                        .toList(),
                                List.of(),
                                new Worksheet("What do both say together?", List.of(), List.of()),
                                List.of()),
                        List.of(),
                        List.of()));
    }

    private Paper.Entry entry(RouteStage stage, StageEntry entry, boolean several, Sheet sheet, Knowledge known) {
        StageRule<?> rule = StageRules.of(stage, sheet, entry.typed().texts());
        StageRule.Work work = rule.work(entry.typed(), sheet, known);
        return new Paper.Entry(
                several ? name(rule, entry) : "",
                answer(entry, work),
                lines(rule, entry.typed(), work),
                steps(rule, entry),
                Dispute.told(stage, entry.typed().texts()).entrySet().stream()
                        .map(side -> new Paper.Line(side.getKey(), side.getValue(), ""))
                        .toList());
    }

    private static String name(StageRule<?> rule, StageEntry entry) {
        return entry.words().isEmpty() ? rule.entry(entry.typed()).words() : entry.words();
    }

    /** What was kept; with its drawings, where computing it again comes to the very same. */
    private static Answer answer(StageEntry entry, StageRule.Work work) {
        Answer kept = entry.answer();
        if (kept == null || !work.ok()) {
            return kept;
        }
        Answer again = work.outcome().answer();
        boolean same = again.figures().equals(kept.figures())
                && again.findings().equals(kept.findings())
                && again.worksheet().equals(kept.worksheet());
        return same
                ? new Answer(
                        kept.figures(),
                        kept.findings(),
                        kept.sentences(),
                        kept.worksheet(),
                        again.drawings(),
                        kept.steps(),
                        again.tables())
                : kept;
    }

    private static List<Paper.Line> lines(StageRule<?> rule, Typed typed, StageRule.Work work) {
        List<Paper.Line> lines = new ArrayList<>();
        for (String name : rule.asked()) {
            FieldReading reading = work.reading().fields().get(name);
            if (reading != null && !typed.text(name).isBlank() && !PAINTED.contains(name)) {
                String text = words(reading, typed);
                String echo = reading.echo() == null ? "" : reading.echo();
                lines.add(new Paper.Line(reading.field().label(), text, echo.equals(text) ? "" : echo));
            }
        }
        FORMER.forEach((name, label) -> {
            if (!typed.text(name).isBlank()) {
                lines.add(new Paper.Line(label, typed.text(name), ""));
            }
        });
        return lines;
    }

    /** A text as it was understood: codes in words, bare numbers with the unit of their system. */
    private static String words(FieldReading reading, Typed typed) {
        Field field = reading.field();
        String text = typed.text(field.name()).strip();
        if (LISTS.containsKey(field.name())) {
            return Stream.of(text.split("[\\s,;]+"))
                    .map(LISTS.get(field.name()))
                    .collect(Collectors.joining(", "));
        }
        return switch (field.kind()) {
            case CHOICE ->
                field.choices().stream()
                        .filter(choice -> choice.code().equalsIgnoreCase(text))
                        .map(Field.Choice::label)
                        .findFirst()
                        .orElse(text);
            default -> withUnit(field, text, typed.of(field.name()));
        };
    }

    private static String circumstance(String code) {
        return DiagnosisFields.circumstances().stream()
                .filter(c -> c.code().equals(code))
                .map(Field.Choice::label)
                .findFirst()
                .orElse(code);
    }

    /** A text of a quantity whose numbers stand bare, with the unit of its system behind it. */
    static String withUnit(Field field, String text, UnitSystem system) {
        boolean measures = field.kind() == Field.Kind.QUANTITY || field.kind() == Field.Kind.LIST;
        if (!measures || !text.matches("[\\d\\s.,;:/+\\-−eE]+")) {
            return text;
        }
        Unit bare = field.bareUnit(system);
        return text + (bare.symbol().isEmpty() || bare.symbol().equals("°") ? "" : " ") + bare.symbol();
    }

    private static List<Paper.StepLine> steps(StageRule<?> rule, StageEntry entry) {
        List<Step> steps = rule.steps(entry.typed(), entry.answer());
        Set<String> ticked = StageForm.ticked(entry.typed().texts());
        return steps.stream()
                .map(step -> new Paper.StepLine(step.text(), step.caution(), ticked.contains(step.code())))
                .toList();
    }
}
