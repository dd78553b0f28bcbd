package unbo.speed;

import java.net.URLEncoder;
import java.nio.charset.StandardCharsets;
import java.sql.SQLException;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;

import org.jsoup.Jsoup;
import org.jsoup.nodes.FormElement;

/** What is measured: pages, the parts of them that come as one types, and files; several addresses of each. */
final class Pages {

    private static final int JOBS = 18;
    private static final List<String> STAGES =
            List.of("intake", "identify", "inspect", "fit", "set", "grease", "prove", "log");

    private final Load load;
    private final Filler filler;
    private final Map<String, List<Ask>> all = new LinkedHashMap<>();

    private Pages(Load load, Filler filler) {
        this.load = load;
        this.filler = filler;
    }

    /** @param jobs how many there are */
    static Map<String, List<Ask>> of(Load load, Filler filler, long jobs) throws SQLException {
        Pages pages = new Pages(load, filler);
        pages.jobs();
        pages.record(jobs);
        pages.bench();
        return pages.all;
    }

    private void jobs() throws SQLException {
        List<Long> open = filler.numbers("select id from job where state = 'OPEN' and id > 40 order by id", JOBS);
        List<Long> signed = filler.numbers("select id from job where state = 'SIGNED' and id > 40 order by id", JOBS);
        List<Ask> stages = new ArrayList<>();
        List<Ask> reports = new ArrayList<>();
        List<Ask> prints = new ArrayList<>();
        for (int i = 0; i < JOBS; i++) {
            String at = "/jobs/" + open.get(i) + "/";
            stages.add(Ask.get(at + STAGES.get(i % STAGES.size())));
            reports.add(Ask.get("/jobs/" + signed.get(i) + "/report"));
            prints.add(Ask.get("/jobs/" + signed.get(i) + "/report.pdf"));
        }
        all.put("empty page", List.of(Ask.get("/empty")));
        all.put("stage", stages);
        for (String stage : STAGES) {
            List<Ask> typed = new ArrayList<>();
            for (int i = 0; i < 4; i++) {
                typed.add(preview("/jobs/" + open.get(i) + "/" + stage));
            }
            all.put("typed at " + stage, typed);
        }
        all.put("report", reports);
        all.put("report, PDF", prints);
    }

    /** What the stage's form sends as one types. */
    private Ask preview(String stage) {
        FormElement form = (FormElement)
                Jsoup.parse(load.text(stage), "http://127.0.0.1" + stage).getElementById("stage-form");
        String texts = form.formData().stream()
                .map(pair -> pair.key() + "=" + URLEncoder.encode(pair.value(), StandardCharsets.UTF_8))
                .collect(Collectors.joining("&"));
        return Ask.preview(stage + "/preview", "answer", texts);
    }

    private void record(long jobs) throws SQLException {
        all.put("board", gets("/"));
        all.put("search", gets("/ask?q=LM67048", "/ask?q=Copied+trailer+77", "/ask?q=harbour", "/ask?q=" + jobs));
        all.put("vehicles", gets("/vehicles"));
        all.put("vehicle", gets("/vehicles/" + filler.number("select max(id) from vehicle"), "/vehicles/3"));
        all.put(
                "position",
                gets("/positions/" + filler.number("select max(id) from vehicle_position"), "/positions/3"));
        all.put("due", gets("/due"));
        all.put("lives of a group", gets("/record/lives?kind=adjustable-taper&counter=days"));
        all.put("history of a position", gets("/positions/3/history.csv"));
        all.put("a job as a file", gets("/jobs/3/export.json"));
    }

    private void bench() {
        String nut = "/bench/nut?pitch=1.5&slots=6&pinHolesDeg=0+90&freeAngleDeg=17";
        String race = "/bench/race-map?designation=6305&elements=7&up=0&marks=inner+0+360+50+60+polish";
        all.put("castle nut", gets(nut));
        all.put("castle nut, typed", List.of(Ask.part(nut, "answer")));
        all.put("races", gets(race));
        all.put("races, typed", List.of(Ask.part(race, "answer")));
        all.put(
                "diagnose",
                gets(
                        "/bench/diagnose?vehicle=car&checks=noise-follows%3Droad-speed+noise-turning%3Dlouder-left",
                        "/bench/diagnose?vehicle=trailer"));
        all.put("runout", gets("/bench/runout"));
        all.put("/api/v1/decode", gets("/api/v1/decode?marking=LM67048", "/api/v1/decode?marking=32008X"));
    }

    private static List<Ask> gets(String... addresses) {
        return List.of(addresses).stream().map(Ask::get).toList();
    }
}
