package unbo.app.stock;

import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.function.Function;
import java.util.stream.Collectors;

import org.springframework.data.domain.Limit;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

import unbo.core.finding.Finding;
import unbo.core.lubrication.Grease;
import unbo.core.lubrication.Gun;
import unbo.core.measure.Show;

/** The greases of the workshop with their grams, and its guns. */
@Service
@Transactional
public class GreaseShelf {

    static final String GREASE = "grease";
    private static final Limit SHOWN = Limit.of(30);

    private final StockItems items;
    private final StockMoves moves;
    private final GreaseSheets sheets;
    private final GreaseGuns guns;

    /** A grease and what is left of it, g. */
    public record Tub(Grease grease, double grams) {}

    /** A tub and how it suits a position, worst finding first; none means nothing speaks against it. */
    public record Offer(Tub tub, List<Finding> findings) {}

    GreaseShelf(StockItems items, StockMoves moves, GreaseSheets sheets, GreaseGuns guns) {
        this.items = items;
        this.moves = moves;
        this.sheets = sheets;
        this.guns = guns;
    }

    @Transactional(readOnly = true)
    public List<Tub> tubs() {
        Map<Long, GreaseSheet> byItem =
                sheets.findAll().stream().collect(Collectors.toMap(GreaseSheet::itemId, Function.identity()));
        return items.of(GREASE).stream()
                .filter(i -> byItem.containsKey(i.id()))
                .map(i -> new Tub(byItem.get(i.id()).grease(i.name()), i.quantity()))
                .toList();
    }

    /** All tubs judged for a position, those that nothing speaks against first. */
    @Transactional(readOnly = true)
    public List<Offer> offers(String oldKind, double hubC, boolean immersed) {
        return tubs().stream()
                .map(t -> new Offer(t, t.grease().at(oldKind, hubC, immersed)))
                .sorted(java.util.Comparator.comparing(o ->
                        o.findings().isEmpty() ? 0 : o.findings().get(0).level().rank()))
                .toList();
    }

    @Transactional(readOnly = true)
    public List<MoveLine> moves() {
        return moves.newest(GREASE, SHOWN);
    }

    /**
     * Keeps a grease by its sheet, new or changed, and puts {@code grams} to it. @return false where that would leave
     * less than nothing
     */
    public boolean keep(Grease grease, double grams, String words, Instant at) {
        StockItem item = items.held(GREASE, grease.name())
                .orElseGet(() -> items.save(new StockItem(GREASE, grease.name(), null, "g", 0)));
        if (item.quantity() + grams < 0) {
            return false;
        }
        GreaseSheet sheet = sheets.findById(item.id()).orElseGet(() -> new GreaseSheet(item.id()));
        sheet.take(grease);
        sheets.save(sheet);
        if (grams != 0) {
            item.change(grams);
            moves.save(new StockMove(item.id(), at, grams, words));
        }
        return true;
    }

    /** Takes grams of a grease. @return why not; empty when they were taken */
    public String take(String name, double grams, Purpose purpose, Instant at) {
        if (purpose.once() != null && moves.done(purpose.once())) {
            return "";
        }
        StockItem item = items.held(GREASE, name).orElse(null);
        if (item == null) {
            return "“" + name + "” is not on the shelf.";
        }
        if (item.quantity() < grams) {
            return Show.number(grams, 1) + " g are wanted, " + Show.number(item.quantity(), 1) + " g of “" + name
                    + "” are there.";
        }
        item.change(-grams);
        moves.save(new StockMove(item.id(), at, -grams, purpose));
        return "";
    }

    @Transactional(readOnly = true)
    public List<Gun> guns() {
        return guns.findAllByOrderByName().stream().map(GreaseGun::gun).toList();
    }

    /** Keeps what a gun was weighed at. */
    public void weighed(Gun gun) {
        GreaseGun kept = guns.findByName(gun.name()).orElseGet(() -> new GreaseGun(gun.name()));
        kept.take(gun);
        guns.save(kept);
    }
}
