package unbo.app.job;

import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.stream.Stream;

import unbo.core.answer.Answer;
import unbo.core.drawing.Drawing;
import unbo.core.drawing.Shape;
import unbo.core.service.Causes;
import unbo.core.sheet.Fact;
import unbo.core.stage.RouteStage;

/**
 * Says what stands against taking a job in from a file, in sentences. Texts may be as long as the forms take them, no
 * longer.
 */
final class JobFaults {

    private static final int LONGEST_PART = 200;
    private static final int LONGEST_NOTE = 500;
    /** A form may send so much, and what cannot be used is kept as a draft, however long it is. */
    private static final int LONGEST_SENT = 256 << 10;

    private static final int FIRST_YEAR = 1950;

    private final String here;
    private final List<String> faults = new ArrayList<>();

    /** @param here where in the file it stands */
    JobFaults(String here) {
        this.here = here;
    }

    List<String> of(JobRecord job) {
        state(job);
        length("complaint", job.complaint(), LONGEST_NOTE);
        length("waitingFor", job.waitingFor(), LONGEST_PART);
        length("signedBy", job.signedBy(), 10);
        length("numbers", job.numbers(), 255);
        length("movedFrom", job.movedFrom(), 24);
        if (job.complainedOf() != null) {
            length("complainedOf", job.complainedOf(), 24);
        }
        if (job.cause() != null && !job.cause().isEmpty() && !Causes.known(job.cause())) {
            fault("the cause “" + job.cause() + "” is not known.");
        }
        job.parts().forEach((name, text) -> length("parts " + name, text, LONGEST_PART));
        facts(job.sheet());
        facts(job.knownBefore());
        job.stages().forEach(this::stage);
        once("a stage", job.stages().stream().map(JobRecord.StageRecord::code).toList());
        job.answers().forEach(this::answer);
        once(
                "an answer",
                job.answers().stream().map(JobRecord.AnswerRecord::question).toList());
        for (JobRecord.NoteRecord note : job.notes()) {
            if (note.writtenAt() == null || note.kind() == null || note.kind().length() > 12) {
                fault("a note lacks its time or its kind.");
            }
            length("note", note.text(), LONGEST_NOTE);
        }
        if (job.paper() != null
                && !Documents.paper(job.paper()).filter(JobFaults::whole).isPresent()) {
            fault("the paper of the job is not whole.");
        }
        return faults;
    }

    private void state(JobRecord job) {
        if (job.state() == null || job.openedAt() == null || job.visitOpenedAt() == null) {
            fault("state, openedAt and visitOpenedAt are needed.");
        }
        if (job.state() != null && job.state().frozen() != (job.closedAt() != null)) {
            fault("a job that is " + job.state().words()
                    + (job.state().frozen() ? " needs closedAt." : " has no closedAt."));
        }
        if (job.state() == JobState.SIGNED && (job.sheet() == null || job.workedOn() == null)) {
            fault("a signed job needs its sheet and workedOn.");
        }
        if (job.workedOn() != null
                && (job.workedOn().getYear() < FIRST_YEAR
                        || job.workedOn().getYear() > java.time.LocalDate.now().getYear() + 2)) {
            fault("workedOn cannot be in the year " + job.workedOn().getYear() + ".");
        }
        if (job.counter() != null && !(job.counter() >= 0 && job.counter() < 1e9)) {
            fault("the counter cannot be " + job.counter() + ".");
        }
    }

    private void fault(String sentence) {
        faults.add(here + ": " + sentence);
    }

    private void length(String name, String text, int longest) {
        if (text == null || text.length() > longest) {
            fault(name + (text == null ? " is missing." : " is longer than " + longest + " characters."));
        }
    }

    private void once(String what, List<String> names) {
        if (names.stream().distinct().count() < names.size()) {
            fault(what + " stands in it twice.");
        }
    }

    private void facts(Collection<Fact> facts) {
        if (facts != null) {
            facts.stream()
                    .filter(f -> f != null && f.key() != null)
                    .map(Fact::fault)
                    .filter(Objects::nonNull)
                    .forEach(this::fault);
        }
    }

    private void texts(String name, Map<String, String> texts) {
        texts.forEach((box, text) -> length(name + " " + box, text, LONGEST_SENT));
    }

