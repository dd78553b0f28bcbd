package unbo.app.owner;

import java.util.Map;

import org.springframework.dao.DataIntegrityViolationException;
import org.springframework.http.HttpStatus;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.server.ResponseStatusException;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;
import org.springframework.web.servlet.support.ServletUriComponentsBuilder;

import unbo.app.job.JobService;
import unbo.app.job.JobView;
import unbo.app.web.FieldView;
import unbo.app.web.Label;
import unbo.app.web.Page;
import unbo.app.workshop.WorkshopService;
import unbo.core.handover.AfterDrive;
import unbo.core.input.FieldReader;
import unbo.core.input.Reading;

/** The workshop makes the link; the owner answers by it, without a login. */
@Page
class OwnerPages {

    private static final String CAUTION = "Stop where it is safe, brake held. Discs and drums burn: hold the back of a "
            + "hand near the hub, do not touch.";

    private final OwnerService owners;
    private final JobService jobs;
    private final WorkshopService workshops;

    OwnerPages(OwnerService owners, JobService jobs, WorkshopService workshops) {
        this.owners = owners;
        this.jobs = jobs;
        this.workshops = workshops;
    }

    @GetMapping("/jobs/{id}/owner")
    String ofJob(@PathVariable long id, Model model) {
        JobView view = jobs.view(id).orElseThrow(OwnerPages::unknown);
        model.addAttribute("view", view);
        model.addAttribute("told", owners.told(id));
        if (model.getAttribute("token") instanceof String token) {
            String link = ServletUriComponentsBuilder.fromCurrentContextPath()
                    .path("/owner/{token}")
                    .buildAndExpand(token)
                    .toUriString();
            model.addAttribute("link", link);
            model.addAttribute(
                    "label",
                    new Label(view.vehicle().name() + ", " + view.position().label(), "After 10 and 100 km", link)
                            .svg());
        }
        return "owner/job";
    }

    @PostMapping("/jobs/{id}/owner")
    String make(@PathVariable long id, RedirectAttributes flash) {
        owners.link(id)
                .ifPresentOrElse(
                        token -> flash.addFlashAttribute("token", token),
                        () -> flash.addFlashAttribute("bad", "The owner is asked when the job is signed."));
        return "redirect:/jobs/" + id + "/owner";
    }

    @GetMapping("/owner/{token}")
    String asked(@PathVariable String token, Model model) {
        return page(token, null, model);
    }

    @PostMapping("/owner/{token}")
    String answer(@PathVariable String token, @RequestParam Map<String, String> texts, Model model) {
        Reading<AfterDrive> reading = FieldReader.read(OwnerForm.LIST, texts, workshops.units());
        if (!reading.ok()) {
            return page(token, reading, model);
        }
        model.addAttribute("kept", kept(token, reading.record()));
        return page(token, null, model);
    }

    /** Of two that are sent at the same moment the second is told that it was answered. */
    private boolean kept(String token, AfterDrive drive) {
        try {
            return owners.answer(token, drive);
        } catch (DataIntegrityViolationException twice) {
            return false;
        }
    }

    private String page(String token, Reading<AfterDrive> typed, Model model) {
        OwnerService.Asked asked = owners.asked(token).orElseThrow(OwnerPages::unknown);
        Reading<AfterDrive> reading = typed != null
                ? typed
                : FieldReader.read(
                        OwnerForm.LIST,
                        asked.next() == null ? Map.of() : Map.of("km", String.valueOf(asked.next())),
                        workshops.units());
        model.addAttribute("asked", asked);
        model.addAttribute("token", token);
        model.addAttribute("caution", CAUTION);
        model.addAttribute(
                "form",
                FieldView.form(reading, workshops.units()).values().stream()
                        .filter(box -> !box.name().equals("km"))
                        .map(box -> typed == null ? box.withoutRefusals() : box)
                        .toList());
        return "owner/asked";
    }

    private static ResponseStatusException unknown() {
        return new ResponseStatusException(HttpStatus.NOT_FOUND);
    }
}
