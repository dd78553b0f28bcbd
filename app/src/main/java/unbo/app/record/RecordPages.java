package unbo.app.record;

import java.io.IOException;
import java.time.Clock;
import java.time.LocalDate;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.stream.Collectors;

import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVPrinter;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.server.ResponseStatusException;
import org.springframework.web.util.UriComponentsBuilder;

import unbo.app.catalogue.OwnCatalogue;
import unbo.app.tool.SavedAnswer;
import unbo.app.vehicle.VehicleService;
import unbo.app.web.FieldView;
import unbo.app.web.Page;
import unbo.app.workshop.WorkshopService;
import unbo.core.bearing.Bearing;
import unbo.core.bearing.BearingKind;
import unbo.core.bearing.OwnBearing;
import unbo.core.drawing.ValueTable;
import unbo.core.input.Field;
import unbo.core.input.FieldList;
import unbo.core.input.FieldReader;
import unbo.core.input.Reading;
import unbo.core.input.Values;
import unbo.core.logbook.RecordedLives;
import unbo.core.measure.Quantity;
import unbo.core.measure.Show;
import unbo.core.spares.Weight;
import unbo.core.tools.deciding.LivesWords;
import unbo.core.vehicle.Usage;

/** What the record tells: lives, left against right, a year. */
@Page
class RecordPages {

    /** Of a spare whose sizes nobody knows. */
    private static final double UNTOLD_GRAMS = 500;

    private static final int LINES = 30;
    private static final int MOST_VEHICLES = 20;

    private static final FieldList<Values> COMPUTED = FieldList.of(
            List.of(Field.quantity("computed", "Computed L10", Quantity.RATIO, "", 0.001, Field.MOST_COUNTED)
                    .hint("to hold the record against, in the same counter")),
            values -> values);
    private static final FieldList<Values> ORDERS = FieldList.of(
            List.of(
                    Field.quantity("days", "An order takes, days", Quantity.RATIO, "", 0, 365)
                            .orElse("14", null),
                    Field.quantity("service", "Got through without running out, %", Quantity.RATIO, "", 1, 99.9)
                            .orElse("95", null)),
            values -> values);
    private static final FieldList<Values> GOING = FieldList.of(
            List.of(Field.quantity("distance", "They go, in their counter", Quantity.RATIO, "", 1, Field.MOST_COUNTED)
                    .must()),
            values -> values);

    private final LivesRecord lives;
    private final PairsRecord pairs;
    private final YearRecord years;
    private final ShelfRecord shelf;
    private final VehicleService vehicles;
    private final OwnCatalogue own;
    private final WorkshopService workshops;
    private final Clock clock;

    RecordPages(
            LivesRecord lives,
            PairsRecord pairs,
            YearRecord years,
            ShelfRecord shelf,
            VehicleService vehicles,
            OwnCatalogue own,
            WorkshopService workshops,
            Clock clock) {
        this.lives = lives;
        this.pairs = pairs;
        this.years = years;
        this.shelf = shelf;
        this.vehicles = vehicles;
        this.own = own;
        this.workshops = workshops;
        this.clock = clock;
    }

    @GetMapping("/record/lives")
    String lives(@RequestParam Map<String, String> texts, Model model) {
        RunsAsked asked = RunsAsked.of(texts);
        Double computed =
                read(COMPUTED, texts, model).get().map(v -> v.maybe("computed")).orElse(null);
        LivesRecord.Told told = lives.told(asked, computed);
        model.addAttribute("asked", told.asked());
        model.addAttribute("answer", told.lives() == null ? null : LivesWords.answer(told.lives()));
        model.addAttribute("weibull", told.lives() == null ? null : told.lives().weibull());
        model.addAttribute("left", left(told.recorded()));
        model.addAttribute("causes", told.causes());
        model.addAttribute("runs", newest(told.runs()));
        model.addAttribute("all", told.runs().size());
        model.addAttribute("counters", RunsAsked.COUNTERS);
        model.addAttribute("groups", RunsAsked.GROUPS);
        model.addAttribute("kinds", RunsAsked.kinds());
        model.addAttribute("vehicleKinds", RunsAsked.vehicles());
        model.addAttribute("uses", Usage.USES);
        return "record/lives";
    }

    private static List<RunRow> newest(List<RunRow> runs) {
        return runs.stream()
                .sorted(Comparator.comparing((RunRow run) -> run.span().from().day())
                        .reversed())
                .limit(LINES)
                .toList();
    }

    /** One box of a page, read as any other is. */
    private Reading<Values> read(FieldList<Values> list, Map<String, String> texts, Model model) {
        Reading<Values> reading = FieldReader.read(list, texts, workshops.units());
        model.addAttribute("form", FieldView.form(reading, workshops.units()));
        return reading;
    }

    private static List<String> left(RecordedLives recorded) {
        return recorded.left().entrySet().stream()
                .sorted(Map.Entry.comparingByKey())
                .map(e -> e.getValue() + (e.getValue() == 1 ? " run is" : " runs are") + " left out: "
                        + e.getKey().words() + ".")
                .toList();
    }

