package unbo.app.bench;

import java.util.HashMap;
import java.util.List;
import java.util.Map;

import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.util.UriComponentsBuilder;

import unbo.app.catalogue.OwnCatalogue;
import unbo.app.job.JobService;
import unbo.app.race.RaceView;
import unbo.app.tool.IntoJob;
import unbo.app.web.FieldView;
import unbo.app.web.Page;
import unbo.app.workshop.WorkshopService;
import unbo.core.answer.Answer;
import unbo.core.damage.Brush;
import unbo.core.damage.Mode;
import unbo.core.damage.RaceMap;
import unbo.core.damage.RaceMapInput;
import unbo.core.drawing.Drawing;
import unbo.core.input.FieldReader;
import unbo.core.input.Reading;
import unbo.core.stage.RouteStage;
import unbo.core.tools.strip.RaceMapDrawing;
import unbo.core.tools.strip.RaceMapFields;
import unbo.core.tools.strip.RaceMapTool;

/** The race map on the bench; the painting stays in the address. */
@Page
class RaceBench {

    private static final List<String> TOUCHES = List.of("paint", "unpaint", "wipe", "copy");
    private static final List<Plate> PLATES = Mode.all().stream()
            .map(m -> new Plate(m.name(), m.cause(), m.remedy(), RaceMapDrawing.plate(m)))
            .toList();

    private static final RaceMapTool TOOL = new RaceMapTool();

    private final WorkshopService workshops;
    private final JobService jobs;
    private final OwnCatalogue own;

    /** A reference plate. */
    public record Plate(String name, String cause, String remedy, Drawing drawing) {}

    RaceBench(WorkshopService workshops, JobService jobs, OwnCatalogue own) {
        this.workshops = workshops;
        this.jobs = jobs;
        this.own = own;
    }

    @GetMapping("/bench/race-map")
    String map(@RequestParam Map<String, String> sent, Model model) {
        if (TOUCHES.stream().anyMatch(sent::containsKey)) {
            return "redirect:" + address(Brush.touched(sent, sent));
        }
        Map<String, String> texts = sent.isEmpty() ? new HashMap<>(TOOL.sample()) : sent;
        Reading<RaceMapInput> reading = FieldReader.read(RaceMapFields.LIST, texts, workshops.units(), own.book());
        model.addAttribute("form", FieldView.form(reading, workshops.units()));
        Answer answer = reading.get().map(TOOL::answer).orElse(null);
        model.addAttribute("answer", answer);
        model.addAttribute("race", RaceView.of(reading.get().orElse(null)));
        model.addAttribute(
                "scrap", reading.get().map(RaceMap::of).map(RaceMap::scrap).orElse(false));
        model.addAttribute(
                "intoJobs",
                reading.ok() ? IntoJob.links(jobs.underWay(0, IntoJob.MOST), RouteStage.INSPECT, texts) : List.of());
        return "bench/race-map";
    }

    @GetMapping("/bench/race-map/plates")
    String plates(Model model) {
        model.addAttribute("plates", PLATES);
        return "bench/race-plates";
    }

    private static String address(Map<String, String> texts) {
        UriComponentsBuilder address = UriComponentsBuilder.fromPath("/bench/race-map");
        RaceMapFields.LIST.fields().stream()
                .map(f -> f.name())
                .filter(name -> !texts.getOrDefault(name, "").isBlank() || name.equals("inner") || name.equals("outer"))
                .forEach(name -> address.queryParam(name, "{" + name + "}"));
        Map<String, String> all = new HashMap<>(texts);
        all.putIfAbsent("inner", "");
        all.putIfAbsent("outer", "");
        return address.encode().buildAndExpand(all).toUriString();
    }
}
