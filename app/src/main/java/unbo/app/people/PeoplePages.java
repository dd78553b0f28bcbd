package unbo.app.people;

import java.util.Arrays;
import java.util.Map;

import org.springframework.context.ApplicationEventPublisher;
import org.springframework.http.HttpStatus;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.server.ResponseStatusException;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;

import unbo.app.web.Label;
import unbo.app.web.Page;
import unbo.core.people.Password;
import unbo.core.people.Role;
import unbo.core.people.TimeCode;

/** Who has an account: the owner's page, and everybody's own. */
@Page
class PeoplePages {

    private final Accounts accounts;
    private final SecondEyes eyes;
    private final TwoSteps steps;
    private final ApplicationEventPublisher events;

    PeoplePages(Accounts accounts, SecondEyes eyes, TwoSteps steps, ApplicationEventPublisher events) {
        this.accounts = accounts;
        this.eyes = eyes;
        this.steps = steps;
        this.events = events;
    }

    @GetMapping("/people")
    String people(Model model) {
        return page(Map.of(), model);
    }

    private String page(Map<String, String> typed, Model model) {
        model.addAttribute("accounts", accounts.all());
        model.addAttribute(
                "roles", Arrays.stream(Role.values()).map(Role::words).toList());
        model.addAttribute("typed", typed);
        model.addAttribute("secondEyes", eyes.wanted());
        model.addAttribute("shortest", Password.SHORTEST);
        model.addAttribute("first", !accounts.named());
        return "people/all";
    }

    @PostMapping("/people")
    String add(
            @RequestParam Map<String, String> sent,
            @RequestParam String password,
            Model model,
            RedirectAttributes flash) {
        String name = sent.getOrDefault("name", "");
        String role = sent.getOrDefault("role", "");
        String refusal = accounts.add(
                name, sent.getOrDefault("initials", ""), Role.of(role).orElse(Role.APPRENTICE), password);
        if (!refusal.isEmpty()) {
            model.addAttribute("bad", refusal);
            return page(sent, model);
        }
        said("account made", name.strip() + ", " + role);
        flash.addFlashAttribute("good", name.strip() + " has an account.");
        return "redirect:/people";
    }

    @PostMapping("/people/{id:\\d+}")
    String change(
            @PathVariable long id,
            @RequestParam String role,
            @RequestParam(defaultValue = "") String active,
            RedirectAttributes flash) {
        Accounts.Account one = account(id);
        String refusal = accounts.change(id, Role.of(role).orElse(one.role()), active.equals("yes"));
        return after(
                refusal,
                "account changed",
                one.name() + ": " + role + (active.equals("yes") ? "" : ", shut"),
                one.name() + " is asked for the password again.",
                flash);
    }

    @PostMapping("/people/{id:\\d+}/password")
    String password(@PathVariable long id, @RequestParam String password, RedirectAttributes flash) {
        Accounts.Account one = account(id);
        String refusal = accounts.password(id, password);
        return after(refusal, "password given", one.name(), one.name() + " has another password.", flash);
    }

    /** Makes a person a number. */
    @PostMapping("/people/{id:\\d+}/take-out")
    String takeOut(@PathVariable long id, RedirectAttributes flash) {
        account(id);
        return after(
                accounts.takeOut(id),
                "taken out",
                "person " + id,
                "The name is gone; what was done stays. What was signed is not changed.",
                flash);
    }

    /** For who lost his telephone. */
    @PostMapping("/people/{id:\\d+}/second-step/off")
    String stepOff(@PathVariable long id, RedirectAttributes flash) {
        Accounts.Account one = account(id);
        steps.off(id);
        return after("", "second step off", one.name(), one.name() + " comes in by the password alone.", flash);
    }

    @PostMapping("/people/second-eyes")
    String eyes(@RequestParam(defaultValue = "") String wanted, RedirectAttributes flash) {
        eyes.want(wanted.equals("yes"));
        return after("", "settings", "second pair of eyes: " + (wanted.equals("yes") ? "yes" : "no"), "Kept.", flash);
    }

