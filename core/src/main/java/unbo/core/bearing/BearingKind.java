package unbo.core.bearing;

import static java.util.Objects.requireNonNull;

import java.util.Arrays;
import java.util.EnumMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;

import unbo.core.table.Table;
import unbo.core.table.TableRow;

/**
 * A kind of rolling bearing, and what can be asked of it: on what it rolls, in how many rows, whether it has an inner
 * ring, which thrust it takes. Words and abilities stand in {@code kinds.csv}, one row for each constant.
 */
public enum BearingKind {
    DEEP_GROOVE_BALL(Element.BALL, 1),
    DOUBLE_ROW_DEEP_GROOVE_BALL(Element.BALL, 2),
    ANGULAR_CONTACT_BALL(Element.BALL, 1),
    DOUBLE_ROW_ANGULAR_CONTACT_BALL(Element.BALL, 2),
    SELF_ALIGNING_BALL(Element.BALL, 2),
    SPHERICAL_ROLLER(Element.BARREL, 2),
    FOUR_POINT_BALL(Element.BALL, 1),
    CYLINDRICAL_ROLLER(Element.CYLINDER, 1),
    DRAWN_CUP_NEEDLE_ROLLER(Element.NEEDLE, 1),
    MACHINED_NEEDLE_ROLLER(Element.NEEDLE, 1),
    NEEDLE_CAGE(Element.NEEDLE, 1),
    TAPERED_ROLLER(Element.TAPER, 1),
    THRUST_BALL(Element.BALL, 1),
    THRUST_NEEDLE_ROLLER(Element.NEEDLE, 1),
    THRUST_CYLINDRICAL_ROLLER(Element.CYLINDER, 1),
    MAGNETO_BALL(Element.BALL, 1),
    INCH_DEEP_GROOVE_BALL(Element.BALL, 1),
    HEADSET_ANGULAR_CONTACT(Element.BALL, 1),
    HUB_CARTRIDGE(Element.BALL, 2),
    INCH_TAPERED_CONE(Element.TAPER, 1),
    INCH_TAPERED_CUP(Element.TAPER, 1),
    /** Nothing tells; nothing is taken for granted. */
    UNKNOWN(Element.UNKNOWN, 1);

    /** What rolls between the races. */
    public enum Element {
        BALL,
        CYLINDER,
        TAPER,
        BARREL,
        NEEDLE,
        UNKNOWN
    }

    private record Abilities(
            String words, Ways ways, boolean separable, boolean misaligns, boolean paired, Duty duty, String says) {}

    private record Ways(String thrust, String locates) {}

    private record Duty(String speed, String radial) {}

    private static final Map<BearingKind, Abilities> ABILITIES = read();

    private final Element element;
    private final int rows;

    BearingKind(Element element, int rows) {
        this.element = element;
        this.rows = rows;
    }

    /** By its code, for instance {@code deep-groove-ball}. */
    public static Optional<BearingKind> of(String code) {
        return Arrays.stream(values()).filter(kind -> kind.code().equals(code)).findFirst();
    }

    /** Those that can be named, for a choice. */
    public static List<BearingKind> named() {
        return Arrays.stream(values()).filter(kind -> kind != UNKNOWN).toList();
    }

    /** As it stands in files, addresses and JSON. */
    public String code() {
        return name().toLowerCase(Locale.ROOT).replace('_', '-');
    }

    @Override
    public String toString() {
        return code();
    }

    public Element element() {
        return element;
    }

    public int rows() {
        return rows;
    }

    public boolean ball() {
        return element == Element.BALL;
    }

    /** True for cylinders, tapers, barrels and needles. */
    public boolean roller() {
        return element != Element.BALL && element != Element.UNKNOWN;
    }

    public boolean taper() {
        return element == Element.TAPER;
    }

    public boolean needle() {
        return element == Element.NEEDLE;
    }

    /** Single-row deep groove, whichever system its sizes are in. */
    public boolean deepGroove() {
        return this == DEEP_GROOVE_BALL || this == INCH_DEEP_GROOVE_BALL;
    }

    /** Balls that meet their races at an angle by design. */
    public boolean angular() {
        return this == ANGULAR_CONTACT_BALL
                || this == DOUBLE_ROW_ANGULAR_CONTACT_BALL
                || this == HEADSET_ANGULAR_CONTACT
                || this == HUB_CARTRIDGE;
    }

    /** For thrust alone, between two washers. */
    public boolean axial() {
        return this == THRUST_BALL || this == THRUST_NEEDLE_ROLLER || this == THRUST_CYLINDRICAL_ROLLER;
    }

    /** Made and listed in inches. */
    public boolean inch() {
        return this == INCH_DEEP_GROOVE_BALL || this == INCH_TAPERED_CONE || this == INCH_TAPERED_CUP;
    }

    /** False where the shaft itself is the race. */
    public boolean innerRing() {
        return this != DRAWN_CUP_NEEDLE_ROLLER && this != NEEDLE_CAGE;
    }

    /** In the trade's words. */
    public String words() {
        return abilities().words();
    }

    /** none, one or both directions */
    public String thrust() {
        return abilities().ways().thrust();
    }

    /** no, one or both directions; axial for thrust bearings */
    public String locates() {
        return abilities().ways().locates();
    }

    /** True when its rings come apart. */
    public boolean separable() {
        return abilities().separable();
    }

    /** True when it forgives tilt. */
    public boolean misaligns() {
        return abilities().misaligns();
    }

    /** True when a second one must stand against it. */
    public boolean paired() {
        return abilities().paired();
    }

    /** low, middling or high */
    public String speed() {
        return abilities().duty().speed();
    }

    /** Radial load for its size: none, low, middling, high, very high. */
    public String radial() {
        return abilities().duty().radial();
    }

    /** What is particular to it; empty as a rule. */
    public String says() {
        return abilities().says();
    }

    private Abilities abilities() {
        return requireNonNull(ABILITIES.get(this), name());
    }

    private static Map<BearingKind, Abilities> read() {
        Map<BearingKind, Abilities> kinds = new EnumMap<>(BearingKind.class);
        for (TableRow row : Table.read(BearingKind.class, "kinds.csv")) {
            kinds.put(
                    row.one("kind", BearingKind::of),
                    new Abilities(
                            row.get("words"),
                            new Ways(row.get("thrust"), row.get("locates")),
                            row.yes("separable"),
                            row.yes("misaligns"),
                            row.yes("paired"),
                            new Duty(row.get("speed"), row.get("radial")),
                            row.get("says")));
        }
        return kinds;
    }
}
