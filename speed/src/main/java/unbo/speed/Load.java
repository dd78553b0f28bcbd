package unbo.speed;

import java.io.IOException;
import java.io.InputStream;
import java.net.CookieManager;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.time.Duration;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.SplittableRandom;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.locks.LockSupport;

/** Asks a server on loopback for pages, bounded in count and in time, and takes the times. */
final class Load {

    private static final int SENT_ON = 302;

    private final HttpClient client = HttpClient.newBuilder()
            .version(HttpClient.Version.HTTP_1_1)
            .cookieHandler(new CookieManager())
            .connectTimeout(Duration.ofSeconds(10))
            .build();
    private final String root;

    Load(int port) {
        root = "http://127.0.0.1:" + port;
    }

    /** An answer. @param nanos until its last byte @param body as it came, compressed where the server does that */
    record Answer(long nanos, byte[] body) {}

    /**
     * One request, as a browser sends it. @throws IllegalStateException when it is answered by no page or way to one
     */
    Answer take(Ask ask) {
        long begin = System.nanoTime();
        HttpResponse<byte[]> answer = send(ask, true, HttpResponse.BodyHandlers.ofByteArray());
        return new Answer(System.nanoTime() - begin, answer.body());
    }

    /** The text of a page. */
    String text(String address) {
        return send(Ask.get(address), false, HttpResponse.BodyHandlers.ofString())
                .body();
    }

    /** The bytes of a file as they come. */
    InputStream stream(String address) {
        return send(Ask.get(address), false, HttpResponse.BodyHandlers.ofInputStream())
                .body();
    }

    private <T> HttpResponse<T> send(Ask ask, boolean compressed, HttpResponse.BodyHandler<T> handler) {
        HttpRequest.Builder request = HttpRequest.newBuilder(URI.create(root + ask.address()))
                .timeout(Duration.ofMinutes(5))
                .header("Accept", "text/html,*/*;q=0.8");
        if (compressed) {
            request.header("Accept-Encoding", "gzip");
        }
        ask.headers().forEach(request::header);
        if (ask.body() != null) {
            request.POST(HttpRequest.BodyPublishers.ofByteArray(ask.body()));
        }
        try {
            HttpResponse<T> answer = client.send(request.build(), handler);
            if (answer.statusCode() != 200 && answer.statusCode() != SENT_ON) {
                throw new IllegalStateException(ask.address() + " answers " + answer.statusCode());
            }
            return answer;
        } catch (IOException e) {
            throw new IllegalStateException(ask.address() + ": " + e, e);
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            throw new IllegalStateException(e);
        }
    }

    /**
     * One user who takes the pages in turn, so that all meet the same moods of the machine. @param rounds of each page
     */
    Map<String, Times> inTurn(Map<String, List<Ask>> pages, int rounds) {
        Map<String, long[]> nanos = new LinkedHashMap<>();
        pages.keySet().forEach(name -> nanos.put(name, new long[rounds]));
        for (int round = 0; round < rounds; round++) {
            for (Map.Entry<String, List<Ask>> page : pages.entrySet()) {
                List<Ask> asks = page.getValue();
                nanos.get(page.getKey())[round] =
                        take(asks.get(round % asks.size())).nanos();
            }
        }
        Map<String, Times> times = new LinkedHashMap<>();
        nanos.forEach((name, n) -> times.put(name, new Times(n)));
        return times;
    }

    /** What one request costs. @param cpuMs of the server, in milliseconds @param bytes on the line */
    record Cost(double cpuMs, double bytes) {}

    /** The same page again and again, so that the server's CPU is its own. */
    Cost cost(List<Ask> asks, int rounds, Server server) throws IOException {
        double before = server.cpu();
        long bytes = 0;
        for (int round = 0; round < rounds; round++) {
            bytes += take(asks.get(round % asks.size())).body().length;
        }
        return new Cost((server.cpu() - before) * 1000 / rounds, (double) bytes / rounds);
    }

    /**
     * Many users at once for a while, each on a plan of its own that a slow answer does not put off: a time runs from
     * when the page was to be asked for, so that who had to wait for an earlier page is counted as waiting.
     *
     * @param pause mean time between a user's pages, uniform from none to twice it; zero asks without rest
     * @return the times, by page, and how many requests failed
     */
    Crowd crowd(Map<String, List<Ask>> pages, int users, Duration lasting, Duration pause) throws Exception {
        List<String> names = List.copyOf(pages.keySet());
        long begin = System.nanoTime();
        long end = begin + lasting.toNanos();
        ExecutorService hands = Executors.newFixedThreadPool(users);
        List<Future<Map<String, List<Long>>>> work = new ArrayList<>();
        int[] failed = new int[users];
        for (int user = 0; user < users; user++) {
            int me = user;
            work.add(hands.submit(() -> {
                // whose neighbours' first draws are not alike, as those of Random are: all would ask at once
                SplittableRandom random = new SplittableRandom(me);
                Map<String, List<Long>> mine = new LinkedHashMap<>();
                long due = begin;
                while (due < end && System.nanoTime() < end) {
                    due = pause.isZero() ? System.nanoTime() : due + (long) (random.nextDouble() * 2 * pause.toNanos());
                    LockSupport.parkNanos(due - System.nanoTime());
                    String name = names.get(random.nextInt(names.size()));
                    List<Ask> asks = pages.get(name);
                    try {
                        take(asks.get(random.nextInt(asks.size())));
                        mine.computeIfAbsent(name, n -> new ArrayList<>()).add(System.nanoTime() - due);
                    } catch (IllegalStateException refused) {
                        failed[me]++;
                    }
                }
                return mine;
            }));
        }
        Map<String, List<Long>> all = new LinkedHashMap<>();
        for (Future<Map<String, List<Long>>> w : work) {
            w.get(lasting.toSeconds() + 120, TimeUnit.SECONDS)
                    .forEach((name, nanos) ->
                            all.computeIfAbsent(name, n -> new ArrayList<>()).addAll(nanos));
        }
        hands.shutdown();
        Map<String, Times> times = new LinkedHashMap<>();
        names.forEach(name -> times.put(
                name,
                new Times(all.getOrDefault(name, List.of(0L)).stream()
                        .mapToLong(Long::longValue)
                        .toArray())));
        int errors = 0;
        for (int f : failed) {
            errors += f;
        }
        return new Crowd(times, errors);
    }

    /** What many users at once met. */
    record Crowd(Map<String, Times> times, int failed) {

        int requests() {
            return times.values().stream().mapToInt(Times::count).sum();
        }
    }
}