    @GetMapping("/record/runs.csv")
    ResponseEntity<String> runs(@RequestParam Map<String, String> texts) throws IOException {
        StringBuilder out = new StringBuilder();
        try (CSVPrinter printer = new CSVPrinter(out, CSVFormat.RFC4180)) {
            printer.printRecord(
                    "vehicle",
                    "position",
                    "place",
                    "number",
                    "kind",
                    "from",
                    "from counter",
                    "fitted",
                    "to",
                    "to counter",
                    "ended",
                    "unit",
                    "seal",
                    "grease",
                    "end play mm",
                    "fitted by",
                    "cause");
            for (RunRow run : lives.told(RunsAsked.of(texts), null).runs()) {
                RunRow.Point to = run.span().to();
                printer.printRecord(
                        run.at().vehicle(),
                        run.positionLabel(),
                        run.where(),
                        run.number(),
                        run.counted().kind(),
                        run.span().from().day(),
                        run.span().from().counter(),
                        run.fitted() ? "yes" : "no",
                        to == null ? null : to.day(),
                        to == null ? null : to.counter(),
                        run.endedWords(),
                        run.at().unit(),
                        run.counted().seals(),
                        run.counted().grease(),
                        run.counted().endPlay(),
                        run.counted().person(),
                        run.counted().cause());
            }
        }
        return file("runs", out.toString());
    }

    @GetMapping("/record/pairs")
    String pairs(Model model) {
        model.addAttribute("compared", pairs.all());
        return "record/pairs";
    }

    /** Chooses who goes and how far; what is likely to fail is handed to the tool that chooses the spares. */
    @GetMapping("/record/trip")
    String trip(
            @RequestParam(defaultValue = "") List<Long> vehicle, @RequestParam Map<String, String> texts, Model model) {
        Reading<Values> far = read(GOING, texts, model);
        List<LivesRecord.Going> going = far.get()
                .filter(v -> vehicle.size() <= MOST_VEHICLES)
                .map(v -> lives.going(vehicle, v.number("distance")))
                .orElse(List.of());
        if (!going.isEmpty()) {
            return "redirect:" + spares(going);
        }
        model.addAttribute("vehicles", vehicles.page("", 0).lines());
        model.addAttribute("chosen", vehicle);
        model.addAttribute("asked", !texts.isEmpty());
        return "record/trip";
    }

    /** The season of one vehicle, begun with the rules of its own positions; races and hauls are written there. */
    @GetMapping("/record/season")
    String season(@RequestParam long vehicle) {
        LocalDate today = LocalDate.now(clock);
        String places = vehicles.find(vehicle)
                .map(found -> SeasonLines.of(found, vehicles.everyEvent(vehicle), today))
                .orElseThrow(() -> new ResponseStatusException(HttpStatus.NOT_FOUND));
        return "redirect:"
                + UriComponentsBuilder.fromPath("/bench/season")
                        .queryParam("from", today)
                        .queryParam("places", "{places}")
                        .encode()
                        .buildAndExpand(places)
                        .toUriString();
    }

    private String spares(List<LivesRecord.Going> going) {
        String places = going.stream()
                .map(g -> plain(g.run().at().vehicle() + ", " + g.run().positionLabel()) + "; "
                        + plain(g.run().number()) + "; " + Show.number(Math.max(0, g.lambda()), 6))
                .collect(Collectors.joining("\n"));
        String parts = going.stream()
                .map(g -> plain(g.run().number()))
                .distinct()
                .map(this::spare)
                .collect(Collectors.joining("\n"));
        return UriComponentsBuilder.fromPath("/bench/spares")
                .queryParam("places", "{places}")
                .queryParam("parts", "{parts}")
                .queryParam("grams", "3000")
                .encode()
                .buildAndExpand(places, parts)
                .toUriString();
    }

    /** A bearing as a spare: its mass by its sizes, its price of the workshop's own list; cartridges want a press. */
    private String spare(String number) {
        Bearing found = own.book().find(number);
        double grams = Weight.grams(found).orElse(UNTOLD_GRAMS);
        Double price = own.book().own().stream()
                .filter(known -> known.boundary().designation().equalsIgnoreCase(number))
                .map(OwnBearing::price)
                .filter(Objects::nonNull)
                .findFirst()
                .orElse(0.0);
        boolean pressed = found.kind() == BearingKind.HUB_CARTRIDGE;
        return number + "; " + Show.number(grams, 0) + "; " + Show.number(price, 2) + "; " + (pressed ? "no" : "yes");
    }

    private static String plain(String text) {
        return text.replace(';', ',');
    }

    @GetMapping("/record/shelf")
    String shelf(@RequestParam Map<String, String> texts, Model model) {
        model.addAttribute(
                "shelf",
                read(ORDERS, texts, model)
                        .get()
                        .map(v -> shelf.shelf(v.number("days"), v.number("service") / 100))
                        .orElse(null));
        return "record/shelf";
    }

    @GetMapping({"/record", "/record/year"})
    String year(@RequestParam(required = false) Integer year, Model model) {
        List<Integer> known = years.years();
        int shown = year != null && year > 1950 && year < 2200
                ? year
                : known.isEmpty() ? LocalDate.now(clock).getYear() : known.get(0);
        model.addAttribute("years", known);
        model.addAttribute("counted", years.of(shown));
        return "record/year";
    }

    @GetMapping("/record/year/{table}.csv")
    ResponseEntity<String> table(@PathVariable String table, @RequestParam int year) {
        ValueTable found =
                years.of(year).table(table).orElseThrow(() -> new ResponseStatusException(HttpStatus.NOT_FOUND));
        return file(year + "-" + found.name(), SavedAnswer.csv(found));
    }

    private static ResponseEntity<String> file(String name, String content) {
        return ResponseEntity.ok()
                .contentType(MediaType.parseMediaType("text/csv;charset=UTF-8"))
                .header("Content-Disposition", "attachment; filename=\"unbo-" + name + ".csv\"")
                .body(content);
    }
}