    private String after(String refusal, String what, String words, String good, RedirectAttributes flash) {
        if (refusal.isEmpty()) {
            said(what, words);
            flash.addFlashAttribute("good", good);
        } else {
            flash.addFlashAttribute("bad", refusal);
        }
        return "redirect:/people";
    }

    private void said(String what, String words) {
        events.publishEvent(new DoneBy.Done(what, null, words));
    }

    private Accounts.Account account(long id) {
        return accounts.all().stream()
                .filter(one -> one.id() == id)
                .findFirst()
                .orElseThrow(() -> new ResponseStatusException(HttpStatus.NOT_FOUND));
    }

    @GetMapping("/people/me")
    String me(Model model) {
        model.addAttribute("me", here());
        model.addAttribute("shortest", Password.SHORTEST);
        model.addAttribute("second", steps.secret(here().id()).isPresent());
        return "people/me";
    }

    /** A second step is set up: the secret to be taken into a telephone, kept when its figures come back. */
    @PostMapping("/people/me/second-step")
    String step(Model model) {
        return drawn(steps.drawn(), model);
    }

    private String drawn(String secret, Model model) {
        model.addAttribute("secret", secret);
        model.addAttribute(
                "code",
                new Label("Unbo", here().getUsername(), TwoSteps.address(here().getUsername(), secret)).square());
        model.addAttribute("letters", secret.replaceAll("(.{4})(?=.)", "$1 "));
        return me(model);
    }

    @PostMapping("/people/me/second-step/on")
    String stepOn(
            @RequestParam String now,
            @RequestParam String secret,
            @RequestParam String figures,
            Model model,
            RedirectAttributes flash) {
        String refusal = accounts.matches(here().id(), now)
                ? steps.on(here().id(), secret, figures)
                : "That is not your password.";
        if (!refusal.isEmpty()) {
            model.addAttribute("bad", refusal);
            return TimeCode.secret(secret) ? drawn(secret, model) : me(model);
        }
        said("second step on", "");
        flash.addFlashAttribute("good", "From now on you are asked for the six figures too.");
        return "redirect:/people/me";
    }

    @PostMapping("/people/me/second-step/off")
    String ownStepOff(@RequestParam String now, Model model, RedirectAttributes flash) {
        if (!accounts.matches(here().id(), now)) {
            model.addAttribute("bad", "That is not your password.");
            return me(model);
        }
        steps.off(here().id());
        said("second step off", "");
        flash.addFlashAttribute("good", "You come in by the password alone.");
        return "redirect:/people/me";
    }

    /** How good a password is, said while it is typed; it is neither kept nor shown. */
    @PostMapping("/people/me/strength")
    String strength(
            @RequestParam(defaultValue = "") String password,
            @RequestParam(defaultValue = "") String name,
            Model model) {
        String refusal = Guessed.refusal(password, name);
        model.addAttribute(
                "step", refusal.isEmpty() ? Guessed.of(password, name).step() : 0);
        model.addAttribute(
                "says",
                password.isEmpty()
                        ? ""
                        : refusal.isEmpty()
                                ? "This password " + Guessed.of(password, name).words() + "."
                                : refusal);
        return "people/strength :: strength";
    }

    /** One's own password, changed by who knows it. */
    @PostMapping("/people/me")
    String own(@RequestParam String now, @RequestParam String password, Model model) {
        Person person = here();
        String refusal = accounts.matches(person.id(), now)
                ? accounts.password(person.id(), password)
                : "That is not your password.";
        if (!refusal.isEmpty()) {
            model.addAttribute("bad", refusal);
            return me(model);
        }
        said("password changed", "");
        return "redirect:/login";
    }

    private static Person here() {
        return Person.here()
                .filter(person -> person.id() != null)
                .orElseThrow(() -> new ResponseStatusException(HttpStatus.NOT_FOUND));
    }
}
