package unbo.app.job;

import java.time.Instant;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.function.Consumer;
import java.util.stream.Stream;

import com.fasterxml.jackson.annotation.JsonIgnoreProperties;

import unbo.core.answer.Answer;
import unbo.core.route.RouteStage;
import unbo.core.service.Causes;
import unbo.core.sheet.Fact;

/**
 * A job as a file holds it: what was typed, what came of it, and the sheet as frozen when it was signed. Identities stay
 * behind; times are the job's own.
 *
 * @param visit  which visit of its vehicle it belongs to, counted within the file
 * @param sheet  null while the job is open
 * @param complainedOf code of the position it was opened for; null in files of an older release
 * @param parts  the rows of its parts list as typed; null in files of an older release
 * @param answers kept beside the stages; null in files of an older release
 * @param stages as {@link StageDocument} keeps them
 */
@JsonIgnoreProperties(ignoreUnknown = true)
public record JobRecord(int visit, Instant visitOpenedAt, JobState state, String waitingFor, Instant openedAt, Instant closedAt, LocalDate workedOn, Double counter,
                        String complaint, String cause, String signedBy, String numbers, List<Fact> sheet, List<StageRecord> stages, List<NoteRecord> notes, String complainedOf, Map<String, String> parts, List<AnswerRecord> answers) {

    /** One stage of it. */
    @JsonIgnoreProperties(ignoreUnknown = true)
    public record StageRecord(String code, String state, boolean complete, Instant savedAt, StageDocument document) {
    }

    /** An answer kept beside the stages. */
    @JsonIgnoreProperties(ignoreUnknown = true)
    public record AnswerRecord(String question, String title, Instant keptAt, Map<String, String> texts, Answer answer) {
    }

    /** A remark in its margin. */
    @JsonIgnoreProperties(ignoreUnknown = true)
    public record NoteRecord(Instant writtenAt, String kind, String text) {
    }

    private static final int LONGEST_TEXT = 4000;
    private static final int LONGEST_PART = 200;

    public JobRecord {
        stages = stages == null ? List.of() : List.copyOf(stages);
        notes = notes == null ? List.of() : List.copyOf(notes);
        parts = parts == null ? Map.of() : parts;
        answers = answers == null ? List.of() : List.copyOf(answers);
    }

    /** What stands against taking it in, one sentence each. @param here where in the file it stands */
    public List<String> faults(String here) {
        List<String> faults = new ArrayList<>();
        Consumer<String> fault = sentence -> faults.add(here + ": " + sentence);
        if (state == null || openedAt == null || visitOpenedAt == null) {
            fault.accept("state, openedAt and visitOpenedAt are needed.");
        }
        if (state != null && state.frozen() != (closedAt != null)) {
            fault.accept("a job that is " + state.words() + (state.frozen() ? " needs closedAt." : " has no closedAt."));
        }
        if (state == JobState.SIGNED && (sheet == null || workedOn == null)) {
            fault.accept("a signed job needs its sheet and workedOn.");
        }
        if (counter != null && !(counter >= 0 && counter < 1e9)) {
            fault.accept("the counter cannot be " + counter + ".");
        }
        length("complaint", complaint, 500, fault);
        length("waitingFor", waitingFor, 200, fault);
        length("signedBy", signedBy, 10, fault);
        length("numbers", numbers, 255, fault);
        if (cause != null && !cause.isEmpty() && !Causes.known(cause)) {
            fault.accept("the cause “" + cause + "” is not known.");
        }
        if (complainedOf != null) {
            length("complainedOf", complainedOf, 20, fault);
        }
        parts.forEach((name, text) -> length("parts " + name, text, LONGEST_PART, fault));
        facts(sheet, fault);
        stages.forEach(stage -> stage(stage, fault));
        if (stages.stream().map(StageRecord::code).distinct().count() < stages.size()) {
            fault.accept("a stage stands in it twice.");
        }
        answers.forEach(answer -> answer(answer, fault));
        if (answers.stream().map(AnswerRecord::question).distinct().count() < answers.size()) {
            fault.accept("an answer stands in it twice.");
        }
        for (NoteRecord note : notes) {
            if (note.writtenAt == null || note.kind == null || note.kind.length() > 12) {
                fault.accept("a note lacks its time or its kind.");
            }
            length("note", note.text, 500, fault);
        }
        return faults;
    }

    private static void length(String name, String text, int longest, Consumer<String> fault) {
        if (text == null || text.length() > longest) {
            fault.accept(name + (text == null ? " is missing." : " is longer than " + longest + " characters."));
        }
    }

    private static void facts(List<Fact> facts, Consumer<String> fault) {
        if (facts != null) {
            facts.stream().filter(f -> f.key() != null).map(Fact::fault).filter(Objects::nonNull).forEach(fault);
        }
    }

    private static void stage(StageRecord stage, Consumer<String> fault) {
        if (stage.code == null || RouteStage.of(stage.code).filter(RouteStage::used).isEmpty()) {
            fault.accept("there is no stage “" + stage.code + "”.");
            return;
        }
        if (stage.savedAt == null || stage.document == null || Stream.of(Stage.State.values()).noneMatch(s -> s.name().equals(stage.state))) {
            fault.accept("the stage " + stage.code + " lacks its state, savedAt or document.");
            return;
        }
        for (Map.Entry<String, String> text : stage.document.texts().entrySet()) {
            length(stage.code + " " + text.getKey(), text.getValue(), LONGEST_TEXT, fault);
        }
        facts(stage.document.facts(), fault);
        if (stage.state.equals(Stage.State.DONE.name()) && stage.document.answer() == null) {
            fault.accept("the stage " + stage.code + " is done but has no answer.");
        }
        if (stage.document.answer() != null && !whole(stage.document.answer())) {
            fault.accept("the answer of " + stage.code + " is not whole: figures, findings, sentences and worksheet are needed.");
        }
    }

    private static void answer(AnswerRecord record, Consumer<String> fault) {
        length("an answer's question", record.question, 40, fault);
        length("an answer's title", record.title, 80, fault);
        if (record.keptAt == null || record.texts == null || record.answer == null || !whole(record.answer)) {
            fault.accept("the answer “" + record.title + "” is not whole: keptAt, texts, figures, findings, sentences and worksheet are needed.");
        } else {
            record.texts.forEach((name, text) -> length("answer " + name, text, LONGEST_TEXT, fault));
        }
    }

    private static boolean whole(Answer answer) {
        return answer.worksheet() != null && answer.worksheet().title() != null
                && answer.figures().stream().allMatch(f -> Stream.of(f.what(), f.value(), f.unit(), f.other()).allMatch(Objects::nonNull))
                && answer.findings().stream().allMatch(f -> f.level() != null && f.sentence() != null);
    }
}
