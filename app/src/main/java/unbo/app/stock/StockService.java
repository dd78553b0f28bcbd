package unbo.app.stock;

import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;

import org.springframework.data.domain.Limit;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

import unbo.core.measure.Show;
import unbo.core.stack.StackInput;

/** The shelf: what is there, what comes and goes, each with its movement. */
@Service
@Transactional
public class StockService {

    static final String SHIM = "shim";
    private static final Limit SHOWN = Limit.of(30);

    private final StockItems items;
    private final StockMoves moves;

    /** One line of the shelf. */
    public record Shelf(String name, double sizeMm, int count) {}

    StockService(StockItems items, StockMoves moves) {
        this.items = items;
        this.moves = moves;
    }

    /** Shims, thinnest first. */
    @Transactional(readOnly = true)
    public List<Shelf> shims() {
        return items.of(SHIM).stream()
                .map(i -> new Shelf(i.name(), i.sizeMm(), (int) i.quantity()))
                .toList();
    }

    /** The same as a stack wants them. */
    @Transactional(readOnly = true)
    public List<StackInput.Shim> shelf() {
        return shims().stream()
                .filter(s -> s.count() > 0)
                .map(s -> new StackInput.Shim(s.sizeMm(), s.count()))
                .toList();
    }

    @Transactional(readOnly = true)
    public List<MoveLine> moves() {
        return moves.newest(SHIM, SHOWN);
    }

    /**
     * Puts shims of a thickness on the shelf, or takes some off with a negative count. @return false where there are
     * not so many
     */
    public boolean put(double thicknessMm, int count, String words, Instant at) {
        String name = Show.fixed(thicknessMm, 3);
        StockItem item = items.held(SHIM, name)
                .orElseGet(() ->
                        items.save(new StockItem(SHIM, name, Math.round(thicknessMm * 1000) / 1000.0, "pieces", 0)));
        if (item.quantity() + count < 0) {
            return false;
        }
        item.change(count);
        moves.save(new StockMove(item.id(), at, count, words));
        return true;
    }

    /** What was taken for a job and not put back. */
    @Transactional(readOnly = true)
    public List<MoveLine> takenFor(long jobId) {
        return moves.of(jobId);
    }

    /**
     * Takes a set of shims, all of it or nothing; for a job only while it has none out. @return what stands against it;
     * empty when all was taken
     */
    public List<String> take(List<Double> thicknesses, Purpose purpose, Instant at) {
        Map<String, Integer> wanted = new TreeMap<>();
        thicknesses.forEach(t -> wanted.merge(Show.fixed(t, 3), 1, Integer::sum));
        if (purpose.job() != null) {
            moves.held(purpose.job());
            if (purpose.once() != null && moves.done(purpose.once())) {
                return List.of();
            }
            List<String> out = moves.of(purpose.job()).stream()
                    .filter(line -> line.words().equals(SHIM))
                    .map(MoveLine::name)
                    .toList();
            if (!out.isEmpty()) {
                return List.of("shims of " + String.join(", ", out)
                        + " mm were taken for this job already: put them back first");
            }
        }
        List<String> missing = new ArrayList<>();
        Map<String, StockItem> held = new TreeMap<>();
        wanted.forEach((name, count) -> {
            StockItem item = items.held(SHIM, name).orElse(null);
            if (item == null || item.quantity() < count) {
                missing.add(count + " of " + name + " mm are wanted, " + (item == null ? 0 : (int) item.quantity())
                        + " are there");
            } else {
                held.put(name, item);
            }
        });
        if (missing.isEmpty()) {
            held.forEach((name, item) -> {
                item.change(-wanted.get(name));
                moves.save(new StockMove(item.id(), at, -wanted.get(name), purpose));
            });
        }
        return missing;
    }

    /** Puts back the shims that were taken for a job. @return how many pieces */
    public int putBack(long jobId, String words, Instant at) {
        moves.held(jobId);
        int pieces = 0;
        for (MoveLine line : moves.of(jobId)) {
            if (line.words().equals(SHIM) && line.by() < 0) {
                StockItem item = items.held(SHIM, line.name()).orElseThrow();
                item.change(-line.by());
                moves.save(new StockMove(item.id(), at, -line.by(), new Purpose(words, jobId, null)));
                pieces += (int) Math.round(-line.by());
            }
        }
        return pieces;
    }
}
