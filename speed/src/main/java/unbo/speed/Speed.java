package unbo.speed;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.SQLException;
import java.time.Duration;
import java.util.ArrayList;
import java.util.Collection;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;

import org.openjdk.jmh.results.RunResult;
import org.openjdk.jmh.runner.Runner;
import org.openjdk.jmh.runner.RunnerException;
import org.openjdk.jmh.runner.options.OptionsBuilder;
import org.openjdk.jmh.runner.options.VerboseMode;

/**
 * Measures core, then the running application, and prints one table. Started by {@code ./unbo speed}, which says in the
 * environment where the application and its database are.
 */
public final class Speed {

    private static final int WARM_UP = 250;
    private static final int ROUNDS = 250;
    private static final int USERS = 64;

    private final Load load = new Load(Integer.parseInt(System.getenv("UNBO_PORT")));
    private final long pid = Long.parseLong(System.getenv("UNBO_SPEED_PID"));
    private final Duration crowdLasts =
            Duration.ofSeconds(Long.parseLong(System.getenv().getOrDefault("UNBO_SPEED_CROWD", "60")));
    private final List<String> lines = new ArrayList<>();

    private Speed() {}

    public static void main(String[] args) throws Exception {
        new Speed().run(args);
    }

    private void run(String[] sizes) throws Exception {
        core();
        line("started in " + System.getenv("UNBO_SPEED_START") + " s, resident memory then " + residentMb()
                + " MB under " + System.getenv("UNBO_SPEED_HEAP"));
        Map<String, Double> first = new LinkedHashMap<>();
        for (String size : sizes) {
            pages(Integer.parseInt(size), first);
        }
        System.out.println();
        lines.forEach(System.out::println);
    }

    private void core() throws RunnerException {
        say("Core, by JMH");
        Collection<RunResult> results = new Runner(new OptionsBuilder()
                        .include(CoreSpeed.class.getSimpleName())
                        .verbosity(VerboseMode.SILENT)
                        .build())
                .run();
        line("core                          µs a call    ± (99.9 %)");
        for (RunResult result : results) {
            line(printed(result));
        }
        Times hostile = HostileStrings.decode();
        line(String.format(
                Locale.ROOT,
                "  10 000 hostile markings decoded: median %.3f ms, p99 %.3f ms, slowest %.1f ms",
                hostile.median(),
                hostile.within(0.99),
                hostile.within(1)));
        noise();
    }

    private static String printed(RunResult result) {
        return String.format(
                Locale.ROOT,
                "  %-26s %10.3f   %10.3f",
                result.getPrimaryResult().getLabel(),
                result.getPrimaryResult().getScore(),
                result.getPrimaryResult().getScoreError());
    }

    private void noise() throws RunnerException {
        say("One minute of sound, by JMH");
        Map<String, Double> took = new LinkedHashMap<>();
        line("");
        line("a minute at 48 kHz            ms a call    ± (99.9 %)");
        for (RunResult result : new Runner(new OptionsBuilder()
                        .include(NoiseSpeed.class.getSimpleName())
                        .verbosity(VerboseMode.SILENT)
                        .build())
                .run()) {
            line(printed(result));
            took.put(
                    result.getPrimaryResult().getLabel(),
                    result.getPrimaryResult().getScore());
        }
        line(String.format(
                Locale.ROOT,
                "  analysis over one plain transform pass: %.1f times",
                took.get("analyseOneMinute") / took.get("transformOneMinute")));
        line("");
    }

