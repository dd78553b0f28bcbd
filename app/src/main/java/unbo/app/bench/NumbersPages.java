package unbo.app.bench;

import java.time.Clock;
import java.util.HashMap;
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
import unbo.app.workshop.WorkshopService;
import unbo.core.answer.Answer;
import unbo.core.answer.Question;
import unbo.core.input.FieldReader;
import unbo.core.input.Reading;
import unbo.core.route.FromSheet;

/** Numbers beside a job's stages: any question of the bench, begun with what the job knows, its answer kept in the job. */
@Page
@RequestMapping("/jobs/{id}/numbers")
class NumbersPages {

    private final JobService jobs;
    private final AnswerService answers;
    private final WorkshopService workshops;
    private final Clock clock;

    NumbersPages(JobService jobs, AnswerService answers, WorkshopService workshops, Clock clock) {
        this.jobs = jobs;
        this.answers = answers;
        this.workshops = workshops;
        this.clock = clock;
    }

    @GetMapping
    String list(@PathVariable long id, Model model) {
        List<AnswerService.Kept> kept = answers.of(id);
        Set<String> have = kept.stream().map(AnswerService.Kept::question).collect(Collectors.toSet());
        model.addAttribute("view", view(id));
        model.addAttribute("kept", kept);
        model.addAttribute("groups", Questions.BESIDE.stream().map(g -> new Questions.Beside(g.title(), g.questions().stream().filter(q -> !have.contains(q.name())).toList())).filter(g -> !g.questions().isEmpty()).toList());
        return "job/numbers";
    }

    @GetMapping("/{name}")
    String ask(@PathVariable long id, @PathVariable String name, @RequestParam Map<String, String> texts, Model model) {
        Question<?> question = question(name);
        JobView view = view(id);
        boolean begun = question.fields().fields().stream().anyMatch(f -> texts.containsKey(f.name()));
        Map<String, String> asked = begun ? texts : answers.of(id, name).map(AnswerService.Kept::texts).orElseGet(() -> fresh(view, question, model));
        return show(view, question, asked, begun, model);
    }

    /** What was typed for this position before, and over it what the job knows now. */
    private Map<String, String> fresh(JobView view, Question<?> question, Model model) {
        Map<String, String> texts = new HashMap<>();
        answers.earlier(view.job().id(), question.name()).ifPresent(kept -> {
            texts.putAll(kept.texts());
            model.addAttribute("earlier", kept.keptAt().atZone(clock.getZone()).toLocalDate());
        });
        texts.putAll(FromSheet.of(question.fields(), view.sheet()));
        return texts;
    }

    @PostMapping("/{name}")
    String keep(@PathVariable long id, @PathVariable String name, @RequestParam Map<String, String> texts, Model model, RedirectAttributes flash) {
        return keep(view(id), question(name), texts, model, flash);
    }

    private <I> String keep(JobView view, Question<I> question, Map<String, String> texts, Model model, RedirectAttributes flash) {
        Map<String, String> own = new HashMap<>();
        question.fields().fields().stream().filter(f -> !texts.getOrDefault(f.name(), "").isBlank()).forEach(f -> own.put(f.name(), texts.get(f.name())));
        Reading<I> reading = FieldReader.read(question.fields(), own, workshops.units());
        if (!reading.ok()) {
            model.addAttribute("bad", "Not kept: what is marked cannot be used yet.");
            return show(view, question, own, true, model);
        }
        Answer answer = question.answer().apply(reading.record());
        if (!answers.keep(view.job().id(), new AnswerService.Kept(question.name(), question.title(), own, answer, clock.instant()))) {
            model.addAttribute("bad", "Not kept: this job is closed. Open it again with a reason first.");
            return show(view, question, own, true, model);
        }
        flash.addFlashAttribute("good", question.title() + " is kept in the job.");
        return "redirect:/jobs/" + view.job().id() + "/numbers";
    }

    @PostMapping("/{name}/drop")
    String drop(@PathVariable long id, @PathVariable String name, RedirectAttributes flash) {
        boolean dropped = answers.drop(id, question(name).name());
        flash.addFlashAttribute(dropped ? "good" : "bad", dropped ? "Let go of." : "Not changed: this job is closed.");
        return "redirect:/jobs/" + id + "/numbers";
    }

    private <I> String show(JobView view, Question<I> question, Map<String, String> texts, boolean judged, Model model) {
        Reading<I> reading = FieldReader.read(question.fields(), texts, workshops.units());
        Map<String, FieldView> form = FieldView.form(reading, workshops.units());
        if (!judged) {
            form.replaceAll((name, f) -> f.typed().isBlank() ? f.withoutRefusals() : f);
        }
        model.addAttribute("view", view);
        model.addAttribute("question", question);
        model.addAttribute("form", List.copyOf(form.values()));
        model.addAttribute("answer", reading.get().map(question.answer()).orElse(null));
        model.addAttribute("save", SavedAnswer.of("/bench/" + question.name(), question, texts));
        model.addAttribute("texts", texts.entrySet().stream().filter(e -> question.fields().field(e.getKey()).isPresent() && !e.getValue().isBlank()).toList());
        return "job/number";
    }

    private static Question<?> question(String name) {
        return Questions.BESIDE.stream().flatMap(g -> g.questions().stream()).filter(q -> q.name().equals(name)).findFirst().orElseThrow(NumbersPages::unknown);
    }

    private JobView view(long id) {
        return jobs.view(id).orElseThrow(NumbersPages::unknown);
    }

    private static ResponseStatusException unknown() {
        return new ResponseStatusException(HttpStatus.NOT_FOUND);
    }
}
