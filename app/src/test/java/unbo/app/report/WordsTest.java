package unbo.app.report;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import java.net.URLEncoder;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;

import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.test.web.servlet.MockMvc;
import org.springframework.transaction.annotation.Transactional;

import unbo.app.Served;
import unbo.app.demo.LoadedDemo;
import unbo.app.job.JobLine;
import unbo.app.job.JobService;
import unbo.app.vehicle.Position;
import unbo.app.vehicle.Vehicle;
import unbo.app.vehicle.VehicleService;
import unbo.core.assembly.AssemblyKind;
import unbo.core.bearing.BearingKind;
import unbo.core.diagnosis.Cause;
import unbo.core.diagnosis.Checks;
import unbo.core.input.Field;
import unbo.core.input.FieldList;
import unbo.core.route.StageRules;
import unbo.core.sheet.Sheet;
import unbo.core.stage.RouteStage;
import unbo.core.tool.Tool;
import unbo.core.tool.Tools;
import unbo.core.tools.diagnosing.DiagnosisFields;
import unbo.core.vehicle.Place;
import unbo.core.vehicle.VehicleInput;

/** What is printed is in words, with units: no code and no key of ours stands on a page, on paper or in a table. */
@Served
@ExtendWith(LoadedDemo.class)
@Transactional
class WordsTest {

    @Autowired
    private MockMvc mvc;

    @Autowired
    private JobService jobs;

    @Autowired
    private VehicleService vehicles;

    private Pattern codes;

    @BeforeEach
    void load() {
        Map<String, String> words = new TreeMap<>();
        VehicleInput.LIST
                .field("kind")
                .orElseThrow()
                .choices()
                .forEach(kind -> Place.of(kind.code()).forEach(place -> words.put(place.code(), place.label())));
        DiagnosisFields.circumstances().forEach(c -> words.put(c.code(), c.label()));
        AssemblyKind.all().forEach(kind -> words.put(kind.code(), kind.label()));
        Cause.all().forEach(cause -> words.put(cause.code(), cause.label()));
        Checks.all().forEach(check -> {
            words.put(check.id(), check.question() + " " + check.shortName());
            check.results().forEach(result -> words.put(result.code(), result.label()));
        });
        Set<String> names = new TreeSet<>();
        for (FieldList<?> list : lists()) {
            for (Field field : list.fields()) {
                names.add(field.name());
                field.choices().forEach(choice -> words.merge(choice.code(), choice.label(), (x, y) -> x + " " + y));
            }
        }
        Stream.of(BearingKind.values()).forEach(kind -> words.put(kind.code(), kind.words()));
        Set<String> told = new TreeSet<>(words.keySet());
        told.removeIf(code -> !code.contains("-")
                || words.get(code).toLowerCase(java.util.Locale.ROOT).contains(code));
        assertThat(told).hasSizeGreaterThan(60).contains("axle1-left", "salt-water", "unit-bolted");
        names.removeIf(name -> !name.matches("[a-z]+[A-Z].*"));
        assertThat(names).hasSizeGreaterThan(80).contains("freeAngleDeg");
        told.addAll(names);
        codes = Pattern.compile("(?<![\\w-])("
                + told.stream().map(Pattern::quote).collect(Collectors.joining("|")) + "|[A-Z]+_[A-Z_]+)(?![\\w-])");
    }

    /** Every list of boxes: of all tools, and of all stages. */
    private static List<FieldList<?>> lists() {
        return Stream.<FieldList<?>>concat(
                        Tools.all().stream().map(Tool::fields),
                        RouteStage.route().stream()
                                .map(stage -> StageRules.of(stage, Sheet.of(List.of()), Map.of())
                                        .fields()))
                .toList();
    }

    private byte[] bytes(String address) throws Exception {
        return mvc.perform(get(address))
                .andExpect(status().isOk())
                .andReturn()
                .getResponse()
                .getContentAsByteArray();
    }

    /** What can be read on a page, lists of choices, numbers of drawings and hints apart. */
    private static String read(String page) {
        String main = page.substring(page.indexOf("<main"), page.indexOf("</main>"));
        return main.replaceAll("(?s)<(script|style|datalist)\\b.*?</\\1>", " ").replaceAll("<[^>]+>", " ");
    }

    private List<String> found(String where, String text) {
        List<String> found = new ArrayList<>();
        Matcher m = codes.matcher(text);
        while (m.find()) {
            found.add(where + ": "
                    + text.substring(Math.max(0, m.start() - 40), Math.min(text.length(), m.end() + 20))
                            .replaceAll("\\s+", " "));
        }
        return found;
    }

