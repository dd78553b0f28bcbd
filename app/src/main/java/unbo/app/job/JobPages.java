package unbo.app.job;

import java.time.Clock;
import java.util.List;
import java.util.Optional;

import org.springframework.dao.DuplicateKeyException;
import org.springframework.http.HttpStatus;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.server.ResponseStatusException;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;

import unbo.app.people.SecondEyes;
import unbo.app.vehicle.PlacesPlan;
import unbo.app.vehicle.Position;
import unbo.app.vehicle.Vehicle;
import unbo.app.vehicle.VehicleService;
import unbo.app.web.Once;
import unbo.app.web.Page;
import unbo.core.stage.RouteStage;

/** Opening a visit, working through the stages of a job, signing it. */
@Page
class JobPages {

    private static final int LONGEST_NOTE = 500;
    private static final int LONGEST_PARTS = 200;
    /** Lines of a list beside something else. */
    static final int SHORT_LIST = 10;

    private final JobService jobs;
    private final VehicleService vehicles;
    private final SecondEyes eyes;
    private final Clock clock;

    JobPages(JobService jobs, VehicleService vehicles, SecondEyes eyes, Clock clock) {
        this.jobs = jobs;
        this.vehicles = vehicles;
        this.eyes = eyes;
        this.clock = clock;
    }

    @GetMapping("/visits/new")
    String newVisit(
            @RequestParam(required = false) Long vehicle,
            @RequestParam(defaultValue = "") String q,
            @RequestParam(defaultValue = "0") int page,
            Model model) {
        model.addAttribute("vehicles", vehicles.page(q, page));
        model.addAttribute("once", Once.token());
        if (vehicle != null) {
            Vehicle come = vehicles.find(vehicle).orElseThrow(JobPages::unknown);
            model.addAttribute("vehicle", come);
            model.addAttribute("plan", PlacesPlan.of(come, JobPages::worked));
        }
        return "job/new-visit";
    }

    private static String worked(Position position) {
        return position.lastWorkedOn() == null ? "no history here" : "done " + position.lastWorkedOn();
    }

    @PostMapping("/visits")
    String open(
            @RequestParam long vehicle,
            @RequestParam(required = false) String position,
            @RequestParam(required = false) String once,
            RedirectAttributes flash) {
        if (position == null) {
            flash.addFlashAttribute("bad", "Choose the position first, or that it is not known yet.");
            return "redirect:/visits/new?vehicle=" + vehicle;
        }
        return "redirect:/jobs/" + opened(vehicle, position, Once.read(once)) + "/intake";
    }

    /** Of two that are sent at the same moment the second finds the job of the first. */
    private long opened(long vehicle, String position, String once) {
        try {
            return jobs.open(vehicle, position, once, clock.instant());
        } catch (DuplicateKeyException twice) {
            return jobs.open(vehicle, position, once, clock.instant());
        }
    }

    @GetMapping("/jobs/{id}")
    String job(@PathVariable long id) {
        JobView view = view(id);
        return view.job().state().frozen()
                ? "redirect:/jobs/" + id + "/report"
                : "redirect:/jobs/" + id + "/" + view.nextStage().code();
    }

