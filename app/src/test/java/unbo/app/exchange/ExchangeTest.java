package unbo.app.exchange;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatCode;
import static org.hamcrest.Matchers.containsString;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.multipart;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.header;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.io.StringReader;
import java.nio.charset.StandardCharsets;
import java.time.Instant;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.stream.Collectors;
import java.util.stream.Stream;

import jakarta.persistence.EntityManager;

import com.fasterxml.jackson.core.JsonPointer;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import net.fortuna.ical4j.data.CalendarBuilder;
import net.fortuna.ical4j.model.Component;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.mock.web.MockMultipartFile;
import org.springframework.test.web.servlet.MockMvc;
import org.springframework.transaction.annotation.Transactional;

import unbo.app.Served;
import unbo.app.demo.LoadedDemo;
import unbo.app.due.FollowUpService;
import unbo.app.job.JobLine;
import unbo.app.job.JobService;
import unbo.app.job.JobState;
import unbo.app.job.OpenLine;
import unbo.app.vehicle.DueLine;
import unbo.app.vehicle.Position;
import unbo.app.vehicle.Vehicle;
import unbo.app.vehicle.VehicleService;
import unbo.app.workshop.WorkshopForm;
import unbo.app.workshop.WorkshopService;
import unbo.core.fact.FactKey;
import unbo.core.input.Field;
import unbo.core.input.Typed;
import unbo.core.input.UnitSystem;
import unbo.core.route.StageRules;
import unbo.core.sheet.Sheet;
import unbo.core.stage.RouteStage;

/** What goes out comes in again as it was, under new numbers; what is broken is refused in sentences, whole. */
@Served
@ExtendWith(LoadedDemo.class)
@Transactional
class ExchangeTest {

    @Autowired
    private MockMvc mvc;

    @Autowired
    private ExchangeService exchange;

    @Autowired
    private JobService jobs;

    @Autowired
    private VehicleService vehicles;

    @Autowired
    private unbo.app.stock.StockService stock;

    @Autowired
    private FollowUpService followUps;

    @Autowired
    private WorkshopService workshops;

    @Autowired
    private EntityManager entities;

    private final ObjectMapper json = new ObjectMapper();

    private void forgetEverything() {
        entities.flush();
        for (String table : List.of(
                "stage_draft",
                "job_note",
                "stage",
                "follow_up",
                "job_paper",
                "job",
                "visit",
                "immersion",
                "vehicle_position",
                "vehicle")) {
            entities.createNativeQuery("delete from " + table).executeUpdate();
        }
        entities.clear();
    }

    private byte[] download(String address) throws Exception {
        return mvc.perform(get(address))
                .andExpect(status().isOk())
                .andReturn()
                .getResponse()
                .getContentAsByteArray();
    }

    /** A page without identities: numbers of jobs, positions and vehicles, and the token of its forms. */
    private String page(String address) throws Exception {
        return new String(download(address), StandardCharsets.UTF_8)
                .replaceAll("/(jobs|positions|vehicles|visits)/\\d+", "/$1/N")
                .replaceAll("#\\d+", "#N")
                .replaceAll("name=\"_csrf\" value=\"[^\"]*\"", "token")
                .replaceAll("name=\"vehicle\" value=\"\\d+\"", "vehicle")
                .replaceAll("name=\"in\" value=\"\\d+\"", "in");
    }

    private ExchangeService.Taken take(byte[] file) throws IOException {
        ExchangeService.Taken taken = exchange.take(() -> new ByteArrayInputStream(file), UnitSystem.METRIC);
        entities.flush();
        entities.clear();
        return taken;
    }

    private long signedJob() {
        return vehicles.all().stream()
                .flatMap(v -> jobs.ofVehicle(v.id(), 0).lines().stream())
                .filter(l -> l.state() == JobState.SIGNED && l.causeCode().equals("seal"))
                .map(JobLine::id)
                .findFirst()
                .orElseThrow();
    }