    private void pages(int jobs, Map<String, Double> first) throws Exception {
        Map<String, List<String>> pages;
        try (Connection database = DriverManager.getConnection(
                System.getenv("UNBO_DB_URL"), System.getenv("UNBO_DB_USER"), System.getenv("UNBO_DB_PASSWORD"))) {
            say("Filling the database to " + jobs + " jobs");
            Filler filler = new Filler(database);
            long there = filler.fill(jobs);
            pages = addresses(filler, there);
        }
        say("Warming up");
        load.inTurn(pages, WARM_UP);
        say("One user, " + ROUNDS + " rounds");
        Map<String, Times> one = load.inTurn(pages, ROUNDS);
        say(USERS + " users at once for " + crowdLasts.toSeconds() + " s, each reading 2 s on average");
        Load.Crowd crowd = load.crowd(pages, USERS, crowdLasts, Duration.ofSeconds(2));
        say("16 users without rest for 10 s");
        Load.Crowd rush = load.crowd(pages, 16, Duration.ofSeconds(10), Duration.ZERO);
        double empty = one.get("empty page").median();
        line("");
        line(String.format(
                Locale.ROOT,
                "%,d jobs              one user        ratio to the   %d users at once        p99 over the",
                jobs,
                USERS));
        line("                          median    p99     empty page     median    p99           one user's median");
        one.forEach((name, times) -> {
            Times many = crowd.times().get(name);
            String grown = first.containsKey(name)
                    ? String.format(
                            Locale.ROOT, "  (%.2f of the first size's)", times.median() / empty / first.get(name))
                    : "";
            line(String.format(
                    Locale.ROOT,
                    "  %-20s %8.2f %8.2f ms  %6.2f      %8.2f %8.2f ms      %6.2f%s",
                    name,
                    times.median(),
                    times.within(0.99),
                    times.median() / empty,
                    many.median(),
                    many.within(0.99),
                    many.within(0.99) / times.median(),
                    grown));
            first.putIfAbsent(name, times.median() / empty);
        });
        line(String.format(
                Locale.ROOT,
                "  %d users: %d requests, %d failed; 16 users without rest: %d requests in 10 s, %d failed",
                USERS,
                crowd.requests(),
                crowd.failed(),
                rush.requests(),
                rush.failed()));
        line("  resident memory after that: " + residentMb() + " MB");
    }

    /** The pages that are measured; several addresses of each, so that no page is always the same. */
    private static Map<String, List<String>> addresses(Filler filler, long jobs) throws SQLException {
        Map<String, List<String>> pages = new LinkedHashMap<>();
        pages.put("empty page", List.of("/empty"));
        List<String> stages = new ArrayList<>();
        List<String> reports = new ArrayList<>();
        long open = filler.number("select min(id) from job where state = 'OPEN' and id > 20");
        for (int i = 0; i < 20; i++) {
            stages.add("/jobs/" + (open + (long) Filler.OPEN_ONE_IN * (i % 19)) + "/"
                    + new String[] {"intake", "identify", "grease", "set"}[i % 4]);
            reports.add("/jobs/" + (21 + i) + "/report");
        }
        pages.put("job page (a stage)", stages);
        pages.put("job page (report)", reports);
        pages.put("board", List.of("/"));
        pages.put("search", List.of("/ask?q=LM67048", "/ask?q=Copied+trailer+77", "/ask?q=harbour", "/ask?q=" + jobs));
        pages.put(
                "position",
                List.of("/positions/" + filler.number("select max(id) from vehicle_position"), "/positions/3"));
        pages.put("due", List.of("/due"));
        pages.put("lives of a group", List.of("/record/lives?kind=adjustable-taper&counter=days"));
        pages.put("castle nut", List.of("/bench/nut"));
        pages.put(
                "diagnose",
                List.of(
                        "/bench/diagnose?vehicle=car&checks=noise-follows%3Droad-speed+noise-turning%3Dlouder-left",
                        "/bench/diagnose?vehicle=trailer"));
        pages.put("runout", List.of("/bench/runout"));
        pages.put("/api/v1/decode", List.of("/api/v1/decode?marking=LM67048", "/api/v1/decode?marking=32008X"));
        return pages;
    }

    private long residentMb() throws IOException {
        return Files.readAllLines(Path.of("/proc/" + pid + "/status")).stream()
                .filter(l -> l.startsWith("VmRSS"))
                .mapToLong(l -> Long.parseLong(l.replaceAll("\\D+", "")) / 1024)
                .findFirst()
                .orElse(-1);
    }

    private void line(String text) {
        lines.add(text);
    }

    private static void say(String text) {
        System.out.println("  " + text);
    }
}
