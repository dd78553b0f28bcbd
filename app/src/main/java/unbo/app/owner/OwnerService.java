package unbo.app.owner;

import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.security.SecureRandom;
import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.util.Base64;
import java.util.HexFormat;
import java.util.List;
import java.util.Optional;

import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

import unbo.app.job.JobService;
import unbo.app.job.JobView;
import unbo.core.finding.Finding;
import unbo.core.handover.AfterDrive;

/** Links for owners, and what came back by them. */
@Service
@Transactional
public class OwnerService {

    /** A link is good for so long. */
    static final int GOOD_DAYS = 60;

    private static final int SECRET_BYTES = 24;

    private final OwnerChecks checks;
    private final OwnerAnswers answers;
    private final JobService jobs;
    private final Clock clock;
    private final SecureRandom random = new SecureRandom();

    OwnerService(OwnerChecks checks, OwnerAnswers answers, JobService jobs, Clock clock) {
        this.checks = checks;
        this.answers = answers;
        this.jobs = jobs;
        this.clock = clock;
    }

    /** @param told when */
    public record Told(AfterDrive drive, Instant told) {

        public List<Finding> findings() {
            return drive.findings();
        }
    }

    /** What a link opens. @param next kilometres that are asked about now; null where all was answered */
    public record Asked(JobView view, List<Told> told, Integer next) {}

    /** A new link for a signed job, in place of those before; empty where it is not signed. */
    public Optional<String> link(long jobId) {
        if (jobs.view(jobId).filter(view -> view.job().state().frozen()).isEmpty()) {
            return Optional.empty();
        }
        byte[] secret = new byte[SECRET_BYTES];
        random.nextBytes(secret);
        String token = Base64.getUrlEncoder().withoutPadding().encodeToString(secret);
        checks.endThose(jobId);
        checks.save(new OwnerCheck(
                jobId, hash(token), clock.instant(), LocalDate.now(clock).plusDays(GOOD_DAYS)));
        return Optional.of(token);
    }

    @Transactional(readOnly = true)
    public List<Told> told(long jobId) {
        return answers.every(jobId).stream()
                .map(a -> new Told(a.drive(), a.told()))
                .toList();
    }

    /** Empty where the link is none, or has ended. */
    @Transactional(readOnly = true)
    public Optional<Asked> asked(String token) {
        return check(token).flatMap(check -> jobs.view(check.jobId())).map(view -> {
            List<Told> told = told(view.job().id());
            return new Asked(view, told, next(told));
        });
    }

    private static Integer next(List<Told> told) {
        return AfterDrive.ASKED_KM.stream()
                .filter(km -> told.stream().noneMatch(t -> t.drive().afterKm() == km))
                .findFirst()
                .orElse(null);
    }

    private Optional<OwnerCheck> check(String token) {
        return checks.findByToken(hash(token))
                .filter(check -> !LocalDate.now(clock).isAfter(check.ends()));
    }

    /**
     * Keeps an answer; what wants a look makes the position due today.
     *
     * @return false where the link has ended, or that was answered before
     */
    public boolean answer(String token, AfterDrive drive) {
        Asked asked = asked(token).orElse(null);
        if (asked == null || asked.next() == null || asked.next() != drive.afterKm()) {
            return false;
        }
        answers.save(new OwnerAnswer(asked.view().job().id(), drive, clock.instant()));
        if (drive.wantsALook()) {
            asked.view()
                    .position()
                    .wanted(
                            LocalDate.now(clock),
                            "the owner, after " + drive.afterKm() + " km: "
                                    + drive.findings().get(0).sentence());
        }
        return true;
    }

    private static String hash(String token) {
        try {
            return HexFormat.of()
                    .formatHex(MessageDigest.getInstance("SHA-256").digest(token.getBytes(StandardCharsets.UTF_8)));
        } catch (NoSuchAlgorithmException never) {
            throw new IllegalStateException(never);
        }
    }
}
