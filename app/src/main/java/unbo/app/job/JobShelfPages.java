package unbo.app.job;

import java.time.Clock;
import java.util.Arrays;
import java.util.List;
import java.util.Map;

import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.server.ResponseStatusException;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;

import unbo.app.stock.GreaseShelf;
import unbo.app.stock.Purpose;
import unbo.app.stock.StockService;
import unbo.app.web.Once;
import unbo.app.web.Page;
import unbo.app.web.TypedForm;
import unbo.app.workshop.WorkshopService;
import unbo.core.fact.FactKey;
import unbo.core.input.Field;
import unbo.core.input.FieldList;
import unbo.core.input.FieldReader;
import unbo.core.input.Reading;
import unbo.core.lubrication.Mixing;
import unbo.core.measure.Quantity;

/** Takes what a job needs off the shelf, once; and puts shims back. */
@Page
@RequestMapping("/jobs/{id}/take")
class JobShelfPages {

    private static final FieldList<Double> GRAMS = FieldList.of(
            List.of(Field.quantity("grams", "Grams", Quantity.MASS, "g", 0.1, 100_000)
                    .must()),
            v -> v.number("grams"));

    private final JobService jobs;
    private final StockService stock;
    private final GreaseShelf greases;
    private final WorkshopService workshops;
    private final Clock clock;

    JobShelfPages(JobService jobs, StockService stock, GreaseShelf greases, WorkshopService workshops, Clock clock) {
        this.jobs = jobs;
        this.stock = stock;
        this.greases = greases;
        this.workshops = workshops;
        this.clock = clock;
    }

    @PostMapping("/shims")
    String shims(
            @PathVariable long id,
            @RequestParam(defaultValue = "") String shims,
            @RequestParam(defaultValue = "") String once,
            RedirectAttributes flash) {
        JobView view = open(id);
        List<Double> set = !shims.matches("[0-9. ]{1,400}")
                ? List.of()
                : Arrays.stream(shims.strip().split(" +"))
                        .filter(s -> s.matches("\\d{1,2}(\\.\\d{1,4})?"))
                        .map(Double::valueOf)
                        .toList();
        List<String> against =
                set.isEmpty() ? List.of("no shims were named") : stock.take(set, purpose(view, once), clock.instant());
        flash.addFlashAttribute(
                against.isEmpty() ? "good" : "bad",
                against.isEmpty()
                        ? set.size() + " shims were taken off the shelf."
                        : "Nothing was taken: " + String.join("; ", against) + ".");
        return "redirect:/jobs/" + id + "/set";
    }

    @PostMapping("/back")
    String back(@PathVariable long id, RedirectAttributes flash) {
        int pieces = stock.putBack(open(id).job().id(), "put back, job " + id, clock.instant());
        flash.addFlashAttribute(
                pieces > 0 ? "good" : "bad",
                pieces > 0 ? pieces + " shims are on the shelf again." : "No shims are out for this job.");
        return "redirect:/jobs/" + id + "/set";
    }

    /** A grease of another kind than the job's is only taken when somebody says that it is meant. */
    @PostMapping("/grease")
    String grease(@PathVariable long id, @RequestParam Map<String, String> sent, RedirectAttributes flash) {
        JobView view = open(id);
        String name = sent.getOrDefault("name", "");
        String wanted = view.sheet().text(FactKey.GREASE_KIND);
        String there = greases.tubs().stream()
                .filter(tub -> tub.grease().name().equals(name))
                .map(tub -> tub.grease().thickener())
                .findFirst()
                .orElse("");
        boolean other = !there.isEmpty() && !wanted.isEmpty() && !there.equals(wanted);
        if (other && !sent.getOrDefault("sure", "").equals("yes")) {
            flash.addFlashAttribute(
                    "bad",
                    "Nothing was taken: this job says " + words(wanted) + ", “" + name + "” is " + words(there)
                            + ". Put the job's grease right and keep it again; or take it all the same, and "
                            + "the job's notes will say so.");
            flash.addFlashAttribute("sureOf", name);
            return "redirect:/jobs/" + id + "/grease";
        }
        Reading<Double> grams = FieldReader.read(GRAMS, TypedForm.read(sent, workshops.units()));
        String refused = grams.ok()
                ? greases.take(name, grams.record(), purpose(view, sent.getOrDefault("once", "")), clock.instant())
                : String.join(
                        " ", grams.problems().stream().map(p -> p.sentence()).toList());
        if (refused.isEmpty() && other) {
            jobs.note(
                    id,
                    "“" + name + "” was taken, " + words(there) + ", though the job says " + words(wanted) + ".",
                    clock.instant());
        }
        flash.addFlashAttribute(
                refused.isEmpty() ? "good" : "bad",
                refused.isEmpty() ? "Taken off the shelf." : "Nothing was taken: " + refused);
        return "redirect:/jobs/" + id + "/grease";
    }

    private static String words(String thickener) {
        return Mixing.thickener(thickener).map(Mixing.Thickener::name).orElse(thickener);
    }

    private static Purpose purpose(JobView view, String once) {
        return new Purpose(
                "job " + view.job().id() + ", " + view.position().label(),
                view.job().id(),
                Once.read(once));
    }

    private JobView open(long id) {
        JobView view = jobs.view(id).orElseThrow(() -> new ResponseStatusException(HttpStatus.NOT_FOUND));
        if (view.job().state().frozen()) {
            throw new ResponseStatusException(
                    HttpStatus.CONFLICT,
                    "This job is closed: nothing is taken for it any more. Open it again with a reason first.");
        }
        return view;
    }
}
