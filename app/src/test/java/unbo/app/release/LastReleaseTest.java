package unbo.app.release;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;

import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.sql.SQLException;
import java.time.Instant;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.zip.GZIPInputStream;

import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.MethodOrderer;
import org.junit.jupiter.api.Order;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestMethodOrder;
import org.springframework.boot.SpringApplication;
import org.springframework.context.ConfigurableApplicationContext;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.test.web.servlet.MockMvc;
import org.springframework.test.web.servlet.setup.MockMvcBuilders;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.support.TransactionTemplate;
import org.springframework.web.context.WebApplicationContext;

import unbo.app.UnboApplication;
import unbo.app.catalogue.OwnCatalogue;
import unbo.app.job.JobService;
import unbo.app.job.JobView;
import unbo.app.vehicle.Vehicle;
import unbo.app.vehicle.VehicleService;
import unbo.app.workshop.WorkshopForm;
import unbo.app.workshop.WorkshopService;
import unbo.core.bearing.BearingKind;
import unbo.core.bearing.Boundary;
import unbo.core.bearing.OwnBearing;
import unbo.core.input.UnitSystem;
import unbo.core.stage.RouteStage;

/**
 * The database of the last release, with every page of every job as that release printed it: it opens in this one, what
 * was signed is printed as it was, and stays so whatever changes around it. Made by tools/release-record.
 */
@TestMethodOrder(MethodOrderer.OrderAnnotation.class)
class LastReleaseTest {

    private static final String RECORD = "/releases/0.1.0/";
    private static final String SCHEMA = "unbo_last_release";
    private static final List<String> STAGES =
            List.of("intake", "diagnose", "identify", "strip", "inspect", "fit", "grease", "set", "prove", "log");

    /**
     * These that release did not print as kept: it computed them again, from what is known now, and counted the job
     * among its own history.
     */
    private static final List<String> COMPUTED_AGAIN = List.of("intake", "diagnose", "log");

    private static final Map<String, String> THEN = new TreeMap<>();
    private static final Map<String, String> FIRST = new HashMap<>();
    private static OldDatabase old;
    private static ConfigurableApplicationContext application;
    private static MockMvc mvc;
    private static JdbcTemplate jdbc;

    @BeforeAll
    static void openTheOldDatabase() throws Exception {
        old = OldDatabase.restored(RECORD + "database.sql.gz", SCHEMA);
        pages();
        application = new SpringApplication(UnboApplication.class)
                .run(
                        "--spring.datasource.url=" + old.url(),
                        "--server.port=0",
                        "--unbo.instruments-port=-1",
                        "--spring.main.register-shutdown-hook=false");
        mvc = MockMvcBuilders.webAppContextSetup((WebApplicationContext) application)
                .build();
        jdbc = application.getBean(JdbcTemplate.class);
        for (String page : THEN.keySet()) {
            FIRST.put(page, ask("/jobs/" + page));
        }
    }

    @AfterAll
    static void close() throws SQLException {
        if (application != null) {
            application.close();
        }
        old.close();
    }

    private static InputStream record(String name) throws IOException {
        return new GZIPInputStream(LastReleaseTest.class.getResourceAsStream(RECORD + name));
    }

    /** The pages of a job, "17/report" and so on, as the release printed them. */
    private static void pages() throws IOException {
        try (InputStream in = record("pages.tar.gz")) {
            for (byte[] head = in.readNBytes(512); head.length == 512 && head[0] != 0; head = in.readNBytes(512)) {
                String name = text(head, 0, 100);
                int size = Integer.parseInt(text(head, 124, 12).strip(), 8);
                byte[] content = in.readNBytes((size + 511) / 512 * 512);
                Matcher page = Pattern.compile("\\./(\\d+/\\w+)\\.html").matcher(name);
                if (page.matches()) {
                    THEN.put(page.group(1), plain(new String(content, 0, size, StandardCharsets.UTF_8)));
                }
            }
        }
    }

    private static String text(byte[] bytes, int from, int length) {
        String text = new String(bytes, from, length, StandardCharsets.US_ASCII);
        return text.contains("\0") ? text.substring(0, text.indexOf('\0')) : text;
    }

    private static String ask(String address) throws Exception {
        var answer = mvc.perform(get(address)).andReturn().getResponse();
        assertThat(answer.getStatus()).as(address).isEqualTo(200);
        String page = answer.getContentAsString(StandardCharsets.UTF_8);
        return plain(page.substring(page.indexOf("<main"), page.indexOf("</main>") + "</main>".length())
                .replaceAll("<input[^>]*name=\"_csrf\"[^>]*>", ""));
    }

    /** A page whatever white space stands about its tags, which is how its template is laid out. */
    private static String plain(String page) {
        return page.replaceAll("\\s+", " ")
                .replaceAll(" ?(/?>) ?", "$1")
                .replace("/>", ">")
                .replaceAll(" ?(<) ?", "$1");
    }

