package unbo.app.record;

import java.nio.charset.StandardCharsets;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.server.ResponseStatusException;
import org.springframework.web.servlet.support.ServletUriComponentsBuilder;

import unbo.app.job.FactLine;
import unbo.app.job.JobService;
import unbo.app.job.JobView;
import unbo.app.vehicle.VehicleService;
import unbo.app.web.Label;
import unbo.app.web.Page;
import unbo.core.fact.FactKey;
import unbo.core.fact.PlaceProperty;

/** A bearing's own page: how it was fitted, what it has seen since, where it stands among its like. */
@Page
class PassportPages {

    private static final MediaType SVG = MediaType.parseMediaType("image/svg+xml");

    private static final List<PlaceProperty> OF_IT = List.of(
            PlaceProperty.FITTED_MAKER,
            PlaceProperty.FITTED_BATCH,
            PlaceProperty.FITTED_FROM,
            PlaceProperty.FITTED_CLEARANCE,
            PlaceProperty.SHAFT_FIT,
            PlaceProperty.SHAFT_INTERFERENCE,
            PlaceProperty.SHAFT_HEAT,
            PlaceProperty.HOUSING_FIT,
            PlaceProperty.HOUSING_INTERFERENCE,
            PlaceProperty.HOUSING_HEAT,
            PlaceProperty.GREASE_GRAMS);

    private static final List<FactKey> OF_THE_JOB = List.of(
            FactKey.DAY,
            FactKey.COUNTER,
            FactKey.GREASE_KIND,
            FactKey.SET_END_PLAY,
            FactKey.END_PLAY,
            FactKey.TURNING_TORQUE,
            FactKey.INITIALS);

    private final JobService jobs;
    private final LivesRecord lives;
    private final VehicleService vehicles;

    PassportPages(JobService jobs, LivesRecord lives, VehicleService vehicles) {
        this.jobs = jobs;
        this.lives = lives;
        this.vehicles = vehicles;
    }

    @GetMapping("/jobs/{id}/bearings/{place}")
    String passport(@PathVariable long id, @PathVariable String place, Model model) {
        JobView view = view(id);
        RunRow run = run(view, place);
        RunRow.Point to = run.span().to();
        model.addAttribute("view", view);
        model.addAttribute("run", run);
        model.addAttribute("facts", facts(view, place));
        model.addAttribute(
                "seen",
                vehicles.wentThrough(
                        view.vehicle().id(), run.span().from().day(), to == null ? LocalDate.MAX : to.day()));
        Optional<LivesRecord.Standing> standing = lives.standing(run);
        model.addAttribute("standing", standing.orElse(null));
        return "record/passport";
    }

    /** Where the bearings of a position stand among their like; a page by itself for those without scripts. */
    @GetMapping("/positions/{id}/standing")
    String standing(@PathVariable long id, Model model) {
        model.addAttribute("standing", lives.standing(id));
        return "record/standing";
    }

    private static List<FactLine> facts(JobView view, String place) {
        return Stream.concat(OF_THE_JOB.stream(), OF_IT.stream().map(property -> property.at(place)))
                .flatMap(key -> view.sheet().all().stream()
                        .filter(fact -> fact.key().equals(key))
                        .limit(1))
                .map(fact -> FactLine.of(fact, view.sheet()))
                .filter(line -> !line.shown().isEmpty())
                .toList();
    }

    /** Its label: the square code opens this page, where it was printed from a machine that others reach. */
    @GetMapping("/jobs/{id}/bearings/{place}/label.svg")
    ResponseEntity<byte[]> label(@PathVariable long id, @PathVariable String place) {
        JobView view = view(id);
        RunRow run = run(view, place);
        String link = ServletUriComponentsBuilder.fromCurrentContextPath()
                .path("/jobs/{id}/bearings/{place}")
                .buildAndExpand(id, place)
                .encode()
                .toUriString();
        Label label =
                new Label("#" + id + " " + view.vehicle().name() + ", " + run.positionLabel(), run.number(), link);
        return ResponseEntity.ok().contentType(SVG).body(label.svg().getBytes(StandardCharsets.UTF_8));
    }

    private JobView view(long id) {
        return jobs.view(id).orElseThrow(PassportPages::unknown);
    }

    private RunRow run(JobView view, String place) {
        return lives.begun(view.position().id(), view.job().id(), place).orElseThrow(PassportPages::unknown);
    }

    private static ResponseStatusException unknown() {
        return new ResponseStatusException(HttpStatus.NOT_FOUND);
    }
}
