package unbo.app.parts;

import java.io.IOException;
import java.io.StringWriter;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVPrinter;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.server.ResponseStatusException;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;

import unbo.app.catalogue.OwnCatalogue;
import unbo.app.job.JobService;
import unbo.app.job.JobView;
import unbo.app.web.Label;
import unbo.app.web.Page;
import unbo.app.workshop.WorkshopService;
import unbo.core.measure.Show;
import unbo.core.parts.PartLine;
import unbo.core.tools.parts.PartLineFields;
import unbo.core.tools.parts.PartsList;
import unbo.core.tools.parts.PartsWords;

/** The parts list of a job: written, priced, compared with the assembly, ordered, labelled. */
@Page
@RequestMapping("/jobs/{id}/parts")
class PartsPages {

    private static final MediaType CSV = MediaType.parseMediaType("text/csv;charset=UTF-8");
    private static final MediaType SVG = MediaType.parseMediaType("image/svg+xml");
    private static final CSVFormat FORMAT = CSVFormat.RFC4180
            .builder()
            .setHeader(
                    "kind",
                    "part",
                    "where",
                    "count",
                    "unit",
                    "always new",
                    "price A",
                    "price B",
                    "buy from",
                    "cost",
                    "old one",
                    "how far")
            .get();

    private final JobService jobs;
    private final WorkshopService workshops;
    private final OwnCatalogue own;

    /** A supplier's share of the order. */
    public record Order(String supplier, List<Line> lines, String total) {}

    /** One line to order. */
    public record Line(String what, String place, String count, String price, String cost) {}

    PartsPages(JobService jobs, WorkshopService workshops, OwnCatalogue own) {
        this.jobs = jobs;
        this.own = own;
        this.workshops = workshops;
    }

    @GetMapping
    String list(@PathVariable long id, Model model) {
        JobView view = view(id);
        JobService.PartsTexts parts = jobs.parts(id);
        return show(view, parts.texts(), parts.version(), !view.job().state().frozen(), model);
    }

    @PostMapping("/preview")
    String preview(
            @PathVariable long id,
            @RequestParam Map<String, String> sent,
            @RequestParam(defaultValue = "-1") int version,
            Model model) {
        return show(view(id), PartsView.own(sent), version, false, model);
    }

    @PostMapping
    String keep(
            @PathVariable long id,
            @RequestParam Map<String, String> sent,
            @RequestParam(defaultValue = "-1") int version,
            Model model,
            RedirectAttributes flash) {
        JobView view = view(id);
        Map<String, String> texts = PartsView.own(sent);
        if (!PartsList.Typed.of(texts, workshops.units()).ok()) {
            model.addAttribute("bad", "Nothing was kept: what is marked below cannot be used yet.");
            return show(view, texts, version, false, model);
        }
        if (!jobs.keepParts(id, version, texts)) {
            JobService.PartsTexts now = jobs.parts(id);
            if (now.texts().equals(texts)) {
                return "redirect:/jobs/" + id + "/parts";
            }
            model.addAttribute(
                    "bad",
                    view.job().state().frozen()
                            ? "The job is closed: its parts list stands as it was."
                            : "The list was kept on another screen meanwhile. Yours stands below, theirs "
                                    + "beside it: put in what is missing and keep again.");
            model.addAttribute(
                    "theirs",
                    PartsList.Typed.of(now.texts(), workshops.units()).list().lines());
            return show(view, texts, now.version(), false, model);
        }
        flash.addFlashAttribute("good", "The parts list is kept.");
        return "redirect:/jobs/" + id + "/parts";
    }

