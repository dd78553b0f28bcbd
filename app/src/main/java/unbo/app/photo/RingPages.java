package unbo.app.photo;

import java.util.List;
import java.util.Map;

import org.springframework.http.CacheControl;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.server.ResponseStatusException;

import unbo.app.job.JobService;
import unbo.app.job.JobView;
import unbo.app.web.FieldView;
import unbo.app.web.Page;
import unbo.app.workshop.WorkshopService;
import unbo.core.input.FieldReader;
import unbo.core.input.Reading;
import unbo.core.measure.Show;

/** A photo of a ring unrolled, and laid under the race that is painted. */
@Page
@RequestMapping("/jobs/{id}/photos")
class RingPages {

    private static final int LONGEST_PLACE = 40;
    private static final int TEN_DEG = 10;

    private final PhotoService photos;
    private final JobService jobs;
    private final WorkshopService workshops;

    RingPages(PhotoService photos, JobService jobs, WorkshopService workshops) {
        this.photos = photos;
        this.jobs = jobs;
        this.workshops = workshops;
    }

    @GetMapping("/{photo}/ring")
    String touched(
            @PathVariable long id,
            @PathVariable long photo,
            @RequestParam(defaultValue = "") String which,
            Model model) {
        return page(id, photo, which, null, model);
    }

    @PostMapping("/{photo}/ring")
    String lay(
            @PathVariable long id,
            @PathVariable long photo,
            @RequestParam(defaultValue = "") String which,
            @RequestParam Map<String, String> texts,
            Model model) {
        if (view(id).job().state().frozen()) {
            throw new ResponseStatusException(
                    HttpStatus.CONFLICT, "This job is closed: nothing is laid under its races any more.");
        }
        Reading<RingForm.Shown> reading = FieldReader.read(RingForm.LIST, texts, workshops.units());
        if (reading.ok()) {
            RingForm.Shown shown = reading.record();
            long ring = photos.lay(id, photo, place(which), shown.ring(), shown.seen())
                    .orElseThrow(RingPages::unknown);
            model.addAttribute("laid", ring);
            model.addAttribute("shown", shown);
            Double edge = shown.edgeMm();
            if (edge != null) {
                model.addAttribute(
                        "scale",
                        "The race is seen " + Show.number(shown.seen().widthMm(edge), 1) + " mm wide; along its middle "
                                + TEN_DEG + "° are "
                                + Show.number(shown.seen().mmPerDegree(edge) * TEN_DEG, 1) + " mm.");
            }
        }
        return page(id, photo, which, reading, model);
    }

    private String page(long id, long photo, String which, Reading<RingForm.Shown> typed, Model model) {
        PhotoLine line =
                photos.of(id).stream().filter(p -> p.id() == photo).findFirst().orElseThrow(RingPages::unknown);
        Reading<RingForm.Shown> reading =
                typed != null ? typed : FieldReader.read(RingForm.LIST, Map.of(), workshops.units());
        model.addAttribute("view", view(id));
        model.addAttribute("photo", line);
        model.addAttribute("which", place(which));
        model.addAttribute(
                "form",
                FieldView.form(reading, workshops.units()).values().stream()
                        .map(box -> typed == null ? box.withoutRefusals() : box)
                        .toList());
        return "photo/ring";
    }

    /** What lies under the races of a place. */
    @GetMapping("/under")
    String under(@PathVariable long id, @RequestParam(defaultValue = "") String which, Model model) {
        List<PhotoRing> rings = photos.under(id, place(which));
        model.addAttribute("id", id);
        model.addAttribute("rings", rings);
        return "photo/under";
    }

    @GetMapping("/unrolled/{ring}.jpg")
    ResponseEntity<byte[]> unrolled(@PathVariable long id, @PathVariable long ring) {
        byte[] jpeg = photos.unrolled(id, ring).orElseThrow(RingPages::unknown);
        return ResponseEntity.ok()
                .contentType(MediaType.IMAGE_JPEG)
                .cacheControl(CacheControl.maxAge(java.time.Duration.ofHours(1)).cachePrivate())
                .body(jpeg);
    }

    private JobView view(long id) {
        return jobs.view(id).orElseThrow(RingPages::unknown);
    }

    private static String place(String which) {
        return which.substring(0, Math.min(LONGEST_PLACE, which.length()));
    }

    private static ResponseStatusException unknown() {
        return new ResponseStatusException(HttpStatus.NOT_FOUND);
    }
}
