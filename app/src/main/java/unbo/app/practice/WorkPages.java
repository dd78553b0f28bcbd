package unbo.app.practice;

import java.time.Clock;
import java.util.Optional;

import org.springframework.http.HttpStatus;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.server.ResponseStatusException;

import unbo.app.web.Page;
import unbo.core.tools.practice.Work;

/** Work on something hidden, one move after the other. */
@Page
class WorkPages {

    private static final long MOST_SEED = 999_999_999L;

    private final WorkRecord record;
    private final Clock clock;

    WorkPages(WorkRecord record, Clock clock) {
        this.record = record;
        this.clock = clock;
    }

    /**
     * Begins; two who want the same thing before them begin with the same seed.
     *
     * @param begin code of the work and level, as nut-2
     */
    @PostMapping("/practice/work")
    String begin(
            @RequestParam String begin,
            @RequestParam(required = false) Long seed,
            @RequestParam(defaultValue = "") String who) {
        int cut = begin.lastIndexOf('-');
        Work work = WorkRecord.work(begin.substring(0, Math.max(0, cut)))
                .orElseThrow(() -> new ResponseStatusException(HttpStatus.NOT_FOUND));
        long id = record.begin(
                work,
                level(begin.substring(cut + 1)),
                Math.floorMod(seed == null ? clock.instant().toEpochMilli() : seed, MOST_SEED + 1),
                Who.of(who),
                clock.instant());
        return "redirect:/practice/work/" + id;
    }

    private static int level(String text) {
        return text.matches("[1-4]") ? Integer.parseInt(text) : 1;
    }

    @GetMapping("/practice/work/{id:\\d+}")
    String stands(@PathVariable long id, Model model) {
        return page(record.find(id), model);
    }

    @PostMapping("/practice/work/{id:\\d+}/moves")
    String move(@PathVariable long id, @RequestParam String move) {
        record.move(id, move, clock.instant());
        return "redirect:/practice/work/" + id;
    }

    private static String page(Optional<WorkRecord.Begun> found, Model model) {
        WorkRecord.Begun begun = found.orElseThrow(() -> new ResponseStatusException(HttpStatus.NOT_FOUND));
        model.addAttribute("begun", begun);
        model.addAttribute("turn", begun.turn());
        return "practice/work";
    }
}
