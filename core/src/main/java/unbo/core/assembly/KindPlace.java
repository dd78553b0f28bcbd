package unbo.core.assembly;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;

import unbo.core.bearing.BearingKind;
import unbo.core.fit.SeatBands;
import unbo.core.table.Table;
import unbo.core.table.TableRow;

/**
 * Where a bearing sits in a kind of assembly.
 *
 * @param code of the place, unique in its kind
 * @param inner what its inner ring sits on
 * @param outer what its outer ring sits in
 * @param material of what the outer ring sits in
 * @param usual the bearing that is taken while none is known
 */
public record KindPlace(String kind, String code, String label, Hold inner, Hold outer, String material, Usual usual) {

    /**
     * What a side of the bearing is held by.
     *
     * @param side seat, raceway, chamfer, spigot or balls
     * @param fit ISO symbol of a seat; empty where it is none
     */
    public record Hold(String side, String fit) {

        public boolean seat() {
            return side.equals("seat");
        }

        /**
         * True for a seat whose ring is pressed on or into: transition and interference fits, from j and J on (ISO
         * 286-1); a ring that slides (g, h, H) is only put there.
         */
        public boolean pressed() {
            return seat() && Character.toLowerCase(fit.charAt(0)) >= 'j';
        }
    }

    /** The bearing that is taken while none is known, sizes in mm. */
    public record Usual(BearingKind kind, double boreMm, double outsideMm, double widthMm, boolean sealed) {}

    /** Its label at the beginning of a line. */
    public String title() {
        return Character.toUpperCase(label.charAt(0)) + label.substring(1);
    }

    /** True where loose balls run on parts that are no bearing's. */
    public boolean loose() {
        return outer.side().equals("balls");
    }

    private static final List<String> SIDES = List.of("seat", "raceway", "chamfer", "spigot", "balls");
    private static final List<KindPlace> ALL = read();
    private static final Map<String, List<KindPlace>> BY_KIND =
            ALL.stream().collect(Collectors.groupingBy(KindPlace::kind));

    /** The places of a kind, along its axis. */
    public static List<KindPlace> of(String kind) {
        return BY_KIND.getOrDefault(kind, List.of());
    }

    public static Optional<KindPlace> find(String kind, String code) {
        return of(kind).stream().filter(place -> place.code.equals(code)).findFirst();
    }

    /** Every place of every kind. */
    public static List<KindPlace> all() {
        return ALL;
    }

    private static List<KindPlace> read() {
        List<KindPlace> all = new ArrayList<>();
        for (TableRow row : Table.read(KindPlace.class, "kind-places.csv")) {
            BearingKind kind =
                    row.get("bearing").isEmpty() ? BearingKind.UNKNOWN : row.one("bearing", BearingKind.class);
            KindPlace place = new KindPlace(
                    row.one("kind", code -> AssemblyKind.find(code).map(AssemblyKind::code)),
                    row.word("place"),
                    row.word("label"),
                    hold(row, "inner"),
                    hold(row, "outer"),
                    unbo.core.fit.Material.of(row.word("holder")).code(),
                    new Usual(kind, row.number("bore"), row.number("outside"), row.number("width"), row.yes("sealed")));
            if (place.inner.seat()
                    && SeatBands.shaft(place.inner.fit(), place.usual.boreMm()).isEmpty()) {
                throw row.fault("inner_fit", "is no seat of a shaft of this size");
            }
            if (place.outer.seat()
                    && SeatBands.hole(place.outer.fit(), place.usual.outsideMm())
                            .isEmpty()) {
                throw row.fault("outer_fit", "is no seat of a hole of this size");
            }
            all.add(place);
        }
        return List.copyOf(all);
    }

    private static Hold hold(TableRow row, String ring) {
        String side = row.one(ring, code -> SIDES.stream().filter(code::equals).findFirst());
        return new Hold(side, row.get(ring + "_fit"));
    }
}
