package unbo.app.practice;

import java.time.Clock;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.server.ResponseStatusException;
import org.springframework.web.util.UriComponentsBuilder;

import unbo.app.job.JobService;
import unbo.app.web.Page;
import unbo.app.web.TypedForm;
import unbo.core.input.Typed;
import unbo.core.input.UnitSystem;
import unbo.core.stage.RouteStage;
import unbo.core.tools.practice.PracticeJob;

/** The hidden hub beside the stages of its job, and what was right of it once it is handed in. */
@Page
class JobPracticePages {

    private static final MediaType WAV = MediaType.parseMediaType("audio/wav");
    private static final long MOST_SEED = 999_999_999L;

    private final JobPractice practice;
    private final JobService jobs;
    private final Clock clock;

    JobPracticePages(JobPractice practice, JobService jobs, Clock clock) {
        this.practice = practice;
        this.jobs = jobs;
        this.clock = clock;
    }

    @PostMapping("/practice/jobs")
    String begin(
            @RequestParam String begin,
            @RequestParam(required = false) Long seed,
            @RequestParam(defaultValue = "") String who) {
        long id = practice.begin(
                begin.matches("[1-4]") ? Integer.parseInt(begin) : 1,
                Math.floorMod(seed == null ? clock.instant().toEpochMilli() : seed, MOST_SEED + 1),
                Who.of(who),
                clock.instant());
        return "redirect:/jobs/" + id + "/intake";
    }

    /** The hub at a stage: what was done, what it shows, what can be done. */
    @GetMapping("/practice/jobs/{id:\\d+}/{code}")
    String hub(@PathVariable long id, @PathVariable String code, Model model) {
        return hub(begun(id), stage(code), model);
    }

    /** How the hub sounds. */
    @GetMapping("/practice/jobs/{id:\\d+}/sound.wav")
    ResponseEntity<byte[]> sound(@PathVariable long id) {
        byte[] sound = begun(id).job().sound().orElseThrow(() -> new ResponseStatusException(HttpStatus.NOT_FOUND));
        return ResponseEntity.ok().contentType(WAV).body(sound);
    }

    private String hub(JobPractice.Begun begun, RouteStage stage, Model model) {
        PracticeJob job = begun.job();
        PracticeJob.AtStage at =
                job.at(stage, jobs.view(begun.id()).orElseThrow().position().code());
        model.addAttribute("begun", begun);
        model.addAttribute("stage", stage);
        model.addAttribute("at", at);
        model.addAttribute("story", List.of(job.story(), job.papers()));
        model.addAttribute("sounds", stage == RouteStage.DIAGNOSE && job.sounds());
        model.addAttribute("into", into(begun.id(), stage, at.boxes()));
        return "practice/hub";
    }

    /** The stage with what was read in its boxes; empty where nothing was read. */
    private static String into(long id, RouteStage stage, Map<String, String> boxes) {
        if (boxes.isEmpty()) {
            return "";
        }
        UriComponentsBuilder address = UriComponentsBuilder.fromPath("/jobs/" + id + "/" + stage.code());
        Map<String, Object> texts = new LinkedHashMap<>();
        TypedForm.write(Typed.of(boxes, UnitSystem.METRIC)).forEach((box, text) -> {
            address.queryParam(box, "{" + box + "}");
            texts.put(box, text);
        });
        return address.encode().buildAndExpand(texts).toUriString();
    }

    @PostMapping("/practice/jobs/{id:\\d+}/{code}")
    String move(
            @PathVariable long id,
            @PathVariable String code,
            @RequestParam String move,
            @RequestHeader(name = "HX-Request", defaultValue = "") String partly,
            Model model) {
        RouteStage stage = stage(code);
        begun(id);
        practice.move(id, stage, move);
        return partly.isEmpty()
                ? "redirect:/jobs/" + id + "/" + stage.code()
                : hub(begun(id), stage, model) + " :: section";
    }

    @PostMapping("/practice/jobs/{id:\\d+}")
    String handIn(@PathVariable long id) {
        begun(id);
        practice.handIn(id, clock.instant());
        return "redirect:/practice/jobs/" + id;
    }

    @GetMapping("/practice/jobs/{id:\\d+}")
    String marks(@PathVariable long id, Model model) {
        JobPractice.Begun begun = begun(id);
        if (!begun.handedIn()) {
            return "redirect:/jobs/" + id;
        }
        PracticeJob job = begun.job();
        model.addAttribute("begun", begun);
        model.addAttribute("marks", practice.marks(begun));
        model.addAttribute("done", job.done());
        return "practice/job";
    }

    private JobPractice.Begun begun(long id) {
        return practice.find(id).orElseThrow(() -> new ResponseStatusException(HttpStatus.NOT_FOUND));
    }

    private static RouteStage stage(String code) {
        return RouteStage.of(code).orElseThrow(() -> new ResponseStatusException(HttpStatus.NOT_FOUND));
    }
}
