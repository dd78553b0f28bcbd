package unbo.app.bench;

import java.time.Clock;
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

import unbo.app.catalogue.OwnCatalogue;
import unbo.app.job.AnswerService;
import unbo.app.job.JobService;
import unbo.app.job.JobView;
import unbo.app.web.FieldView;
import unbo.app.web.Page;
import unbo.app.web.TypedForm;
import unbo.app.workshop.WorkshopService;
import unbo.core.answer.Answer;
import unbo.core.answer.Question;
import unbo.core.input.FieldReader;
import unbo.core.input.Reading;
import unbo.core.input.Typed;
import unbo.core.route.FromSheet;

/**
 * Numbers beside a job's stages: any question of the bench, begun with what the job knows, its answer kept in the job.
 */
@Page
@RequestMapping("/jobs/{id}/numbers")
class NumbersPages {

    private final JobService jobs;
    private final AnswerService answers;
    private final WorkshopService workshops;
    private final OwnCatalogue bearings;
    private final Clock clock;

    NumbersPages(
            JobService jobs, AnswerService answers, WorkshopService workshops, OwnCatalogue bearings, Clock clock) {
        this.jobs = jobs;
        this.answers = answers;
        this.workshops = workshops;
        this.bearings = bearings;
        this.clock = clock;
    }

    @GetMapping
    String list(@PathVariable long id, Model model) {
        List<AnswerService.Kept> kept = answers.of(id);
        Set<String> have = kept.stream().map(AnswerService.Kept::question).collect(Collectors.toSet());
        model.addAttribute("view", view(id));
        model.addAttribute("kept", kept);
        model.addAttribute(
                "groups",
                Questions.BESIDE.stream()
                        .map(g -> new Questions.Beside(
                                g.title(),
                                g.questions().stream()
                                        .filter(q -> !have.contains(q.name()))
                                        .toList()))
                        .filter(g -> !g.questions().isEmpty())
                        .toList());
        return "job/numbers";
    }

    @GetMapping("/{name}")
    String ask(@PathVariable long id, @PathVariable String name, @RequestParam Map<String, String> sent, Model model) {
        Question<?> question = question(name);
        JobView view = view(id);
        if (view.job().state().frozen()) {
            return list(id);
        }
        boolean begun = question.fields().fields().stream().anyMatch(f -> sent.containsKey(f.name()));
        Typed asked = begun
                ? TypedForm.read(sent, workshops.units())
                : answers.of(id, name).map(AnswerService.Kept::typed).orElseGet(() -> fresh(view, question, model));
        return show(view, question, asked, begun, model);
    }

    private static String list(long id) {
        return "redirect:/jobs/" + id + "/numbers";
    }

    /** What was typed for this position before, and over it what the job knows now. */
    private Typed fresh(JobView view, Question<?> question, Model model) {
        Typed known = Typed.of(FromSheet.of(question.fields(), view.sheet()), workshops.units());
        return answers.earlier(view.job().id(), question.name())
                .map(kept -> {
                    model.addAttribute(
                            "earlier", kept.keptAt().atZone(clock.getZone()).toLocalDate());
                    return kept.typed().with(known);
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
        return keep(view(id), question(name), TypedForm.read(sent, workshops.units()), model, flash);
    }

    private <I> String keep(JobView view, Question<I> question, Typed typed, Model model, RedirectAttributes flash) {
        Typed own = typed.without(name ->
                question.fields().field(name).isEmpty() || typed.text(name).isBlank());
        Reading<I> reading = FieldReader.read(question.fields(), own, bearings.book());
        if (view.job().state().frozen()) {
            model.addAttribute("bad", "Not kept: this job is closed. Open it again with a reason first.");
            return show(view, question, own, true, model);
        }
        if (!reading.ok()) {
            model.addAttribute("bad", "Not kept: what is marked cannot be used yet.");
            return show(view, question, own, true, model);
        }
        Answer answer = question.answer().apply(reading.record());
        if (!answers.keep(
                view.job().id(),
                new AnswerService.Kept(question.name(), question.title(), own, answer, clock.instant()))) {
            model.addAttribute("bad", "Not kept: this job is closed. Open it again with a reason first.");
            return show(view, question, own, true, model);
        }
        flash.addFlashAttribute("good", question.title() + " is kept in the job.");
        return list(view.job().id());
    }

    @PostMapping("/{name}/drop")
    String drop(@PathVariable long id, @PathVariable String name, RedirectAttributes flash) {
        boolean dropped = answers.drop(id, question(name).name());
        flash.addFlashAttribute(dropped ? "good" : "bad", dropped ? "Let go of." : "Not changed: this job is closed.");
        return "redirect:/jobs/" + id + "/numbers";
    }

    private <I> String show(JobView view, Question<I> question, Typed typed, boolean judged, Model model) {
        Reading<I> reading = FieldReader.read(question.fields(), typed, bearings.book());
        Map<String, FieldView> form = FieldView.form(reading, typed.shownIn(workshops.units()));
        if (!judged) {
            form.replaceAll((name, f) -> f.typed().isBlank() ? f.withoutRefusals() : f);
        }
        Map<String, String> texts = TypedForm.write(typed.without(name ->
                question.fields().field(name).isEmpty() || typed.text(name).isBlank()));
        model.addAttribute("view", view);
        model.addAttribute("question", question);
        model.addAttribute("form", List.copyOf(form.values()));
        model.addAttribute("answer", reading.get().map(question.answer()).orElse(null));
        model.addAttribute("save", SavedAnswer.of("/bench/" + question.name(), question, texts));
        model.addAttribute("texts", texts.entrySet());
        return "job/number";
    }

    private static Question<?> question(String name) {
        return Questions.BESIDE.stream()
                .flatMap(g -> g.questions().stream())
                .filter(q -> q.name().equals(name))
                .findFirst()
                .orElseThrow(NumbersPages::unknown);
    }

    private JobView view(long id) {
        return jobs.view(id).orElseThrow(NumbersPages::unknown);
    }

    private static ResponseStatusException unknown() {
        return new ResponseStatusException(HttpStatus.NOT_FOUND);
    }
}
