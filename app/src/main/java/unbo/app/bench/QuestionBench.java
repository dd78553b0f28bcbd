package unbo.app.bench;

import java.util.List;
import java.util.Map;
import java.util.Optional;

import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.ui.ExtendedModelMap;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.server.ResponseStatusException;

import unbo.app.catalogue.OwnCatalogue;
import unbo.app.instrument.AttachedInstruments;
import unbo.app.instrument.LiveView;
import unbo.app.job.JobService;
import unbo.app.web.FieldView;
import unbo.app.web.Page;
import unbo.app.web.SvgWriter;
import unbo.app.web.TypedForm;
import unbo.app.workshop.WorkshopService;
import unbo.core.answer.Answer;
import unbo.core.answer.Question;
import unbo.core.drawing.Drawing;
import unbo.core.drawing.ValueTable;
import unbo.core.heat.HeatInput;
import unbo.core.heat.HeatPlan;
import unbo.core.identify.TypeFinder;
import unbo.core.input.FieldReader;
import unbo.core.input.Reading;
import unbo.core.input.UnitSystem;
import unbo.core.proof.ProofFields;
import unbo.core.route.SetWay;
import unbo.core.runout.RunoutFields;
import unbo.core.strip.RemovalFields;

/** Every question of the trade that needs no page of its own; the inputs stay in the address. */
@Page
class QuestionBench {

    private final WorkshopService workshops;
    private final JobService jobs;
    private final AttachedInstruments instruments;
    private final OwnCatalogue own;
    private final SvgWriter svg;

    QuestionBench(
            WorkshopService workshops,
            JobService jobs,
            AttachedInstruments instruments,
            OwnCatalogue own,
            SvgWriter svg) {
        this.workshops = workshops;
        this.jobs = jobs;
        this.instruments = instruments;
        this.own = own;
        this.svg = svg;
    }

    @GetMapping("/bench")
    String index(Model model) {
        model.addAttribute("groups", Questions.GROUPS);
        return "bench/index";
    }

    @GetMapping("/bench/{name}")
    String ask(@PathVariable String name, @RequestParam Map<String, String> texts, Model model) {
        Question<?> question = question(name);
        model.addAttribute("question", question);
        model.addAttribute("live", live(question));
        answer(question, texts, model);
        return "bench/question";
    }

    /** A drawing of an answer as a file, with its looks. */
    @GetMapping("/bench/{name}/{drawing}.svg")
    ResponseEntity<String> svg(
            @PathVariable String name, @PathVariable String drawing, @RequestParam Map<String, String> texts) {
        Drawing found = computed(name, texts).drawings().stream()
                .filter(d -> d.name().equals(drawing))
                .findFirst()
                .orElseThrow(QuestionBench::unknown);
        return file(name, drawing, "svg", "image/svg+xml", svg.alone(found));
    }

    /** The values behind a chart, or a table, as a file (RFC 4180). */
    @GetMapping("/bench/{name}/{table}.csv")
    ResponseEntity<String> csv(
            @PathVariable String name, @PathVariable String table, @RequestParam Map<String, String> texts) {
        ValueTable found = computed(name, texts).tables().stream()
                .filter(t -> t.name().equals(table))
                .findFirst()
                .orElseThrow(QuestionBench::unknown);
        return file(name, table, "csv", "text/csv;charset=UTF-8", SavedAnswer.csv(found));
    }

    private static ResponseEntity<String> file(String name, String part, String ending, String type, String content) {
        return ResponseEntity.ok()
                .contentType(MediaType.parseMediaType(type))
                .header("Content-Disposition", "attachment; filename=\"unbo-" + name + "-" + part + "." + ending + "\"")
                .body(content);
    }

    private Answer computed(String name, Map<String, String> texts) {
        ExtendedModelMap model = new ExtendedModelMap();
        answer(question(name), texts, model);
        return Optional.ofNullable((Answer) model.get("answer")).orElseThrow(QuestionBench::unknown);
    }

    private static Question<?> question(String name) {
        return Questions.ALL.stream()
                .filter(q -> q.name().equals(name))
                .findFirst()
                .orElseThrow(QuestionBench::unknown);
    }

    private static ResponseStatusException unknown() {
        return new ResponseStatusException(HttpStatus.NOT_FOUND);
    }

    /** The type finder: a question of pictures, or what they led to. */
    @GetMapping("/bench/type")
    String type(@RequestParam(defaultValue = TypeFinder.START) String at, Model model) {
        model.addAttribute("found", TypeFinder.found(at).orElse(null));
        if (TypeFinder.found(at).isEmpty()) {
            model.addAttribute("step", TypeFinder.step(at).orElseThrow(QuestionBench::unknown));
        }
        model.addAttribute("way", TypeFinder.way(at));
        return "bench/type";
    }

    /** The panel that reads an instrument; null where nothing is read from one. */
    private LiveView live(Question<?> question) {
        return question == RunoutFields.QUESTION
                ? LiveView.turn(instruments)
                : question == ProofFields.QUESTION ? LiveView.proof(instruments) : null;
    }

    private <I> void answer(Question<I> question, Map<String, String> texts, Model model) {
        UnitSystem units = texts.isEmpty() ? UnitSystem.METRIC : workshops.units();
        Map<String, String> asked = new java.util.HashMap<>(texts.isEmpty() ? question.sample() : texts);
        if (question == RemovalFields.QUESTION && !texts.isEmpty()) {
            asked.putIfAbsent("tools", workshops.current().tools());
        }
        Reading<I> reading = FieldReader.read(question.fields(), TypedForm.read(asked, units), own.book());
        Map<String, FieldView> form =
                FieldView.form(reading, TypedForm.read(asked, units).shownIn(workshops.units()));
        asked.putIfAbsent(TypedForm.UNITS, units.name());
        Questions.Place place = Questions.PLACES.get(question.name());
        if (place != null && !place.by().isEmpty()) {
            asked.put(SetWay.BY, place.by());
        }
        model.addAttribute(
                "intoJobs",
                !reading.ok()
                        ? List.of()
                        : place == null
                                ? IntoJob.beside(jobs.underWay(0, IntoJob.MOST), question, asked)
                                : IntoJob.links(jobs.underWay(0, IntoJob.MOST), place.stage(), asked));
        model.addAttribute("form", List.copyOf(form.values()));
        Answer answer = reading.get().map(question.answer()).orElse(null);
        model.addAttribute("answer", answer);
        model.addAttribute("save", SavedAnswer.of("/bench/" + question.name(), question, asked));
        if (reading.ok() && reading.record() instanceof HeatInput heat) {
            Double seconds = HeatPlan.of(heat).secondsAvailable();
            model.addAttribute("seconds", seconds == null || seconds < 1 ? null : Math.round(seconds));
        }
    }
}
