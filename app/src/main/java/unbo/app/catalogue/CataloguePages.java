package unbo.app.catalogue;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
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
import org.springframework.web.servlet.mvc.support.RedirectAttributes;

import unbo.app.web.FieldView;
import unbo.app.web.Page;
import unbo.app.web.TypedForm;
import unbo.app.workshop.WorkshopService;
import unbo.core.bearing.OwnBearing;
import unbo.core.catalogue.OwnBearings;
import unbo.core.input.FieldReader;
import unbo.core.input.Reading;
import unbo.core.measure.Show;

/** The workshop's own catalogue: a list, a form for one, a table in and out. */
@Page
class CataloguePages {

    private static final MediaType CSV = MediaType.parseMediaType("text/csv;charset=UTF-8");
    private static final long LARGEST = 2L << 20;

    private final OwnCatalogue own;
    private final WorkshopService workshops;

    /** One bearing as the list prints it. */
    public record Line(String designation, String kind, String sizes, String ratings, String price, int shelf) {

        static Line of(OwnBearing b) {
            String ratings = (b.cN() == null ? "–" : Show.number(b.cN(), 0)) + " / "
                    + (b.c0N() == null ? "–" : Show.number(b.c0N(), 0));
            return new Line(
                    b.boundary().designation(),
                    b.boundary().kind().words(),
                    Show.number(b.boundary().boreMm(), 3) + " × "
                            + Show.number(b.boundary().outsideMm(), 3) + " × "
                            + Show.number(b.boundary().widthMm(), 3),
                    ratings,
                    b.price() == null ? "" : Show.fixed(b.price(), 2),
                    b.shelf());
        }
    }

    CataloguePages(OwnCatalogue own, WorkshopService workshops) {
        this.own = own;
        this.workshops = workshops;
    }

    @GetMapping("/catalogue")
    String list(Model model) {
        return show(Map.of(), false, model);
    }

    @PostMapping("/catalogue")
    String keep(@RequestParam Map<String, String> texts, Model model, RedirectAttributes flash) {
        Reading<OwnBearing> reading = FieldReader.read(OwnBearings.LIST, TypedForm.read(texts, workshops.units()));
        if (!reading.ok()) {
            return show(texts, true, model);
        }
        own.keep(reading.record());
        flash.addFlashAttribute("good", reading.record().boundary().designation() + " is in the catalogue.");
        return "redirect:/catalogue";
    }

    @PostMapping("/catalogue/forget")
    String forget(@RequestParam String designation, RedirectAttributes flash) {
        own.forget(designation);
        flash.addFlashAttribute("good", designation + " was taken out of the catalogue.");
        return "redirect:/catalogue";
    }

    @PostMapping("/catalogue/take-in")
    String take(
            @RequestParam(required = false) MultipartFile file,
            Model model,
            RedirectAttributes flash,
            HttpServletResponse response)
            throws IOException {
        List<String> faults;
        if (file == null || file.isEmpty()) {
            faults = List.of("No file was chosen, or it is empty. Choose a table saved as CSV.");
        } else if (file.getSize() > LARGEST) {
            response.setStatus(HttpServletResponse.SC_REQUEST_ENTITY_TOO_LARGE);
            faults = List.of("The file has " + (file.getSize() >> 20) + " MB: a table of up to 2 MB is taken in.");
        } else {
            faults = own.take(new String(file.getBytes(), StandardCharsets.UTF_8));
        }
        if (!faults.isEmpty()) {
            model.addAttribute("faults", faults);
            return show(Map.of(), false, model);
        }
        flash.addFlashAttribute("good", "The table was taken in. Numbers that were there already have its sizes now.");
        return "redirect:/catalogue";
    }

    @GetMapping("/catalogue.csv")
    ResponseEntity<byte[]> table() {
        return ResponseEntity.ok()
                .contentType(CSV)
                .header(HttpHeaders.CONTENT_DISPOSITION, "attachment; filename=\"unbo-catalogue.csv\"")
                .body(OwnBearings.write(own.all()).getBytes(StandardCharsets.UTF_8));
    }

    private String show(Map<String, String> texts, boolean judged, Model model) {
        Map<String, FieldView> form = FieldView.form(
                FieldReader.read(OwnBearings.LIST, TypedForm.read(texts, workshops.units())), workshops.units());
        if (!judged) {
            form.replaceAll((name, f) -> f.withoutRefusals());
        }
        model.addAttribute("form", form);
        model.addAttribute("bearings", own.all().stream().map(Line::of).toList());
        return "catalogue/own";
    }
}
