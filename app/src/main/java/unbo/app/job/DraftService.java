package unbo.app.job;

import java.time.Duration;
import java.time.Instant;
import java.util.Optional;

import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

import unbo.core.input.Typed;
import unbo.core.stage.RouteStage;

/**
 * Holds what is being typed at a stage until it is kept: one draft for each desk, so that two do not overwrite each
 * other. What was kept leaves a mark for a while: a page that sent its texts before and is heard later makes no draft
 * of them.
 */
@Service
@Transactional
class DraftService {

    /** After this nobody comes back for what was typed. */
    private static final Duration LONGEST = Duration.ofDays(60);

    /**
     * What was typed at a desk.
     *
     * @param version of the stage when typing began
     * @param base what stood there then
     * @param seq counts up with every sending of one browser; 0 where a page without script sent it
     */
    record Draft(int version, Typed base, Typed typed, long seq, Instant at) {}

    private final StageDrafts drafts;
    private final Documents documents;

    DraftService(StageDrafts drafts, Documents documents) {
        this.drafts = drafts;
        this.documents = documents;
    }

    /**
     * Holds what is typed; forgets it where it says no more than what stood there or is kept by now, drops it where
     * something sent later was kept.
     */
    void typed(long jobId, RouteStage stage, String desk, Draft draft, Typed kept) {
        Optional<StageDraft> there = drafts.at(jobId, stage.code(), desk);
        if (there.isPresent() && draft.seq > 0 && draft.seq <= there.get().seq()) {
            return;
        }
        boolean nothingNew = draft.typed.says(draft.base) || draft.typed.says(kept);
        if (!nothingNew) {
            drafts.put(
                    jobId,
                    stage.code(),
                    desk,
                    draft.version,
                    documents.write(draft.base),
                    documents.write(draft.typed),
                    draft.seq,
                    false,
                    draft.at);
        } else if (there.isPresent()) {
            mark(jobId, stage, desk, draft.seq, draft.at);
        }
    }

    /** The draft of a desk; empty where there is none. */
    @Transactional(readOnly = true)
    Optional<Draft> at(long jobId, RouteStage stage, String desk) {
        return drafts.at(jobId, stage.code(), desk)
                .filter(d -> !d.kept())
                .map(d -> new Draft(
                        d.version(), documents.typed(d.base()), documents.typed(d.texts()), d.seq(), d.typedAt()));
    }

    /** Lets go of what was typed: it was kept, or nobody wants it. */
    void mark(long jobId, RouteStage stage, String desk, long seq, Instant at) {
        drafts.put(jobId, stage.code(), desk, -1, "{}", "{}", seq, true, at);
    }

    void forgetOlderThanAnybodyWants(Instant now) {
        drafts.forgetOlder(now.minus(LONGEST));
    }
}