    private static void change(String sql) {
        new TransactionTemplate(application.getBean(PlatformTransactionManager.class))
                .executeWithoutResult(status -> jdbc.update(sql));
    }

    private static List<String> signed() {
        return jdbc.queryForList("select id from job where state = 'SIGNED' and id <= 28 order by id", String.class);
    }

    private static List<String> all(String pattern, String page) {
        List<String> found = new ArrayList<>();
        Matcher m = Pattern.compile(pattern, Pattern.DOTALL).matcher(page);
        while (m.find()) {
            found.add(m.groupCount() > 0 ? m.group(1) : m.group());
        }
        return found;
    }

    @Test
    @Order(1)
    void everyPageOfEveryJobAnswers() {
        assertThat(THEN).hasSizeGreaterThan(380);
        assertThat(FIRST.keySet()).isEqualTo(THEN.keySet());
        assertThat(signed()).hasSizeGreaterThan(20);
    }

    /** All but the list of facts, in which codes became words, how the rail is drawn, and the ways onward. */
    private static String report(String page) {
        return page.replaceAll("(?s)<table class=\"facts\">.*?</table>", "")
                .replaceAll("(?s)<ol class=\"rail\".*?</ol>", "")
                .replaceAll("<a class=\"button quiet noprint\" href=\"/visits/\\d+\">Its visit</a>", "")
                .replaceAll("<a class=\"button quiet noprint\" href=\"/jobs/\\d+/owner\">The owner</a>", "")
                .replaceAll("\\s+", " ");
    }

    @Test
    @Order(2)
    void aSignedReportIsPrintedAsItWasByteForByte() {
        for (String job : signed()) {
            assertThat(report(FIRST.get(job + "/report")))
                    .as("report of job " + job)
                    .isEqualTo(report(THEN.get(job + "/report")));
        }
    }

    @Test
    @Order(3)
    void itsFactsAreThoseItHadInWords() {
        for (String job : signed()) {
            String then = all("(?s)<table class=\"facts\">(.*?)</table>", THEN.get(job + "/report"))
                    .get(0);
            String now = all("(?s)<table class=\"facts\">(.*?)</table>", FIRST.get(job + "/report"))
                    .get(0);
            List<String> measured = all("<td class=\"n\">(−?[\\d.]+ (?:mm|°C|°|N·m|N|g))</td>", then);
            assertThat(all("<td class=\"n\">(−?[\\d.]+ (?:mm|°C|°|N·m|N|g))</td>", now))
                    .as("facts of job " + job)
                    .containsAll(measured);
            assertThat(now).doesNotContain("axle1-left", "salt-water", "inch-tapered-cone", "immersed<");
        }
    }

    /** What a stage had kept when it was signed: the worksheet, what it says, what it judged and drew. */
    @Test
    @Order(4)
    void whatAStageKeptIsPrintedAsItWas() {
        int kept = 0;
        for (String job : signed()) {
            for (String stage : STAGES) {
                String now = FIRST.get(job + "/" + stage);
                String then = THEN.get(job + "/" + stage);
                if (!now.contains("class=\"panel kept\"") || COMPUTED_AGAIN.contains(stage)) {
                    continue;
                }
                kept++;
                String here = stage + " of job " + job;
                List<String> said = new ArrayList<>(lines(String.join("", all("<ul class=\"say\">.*?</ul>", then))));
                said.removeIf(
                        line -> line.contains("here again, after")); // a signed job counted its own failure as history
                assertThat(lines(now)).as(here).containsAll(said);
                assertThat(all("<tr>.*?</tr>", now))
                        .as(here + ", derivation")
                        .containsAll(
                                all("<tr>.*?</tr>", String.join("", all("<table class=\"why\">.*?</table>", then))));
                for (String figure : figures(then)) {
                    assertThat(figures(now)).as(here).anyMatch(printed -> printed.startsWith(figure));
                }
            }
            assertThat(FIRST.get(job + "/set")).doesNotContain("name=\"freeAngleDeg\"");
        }
        assertThat(kept).isGreaterThan(60);
    }

    private static List<String> figures(String page) {
        return all("<div class=\"figure[^>]*>(.*?)</div>", page).stream()
                .map(figure -> String.join("", lines(figure)).replace(" ", ""))
                .toList();
    }

    /** Texts of a piece of a page, each cell or line by itself. */
    private static List<String> lines(String html) {
        List<String> lines = new ArrayList<>();
        for (String part : html.replaceAll("(?s)<svg.*?</svg>", "")
                .replaceAll("</?(?:b|span|i|a|small|sup|sub)\\b[^>]*>", "")
                .split("<[^>]+>|\n")) {
            String line = part.replaceAll("\\s+", " ").strip();
            if (!line.isEmpty()) {
                lines.add(line);
            }
        }
        return lines;
    }

