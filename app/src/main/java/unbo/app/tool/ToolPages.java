package unbo.app.tool;

import java.util.List;
import java.util.Map;
import java.util.Optional;

import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.server.ResponseStatusException;

import unbo.app.instrument.AttachedInstruments;
import unbo.app.instrument.LiveView;
import unbo.app.job.JobService;
import unbo.app.web.DisputeLine;
import unbo.app.web.Page;
import unbo.app.web.SvgWriter;
import unbo.app.web.TypedForm;
import unbo.app.workshop.WorkshopService;
import unbo.core.answer.Answer;
import unbo.core.drawing.Drawing;
import unbo.core.drawing.ValueTable;
import unbo.core.input.Field;
import unbo.core.input.UnitSystem;
import unbo.core.tool.Tool;
import unbo.core.tool.Tools;
import unbo.core.tools.school.Dispute;

/** Every tool by itself, that needs no page of its own; the inputs stay in the address. */
@Page
class ToolPages {

    private final WorkshopService workshops;
    private final JobService jobs;
    private final AttachedInstruments instruments;
    private final ToolAnswers answers;
    private final SvgWriter svg;

    ToolPages(
            WorkshopService workshops,
            JobService jobs,
            AttachedInstruments instruments,
            ToolAnswers answers,
            SvgWriter svg) {
        this.workshops = workshops;
        this.jobs = jobs;
        this.instruments = instruments;
        this.answers = answers;
        this.svg = svg;
    }

    @GetMapping("/bench")
    String index(Model model) {
        model.addAttribute("groups", BenchIndex.GROUPS);
        return "bench/index";
    }

    @GetMapping("/bench/{name}")
    String ask(@PathVariable String name, @RequestParam Map<String, String> texts, Model model) {
        Tool<?, ?> tool = tool(name);
        UnitSystem units = texts.isEmpty() ? UnitSystem.METRIC : workshops.units();
        Map<String, String> sent = asked(tool, texts);
        ToolAnswers.Asked asked = answers.ask(tool, TypedForm.read(sent, units));
        sent.putIfAbsent(TypedForm.UNITS, units.name());
        model.addAttribute("tool", tool);
        model.addAttribute("live", live(tool));
        model.addAttribute("form", ToolAnswers.boxes(asked));
        model.addAttribute(
                "disputes",
                DisputeLine.of(
                        Dispute.of(name),
                        sent,
                        tool.fields().fields().stream().map(Field::name).toList()));
        model.addAttribute("asked", asked);
        model.addAttribute("save", SavedAnswer.of("/bench/" + name, tool, sent));
        model.addAttribute(
                "intoJobs", asked.ok() ? IntoJob.links(jobs.underWay(0, IntoJob.MOST), tool, sent) : List.of());
        return "bench/tool";
    }

    /** A drawing of an answer as a file, with its looks. */
    @GetMapping("/bench/{name}/{drawing}.svg")
    ResponseEntity<String> svg(
            @PathVariable String name, @PathVariable String drawing, @RequestParam Map<String, String> texts) {
        Drawing found = computed(name, texts).drawings().stream()
                .filter(d -> d.name().equals(drawing))
                .findFirst()
                .orElseThrow(ToolPages::unknown);
        return file(name + "-" + drawing + ".svg", "image/svg+xml", svg.alone(found));
    }

    /** The values behind a chart, or a table, as a file (RFC 4180). */
    @GetMapping("/bench/{name}/{table}.csv")
    ResponseEntity<String> csv(
            @PathVariable String name, @PathVariable String table, @RequestParam Map<String, String> texts) {
        ValueTable found = computed(name, texts).tables().stream()
                .filter(t -> t.name().equals(table))
                .findFirst()
                .orElseThrow(ToolPages::unknown);
        return file(name + "-" + table + ".csv", "text/csv;charset=UTF-8", SavedAnswer.csv(found));
    }

    private static ResponseEntity<String> file(String name, String type, String content) {
        return ResponseEntity.ok()
                .contentType(MediaType.parseMediaType(type))
                .header("Content-Disposition", "attachment; filename=\"unbo-" + name + "\"")
                .body(content);
    }

    private Answer computed(String name, Map<String, String> texts) {
        Tool<?, ?> tool = tool(name);
        UnitSystem units = texts.isEmpty() ? UnitSystem.METRIC : workshops.units();
        return Optional.ofNullable(answers.ask(tool, TypedForm.read(asked(tool, texts), units))
                        .answer())
                .orElseThrow(ToolPages::unknown);
    }

    /** The example where nothing was typed. */
    private Map<String, String> asked(Tool<?, ?> tool, Map<String, String> texts) {
        return answers.withUsual(tool, texts.isEmpty() ? tool.sample() : texts);
    }

    private static Tool<?, ?> tool(String name) {
        return Tools.named(name).orElseThrow(ToolPages::unknown);
    }

    private static ResponseStatusException unknown() {
        return new ResponseStatusException(HttpStatus.NOT_FOUND);
    }

    /** The panel that reads an instrument; null where nothing is read from one. */
    private LiveView live(Tool<?, ?> tool) {
        return switch (tool.instrument()) {
            case TURN -> LiveView.turn(instruments);
            case PLAY_AND_WARMTH -> LiveView.proof(instruments);
            case NONE -> null;
        };
    }
}