    @GetMapping("/list.csv")
    ResponseEntity<byte[]> table(@PathVariable long id) {
        view(id);
        StringWriter out = new StringWriter();
        try (CSVPrinter printer = new CSVPrinter(out, FORMAT)) {
            for (PartLine l : kept(id).lines()) {
                printer.printRecord(
                        l.kind(),
                        plain(l.what()),
                        plain(l.place()),
                        l.count(),
                        l.unit(),
                        l.alwaysNew() ? "yes" : "",
                        l.priceA(),
                        l.priceB(),
                        l.supplier(),
                        l.cost(),
                        plain(l.progress().old()),
                        PartLineFields.words(l.progress().state()));
            }
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return file(CSV, "unbo-parts-" + id + ".csv", out.toString().getBytes(StandardCharsets.UTF_8));
    }

    /** A text that a spreadsheet will not take for a formula. */
    private static String plain(String text) {
        return !text.isEmpty() && "=+-@".indexOf(text.charAt(0)) >= 0 ? "'" + text : text;
    }

    @GetMapping("/order")
    String order(@PathVariable long id, Model model) {
        JobView view = view(id);
        Map<String, String> texts = jobs.parts(id).texts();
        PartsList list = kept(id);
        Map<String, List<PartLine>> shares = new LinkedHashMap<>();
        shares.put(name(texts, "supplierA", "supplier A"), list.from(PartLine.From.A));
        shares.put(name(texts, "supplierB", "supplier B"), list.from(PartLine.From.B));
        shares.put("no price yet", list.unpriced());
        model.addAttribute("view", view);
        model.addAttribute(
                "orders",
                shares.entrySet().stream()
                        .filter(s -> !s.getValue().isEmpty())
                        .map(s -> order(s.getKey(), s.getValue()))
                        .toList());
        return "parts/order";
    }

    private static String name(Map<String, String> texts, String which, String otherwise) {
        return texts.getOrDefault(which, "").isBlank() ? otherwise : texts.get(which);
    }

    private static Order order(String supplier, List<PartLine> lines) {
        double total = lines.stream()
                .filter(l -> l.cost() != null)
                .mapToDouble(PartLine::cost)
                .sum();
        return new Order(
                supplier,
                lines.stream()
                        .map(l -> new Line(
                                l.what(),
                                l.place(),
                                PartsWords.count(l),
                                l.supplier() == null
                                        ? ""
                                        : Show.fixed(l.supplier() == PartLine.From.A ? l.priceA() : l.priceB(), 2),
                                l.cost() == null ? "" : Show.fixed(l.cost(), 2)))
                        .toList(),
                Show.fixed(total, 2));
    }

    @GetMapping("/{line}/label.svg")
    ResponseEntity<byte[]> label(@PathVariable long id, @PathVariable int line) {
        return ResponseEntity.ok().contentType(SVG).body(labelOf(id, line).svg().getBytes(StandardCharsets.UTF_8));
    }

    @GetMapping("/{line}/label.png")
    ResponseEntity<byte[]> picture(@PathVariable long id, @PathVariable int line) {
        return ResponseEntity.ok()
                .contentType(MediaType.IMAGE_PNG)
                .body(labelOf(id, line).png());
    }

    private Label labelOf(long id, int line) {
        JobView view = view(id);
        var reading = PartsList.Typed.of(jobs.parts(id).texts(), workshops.units())
                .read()
                .get(line);
        if (reading == null || !reading.ok()) {
            throw unknown();
        }
        PartLine part = reading.record();
        return new Label(
                "#" + id + " " + view.vehicle().name() + ", " + view.position().label()
                        + (part.place().isBlank() ? "" : ", " + part.place()),
                part.what());
    }

    private PartsList kept(long id) {
        return PartsList.Typed.of(jobs.parts(id).texts(), workshops.units()).list();
    }

    private String show(JobView view, Map<String, String> texts, int version, boolean propose, Model model) {
        model.addAttribute("view", view);
        model.addAttribute("version", version);
        model.addAttribute("parts", PartsView.of(texts, view.sheet(), workshops.units(), propose, own.book()));
        return "parts/list";
    }

    private static ResponseEntity<byte[]> file(MediaType type, String name, byte[] body) {
        return ResponseEntity.ok()
                .contentType(type)
                .header(HttpHeaders.CONTENT_DISPOSITION, "attachment; filename=\"" + name + "\"")
                .body(body);
    }

    private JobView view(long id) {
        return jobs.view(id).orElseThrow(PartsPages::unknown);
    }

    private static ResponseStatusException unknown() {
        return new ResponseStatusException(HttpStatus.NOT_FOUND);
    }
}
