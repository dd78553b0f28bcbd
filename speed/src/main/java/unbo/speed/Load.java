package unbo.speed;

import java.io.IOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.time.Duration;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.locks.LockSupport;

/** Asks the server on loopback for pages, bounded in count and in time, and takes the times. */
final class Load {

    private final HttpClient client = HttpClient.newBuilder()
            .version(HttpClient.Version.HTTP_1_1)
            .connectTimeout(Duration.ofSeconds(10))
            .build();
    private final String root;

    Load(int port) {
        root = "http://127.0.0.1:" + port;
    }

    /** One request; the body is read to its end. @throws IllegalStateException when it is not answered by 200 */
    long take(String address) {
        try {
            long begin = System.nanoTime();
            HttpResponse<byte[]> answer = client.send(
                    HttpRequest.newBuilder(URI.create(root + address))
                            .timeout(Duration.ofSeconds(30))
                            .header("Accept", "text/html,*/*;q=0.8")
                            .build(),
                    HttpResponse.BodyHandlers.ofByteArray());
            long took = System.nanoTime() - begin;
            if (answer.statusCode() != 200) {
                throw new IllegalStateException(address + " answers " + answer.statusCode());
            }
            return took;
        } catch (IOException e) {
            throw new IllegalStateException(address + ": " + e, e);
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            throw new IllegalStateException(e);
        }
    }

    /**
     * One user who takes the pages in turn, so that all meet the same moods of the machine. @param rounds of each page
     */
    Map<String, Times> inTurn(Map<String, List<String>> pages, int rounds) {
        Map<String, long[]> nanos = new LinkedHashMap<>();
        pages.keySet().forEach(name -> nanos.put(name, new long[rounds]));
        for (int round = 0; round < rounds; round++) {
            for (Map.Entry<String, List<String>> page : pages.entrySet()) {
                nanos.get(page.getKey())[round] =
                        take(page.getValue().get(round % page.getValue().size()));
            }
        }
        Map<String, Times> times = new LinkedHashMap<>();
        nanos.forEach((name, n) -> times.put(name, new Times(n)));
        return times;
    }

    /**
     * Many users at once for a while, each reading what came before asking for the next.
     *
     * @param pause mean time a user reads, uniform from none to twice it; zero asks without rest
     * @return the times, by page, and how many requests failed
     */
    Crowd crowd(Map<String, List<String>> pages, int users, Duration lasting, Duration pause) throws Exception {
        List<String> names = List.copyOf(pages.keySet());
        long end = System.nanoTime() + lasting.toNanos();
        ExecutorService hands = Executors.newFixedThreadPool(users);
        List<Future<Map<String, List<Long>>>> work = new ArrayList<>();
        int[] failed = new int[users];
        for (int user = 0; user < users; user++) {
            int me = user;
            work.add(hands.submit(() -> {
                Random random = new Random(me);
                Map<String, List<Long>> mine = new LinkedHashMap<>();
                while (System.nanoTime() < end) {
                    LockSupport.parkNanos((long) (random.nextDouble() * 2 * pause.toNanos()));
                    String name = names.get(random.nextInt(names.size()));
                    List<String> addresses = pages.get(name);
                    try {
                        mine.computeIfAbsent(name, n -> new ArrayList<>())
                                .add(take(addresses.get(random.nextInt(addresses.size()))));
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
