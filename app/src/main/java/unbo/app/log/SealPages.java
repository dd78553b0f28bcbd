package unbo.app.log;

import java.time.Clock;
import java.time.LocalDate;
import java.util.LinkedHashMap;
import java.util.Map;

import org.springframework.http.HttpStatus;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.server.ResponseStatusException;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;

import unbo.app.vehicle.SealService;
import unbo.app.vehicle.Vehicle;
import unbo.app.vehicle.VehicleService;
import unbo.app.web.FieldView;
import unbo.app.web.Page;
import unbo.app.workshop.WorkshopService;
import unbo.core.input.FieldReader;
import unbo.core.input.Reading;
import unbo.core.tools.identify.SealLedgerFields;
import unbo.core.tools.identify.SealLedgerTool;

/** The seals of a vehicle: written down as they are looked at, judged as they stand. */
@Page
@RequestMapping("/vehicles/{id}/seals")
class SealPages {

    private static final SealLedgerTool TOOL = new SealLedgerTool();

    private final SealService seals;
    private final VehicleService vehicles;
    private final WorkshopService workshops;
    private final Clock clock;

    SealPages(SealService seals, VehicleService vehicles, WorkshopService workshops, Clock clock) {
        this.seals = seals;
        this.vehicles = vehicles;
        this.workshops = workshops;
        this.clock = clock;
    }

    @GetMapping
    String shown(@PathVariable long id, Model model) {
        Vehicle vehicle = find(id);
        String text = seals.text(id);
        return page(vehicle, read(text), text, !text.isEmpty(), model);
    }

    @PostMapping
    String keep(
            @PathVariable long id,
            @RequestParam(defaultValue = "") String seals,
            @RequestParam(defaultValue = "") String seen,
            Model model,
            RedirectAttributes flash) {
        Vehicle vehicle = find(id);
        Reading<SealLedgerFields.Ledger> reading = read(seals);
        String before = seen.replace("\r", "");
        if (!reading.ok()) {
            return page(vehicle, reading, before, true, model);
        }
        if (!this.seals.keep(id, reading.record().lines(), before)) {
            model.addAttribute(
                    "bad",
                    "Not kept: somebody else wrote these seals anew since you opened them. What you typed stands "
                            + "below; keep again to put it in place.");
            return page(vehicle, reading, this.seals.text(id), true, model);
        }
        flash.addFlashAttribute("good", "Kept.");
        return "redirect:/vehicles/" + id + "/seals";
    }

    private Reading<SealLedgerFields.Ledger> read(String text) {
        Map<String, String> texts = new LinkedHashMap<>();
        texts.put(SealLedgerFields.BOX, text);
        texts.put("today", LocalDate.now(clock).toString());
        return FieldReader.read(SealLedgerFields.LIST, texts, workshops.units());
    }

    private String page(
            Vehicle vehicle, Reading<SealLedgerFields.Ledger> reading, String seen, boolean asked, Model model) {
        FieldView box = FieldView.form(reading, workshops.units()).get(SealLedgerFields.BOX);
        model.addAttribute("vehicle", vehicle);
        model.addAttribute("box", asked ? box : box.withoutRefusals());
        model.addAttribute("seen", seen);
        model.addAttribute("answer", reading.ok() ? TOOL.answer(reading.record()) : null);
        return "log/seals";
    }

    private Vehicle find(long id) {
        return vehicles.find(id).orElseThrow(() -> new ResponseStatusException(HttpStatus.NOT_FOUND));
    }
}
