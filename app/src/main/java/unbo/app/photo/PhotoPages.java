package unbo.app.photo;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Clock;

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
import org.springframework.web.multipart.MultipartFile;
import org.springframework.web.server.ResponseStatusException;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;

import unbo.app.job.JobService;
import unbo.app.web.Page;
import unbo.core.stage.RouteStage;

/** Photos of a job: put beside its race map, kept in the workshop's own database, sent nowhere. */
@Page
@RequestMapping("/jobs/{id}/photos")
class PhotoPages {

    private static final int LONGEST_WORDS = 100;

    private final PhotoService photos;
    private final JobService jobs;
    private final Clock clock;

    PhotoPages(PhotoService photos, JobService jobs, Clock clock) {
        this.photos = photos;
        this.jobs = jobs;
        this.clock = clock;
    }

    @GetMapping
    String list(
            @PathVariable long id,
            @RequestParam(defaultValue = "inspect") String stage,
            @RequestParam(defaultValue = "") String which,
            Model model) {
        model.addAttribute("view", jobs.view(id).orElseThrow(PhotoPages::unknown));
        model.addAttribute("photos", photos.of(id));
        model.addAttribute("at", at(stage));
        model.addAttribute("which", which);
        return "photo/list";
    }

    @PostMapping
    String add(
            @PathVariable long id,
            @RequestParam(defaultValue = "inspect") String stage,
            @RequestParam(required = false) MultipartFile photo,
            @RequestParam(defaultValue = "") String words,
            RedirectAttributes flash)
            throws IOException {
        boolean frozen =
                jobs.view(id).orElseThrow(PhotoPages::unknown).job().state().frozen();
        RouteStage at = at(stage);
        Pictures.Outcome outcome =
                frozen ? Pictures.Outcome.refused("The job is closed: nothing is added to it.") : read(photo);
        if (outcome.picture() == null) {
            flash.addFlashAttribute("bad", outcome.refusal());
            flash.addFlashAttribute("words", words);
        } else if (photos.add(id, at, cut(words), outcome.picture(), clock.instant())) {
            flash.addFlashAttribute(
                    "good",
                    "The photo is kept, " + outcome.picture().width() + " × "
                            + outcome.picture().height() + " dots.");
        } else {
            flash.addFlashAttribute(
                    "bad", "The job holds " + PhotoService.MOST + " photos already: take one out first.");
            flash.addFlashAttribute("words", words);
        }
        return "redirect:/jobs/" + id + "/photos?stage=" + at.code();
    }

    private static Pictures.Outcome read(MultipartFile photo) throws IOException {
        Path file = Files.createTempFile("unbo-photo", "");
        try {
            if (photo != null) {
                photo.transferTo(file);
            }
            return Pictures.read(file);
        } finally {
            Files.deleteIfExists(file);
        }
    }

    private static String cut(String words) {
        return words.strip().substring(0, Math.min(LONGEST_WORDS, words.strip().length()));
    }

    private static RouteStage at(String stage) {
        return RouteStage.of(stage).orElseThrow(PhotoPages::unknown);
    }

    @PostMapping("/{photo}/forget")
    String forget(@PathVariable long id, @PathVariable long photo, RedirectAttributes flash) {
        if (!jobs.view(id).orElseThrow(PhotoPages::unknown).job().state().frozen()) {
            photos.forget(id, photo);
            flash.addFlashAttribute("good", "The photo was taken out.");
        }
        return "redirect:/jobs/" + id + "/photos";
    }

    @GetMapping("/{photo}.jpg")
    ResponseEntity<byte[]> picture(@PathVariable long id, @PathVariable long photo) {
        byte[] jpeg = photos.picture(id, photo).orElseThrow(PhotoPages::unknown);
        return ResponseEntity.ok()
                .contentType(MediaType.IMAGE_JPEG)
                .cacheControl(CacheControl.maxAge(java.time.Duration.ofHours(1)).cachePrivate())
                .body(jpeg);
    }

    private static ResponseStatusException unknown() {
        return new ResponseStatusException(HttpStatus.NOT_FOUND);
    }
}