    @Test
    void aSignedJobTakenInAfterAResetHasTheSameReport() throws Exception {
        long job = signedJob();
        String before = page("/jobs/" + job + "/report");
        byte[] file = download("/jobs/" + job + "/export.json");
        forgetEverything();
        ExchangeService.Taken taken = take(file);
        assertThat(taken.faults()).isEmpty();
        assertThat(taken.jobs()).singleElement().isNotEqualTo(job);
        assertThat(page("/jobs/" + taken.jobs().get(0) + "/report")).isEqualTo(before);
    }

    @Test
    void aPaperIsKeptWithoutWhatDoesNotBelongToIt() throws Exception {
        String file = new String(download("/jobs/" + signedJob() + "/export.json"), StandardCharsets.UTF_8);
        String more = file.replaceFirst("\"paper\" : \\{", "\"paper\" : {\"attic\":[{\"old\":\"chest\"}],");
        assertThat(more).isNotEqualTo(file);
        ExchangeService.Taken taken = take(more.getBytes(StandardCharsets.UTF_8));
        assertThat(taken.faults()).isEmpty();
        String again = new String(download("/jobs/" + taken.jobs().get(0) + "/export.json"), StandardCharsets.UTF_8);
        assertThat(again).doesNotContain("attic").contains("\"paper\" : {");
    }

    @Test
    void openJobsComeInOpenWithTheirDraftsAndTheirPlaceOnTheBoard() throws Exception {
        List<OpenLine> before = jobs.underWay(0, 50);
        List<String> files = new ArrayList<>();
        List<String> reports = new ArrayList<>();
        for (OpenLine line : before) {
            files.add(new String(download("/jobs/" + line.id() + "/export.json"), StandardCharsets.UTF_8));
            reports.add(page("/jobs/" + line.id() + "/report"));
        }
        forgetEverything();
        for (int i = 0; i < files.size(); i++) {
            ExchangeService.Taken taken = take(files.get(i).getBytes(StandardCharsets.UTF_8));
            assertThat(page("/jobs/" + taken.jobs().get(0) + "/report")).isEqualTo(reports.get(i));
        }
        assertThat(jobs.underWay(0, 50))
                .extracting(OpenLine::next)
                .containsExactlyInAnyOrderElementsOf(
                        before.stream().map(OpenLine::next).toList());
    }

    @Test
    void aPositionComesInWithItsHistoryItsFactsAndItsDueDate() throws Exception {
        Position position = vehicles.find(vehicles.all().stream()
                        .filter(v -> v.name().startsWith("Rowing gig"))
                        .findFirst()
                        .map(Vehicle::id)
                        .orElseThrow())
                .orElseThrow()
                .positions()
                .get(0);
        String before = page("/positions/" + position.id());
        byte[] file = download("/positions/" + position.id() + "/export.json");
        forgetEverything();
        ExchangeService.Taken taken = take(file);
        long again =
                vehicles.find(taken.vehicle()).orElseThrow().positions().get(0).id();
        assertThat(page("/positions/" + again)).isEqualTo(before);
        assertThat(vehicles.due(LocalDate.now(), 20)).extracting(DueLine::when).contains("23 of 20 immersions");
    }

    private void emptyShelf() {
        entities.flush();
        for (String table : List.of("grease_gun", "grease", "stock_move", "stock_item", "own_bearing")) {
            entities.createNativeQuery("delete from " + table).executeUpdate();
        }
        entities.clear();
    }

