package unbo.app.job;

import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Objects;

import com.fasterxml.jackson.annotation.JsonIgnoreProperties;

import unbo.core.answer.Answer;
import unbo.core.input.Typed;
import unbo.core.sheet.Fact;

/**
 * A job as a file holds it: what was typed, what came of it, the sheet as frozen when it was signed, the paper as it
 * was printed. Identities stay behind; times are the job's own. What files of an older release lack is null or empty.
 *
 * @param visit which visit of its vehicle it belongs to, counted within the file
 * @param sheet null while the job is open
 * @param complainedOf code of the position it was opened for
 * @param parts the rows of its parts list as typed
 * @param answers kept beside the stages
 * @param stages as {@link StageDocument} keeps them
 * @param knownBefore what was known before it was first closed; null until then
 * @param paper as it was closed; null while the job is open
 */
@JsonIgnoreProperties(ignoreUnknown = true)
public record JobRecord(
        int visit,
        Instant visitOpenedAt,
        JobState state,
        String waitingFor,
        Instant openedAt,
        Instant closedAt,
        LocalDate workedOn,
        Double counter,
        String complaint,
        String cause,
        String signedBy,
        String numbers,
        List<Fact> sheet,
        List<StageRecord> stages,
        List<NoteRecord> notes,
        String complainedOf,
        String movedFrom,
        Map<String, String> parts,
        List<AnswerRecord> answers,
        List<Fact> knownBefore,
        KeptPaper paper) {

    /** One stage of it. */
    @JsonIgnoreProperties(ignoreUnknown = true)
    public record StageRecord(String code, String state, boolean complete, Instant savedAt, StageDocument document) {}

    /**
     * An answer kept beside the stages. @param texts of an older release, which did not say in which system they were
     * typed
     */
    @JsonIgnoreProperties(ignoreUnknown = true)
    public record AnswerRecord(
            String question,
            String title,
            Instant keptAt,
            Map<String, String> texts,
            Typed typed,
            Map<String, String> hangsOn,
            Answer answer) {}

    /** A remark in its margin. */
    @JsonIgnoreProperties(ignoreUnknown = true)
    public record NoteRecord(Instant writtenAt, String kind, String text) {}

    public JobRecord {
        sheet = sheet == null ? null : whole(sheet);
        knownBefore = knownBefore == null ? null : whole(knownBefore);
        stages = whole(stages);
        notes = whole(notes);
        parts = parts == null ? Map.of() : parts;
        answers = whole(answers);
        movedFrom = movedFrom == null ? "" : movedFrom;
    }

    /** Without members that are nothing. */
    private static <T> List<T> whole(List<T> list) {
        return list == null ? List.of() : list.stream().filter(Objects::nonNull).toList();
    }

    /** What stands against taking it in, one sentence each. @param here where in the file it stands */
    public List<String> faults(String here) {
        return new JobFaults(here).of(this);
    }
}
