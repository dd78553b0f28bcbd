package unbo.app.stock;

import java.time.Clock;
import java.util.Arrays;
import java.util.List;
import java.util.Map;

import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
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
import unbo.core.measure.Quantity;

/** The shelf of shims: what is there, what comes, what went where. */
@Page
class StockPages {

    private static final int LONGEST_WORDS = 200;

    private record Change(double thicknessMm, int count, String words) {}

    private static final FieldList<Change> LIST = FieldList.of(
            List.of(
                    Field.quantity("thickness", "Thickness", Quantity.LENGTH, "mm", 0.005, 20)
                            .usually(0.02, 5)
                            .must(),
                    Field.whole("count", "How many come (−: go)", -999, 999).must(),
                    Field.text("words", "For what", LONGEST_WORDS)),
            v -> new Change(v.number("thickness"), v.whole("count"), v.text("words")));

    private final StockService stock;
    private final WorkshopService workshops;
    private final Clock clock;

    StockPages(StockService stock, WorkshopService workshops, Clock clock) {
        this.stock = stock;
        this.workshops = workshops;
        this.clock = clock;
    }

    @GetMapping("/stock")
    String shelf(Model model) {
        return show(Map.of(), false, model);
    }

    @PostMapping("/stock")
    String change(@RequestParam Map<String, String> texts, Model model, RedirectAttributes flash) {
        Reading<Change> reading = FieldReader.read(LIST, TypedForm.read(texts, workshops.units()));
        if (!reading.ok()) {
            return show(texts, true, model);
        }
        Change change = reading.record();
        if (!stock.put(change.thicknessMm(), change.count(), change.words(), clock.instant())) {
            model.addAttribute("bad", "There are not so many on the shelf: nothing was changed.");
            return show(texts, true, model);
        }
        flash.addFlashAttribute("good", "The shelf is kept.");
        return "redirect:/stock";
    }

    /** Takes a chosen set for a stack. */
    @PostMapping("/stock/take")
    String take(@RequestParam String shims, @RequestParam(defaultValue = "") String words, RedirectAttributes flash) {
        List<Double> set = shims.matches("[0-9. ]{1,400}")
                ? Arrays.stream(shims.strip().split(" +"))
                        .filter(s -> s.matches("\\d{1,2}(\\.\\d{1,4})?"))
                        .map(Double::valueOf)
                        .toList()
                : List.of();
        List<String> missing = set.isEmpty()
                ? List.of("no shims were named")
                : stock.take(
                        set,
                        Purpose.of(words.strip()
                                .substring(
                                        0, Math.min(LONGEST_WORDS, words.strip().length()))),
                        clock.instant());
        flash.addFlashAttribute(
                missing.isEmpty() ? "good" : "bad",
                missing.isEmpty()
                        ? set.size() + " shims were taken off the shelf."
                        : "Nothing was taken: " + String.join("; ", missing) + ".");
        return "redirect:/stock";
    }

    private String show(Map<String, String> texts, boolean judged, Model model) {
        Map<String, FieldView> form =
                FieldView.form(FieldReader.read(LIST, TypedForm.read(texts, workshops.units())), workshops.units());
        if (!judged) {
            form.replaceAll((name, f) -> f.withoutRefusals());
        }
        model.addAttribute("form", form);
        model.addAttribute("shims", stock.shims());
        model.addAttribute("moves", stock.moves());
        return "stock/shelf";
    }
}