    @Test
    void noPageOfAJobPrintsACode() throws Exception {
        List<String> found = new ArrayList<>();
        for (Vehicle vehicle : vehicles.all()) {
            for (JobLine job : jobs.ofVehicle(vehicle.id(), 0).lines()) {
                List<String> pages = new ArrayList<>(
                        RouteStage.route().stream().map(RouteStage::code).toList());

                pages.addAll(List.of("report", "numbers", "parts", "photos"));
                for (String page : pages) {
                    found.addAll(found(
                            "/jobs/" + job.id() + "/" + page,
                            read(new String(bytes("/jobs/" + job.id() + "/" + page), StandardCharsets.UTF_8))));
                }
            }
        }
        assertThat(found).isEmpty();
    }

    @Test
    void noAnswerOfTheBenchPrintsACode() throws Exception {
        List<String> found = new ArrayList<>();
        for (Tool<?, ?> tool : Tools.all()) {
            String sample = tool.sample().entrySet().stream()
                    .map(e -> e.getKey() + "=" + URLEncoder.encode(e.getValue(), StandardCharsets.UTF_8))
                    .collect(Collectors.joining("&"));
            for (String address :
                    List.of("/bench/" + tool.name(), "/bench/" + tool.name() + "?" + sample + "&page=1")) {
                found.addAll(found(address, read(new String(bytes(address), StandardCharsets.UTF_8))));
            }
        }
        assertThat(found).isEmpty();
    }

    @Test
    void noVisitAndNoSheetForACustomerPrintsACode() throws Exception {
        List<String> found = new ArrayList<>();
        for (Vehicle vehicle : vehicles.all()) {
            for (JobLine job : jobs.ofVehicle(vehicle.id(), 0).lines()) {
                String visit = "/visits/" + jobs.view(job.id()).orElseThrow().visit();
                for (String page : List.of(visit, visit + "/sheet", visit + "/report")) {
                    found.addAll(found(page, read(new String(bytes(page), StandardCharsets.UTF_8))));
                }
            }
        }
        found.addAll(found("/wall", read(new String(bytes("/wall"), StandardCharsets.UTF_8))));
        assertThat(found).isEmpty();
    }

    @Test
    void noListTableOrCalendarPrintsACode() throws Exception {
        List<String> found = new ArrayList<>();
        for (String page : new String[] {
            "/", "/due", "/vehicles", "/ask?q=HB", "/stock", "/stock/grease", "/catalogue", "/settings", "/take-in"
        }) {
            found.addAll(found(page, read(new String(bytes(page), StandardCharsets.UTF_8))));
        }
        for (Vehicle vehicle : vehicles.all()) {
            found.addAll(found(
                    vehicle.name(), read(new String(bytes("/vehicles/" + vehicle.id()), StandardCharsets.UTF_8))));
            for (Position position : vehicles.find(vehicle.id()).orElseThrow().positions()) {
                found.addAll(found(
                        position.code(),
                        read(new String(bytes("/positions/" + position.id()), StandardCharsets.UTF_8))));
            }
        }
        found.addAll(found("history.csv", new String(bytes("/history.csv"), StandardCharsets.UTF_8)));
        found.addAll(found(
                "due.ics",
                new String(bytes("/due.ics"), StandardCharsets.UTF_8).replaceAll("(?m)^(UID|PRODID).*$", "")));
        assertThat(found).isEmpty();
    }

    @Test
    void thePaperHasWordsAndUnits() throws Exception {
        long job = vehicles.all().stream()
                .flatMap(v -> jobs.ofVehicle(v.id(), 0).lines().stream())
                .filter(l -> l.causeCode().equals("seal"))
                .map(JobLine::id)
                .findFirst()
                .orElseThrow();
        try (PDDocument document = Loader.loadPDF(bytes("/jobs/" + job + "/report.pdf"))) {
            String text = new PDFTextStripper().getText(document);
            assertThat(found("report.pdf", text)).isEmpty();
            assertThat(text).contains("axle 1", "900 km a year");
        }
    }

    @Test
    void photosAreNamedAfterTheStageTheyWereTakenAt() throws Exception {
        long job = jobs.underWay(0, 1).get(0).id();
        assertThat(new String(bytes("/jobs/" + job + "/photos?stage=strip"), StandardCharsets.UTF_8))
                .contains("<title>Photos, Strip");
        assertThat(new String(bytes("/jobs/" + job + "/inspect"), StandardCharsets.UTF_8))
                .contains("<title>Inspect");
    }
}