    private void stage(JobRecord.StageRecord stage) {
        if (stage.code() == null || RouteStage.of(stage.code()).isEmpty()) {
            fault("there is no stage “" + stage.code() + "”.");
            return;
        }
        boolean known = Stream.of(Stage.State.values()).anyMatch(s -> s.name().equals(stage.state()));
        if (stage.savedAt() == null || stage.document() == null || !known) {
            fault("the stage " + stage.code() + " lacks its state, savedAt or document.");
            return;
        }
        for (StageEntry entry : stage.document().entries()) {
            texts(stage.code(), entry.typed().texts());
            length(stage.code() + " of", entry.of(), LONGEST_SENT);
            length(stage.code() + " words", entry.words(), LONGEST_SENT);
            facts(entry.facts());
            if (entry.answer() != null && !whole(entry.answer())) {
                fault("the answer of " + stage.code()
                        + " is not whole: figures, findings, sentences and worksheet are needed.");
            }
        }
        boolean done = stage.state().equals(Stage.State.DONE.name());
        if (done
                && (stage.document().entries().isEmpty()
                        || stage.document().entries().stream().anyMatch(entry -> entry.answer() == null))) {
            fault("the stage " + stage.code() + " is done but has no answer.");
        }
    }

    private void answer(JobRecord.AnswerRecord record) {
        length("an answer's question", record.question(), 40);
        length("an answer's title", record.title(), 80);
        if (record.keptAt() == null
                || record.texts() == null && record.typed() == null
                || record.answer() == null
                || !whole(record.answer())) {
            fault("the answer “" + record.title()
                    + "” is not whole: keptAt, texts, figures, findings, sentences and worksheet are needed.");
        } else {
            texts(
                    "answer",
                    record.typed() == null ? record.texts() : record.typed().texts());
        }
    }

    private static boolean whole(Answer answer) {
        return answer.worksheet() != null
                && answer.worksheet().title() != null
                && answer.figures().stream()
                        .allMatch(f -> Stream.of(f.what(), f.value(), f.unit(), f.other())
                                .allMatch(Objects::nonNull))
                && answer.findings().stream().allMatch(f -> f.level() != null && f.sentence() != null)
                && answer.drawings().stream().allMatch(JobFaults::whole);
    }

    private static boolean whole(Drawing drawing) {
        return drawing.name() != null
                && drawing.title() != null
                && drawing.shapes().stream().allMatch(JobFaults::whole);
    }

    private static boolean whole(Shape shape) {
        if (shape instanceof Shape.Outline o) {
            return o.role() != null
                    && o.known() != null
                    && o.points() != null
                    && o.points().stream().allMatch(Objects::nonNull);
        } else if (shape instanceof Shape.Circle c) {
            return c.role() != null && c.known() != null && c.centre() != null;
        } else if (shape instanceof Shape.Arc a) {
            return a.role() != null;
        } else if (shape instanceof Shape.Label l) {
            return l.role() != null
                    && l.at() != null
                    && l.text() != null
                    && l.anchor() != null
                    && l.anchor().matches("start|middle|end");
        } else if (shape instanceof Shape.Dimension d) {
            return Stream.of(d.from(), d.to(), d.lineFrom(), d.lineTo(), d.text(), d.known())
                    .allMatch(Objects::nonNull);
        } else if (shape instanceof Shape.Turned t) {
            return t.name() != null && t.shapes() != null && t.shapes().stream().allMatch(JobFaults::whole);
        } else if (shape instanceof Shape.Tagged t) {
            return t.part() != null
                    && t.title() != null
                    && t.shapes() != null
                    && t.shapes().stream().allMatch(JobFaults::whole);
        } else if (shape instanceof Shape.Moved m) {
            return m.to() != null && m.shapes() != null && m.shapes().stream().allMatch(JobFaults::whole);
        } else if (shape instanceof Shape.Spinning s) {
            return s.shapes() != null && s.shapes().stream().allMatch(JobFaults::whole);
        }
        return false;
    }

    private static boolean whole(Paper paper) {
        return paper.units() != null
                && paper.head() != null
                && paper.cause() != null
                && (paper.section() == null || whole(paper.section()))
                && paper.facts().stream()
                        .allMatch(f -> Stream.of(f.words(), f.shown(), f.how(), f.source())
                                .allMatch(Objects::nonNull))
                && paper.stations().stream()
                        .allMatch(s -> Stream.of(s.code(), s.title(), s.word(), s.skipped())
                                        .allMatch(Objects::nonNull)
                                && s.entries().stream()
                                        .allMatch(e -> e.of() != null && (e.answer() == null || whole(e.answer()))));
    }
}
