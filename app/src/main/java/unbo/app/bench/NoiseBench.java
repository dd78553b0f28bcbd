package unbo.app.bench;

import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

import jakarta.servlet.http.HttpServletResponse;

import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.multipart.MultipartFile;
import org.springframework.web.util.UriComponentsBuilder;

import unbo.app.catalogue.OwnCatalogue;
import unbo.app.instrument.NoiseService;
import unbo.app.job.JobService;
import unbo.app.tool.IntoJob;
import unbo.app.web.FieldView;
import unbo.app.web.Page;
import unbo.app.web.TypedForm;
import unbo.app.workshop.WorkshopService;
import unbo.core.answer.Answer;
import unbo.core.input.FieldReader;
import unbo.core.input.Reading;
import unbo.core.signal.Noise;
import unbo.core.signal.NoiseInput;
import unbo.core.simulation.Recorder;
import unbo.core.simulation.WavWriter;
import unbo.core.tools.listening.NoiseFields;
import unbo.core.tools.listening.NoiseWords;

/** Noise recordings: sent as a file, or made by the simulated recorder, whose inputs stay in the address. */
@Page
class NoiseBench {

    private static final Map<String, String> SAMPLE = Map.of(
            "rpm", "600", "elements", "9", "elementMm", "7.94", "pitchMm", "39", "fault", "outer", "tyre", "0.8");
    private static final MediaType WAV = MediaType.parseMediaType("audio/wav");

    private final WorkshopService workshops;
    private final JobService jobs;
    private final NoiseService noises;
    private final OwnCatalogue bearings;

    /** One side's answer. @param refusal why there is none; empty when there is one */
    public record Side(String name, Answer answer, String refusal) {}

    NoiseBench(WorkshopService workshops, JobService jobs, NoiseService noises, OwnCatalogue bearings) {
        this.workshops = workshops;
        this.jobs = jobs;
        this.noises = noises;
        this.bearings = bearings;
    }

    @GetMapping("/bench/noise")
    String ask(@RequestParam Map<String, String> sent, Model model, HttpServletResponse response) throws IOException {
        Map<String, String> texts = sent.isEmpty() ? SAMPLE : sent;
        Reading<NoiseInput> reading = form(texts, model);
        List<Side> sides = new ArrayList<>();
        if (reading.ok() && !texts.getOrDefault("fault", "").isBlank()) {
            Reading<Recorder> recorder = FieldReader.read(Recorder.LIST, TypedForm.read(texts, workshops.units()));
            if (recorder.ok()) {
                show(
                        () -> noises.recorded(reading.record(), recorder.record()),
                        "simulated recorder",
                        sides,
                        model,
                        response);
                model.addAttribute("download", address("/bench/noise.wav", texts));
            }
        }
        model.addAttribute("sides", sides);
        return "bench/noise";
    }

    @PostMapping("/bench/noise")
    String analyse(
            @RequestParam Map<String, String> texts,
            @RequestParam(required = false) MultipartFile recording,
            @RequestParam(required = false) MultipartFile other,
            Model model,
            HttpServletResponse response)
            throws IOException {
        Map<String, String> typed = new HashMap<>(texts);
        typed.remove("fault");
        Reading<NoiseInput> reading = form(typed, model);
        List<Side> sides = new ArrayList<>();
        if (recording == null || recording.isEmpty()) {
            sides.add(new Side(
                    "Recording", null, "No file was chosen, or it is empty. Choose a recording saved as WAV."));
        } else if (reading.ok()) {
            Map<String, MultipartFile> files = new LinkedHashMap<>();
            files.put("this side", recording);
            if (other != null && !other.isEmpty()) {
                files.put("other side", other);
            }
            for (Map.Entry<String, MultipartFile> file : files.entrySet()) {
                try (InputStream in = file.getValue().getInputStream()) {
                    show(() -> noises.analyse(reading.record(), in), file.getKey(), sides, model, response);
                }
            }
        }
        model.addAttribute("sides", sides);
        return "bench/noise";
    }

    /** The simulated recorder's sound as a file. */
    @GetMapping("/bench/noise.wav")
    ResponseEntity<byte[]> sound(@RequestParam Map<String, String> texts) {
        Reading<NoiseInput> input =
                FieldReader.read(NoiseFields.LIST, TypedForm.read(texts, workshops.units()), bearings.book());
        Reading<Recorder> recorder = FieldReader.read(Recorder.LIST, TypedForm.read(texts, workshops.units()));
        if (!input.ok() || !recorder.ok()) {
            return ResponseEntity.unprocessableEntity()
                    .contentType(MediaType.TEXT_PLAIN)
                    .body(("This cannot be recorded: speed, bearing and what the recorder is held to must "
                                    + "stand on the page first.")
                            .getBytes(StandardCharsets.UTF_8));
        }
        return ResponseEntity.ok()
                .contentType(WAV)
                .header(HttpHeaders.CONTENT_DISPOSITION, "attachment; filename=\"unbo-recording.wav\"")
                .body(WavWriter.write(noises.sound(input.record(), recorder.record()), Recorder.RATE_HZ));
    }

    private Reading<NoiseInput> form(Map<String, String> texts, Model model) {
        Reading<NoiseInput> reading =
                FieldReader.read(NoiseFields.LIST, TypedForm.read(texts, workshops.units()), bearings.book());
        model.addAttribute("form", FieldView.form(reading, TypedForm.shown(texts, workshops.units())));
        Map<String, FieldView> recorder = FieldView.form(
                FieldReader.read(Recorder.LIST, TypedForm.read(texts, workshops.units())),
                TypedForm.shown(texts, workshops.units()));
        recorder.computeIfPresent("fault", (name, field) -> field.withoutRefusals());
        model.addAttribute("recorder", recorder);
        model.addAttribute("usable", reading.ok());
        return reading;
    }

    /** What is asked of the recorder, in turn with others. */
    @FunctionalInterface
    private interface Analysis {
        Noise.Outcome now() throws IOException;
    }

    private void show(Analysis analysis, String name, List<Side> sides, Model model, HttpServletResponse response)
            throws IOException {
        Noise.Outcome outcome;
        try {
            outcome = analysis.now();
        } catch (NoiseService.Busy busy) {
            response.setStatus(HttpServletResponse.SC_SERVICE_UNAVAILABLE);
            response.setHeader(HttpHeaders.RETRY_AFTER, "30");
            sides.add(new Side(name, null, busy.getMessage()));
            return;
        }
        if (outcome.noise() == null) {
            sides.add(new Side(name, null, outcome.refusal()));
            return;
        }
        sides.add(new Side(name, NoiseWords.answer(outcome.noise()), ""));
        if (sides.size() == 1) {
            String result = outcome.noise().finding() == null ? "no-line" : "bearing-line";
            model.addAttribute("notes", IntoJob.noting(jobs.underWay(0, IntoJob.MOST), "recording", result));
        }
    }

    private static String address(String path, Map<String, String> texts) {
        UriComponentsBuilder address = UriComponentsBuilder.fromPath(path);
        texts.keySet().stream()
                .sorted()
                .filter(name -> !texts.get(name).isBlank()
                        && (NoiseFields.LIST.field(name).isPresent()
                                || TypedForm.says(name)
                                || Recorder.LIST.field(name).isPresent()))
                .forEach(name -> address.queryParam(name, "{" + name + "}"));
        return address.encode().buildAndExpand(texts).toUriString();
    }
}
