package unbo.app.photo;

import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;

/**
 * Only for tests: reads one large photo six times at once, in a machine with a small heap. Ends with 0 when all came
 * out.
 */
final class SixAtOnce {

    private static final int TIMES = 6;

    private SixAtOnce() {}

    public static void main(String[] args) throws Exception {
        Path photo = Path.of(args[0]);
        ExecutorService all = Executors.newFixedThreadPool(TIMES);
        List<Future<Integer>> widths = new ArrayList<>();
        for (int i = 0; i < TIMES; i++) {
            widths.add(all.submit(() -> Pictures.read(photo).picture().width()));
        }
        for (Future<Integer> width : widths) {
            System.out.println(width.get());
        }
        all.shutdown();
    }
}
