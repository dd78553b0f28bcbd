package unbo.app.settings;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.HashMap;
import java.util.Map;
import java.util.stream.Collectors;

import org.springframework.beans.factory.annotation.Value;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;

import unbo.app.people.DoneBy;
import unbo.app.web.Door;
import unbo.app.web.FieldView;
import unbo.app.web.Page;
import unbo.app.workshop.Workshop;
import unbo.app.workshop.WorkshopForm;
import unbo.app.workshop.WorkshopService;
import unbo.core.input.FieldReader;
import unbo.core.input.Reading;
import unbo.core.input.UnitSystem;
import unbo.core.strip.Tools;

/** The preferences, and the page shown at the first start. */
@Page
class SettingsPages {

    private static final String TOOL = "tool-";

    private final WorkshopService workshops;
    private final String lastBackup;
    private final Door door;
    private final ApplicationEventPublisher events;

    /** @param lastBackup file in which the last good backup stands; empty where somebody else looks after the data */
    SettingsPages(
            WorkshopService workshops,
            @Value("${unbo.last-backup:}") String lastBackup,
            Door door,
            ApplicationEventPublisher events) {
        this.workshops = workshops;
        this.lastBackup = lastBackup;
        this.door = door;
        this.events = events;
    }

    /** When the last good backup was made, and where it lies; empty where there is none; null where it is not ours. */
    private String lastBackup() {
        if (lastBackup.isEmpty()) {
            return null;
        }
        try {
            return Files.readString(Path.of(lastBackup)).strip();
        } catch (IOException none) {
            return "";
        }
    }

    @GetMapping("/settings")
    String settings(Model model) {
        Workshop w = workshops.current();
        Map<String, String> texts = new HashMap<>();
        texts.put("name", w.isSetUp() ? w.name() : "");
        texts.put("units", w.unitSystem().name());
        texts.put("settingSchool", w.settingSchool());
        texts.put("serviceSchool", w.serviceSchool());
        texts.put("tools", w.tools());
        return show(texts, w.isSetUp(), model);
    }

    @PostMapping("/settings")
    String change(@RequestParam Map<String, String> sent, Model model, RedirectAttributes flash) {
        Map<String, String> texts = new HashMap<>(sent);
        texts.put(
                "tools",
                sent.keySet().stream()
                        .filter(name -> name.startsWith(TOOL))
                        .map(name -> name.substring(TOOL.length()))
                        .sorted()
                        .collect(Collectors.joining(" ")));
        Reading<WorkshopForm> reading = FieldReader.read(WorkshopForm.LIST, texts, UnitSystem.METRIC);
        if (!reading.ok()) {
            return show(texts, true, model);
        }
        boolean first = !workshops.current().isSetUp();
        workshops.change(reading.record());
        events.publishEvent(new DoneBy.Done("settings", null, ""));
        flash.addFlashAttribute("good", "Settings are kept.");
        return first ? "redirect:/" : "redirect:/settings";
    }

    /** Whether who is here may go there, so that nothing is offered that would be refused. */
    private boolean may(String method, String path) {
        return door.lets(SecurityContextHolder.getContext().getAuthentication(), method, path);
    }

    private String show(Map<String, String> texts, boolean judged, Model model) {
        Reading<WorkshopForm> reading = FieldReader.read(WorkshopForm.LIST, texts, UnitSystem.METRIC);
        Map<String, FieldView> form = FieldView.form(reading, UnitSystem.METRIC);
        if (!judged) {
            form.replaceAll((name, f) -> f.withoutRefusals());
        }
        form.remove("tools");
        model.addAttribute("form", form);
        model.addAttribute("lastBackup", lastBackup());
        model.addAttribute("people", may("GET", "/people"));
        model.addAttribute("files", may("GET", "/export.json"));
        model.addAttribute("settles", may("POST", "/settings"));
        model.addAttribute("tools", Tools.all());
        model.addAttribute("toolsHere", Tools.read(texts.getOrDefault("tools", "")));
        return "settings";
    }
}
