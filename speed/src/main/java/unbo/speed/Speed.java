package unbo.speed;

import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.sql.Connection;
import java.sql.DriverManager;
import java.time.Duration;
import java.util.ArrayList;
import java.util.Collection;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Random;
import javax.imageio.ImageIO;

import org.jsoup.Jsoup;
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

    private static final int WARM_UP = 60;
    private static final int ROUNDS = 80;
    private static final int COST_ROUNDS = 30;
    private static final int SENT_WARM = 2;
    private static final int SENT_ROUNDS = 5;
    private static final int USERS = 64;
    /** A figure that may be off by more than this share is marked. */
    private static final double WIDE = 0.2;
    /** So many times a file's reader stops to have the garbage collected. */
    private static final int LOOKS = 4;

    private static final int BUFFER = 1 << 16;
    /** Of a file longer than this only the beginning is read. */
    private static final long LONGEST = 300L << 20;

    private static final long BETWEEN_LOOKS = 3L << 20;

    private final Load load = new Load(number("UNBO_PORT"));
    private final Load bare = new Load(number("UNBO_SPEED_BARE"));
    private final Server server = new Server(number("UNBO_SPEED_PID"));
    private final Duration crowdLasts =
            Duration.ofSeconds(Long.parseLong(System.getenv().getOrDefault("UNBO_SPEED_CROWD", "60")));
    /** So long a user reads a page, on average. */
    private final Duration reading =
            Duration.ofSeconds(Long.parseLong(System.getenv().getOrDefault("UNBO_SPEED_READING", "8")));

    private final List<String> lines = new ArrayList<>();
    private int sizes;

    private Speed() {}

    public static void main(String[] args) throws Exception {
        new Speed().run(args);
    }

    private static int number(String variable) {
        return Integer.parseInt(System.getenv(variable));
    }

    private void run(String[] sizes) throws Exception {
        if (!"no".equals(System.getenv("UNBO_SPEED_CORE"))) {
            core();
        }
        line(System.getenv("UNBO_SPEED_START"));
        line("resident memory then " + server.residentMb() + " MB under " + System.getenv("UNBO_SPEED_HEAP"));
        Map<String, Double> first = new LinkedHashMap<>();
        print();
        for (String size : sizes) {
            pages(Integer.parseInt(size), first);
            print();
        }
    }

    private void print() {
        System.out.println();
        lines.forEach(System.out::println);
        lines.clear();
    }

    private void core() throws RunnerException {
        say("Core, by JMH");
        Collection<RunResult> results = new Runner(new OptionsBuilder()
                        .include(CoreSpeed.class.getSimpleName())
                        .verbosity(VerboseMode.SILENT)
                        .build())
                .run();
        line("core                                       µs a call    ± (99.9 %)");
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
        double score = result.getPrimaryResult().getScore();
        double off = result.getPrimaryResult().getScoreError();
        return String.format(
                Locale.ROOT,
                "  %-38s %10.3f   %10.3f%s",
                result.getPrimaryResult().getLabel(),
                score,
                off,
                mark(off / score));
    }

    private static String mark(double off) {
        return off > WIDE ? "  ! wide" : "";
    }

    private void noise() throws RunnerException {
        say("One minute of sound, by JMH");
        Map<String, Double> took = new LinkedHashMap<>();
        line("");
        line("a minute at 48 kHz                         ms a call    ± (99.9 %)");
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
        Map<String, List<Ask>> pages;
        try (Connection database = DriverManager.getConnection(
                System.getenv("UNBO_DB_URL"), System.getenv("UNBO_DB_USER"), System.getenv("UNBO_DB_PASSWORD"))) {
            say("Filling the database to " + jobs + " jobs");
            Filler filler = new Filler(database);
            long there = filler.fill(jobs);
            pages = Pages.of(load, filler, there);
        }
        say("Warming up");
        load.inTurn(pages, WARM_UP);
        Map<String, List<Ask>> bareOnly = Map.of("bare", List.of(Ask.get("/bare")));
        bare.inTurn(bareOnly, WARM_UP * pages.size());
        say("One user, " + ROUNDS + " rounds of " + pages.size() + " pages");
        Map<String, Times> one = load.inTurn(pages, ROUNDS);
        double bareMedian = bare.inTurn(bareOnly, ROUNDS).get("bare").median();
        double emptyBeside = load.inTurn(Map.of("e", pages.get("empty page")), ROUNDS)
                .get("e")
                .median();
        Map<String, Load.Cost> costs = new LinkedHashMap<>();
        for (Map.Entry<String, List<Ask>> page : pages.entrySet()) {
            costs.put(page.getKey(), load.cost(page.getValue(), COST_ROUNDS, server));
        }
        say(USERS + " users at once for " + crowdLasts.toSeconds() + " s, each reading " + reading.toSeconds()
                + " s on average");
        Load.Crowd crowd = load.crowd(pages, USERS, crowdLasts, reading);
        say("16 users without rest for 10 s");
        Load.Crowd rush = load.crowd(pages, 16, Duration.ofSeconds(10), Duration.ZERO);
        table(jobs, one, costs, crowd, first);
        line(String.format(
                Locale.ROOT,
                "  empty page over a bare page of the framework: %.2f (%.2f and %.2f ms)",
                emptyBeside / bareMedian,
                emptyBeside,
                bareMedian));
        line(String.format(
                Locale.ROOT,
                "  %d users: %d requests, %d failed; 16 users without rest: %d requests in 10 s, %d failed",
                USERS,
                crowd.requests(),
                crowd.failed(),
                rush.requests(),
                rush.failed()));
        line("  resident memory after that: " + server.residentMb() + " MB");
        files();
        sent(pages);
    }

    /** What is sent: a job as a file taken in, a photo of six megapixels kept. */
    private void sent(Map<String, List<Ask>> pages) throws IOException {
        String job = pages.get("stage").get(sizes++).address().replaceAll("/jobs/(\\d+)/.*", "$1");
        String token =
                Jsoup.parse(load.text("/take-in")).select("input[name=_csrf]").val();
        byte[] file;
        try (InputStream in = load.stream("/jobs/" + job + "/export.json")) {
            file = in.readAllBytes();
        }
        Ask takeIn = Ask.file("/take-in", token, "file", "job.json", file);
        Ask photo = Ask.file("/jobs/" + job + "/photos", token, "photo", "p.jpg", picture());
        Map<String, List<Ask>> sent = new LinkedHashMap<>();
        sent.put("a job taken in", List.of(takeIn));
        sent.put("a photo kept", List.of(photo));
        load.inTurn(sent, SENT_WARM);
        for (Map.Entry<String, Times> one : load.inTurn(sent, SENT_ROUNDS).entrySet()) {
            Load.Cost cost = load.cost(sent.get(one.getKey()), SENT_WARM, server);
            line(String.format(
                    Locale.ROOT,
                    "  %-22s %8.1f ms %5.0f%%, CPU %.0f ms",
                    one.getKey(),
                    one.getValue().median(),
                    one.getValue().medianOff() * 100,
                    cost.cpuMs()));
        }
    }

    private static byte[] picture() throws IOException {
        BufferedImage image = new BufferedImage(3000, 2000, BufferedImage.TYPE_INT_RGB);
        Random random = new Random(1);
        for (int y = 0; y < image.getHeight(); y++) {
            for (int x = 0; x < image.getWidth(); x++) {
                image.setRGB(x, y, (x / 12 + y / 9) * 0x010203 + random.nextInt(16));
            }
        }
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        ImageIO.write(image, "jpeg", out);
        return out.toByteArray();
    }

    private void table(
            int jobs,
            Map<String, Times> one,
            Map<String, Load.Cost> costs,
            Load.Crowd crowd,
            Map<String, Double> first) {
        double empty = one.get("empty page").median();
        line("");
        line(String.format(
                Locale.ROOT,
                "%,d jobs: one user        median    off      p99  ÷ empty   CPU ms     kB   "
                        + "%d users: p99 ÷ own median",
                jobs,
                USERS));
        one.forEach((name, times) -> {
            Times many = crowd.times().get(name);
            String grown = first.containsKey(name)
                    ? String.format(Locale.ROOT, "  grown %.2f", times.median() / empty / first.get(name))
                    : "";
            line(String.format(
                    Locale.ROOT,
                    "  %-22s %8.2f %5.0f%% %8.2f   %6.2f   %6.1f %6.1f   %8.0f  %6.1f%s%s",
                    name,
                    times.median(),
                    times.medianOff() * 100,
                    times.within(0.99),
                    times.median() / empty,
                    costs.get(name).cpuMs(),
                    costs.get(name).bytes() / 1024,
                    many.within(0.99),
                    many.within(0.99) / times.median(),
                    grown,
                    mark(times.medianOff())));
            first.putIfAbsent(name, times.median() / empty);
        });
    }

    /** Files of everything there is, each once: how long, how much, and how much of it is held while it is read. */
    private void files() throws IOException, InterruptedException {
        line("  file                     MB        s    CPU s   held, MB");
        for (String address : List.of("/due.ics", "/history.csv", "/export.json")) {
            say(address);
            double idle = server.liveMb();
            double held = 0;
            double cpu = server.cpu();
            long begin = System.nanoTime();
            long bytes = 0;
            int looks = 0;
            long next = BETWEEN_LOOKS;
            long looking = 0;
            try (InputStream in = load.stream(address)) {
                byte[] buffer = new byte[BUFFER];
                for (int n = in.read(buffer); n >= 0 && bytes < LONGEST; n = in.read(buffer)) {
                    bytes += n;
                    if (bytes > next && looks < LOOKS) {
                        long from = System.nanoTime();
                        double before = server.cpu();
                        held = Math.max(held, server.liveMb() - idle);
                        cpu += server.cpu() - before;
                        looking += System.nanoTime() - from;
                        next = bytes * 3;
                        looks++;
                    }
                }
            }
            line(String.format(
                    Locale.ROOT,
                    "  %-18s %8.1f %8.1f %8.1f   %s",
                    bytes < LONGEST ? address : address + ", begun",
                    bytes / 1e6,
                    (System.nanoTime() - begin - looking) / 1e9,
                    server.cpu() - cpu,
                    looks == 0 ? "(too small to look)" : String.format(Locale.ROOT, "%8.1f", held)));
        }
    }

    private void line(String text) {
        lines.add(text);
    }

    private static void say(String text) {
        System.out.println("  " + text);
    }
}
