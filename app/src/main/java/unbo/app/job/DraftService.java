package unbo.app.job;

import java.time.Duration;
import java.time.Instant;
import java.util.Map;
import java.util.Optional;

import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

import unbo.core.route.RouteStage;

/** Holds what is being typed at a stage until it is kept: one draft for each desk, so that two do not overwrite each other. */
@Service
@Transactional
class DraftService {

    /** After this nobody comes back for what was typed. */
    private static final Duration LONGEST = Duration.ofDays(60);

    /**
     * What was typed at a desk.
     *
     * @param version of the stage when typing began
     * @param base    the texts that stood there then
     */
    record Draft(int version, Map<String, String> base, Map<String, String> texts, Instant at) {
    }

    private final StageDrafts drafts;
    private final Documents documents;

    DraftService(StageDrafts drafts, Documents documents) {
        this.drafts = drafts;
        this.documents = documents;
    }

    /** Holds what is typed; forgets it where it says no more than what stood there or is kept by now. */
    void typed(long jobId, RouteStage stage, String desk, Draft draft, Map<String, String> kept) {
        if (draft.texts.equals(draft.base) || draft.texts.equals(kept)) {
            drafts.forget(jobId, stage.code(), desk);
        } else {
            drafts.put(jobId, stage.code(), desk, draft.version, documents.write(draft.base), documents.write(draft.texts), draft.at);
        }
    }

    @Transactional(readOnly = true)
    Optional<Draft> at(long jobId, RouteStage stage, String desk) {
        return drafts.at(jobId, stage.code(), desk)
                .map(d -> new Draft(d.version(), documents.texts(d.base()), documents.texts(d.texts()), d.typedAt()));
    }

    void forget(long jobId, RouteStage stage, String desk) {
        drafts.forget(jobId, stage.code(), desk);
    }

    void forgetOlderThanAnybodyWants(Instant now) {
        drafts.forgetOlder(now.minus(LONGEST));
    }
}
