package unbo.app.job;

import java.time.Clock;

import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.boot.ApplicationArguments;
import org.springframework.boot.ApplicationRunner;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;

import unbo.app.data.Starting;

/**
 * At the start: gives jobs of an older release what the board reads, and lets go of drafts nobody came back for. The
 * papers of jobs that an older release closed are made meanwhile, some at a time; a page that needs one makes it
 * itself.
 */
@Component
@Order(1)
class JobsAtStart implements ApplicationRunner {

    private static final Logger LOG = LoggerFactory.getLogger(JobsAtStart.class);

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
        Starting.now("jobs of an older release are prepared for the board");
        jobs.fillRails();
        drafts.forgetOlderThanAnybodyWants(clock.instant());
        Thread papers = new Thread(this::papers, "papers");
        papers.setDaemon(true);
        papers.start();
    }

    private void papers() {
        try {
            int made = 0;
            for (int some = jobs.freezeOlder(); some > 0; some = jobs.freezeOlder()) {
                made += some;
            }
            if (made > 0) {
                LOG.info("{} closed jobs of an older release are kept as printed.", made);
            }
        } catch (RuntimeException e) {
            LOG.warn(
                    "Papers of older jobs will be made at the next start, or when they are asked for: {}",
                    e.getMessage());
        }
    }
}
