package unbo.app.due;

import java.time.Clock;

import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;

import unbo.app.web.Page;

/** Ticks off what was done after hand-over. */
@Page
class FollowUpPages {

    private final FollowUpService followUps;
    private final Clock clock;

    FollowUpPages(FollowUpService followUps, Clock clock) {
        this.followUps = followUps;
        this.clock = clock;
    }

    @PostMapping("/follow-ups/{id}/done")
    String done(@PathVariable long id, RedirectAttributes flash) {
        boolean there = followUps.done(id, clock.instant());
        flash.addFlashAttribute(there ? "good" : "bad", there ? "It is off the list." : "It was off the list already.");
        return "redirect:/due";
    }
}
