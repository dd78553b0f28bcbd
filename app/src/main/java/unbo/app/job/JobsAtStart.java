package unbo.app.job;

import java.time.Clock;

import org.springframework.boot.ApplicationArguments;
import org.springframework.boot.ApplicationRunner;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;

/** At the start: gives jobs of an older release what the board reads, and lets go of drafts nobody came back for. */
@Component
@Order(1)
class JobsAtStart implements ApplicationRunner {

    private final JobService jobs;
    private final DraftService drafts;
    private final Clock clock;

    JobsAtStart(JobService jobs, DraftService drafts, Clock clock) {
        this.jobs = jobs;
        this.drafts = drafts;
        this.clock = clock;
    }

    @Override
    public void run(ApplicationArguments arguments) {
        jobs.fillRails();
        drafts.forgetOlderThanAnybodyWants(clock.instant());
    }
}
