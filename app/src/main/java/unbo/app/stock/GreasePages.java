package unbo.app.stock;

import java.time.Clock;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;

import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;

import unbo.app.web.FieldView;
import unbo.app.web.Page;
import unbo.app.web.TypedForm;
import unbo.app.workshop.WorkshopService;
import unbo.core.input.Field;
import unbo.core.input.FieldList;
import unbo.core.input.FieldReader;
import unbo.core.input.Reading;
import unbo.core.lubrication.Grease;
import unbo.core.lubrication.Gun;
import unbo.core.measure.Quantity;
import unbo.core.tools.running.GreaseFields;
import unbo.core.tools.running.GunFields;

/** The shelf of greases, and the guns as they were weighed. */
@Page
@RequestMapping("/stock/grease")
class GreasePages {

    private static final int LONGEST_WORDS = 200;

    /** A grease and what comes of it. */
    private record Arrival(Grease grease, double grams, String words) {}

    /** What is taken. */
    private record Taking(String name, double grams, String words) {}

    private static final FieldList<Arrival> ARRIVAL = FieldList.of(
            Stream.concat(
                            GreaseFields.LIST.fields().stream(),
                            Stream.of(
                                    Field.quantity(
                                                    "grams",
                                                    "Grams that come (−: go)",
                                                    Quantity.MASS,
                                                    "g",
                                                    -100_000,
                                                    100_000)
                                            .usually(50, 20_000)
                                            .orElse("0", null),
                                    Field.text("words", "For what", LONGEST_WORDS)))
                    .toList(),
            GreaseFields.LIST.rules(),
            v -> new Arrival(GreaseFields.LIST.make().apply(v), v.number("grams"), v.text("words")));
    private static final FieldList<Taking> TAKING = FieldList.of(
            List.of(
                    Field.text("name", "Grease", 80).must(),
                    Field.quantity("grams", "Grams", Quantity.MASS, "g", 0.1, 100_000)
                            .must(),
                    Field.text("words", "For what", LONGEST_WORDS)),
            v -> new Taking(v.text("name"), v.number("grams"), v.text("words")));

    private final GreaseShelf shelf;
    private final WorkshopService workshops;
    private final Clock clock;

    GreasePages(GreaseShelf shelf, WorkshopService workshops, Clock clock) {
        this.shelf = shelf;
        this.workshops = workshops;
        this.clock = clock;
    }

    @GetMapping
    String shelf(Model model) {
        return show(Map.of(), "", model);
    }

    @PostMapping
    String arrive(@RequestParam Map<String, String> texts, Model model, RedirectAttributes flash) {
        Reading<Arrival> reading = FieldReader.read(ARRIVAL, TypedForm.read(texts, workshops.units()));
        if (!reading.ok()) {
            return show(texts, "grease", model);
        }
        Arrival a = reading.record();
        if (!shelf.keep(a.grease(), a.grams(), a.words(), clock.instant())) {
            model.addAttribute("bad", "There is not so much of it: nothing was changed.");
            return show(texts, "grease", model);
        }
        flash.addFlashAttribute("good", "“" + a.grease().name() + "” is kept.");
        return "redirect:/stock/grease";
    }

    @PostMapping("/gun")
    String weigh(@RequestParam Map<String, String> texts, Model model, RedirectAttributes flash) {
        Reading<Gun.Weighing> reading = FieldReader.read(GunFields.LIST, TypedForm.read(texts, workshops.units()));
        if (!reading.ok()) {
            return show(texts, "gun", model);
        }
        shelf.weighed(reading.record().on(LocalDate.now(clock)));
        flash.addFlashAttribute("good", "The gun is kept as weighed.");
        return "redirect:/stock/grease";
    }

    /** Takes grease for something that is no job. */
    @PostMapping("/take")
    String take(@RequestParam Map<String, String> texts, RedirectAttributes flash) {
        Reading<Taking> reading = FieldReader.read(TAKING, TypedForm.read(texts, workshops.units()));
        String refused = reading.ok()
                ? shelf.take(
                        reading.record().name(),
                        reading.record().grams(),
                        Purpose.of(reading.record().words()),
                        clock.instant())
                : String.join(
                        " ", reading.problems().stream().map(p -> p.sentence()).toList());
        flash.addFlashAttribute(
                refused.isEmpty() ? "good" : "bad",
                refused.isEmpty() ? "Taken off the shelf." : "Nothing was taken: " + refused);
        return "redirect:/stock/grease";
    }

    private String show(Map<String, String> texts, String judged, Model model) {
        model.addAttribute("form", form(ARRIVAL, texts, judged.equals("grease")));
        model.addAttribute("weighing", form(GunFields.LIST, texts, judged.equals("gun")));
        model.addAttribute("tubs", shelf.tubs());
        model.addAttribute("guns", shelf.guns());
        model.addAttribute("moves", shelf.moves());
        return "stock/grease";
    }

    private Map<String, FieldView> form(FieldList<?> list, Map<String, String> texts, boolean judged) {
        Map<String, FieldView> form =
                FieldView.form(FieldReader.read(list, judged ? texts : Map.of(), workshops.units()), workshops.units());
        if (!judged) {
            form.replaceAll((name, f) -> f.withoutRefusals());
        }
        return form;
    }
}