    @PostMapping("/jobs/{id}/do/{what}")
    String act(
            @PathVariable long id,
            @PathVariable String what,
            @RequestParam(defaultValue = "") String text,
            @RequestParam(defaultValue = "") String back,
            RedirectAttributes flash) {
        String words = cut(text, LONGEST_NOTE);
        return switch (what) {
            case "sign" -> signed(jobs.sign(id, clock.instant()), id, flash);
            case "note" -> {
                if (words.isBlank()) {
                    flash.addFlashAttribute("bad", "The note is empty: nothing was kept.");
                } else {
                    jobs.note(id, words, clock.instant());
                }
                yield "redirect:/jobs/" + id + "/report";
            }
            case "wait" ->
                needing(
                        words,
                        "Say which parts the job waits for.",
                        () -> jobs.await(id, cut(words, LONGEST_PARTS), clock.instant()),
                        "/",
                        "/jobs/" + id + "/report",
                        flash);
            case "go-on" -> {
                jobs.goOn(id);
                yield "redirect:/jobs/" + id;
            }
            case "abandon" ->
                needing(
                        words,
                        "Say why the job is abandoned.",
                        () -> jobs.abandon(id, words, clock.instant()),
                        "/",
                        "/jobs/" + id + "/report",
                        flash);
            case "reopen" ->
                needing(
                        words,
                        "Say why the job is opened again.",
                        () -> jobs.reopen(id, words, clock.instant()),
                        "/jobs/" + id,
                        "/jobs/" + id + "/report",
                        flash);
            case "move" -> {
                if (jobs.move(id, words, clock.instant())) {
                    flash.addFlashAttribute(
                            "good",
                            "The job stands at " + view(id).position().label()
                                    + " now; what that position knows is on its sheet.");
                } else {
                    flash.addFlashAttribute(
                            "bad", "Nothing was changed: this vehicle has no such position, or the job is closed.");
                }
                yield "redirect:/jobs/" + id + "/"
                        + RouteStage.of(back).map(RouteStage::code).orElse("diagnose");
            }
            case "take-away" ->
                needing(
                        words,
                        "Say why the job is taken away.",
                        () -> jobs.takeAway(id, cut(words, LONGEST_PARTS), clock.instant()),
                        "/away",
                        "/jobs/" + id + "/report",
                        flash);
            case "put-back" -> {
                flash.addFlashAttribute(
                        "good", jobs.putBack(id, clock.instant()) ? "It is back." : "It was taken away too long ago.");
                yield "redirect:/jobs/" + id;
            }
            case "seen" -> {
                String refusal = eyes.look(id);
                flash.addFlashAttribute(
                        refusal.isEmpty() ? "good" : "bad",
                        refusal.isEmpty() ? "Looked through: somebody else signs it, if nothing is changed." : refusal);
                yield "redirect:/jobs/" + id + "/log";
            }
            case "no-hub" ->
                needing(
                        words,
                        "Say in a word why no hub is opened.",
                        () -> jobs.noHubWork(id, cut(words, LONGEST_PARTS), clock.instant()),
                        "/jobs/" + id + "/log",
                        "/jobs/" + id + "/diagnose",
                        flash);
            case "twin" ->
                twin(id).map(twin -> "redirect:/jobs/" + twin).orElseGet(() -> {
                    flash.addFlashAttribute("bad", "This position has no other side.");
                    return "redirect:/jobs/" + id + "/report";
                });
            default -> throw unknown();
        };
    }

    private Optional<Long> twin(long id) {
        try {
            return jobs.openTwin(id, clock.instant());
        } catch (DuplicateKeyException twice) {
            return jobs.openTwin(id, clock.instant());
        }
    }

    /** Where a job leads that was to be signed. @param reasons why it was not; empty where it was */
    static String signed(List<String> reasons, long id, RedirectAttributes flash) {
        if (reasons.isEmpty()) {
            flash.addFlashAttribute("good", "Signed and closed. Results and worksheets are frozen as they stand.");
            return "redirect:/jobs/" + id + "/report";
        }
        flash.addFlashAttribute("reasons", reasons);
        return "redirect:/jobs/" + id + "/log";
    }

    private static String needing(
            String words,
            String ask,
            java.util.function.BooleanSupplier act,
            String onward,
            String back,
            RedirectAttributes flash) {
        if (words.isBlank()) {
            flash.addFlashAttribute("bad", ask);
            return "redirect:" + back;
        }
        if (!act.getAsBoolean()) {
            flash.addFlashAttribute("bad", "Nothing was changed: the job stands otherwise by now.");
            return "redirect:" + back;
        }
        return "redirect:" + onward;
    }

    private JobView view(long id) {
        return jobs.view(id).orElseThrow(JobPages::unknown);
    }

    /** A text without blanks around it, cut at its longest. */
    static String cut(String text, int longest) {
        return text.strip().substring(0, Math.min(longest, text.strip().length()));
    }

    private static ResponseStatusException unknown() {
        return new ResponseStatusException(HttpStatus.NOT_FOUND);
    }
}
