package unbo.app.bench;

import java.util.HashMap;
import java.util.List;
import java.util.Map;

import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;
import org.springframework.web.util.UriComponentsBuilder;

import unbo.app.diagnosis.CaseService;
import unbo.app.diagnosis.DiagnosisView;
import unbo.app.diagnosis.RoadView;
import unbo.app.diagnosis.TableView;
import unbo.app.job.JobService;
import unbo.app.tool.IntoJob;
import unbo.app.web.FieldView;
import unbo.app.web.Page;
import unbo.app.workshop.WorkshopService;
import unbo.core.diagnosis.Diagnosis;
import unbo.core.diagnosis.DiagnosisInput;
import unbo.core.diagnosis.Observations;
import unbo.core.input.FieldReader;
import unbo.core.input.Reading;
import unbo.core.stage.RouteStage;
import unbo.core.tools.diagnosing.DiagnosisFields;

/** Diagnose on the bench; what was noted stays in the address. */
@Page
class DiagnosisBench {

    private static final List<String> TOUCHES = List.of("note", "undo", "toggle");

    private final WorkshopService workshops;
    private final JobService jobs;
    private final CaseService cases;

    DiagnosisBench(WorkshopService workshops, JobService jobs, CaseService cases) {
        this.workshops = workshops;
        this.jobs = jobs;
        this.cases = cases;
    }

    @GetMapping("/bench/diagnose")
    String diagnose(@RequestParam Map<String, String> sent, Model model) {
        if (TOUCHES.stream().anyMatch(sent::containsKey)) {
            return "redirect:" + address("/bench/diagnose", Observations.touched(sent, sent));
        }
        Map<String, String> texts = asked(sent);
        Reading<DiagnosisInput> reading = read(texts);
        model.addAttribute("form", FieldView.form(reading, workshops.units()));
        model.addAttribute(
                "view",
                reading.get()
                        .map(in -> DiagnosisView.of(Diagnosis.of(in, cases.current()), texts.getOrDefault("look", "")))
                        .orElse(null));
        model.addAttribute("roadCard", address("/bench/diagnose/road", texts));
        model.addAttribute(
                "intoJobs",
                reading.ok() ? IntoJob.links(jobs.underWay(0, IntoJob.MOST), RouteStage.DIAGNOSE, texts) : List.of());
        return "bench/diagnose";
    }

    @GetMapping("/bench/diagnose/road")
    String road(@RequestParam Map<String, String> sent, Model model) {
        Map<String, String> texts = asked(sent);
        model.addAttribute(
                "card",
                read(texts)
                        .get()
                        .map(in -> RoadView.of(Diagnosis.of(in, cases.current())))
                        .orElse(null));
        model.addAttribute("back", address("/bench/diagnose", texts));
        return "road";
    }

    @GetMapping("/bench/diagnose/table")
    String table(@RequestParam(defaultValue = "trailer") String vehicle, Model model) {
        boolean known = DiagnosisFields.VEHICLES.stream().anyMatch(v -> v.code().equals(vehicle));
        model.addAttribute("vehicles", DiagnosisFields.VEHICLES);
        model.addAttribute("table", TableView.of(known ? vehicle : "trailer", cases.all()));
        return "bench/diagnose-table";
    }

    @PostMapping("/bench/diagnose/table")
    String learn(
            @RequestParam(defaultValue = "") String learns,
            @RequestParam(defaultValue = "trailer") String vehicle,
            RedirectAttributes flash) {
        workshops.learn(learns.equals("yes"));
        flash.addFlashAttribute(
                "good",
                learns.equals("yes")
                        ? "Own cases move the table."
                        : "The shipped table counts alone; own cases are still kept.");
        return "redirect:"
                + UriComponentsBuilder.fromPath("/bench/diagnose/table")
                        .queryParam("vehicle", "{vehicle}")
                        .encode()
                        .build(vehicle);
    }

    private Reading<DiagnosisInput> read(Map<String, String> texts) {
        return FieldReader.read(DiagnosisFields.LIST, texts, workshops.units());
    }

    /** The inputs, the vehicle always among them; results of another kind of vehicle are let go with it. */
    private static Map<String, String> asked(Map<String, String> sent) {
        Map<String, String> texts = new HashMap<>(sent);
        if (texts.getOrDefault("vehicle", "").isBlank()) {
            texts.put("vehicle", "car");
        }
        if (texts.containsKey("was") && !texts.get("was").equals(texts.get("vehicle"))) {
            List.of("checks", "hubType", "look", "axles", "loaded").forEach(texts::remove);
        }
        texts.remove("was");
        return texts;
    }

    private static String address(String path, Map<String, String> texts) {
        UriComponentsBuilder address = UriComponentsBuilder.fromPath(path);
        DiagnosisFields.LIST.fields().stream()
                .map(f -> f.name())
                .filter(name -> !texts.getOrDefault(name, "").isBlank())
                .forEach(name -> address.queryParam(name, "{" + name + "}"));
        return address.encode().buildAndExpand(texts).toUriString();
    }
}
