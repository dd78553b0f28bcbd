package unbo.app.tool;

import java.time.Clock;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;

import org.springframework.http.HttpStatus;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.server.ResponseStatusException;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;

import unbo.app.job.AnswerService;
import unbo.app.job.JobService;
import unbo.app.job.JobView;
import unbo.app.web.FieldView;
import unbo.app.web.Page;
import unbo.app.web.TypedForm;
import unbo.app.workshop.WorkshopService;
import unbo.core.input.Typed;
import unbo.core.route.FromSheet;
import unbo.core.tool.Tool;
import unbo.core.tool.Tools;
import unbo.core.tool.Work;

/**
 * Numbers beside a job's stages: any tool that no stage asks, begun with what the job knows, its answer kept in the
 * job.
 */
@Page
@RequestMapping("/jobs/{id}/numbers")
class BesidePages {

    private final JobService jobs;
    private final AnswerService kept;
    private final ToolAnswers answers;
    private final WorkshopService workshops;
    private final Clock clock;

    /** Tools of one part of the work that are asked beside a job. */
    record Group(String title, List<Tool<?, ?>> tools) {}

    BesidePages(JobService jobs, AnswerService kept, ToolAnswers answers, WorkshopService workshops, Clock clock) {
        this.jobs = jobs;
        this.kept = kept;
        this.answers = answers;
        this.workshops = workshops;
        this.clock = clock;
    }

    @GetMapping
    String list(@PathVariable long id, Model model) {
        List<AnswerService.Kept> there = kept.of(id);
        Set<String> have = there.stream().map(AnswerService.Kept::question).collect(Collectors.toSet());
        JobView view = view(id);
        model.addAttribute("view", view);
        model.addAttribute("kept", there);
        model.addAttribute(
                "stale",
                view.job().state().frozen()
                        ? Set.of()
                        : there.stream()
                                .filter(one -> stale(view, one))
                                .map(AnswerService.Kept::question)
                                .collect(Collectors.toSet()));
        model.addAttribute(
                "groups",
                Arrays.stream(Work.values())
                        .map(work -> group(work, have))
                        .filter(group -> !group.tools().isEmpty())
                        .toList());
        return "job/numbers";
    }

    private static boolean stale(JobView view, AnswerService.Kept one) {
        return Tools.named(one.question())
                .map(tool -> FromSheet.stale(tool.fields(), view.sheet(), one.hangsOn()))
                .orElse(false);
    }

    private static Group group(Work work, Set<String> have) {
        return new Group(
                work.title(),
                Tools.of(work).stream()
                        .filter(tool -> tool.stand().isEmpty() && !have.contains(tool.name()))
                        .toList());
    }

    @GetMapping("/{name}")
    String ask(@PathVariable long id, @PathVariable String name, @RequestParam Map<String, String> sent, Model model) {
        Tool<?, ?> tool = tool(name);
        JobView view = view(id);
        if (view.job().state().frozen()) {
            return list(id);
        }
        boolean begun = tool.fields().fields().stream().anyMatch(f -> sent.containsKey(f.name()));
        Typed asked = begun
                ? TypedForm.read(sent, workshops.units())
                : kept.of(id, name).map(AnswerService.Kept::typed).orElseGet(() -> fresh(view, tool, model));
        return show(view, tool, asked, begun, model);
    }

    private static String list(long id) {
        return "redirect:/jobs/" + id + "/numbers";
    }

    /** What was typed for this position before, and over it what the job knows now. */
    private Typed fresh(JobView view, Tool<?, ?> tool, Model model) {
        Typed known = Typed.of(answers.withUsual(tool, FromSheet.of(tool.fields(), view.sheet())), workshops.units());
        return kept.earlier(view.job().id(), tool.name())
                .map(earlier -> {
                    model.addAttribute(
                            "earlier", earlier.keptAt().atZone(clock.getZone()).toLocalDate());
                    return earlier.typed().with(known);
                })
                .orElse(known);
    }

    @PostMapping("/{name}")
    String keep(
            @PathVariable long id,
            @PathVariable String name,
            @RequestParam Map<String, String> sent,
            Model model,
            RedirectAttributes flash) {
        JobView view = view(id);
        Tool<?, ?> tool = tool(name);
        Typed typed = own(tool, TypedForm.read(sent, workshops.units()));
        ToolAnswers.Asked asked = answers.ask(tool, typed);
        if (!asked.ok() && !view.job().state().frozen()) {
            model.addAttribute("bad", "Not kept: what is marked cannot be used yet.");
            return show(view, tool, typed, true, model);
        }
        if (view.job().state().frozen()
                || !kept.keep(
                        id,
                        new AnswerService.Kept(
                                tool.name(),
                                tool.title(),
                                typed,
                                FromSheet.hangsOn(tool.fields(), view.sheet(), typed),
                                asked.answer(),
                                clock.instant()))) {
            model.addAttribute("bad", "Not kept: this job is closed. Open it again with a reason first.");
            return show(view, tool, typed, true, model);
        }
        flash.addFlashAttribute("good", tool.title() + " is kept in the job.");
        return list(id);
    }

    @PostMapping("/{name}/drop")
    String drop(@PathVariable long id, @PathVariable String name, RedirectAttributes flash) {
        boolean dropped = kept.drop(id, tool(name).name());
        flash.addFlashAttribute(dropped ? "good" : "bad", dropped ? "Let go of." : "Not changed: this job is closed.");
        return "redirect:/jobs/" + id + "/numbers";
    }

    private static Typed own(Tool<?, ?> tool, Typed typed) {
        return typed.without(
                name -> tool.fields().field(name).isEmpty() || typed.text(name).isBlank());
    }

    private String show(JobView view, Tool<?, ?> tool, Typed typed, boolean judged, Model model) {
        ToolAnswers.Asked asked = answers.ask(tool, typed);
        if (!judged) {
            asked.form().replaceAll((name, f) -> f.typed().isBlank() ? f.withoutRefusals() : f);
        }
        Map<String, String> texts = TypedForm.write(own(tool, typed));
        List<FieldView> boxes = ToolAnswers.boxes(asked);
        model.addAttribute("view", view);
        model.addAttribute("tool", tool);
        model.addAttribute("form", boxes);
        model.addAttribute("asked", asked);
        model.addAttribute("save", SavedAnswer.of("/bench/" + tool.name(), tool, texts));
        model.addAttribute("texts", texts.entrySet());
        return "job/number";
    }

    private static Tool<?, ?> tool(String name) {
        return Tools.named(name).filter(tool -> tool.stand().isEmpty()).orElseThrow(BesidePages::unknown);
    }

    private JobView view(long id) {
        return jobs.view(id).orElseThrow(BesidePages::unknown);
    }

    private static ResponseStatusException unknown() {
        return new ResponseStatusException(HttpStatus.NOT_FOUND);
    }
}