    @Test
    @Order(5)
    void anAddressChangesNothingOfWhatIsClosed() throws Exception {
        String job = signed().get(0);
        for (String address : List.of(
                "/prove?pull=0.9 0.9 0.9",
                "/set?freeAngleDeg=77&by=stack",
                "/fit?seat=k5&of=new",
                "/diagnose?note=spin-by-hand=rough&look=none",
                "/inspect?outer=dent/12 10:50")) {
            String stage = address.substring(1, address.indexOf('?'));
            assertThat(ask("/jobs/" + job + address)).as(address).isEqualTo(FIRST.get(job + "/" + stage));
        }
    }

    @Test
    @Order(6)
    void nothingAroundAClosedJobChangesIt() throws Exception {
        application
                .getBean(WorkshopService.class)
                .change(new WorkshopForm("Another name", UnitSystem.INCH, "C", "two-yearly"));
        application
                .getBean(OwnCatalogue.class)
                .keep(new OwnBearing(
                        new Boundary(BearingKind.DEEP_GROOVE_BALL, "HB 25-47-14", 25, 48, 15, "own", ""),
                        999.0,
                        99.0,
                        1.0,
                        1));
        change("update vehicle set name = concat('Renamed ', name), owner = 'Z.Z.'");
        change("update vehicle_position set facts = '[]', last_counter = 1");
        signTen();
        sameAsBefore(signed());
    }

    private static void sameAsBefore(List<String> signed) throws Exception {
        for (String job : signed) {
            for (String page : STAGES) {
                assertThat(still(ask("/jobs/" + job + "/" + page)))
                        .as(page + " of job " + job)
                        .isEqualTo(still(FIRST.get(job + "/" + page)));
            }
            assertThat(still(ask("/jobs/" + job + "/report")))
                    .as("report of job " + job)
                    .isEqualTo(still(FIRST.get(job + "/report")));
        }
    }

    @Test
    @Order(7)
    void whatThatReleaseKeptIsNotStaleOnlyBecauseThisOneWatchesMore() {
        JobService jobs = application.getBean(JobService.class);
        for (String open :
                jdbc.queryForList("select id from job where state in ('OPEN', 'WAITING') and id <= 28", String.class)) {
            assertThat(jobs.view(Long.parseLong(open)).orElseThrow().stations())
                    .as("job " + open)
                    .noneMatch(JobView.Station::recalculate);
        }
        List<String> last =
                signed().stream().filter(job -> Integer.parseInt(job) > 21).toList();
        assertThat(last).isNotEmpty();
        for (String job : last) {
            assertThat(jobs.reopen(Long.parseLong(job), "to look", Instant.parse("2027-04-01T09:00:00Z")))
                    .isTrue();
            assertThat(jobs.view(Long.parseLong(job)).orElseThrow().stations())
                    .as("job " + job)
                    .noneMatch(JobView.Station::recalculate);
        }
    }

    /**
     * Nothing is computed again of what is closed: the texts it was computed from are gone, and its pages are the same.
     */
    @Test
    @Order(8)
    void aClosedJobIsPrintedFromItsPaper() throws Exception {
        change("update stage s join job j on j.id = s.job_id set s.document = '{}' where j.state = 'SIGNED'");
        sameAsBefore(signed());
    }

    /** Without the rail, the title block and the remark that tell where the job stands now. */
    private static String still(String page) {
        return page.replaceAll("(?s)<ol class=\"rail\".*?</ol>", "")
                .replaceAll("(?s)<(table|div|dl) class=\"titleblock\".*?</\\1>", "")
                .replaceAll("(?s)<p class=\"notice\" id=\"stands-now\">.*?</p>", "");
    }

    private static void signTen() {
        JobService jobs = application.getBean(JobService.class);
        VehicleService vehicles = application.getBean(VehicleService.class);
        Vehicle trailer = vehicles.find(jdbc.queryForObject(
                        "select id from vehicle where kind = 'trailer' order by id limit 1", Long.class))
                .orElseThrow();
        for (int i = 0; i < 10; i++) {
            Instant at = Instant.parse("2027-03-" + (10 + i) + "T09:00:00Z");
            long job = jobs.open(trailer.id(), "axle1-left", at);
            for (RouteStage stage : RouteStage.route()) {
                Map<String, String> texts = switch (stage) {
                    case INTAKE -> Map.of("complaint", "again", "day", "2027-03-" + (10 + i), "load", "300 kg");
                    case PROVE ->
                        Map.of(
                                "push",
                                "0 0 0",
                                "pull",
                                "0.003 0.003 0.003",
                                "hubTemperature",
                                "90",
                                "proof-nut-locked",
                                "right",
                                "initials",
                                "ZZ");
                    case LOG -> Map.of("cause", "wheel-bearing", "serviceSchool", "yearly");
                    default -> Map.of();
                };
                if (texts.isEmpty()) {
                    jobs.skip(job, stage, "for the test", at);
                } else {
                    assertThat(jobs.keep(job, stage, -1, texts, at))
                            .as(stage.code())
                            .isEqualTo(JobService.Kept.DONE);
                }
            }
            assertThat(jobs.sign(job, at)).isEmpty();
        }
    }
}
