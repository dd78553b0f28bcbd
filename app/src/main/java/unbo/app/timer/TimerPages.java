package unbo.app.timer;

import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;

import unbo.app.web.Page;

/** Takes timers off the board. */
@Page
class TimerPages {

    private final TimerService timers;

    TimerPages(TimerService timers) {
        this.timers = timers;
    }

    @PostMapping("/timers/{id}/seen")
    String seen(@PathVariable long id) {
        timers.seen(id);
        return "redirect:/";
    }
}