    @Test
    void theWorkshopsOwnComesInAgainAndWhatIsHereStaysAsCountedHere() throws Exception {
        byte[] file = download("/export.json");
        JsonNode shelf = json.readTree(file).get("shelf");
        assertThat(shelf.get("shims").size()).isGreaterThanOrEqualTo(6);
        assertThat(shelf.get("greases").findValuesAsText("name")).contains("tub by the slip");
        assertThat(shelf.get("guns").findValuesAsText("gun")).contains("one-hand gun");
        assertThat(shelf.get("bearings").findValuesAsText("designation")).contains("HB 40-74");
        forgetEverything();
        emptyShelf();
        stock.put(0.10, 1, "one is here", java.time.Instant.now());
        assertThat(take(file).faults()).isEmpty();
        JsonNode again = json.readTree(download("/export.json")).get("shelf");
        assertThat(again.get("greases")).isEqualTo(shelf.get("greases"));
        assertThat(again.get("guns")).isEqualTo(shelf.get("guns"));
        assertThat(again.get("bearings")).isEqualTo(shelf.get("bearings"));
        assertThat(stock.shelf()).anySatisfy(s -> {
            assertThat(s.thicknessMm()).isEqualTo(0.10);
            assertThat(s.count()).isEqualTo(1);
        });
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "\"thickener\" : \"CaS\"|\"thickener\" : \"wax\"|grease",
                "\"weighed\" : \"1.24\"|\"weighed\" : \"heavy\"|gun",
                "\"grams\" : \"900\"|\"grams\" : \"-900\"|grams are a number",
                "\"thickness\" : \"0.1\"|\"thickness\" : \"900\"|shim",
                "\"bore\" : \"40\"|\"bore\" : \"-4\"|own bearing",
                "\"on\" : \"20|\"on\" : \"99-13-45, 20|is not a day"
            })
    void aBrokenShelfKeepsAllOut(String good, String bad, String sentence) throws Exception {
        String file = new String(download("/export.json"), StandardCharsets.UTF_8);
        assertThat(file).contains(good);
        long before = vehicles.all().size();
        assertThat(take(file.replace(good, bad).getBytes(StandardCharsets.UTF_8))
                        .faults())
                .anySatisfy(f -> assertThat(f).contains(sentence));
        assertThat(vehicles.all()).hasSize((int) before);
    }

    @Test
    void everythingComesInAgain() throws Exception {
        byte[] file = download("/export.json");
        String due = page("/due");
        JsonNode first = json.readTree(file);
        forgetEverything();
        assertThat(take(file).faults()).isEmpty();
        JsonNode again = json.readTree(download("/export.json"));
        for (String part : List.of("vehicles", "jobs", "photos")) {
            assertThat(again.get(part)).as(part).isEqualTo(first.get(part));
        }
        assertThat(page("/due")).isEqualTo(due);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "\"unbo\"|\"other\"|not written by Unbo",
                "\"version\" : 2|\"version\" : 9|version 9",
                "\"state\" : \"SIGNED\"|\"state\" : \"MELTED\"|state, openedAt",
                "\"code\" : \"axle1-right\"|\"code\" : \"front\"|no such position",
                "\"kind\" : \"trailer\"|\"kind\" : \"rocket\"|Kind",
                "\"code\" : \"grease\"|\"code\" : \"polish\"|no stage",
                "\"state\" : \"DONE\"|\"state\" : \"ODD\"|lacks its state",
                "\"value\" : 25.4|\"value\" : 1e300|no number a hub can have",
                "\"times\" : 1|\"times\" : 0|1 to 1000 times",
                "\"cause\" : \"seal\"|\"cause\" : \"moonlight\"|moonlight",
                "\"openedAt\" : \"|\"openedAt\" : \"soon |cannot be read",
                "\"worksheet\" : {|\"work\" : {|not whole"
            })
    void whatIsBrokenIsRefusedInASentenceAndNothingOfItIsTakenIn(String good, String bad, String sentence)
            throws Exception {
        String file = new String(download("/jobs/" + signedJob() + "/export.json"), StandardCharsets.UTF_8);
        assertThat(file).contains(good);
        int before = vehicles.ids().size();
        ExchangeService.Taken taken = take(file.replace(good, bad).getBytes(StandardCharsets.UTF_8));
        assertThat(String.join(" ", taken.faults())).contains(sentence);
        assertThat(vehicles.ids()).hasSize(before);
    }

    @Test
    void aFileCutShortIsRefusedAtEveryLength() throws Exception {
        byte[] file = download("/jobs/" + signedJob() + "/export.json");
        int before = vehicles.ids().size();
        for (int length = 0; length < file.length - 3; length += 997) {
            assertThat(take(Arrays.copyOf(file, length)).faults())
                    .as("cut at " + length)
                    .isNotEmpty();
        }
        assertThat(vehicles.ids()).hasSize(before);
    }

    @Test
    void oneFaultyVehicleKeepsAllOutAndTheFaultIsNamed() throws Exception {
        String everything = new String(download("/export.json"), StandardCharsets.UTF_8);
        String faulty = everything.replaceFirst("\"mark\" : \"HB 690\"", "\"mark\" : \"" + "x".repeat(31) + "\"");
        int before = vehicles.ids().size();
        assertThat(take(faulty.getBytes(StandardCharsets.UTF_8)).faults())
                .singleElement()
                .asString()
                .startsWith("vehicle 7: ");
        assertThat(vehicles.ids()).hasSize(before);
    }

    @Test
    void thePageTakesAFileInAndSaysWhatItRefuses() throws Exception {
        byte[] file = download("/jobs/" + signedJob() + "/export.json");
        mvc.perform(multipart("/take-in")
                        .file(new MockMultipartFile("file", "job.json", "application/json", file))
                        .with(csrf()))
                .andExpect(status().is3xxRedirection());
        mvc.perform(multipart("/take-in")
                        .file(new MockMultipartFile(
                                "file", "job.json", "application/json", "[]".getBytes(StandardCharsets.UTF_8)))
                        .with(csrf()))
                .andExpect(content().string(containsString("Nothing was taken in")));
        mvc.perform(multipart("/take-in").with(csrf()))
                .andExpect(content().string(containsString("No file was chosen")));
        mvc.perform(get("/take-in")).andExpect(content().string(containsString("or none of it")));
    }

    @Test
    void whatIsDueIsACalendarAndAnOverdueHubStandsOnToday() throws Exception {
        String calendar = new String(download("/due.ics"), StandardCharsets.UTF_8);
        assertThat(calendar)
                .startsWith("BEGIN:VCALENDAR")
                .contains(
                        "VERSION:2.0",
                        "DTSTART;VALUE=DATE:" + LocalDate.now().toString().replace("-", "") + "\r\n",
                        "Rowing gig launcher");
        AtomicInteger due = new AtomicInteger();
        vehicles.eachDue(line -> due.incrementAndGet());
        assertThat(calendar.split("BEGIN:VEVENT", -1)).hasSize(due.get() + 1);
        assertThat(new CalendarBuilder().build(new StringReader(calendar)).getComponents(Component.VEVENT))
                .hasSize(due.get());
        assertThat(calendar.lines()).allMatch(line -> line.length() <= 75);
    }

    @Test
    void theHistoryIsATableInWhichNoTextIsAFormula() throws Exception {
        Position position = vehicles.find(vehicles.all().get(0).id())
                .orElseThrow()
                .positions()
                .get(0);
        long job = jobs.open(position.vehicle().id(), position.code(), Instant.now());
        jobs.keep(
                job,
                RouteStage.INTAKE,
                -1,
                Map.of("complaint", "=1+1, \"quoted\"", "day", "2026-05-04"),
                Instant.now());
        jobs.abandon(job, "counted", Instant.now());
        mvc.perform(get("/history.csv"))
                .andExpect(header().string("Content-Type", "text/csv;charset=UTF-8"))
                .andExpect(content().string(containsString("job,day,vehicle,mark,position,counter,complaint")))
                .andExpect(content().string(containsString("\"'=1+1, \"\"quoted\"\"\"")));
        assertThat(new String(download("/positions/" + position.id() + "/history.csv"), StandardCharsets.UTF_8).lines())
                .hasSize(2);
    }

    @Test
    void filesOfWhatIsNotThereAreNotFound() throws Exception {
        for (String address : new String[] {
            "/jobs/999999/export.json",
            "/jobs/999999/report.pdf",
            "/positions/999999/export.json",
            "/positions/999999/history.csv"
        }) {
            mvc.perform(get(address)).andExpect(status().isNotFound());
        }
    }

    @Test
    void aPartsListTravelsWithItsJob() throws Exception {
        long job = jobs.underWay(0, 50).stream()
                .filter(l -> !jobs.parts(l.id()).texts().isEmpty())
                .findFirst()
                .map(OpenLine::id)
                .orElseThrow();
        Map<String, String> before = jobs.parts(job).texts();
        byte[] file = download("/jobs/" + job + "/export.json");
        forgetEverything();
        assertThat(jobs.parts(take(file).jobs().get(0)).texts())
                .isEqualTo(before)
                .containsKey("what-0");
    }

    /**
     * Each part of a file in turn is nothing, no number, or too much: a sentence, or it is taken in, but never a fault
     * of our own.
     */
    @Test
    void noPartOfAFileBreaksTheReader() throws Exception {
        JsonNode file = json.readTree(download("/jobs/" + signedJob() + "/export.json"));
        JsonNode shelf = json.readTree(download("/export.json")).get("shelf");
        ((ObjectNode) file).set("shelf", shelf);
        Map<String, String> shapes = new TreeMap<>();
        paths("", file, shapes);
        assertThat(shapes).hasSizeGreaterThan(120);
        List<String> odd = List.of("\"Infinity\"", "1e300", "[null]", "{}");
        int turn = 0;
        for (String path : shapes.values()) {
            broken(file, path, "null");
            broken(file, path, odd.get(turn++ % odd.size()));
        }
    }

    private void broken(JsonNode file, String path, String odd) throws IOException {
        JsonNode changed = file.deepCopy();
        JsonPointer at = JsonPointer.compile(path);
        JsonNode parent = changed.at(at.head());
        JsonNode value = json.readTree(odd);
        if (parent instanceof ObjectNode object) {
            object.set(at.last().getMatchingProperty(), value);
        } else {
            ((ArrayNode) parent).set(at.last().getMatchingIndex(), value);
        }
        byte[] bytes = json.writeValueAsBytes(changed);
        assertThatCode(() -> exchange.take(() -> new ByteArrayInputStream(bytes), UnitSystem.METRIC))
                .as(path + " is " + odd)
                .doesNotThrowAnyException();
        entities.flush();
        entities.clear();
    }

    /**
     * One path for every shape: of members that only differ by their place in a list the first. Drawings are alike
     * inside.
     */
    private static void paths(String here, JsonNode node, Map<String, String> shapes) {
        String shape = here.replaceAll("/\\d+", "/n");
        if (!here.isEmpty() && shapes.putIfAbsent(shape, here) != null
                || shape.contains("/drawings/n/")
                || shape.contains("/worksheet/lines/n/")) {
            return;
        }
        if (node.isObject()) {
            node.properties().forEach(e -> paths(here + "/" + e.getKey(), e.getValue(), shapes));
        }
        for (int i = 0; node.isArray() && i < node.size(); i++) {
            paths(here + "/" + i, node.get(i), shapes);
        }
    }

    @Test
    void everyTextThatAFormTakesComesBackThroughAFile() throws Exception {
        Vehicle vehicle = vehicles.find(vehicles.all().get(0).id()).orElseThrow();
        long job = jobs.open(vehicle.id(), "axle1-left", Instant.now());
        int longest = 0;
        for (RouteStage stage : RouteStage.route()) {
            Map<String, String> texts = new HashMap<>();
            for (Field field :
                    StageRules.of(stage, Sheet.of(List.of()), Map.of()).fields().fields()) {
                if (field.kind() == Field.Kind.TEXT || field.kind() == Field.Kind.LINES) {
                    texts.put(field.name(), "ü".repeat(field.longest()));
                    longest = Math.max(longest, field.longest());
                }
            }
            assertThat(jobs.keep(job, stage, -1, texts, Instant.now()))
                    .as(stage.code())
                    .isIn(JobService.Kept.DONE, JobService.Kept.DRAFT);
        }
        assertThat(longest).as("a painted race").isEqualTo(Field.LONGEST_TEXT);
        mvc.perform(post("/jobs/" + job + "/strip")
                        .with(csrf())
                        .param("version", "0")
                        .param("numbers", "x".repeat(60_000)))
                .andExpect(status().isOk());
        mvc.perform(post("/jobs/" + job + "/do/note").with(csrf()).param("text", "n".repeat(500)));
        mvc.perform(post("/jobs/" + job + "/grease/skip").with(csrf()).param("why", "w".repeat(200)));
        mvc.perform(post("/jobs/" + job + "/do/wait").with(csrf()).param("text", "p".repeat(900)));
        entities.flush();
        entities.clear();
        ExchangeService.Taken taken = take(download("/jobs/" + job + "/export.json"));
        assertThat(taken.faults()).isEmpty();
        assertThat(jobs.view(taken.jobs().get(0))
                        .orElseThrow()
                        .station(RouteStage.STRIP)
                        .texts())
                .containsEntry("numbers", "x".repeat(60_000));
        assertThat(jobs.view(taken.jobs().get(0))
                        .orElseThrow()
                        .station(RouteStage.INTAKE)
                        .texts())
                .isEqualTo(
                        jobs.view(job).orElseThrow().station(RouteStage.INTAKE).texts());
    }

    @Test
    void aWorkshopOfManyJobsComesInAgain() throws Exception {
        ObjectNode file = (ObjectNode) json.readTree(download("/jobs/" + signedJob() + "/export.json"));
        ArrayNode all = file.putArray("jobs");
        JsonNode one = json.readTree(download("/jobs/" + signedJob() + "/export.json"))
                .get("jobs")
                .get(0);
        for (int i = 0; i < 230; i++) {
            ObjectNode copy = one.deepCopy();
            ((ObjectNode) copy.get("job")).put("visit", i + 1);
            all.add(copy);
        }
        ExchangeService.Taken first = take(json.writeValueAsBytes(file));
        assertThat(first.faults()).isEmpty();
        assertThat(first.jobs()).hasSize(230);
        byte[] everything = download("/export.json");
        assertThat(everything.length).isGreaterThan(4 << 20);
        assertThat(take(everything).jobs()).hasSizeGreaterThan(230);
        Position position = vehicles.find(first.vehicle()).orElseThrow().positions().stream()
                .filter(p -> p.lastWorkedOn() != null)
                .findFirst()
                .orElseThrow();
        assertThat(new String(download("/positions/" + position.id() + "/history.csv"), StandardCharsets.UTF_8).lines())
                .as("its head and all jobs")
                .hasSize(231);
    }

    @Test
    void whatIsToBeDoneAfterHandOverTravelsWithItsJob() throws Exception {
        long job = signedJob();
        followUps.take(job, jobs.view(job).orElseThrow().position().id(), "warmth", LocalDate.of(2026, 5, 9));
        byte[] file = download("/jobs/" + job + "/export.json");
        forgetEverything();
        ExchangeService.Taken taken = take(file);
        assertThat(followUps.of(taken.jobs().get(0)))
                .containsExactly(new FollowUpService.Open("warmth", LocalDate.of(2026, 5, 9)));
        assertThat(take(new String(file, StandardCharsets.UTF_8)
                                .replace("\"code\" : \"warmth\"", "\"code\" : \"polish\"")
                                .getBytes(StandardCharsets.UTF_8))
                        .faults())
                .singleElement()
                .asString()
                .contains("follow-up 1");
    }

    @Test
    void aFileIsReadInTheSystemItWasTypedIn() throws Exception {
        long job = signedJob();
        double bore = jobs.view(job).orElseThrow().sheet().number(FactKey.HUB_BORE);
        byte[] file = download("/jobs/" + job + "/export.json");
        workshops.change(new WorkshopForm("Slipway bearings", UnitSystem.INCH, "A", "yearly"));
        long again = take(file).jobs().get(0);
        assertThat(jobs.view(again).orElseThrow().sheet().number(FactKey.HUB_BORE))
                .isEqualTo(bore);
        assertThat(jobs.reopen(again, "to look", Instant.now())).isTrue();
        assertThat(page("/jobs/" + again + "/identify")).contains("value=\"METRIC\"", "43 mm = 1.6929 in");
    }

    /** Files of an older release do not say it: whoever takes one in does. */
    @Test
    void anOlderFileIsReadInTheSystemThatIsSaid() throws Exception {
        byte[] file = ExchangeTest.class
                .getResourceAsStream("/releases/0.1.0/job.json")
                .readAllBytes();
        assertThat(json.readTree(file).get("version").asInt()).isEqualTo(1);
        ExchangeService.Taken metric = exchange.take(() -> new ByteArrayInputStream(file), UnitSystem.METRIC);
        assertThat(metric.faults()).isEmpty();
        ExchangeService.Taken inch = exchange.take(() -> new ByteArrayInputStream(file), UnitSystem.INCH);
        Typed first = jobs.view(metric.jobs().get(0))
                .orElseThrow()
                .station(RouteStage.IDENTIFY)
                .typed();
        Typed second = jobs.view(inch.jobs().get(0))
                .orElseThrow()
                .station(RouteStage.IDENTIFY)
                .typed();
        assertThat(first.texts()).isEqualTo(second.texts());
        assertThat(first.of("hubBore")).isEqualTo(UnitSystem.METRIC);
        assertThat(second.of("hubBore")).isEqualTo(UnitSystem.INCH);
        assertThat(vehicles.find(metric.vehicle()).orElseThrow().positions())
                .anySatisfy(p ->
                        assertThat(p.servedOn()).isEqualTo(p.lastWorkedOn()).isNotNull());
    }

    /** Countdowns, promises and tasks of the day, what owners answered: as they were; people without what lets in. */
    @Test
    void whatElseThereIsTravelsWithEverything() throws Exception {
        long job = jobs.underWay(0, 1).get(0).id();
        for (String row : List.of(
                "insert into timer (job_id, code, words, ends_at) values (" + job
                        + ", 'cure', 'compound cures', '2027-01-02 03:04:05.006')",
                "replace into day_job (job_id, promised) values (" + job + ", '2027-01-03 15:30:00.000')",
                "insert into day_task (day, line) values ('2027-01-04', 'Sweep the slip')",
                "insert into account (name, initials, role, password, active, made) values ('Quayhand', 'QH', "
                        + "'mechanic', '{noop}secret-of-the-slip', 1, now())",
                "insert into owner_answer (job_id, after_km, heat, noise, loose, leaks, note, told) values (" + job
                        + ", 50, 'cool', 0, 0, 1, 'a drop', '2027-01-05 06:07:08.009')")) {
            entities.createNativeQuery(row).executeUpdate();
        }
        byte[] file = download("/export.json");
        String text = new String(file, StandardCharsets.UTF_8);
        assertThat(text).contains("Quayhand").doesNotContain("secret-of-the-slip");
        for (String table : List.of("timer", "day_job", "day_task", "owner_answer", "account")) {
            entities.createNativeQuery("delete from " + table).executeUpdate();
        }
        forgetEverything();
        ExchangeService.Taken taken = take(file);
        assertThat(taken.faults()).isEmpty();
        assertThat(rows("select words, ends_at from timer where code = 'cure'"))
                .contains("compound cures 2027-01-02 03:04:05.006");
        assertThat(rows("select promised from day_job")).contains("2027-01-03 15:30:00.0");
        assertThat(rows("select day, line from day_task")).contains("2027-01-04 Sweep the slip");
        assertThat(rows("select note, leaks, told from owner_answer")).contains("a drop true 2027-01-05 06:07:08.009");
        assertThat(rows("select name from account"))
                .as("who may come in is said here")
                .isEmpty();
        String broken = text.replaceFirst("2027-01-02 03:04:05[.0-9]*", "the day after");
        assertThat(take(broken.getBytes(StandardCharsets.UTF_8)).faults())
                .singleElement()
                .asString()
                .contains("timer", "ends_at");
        String warm = text.replaceFirst("\"heat\" : \"\\w+\"", "\"heat\" : \"like tea\"");
        assertThat(take(warm.getBytes(StandardCharsets.UTF_8)).faults())
                .singleElement()
                .asString()
                .contains("answer", "heat");
    }

    private List<String> rows(String query) {
        return ((List<?>) entities.createNativeQuery(query).getResultList())
                .stream()
                        .map(row -> row instanceof Object[] cells
                                ? Stream.of(cells).map(String::valueOf).collect(Collectors.joining(" "))
                                : String.valueOf(row))
                        .toList();
    }
}
