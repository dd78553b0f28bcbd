package unbo.core.bearing;

import static java.util.Objects.requireNonNull;

import java.util.EnumMap;
import java.util.Map;
import java.util.Optional;

import org.jspecify.annotations.Nullable;

import unbo.core.table.Table;
import unbo.core.table.TableRow;

/**
 * The inside of a bearing: of one row its elements, their size and pitch circle. Estimated from the boundary by the
 * proportions of its kind ({@code insides.csv}), each held to catalogue figures where there are some, with the band
 * that this leaves. Balls of deep groove bearings: {@link BearingGeometry#estimated}; angular ones: Dw a share of D −
 * d, Z a share of π·dm/Dw; tapers Dwe ≈ 0.24·(D − d), Lwe ≈ 0.65·T; needles Dw ≈ (D − Fw)/2 − 1, Lwe ≈ B − 5. For
 * drawings, motion and load where nothing was counted; a catalogue figure comes first.
 *
 * @param geometry elements of one row
 * @param rollerMm length of a roller, mm; null for balls
 */
public record Inside(
        BearingKind kind,
        BearingGeometry geometry,
        @Nullable Double rollerMm) {

    /** How the elements of a kind are found. */
    enum Rule {
        CONRAD,
        ANGULAR,
        SELF_ALIGNING,
        BARREL,
        CYLINDER,
        NEEDLE,
        TAPER,
        THRUST_BALL,
        THRUST_ROLLER
    }

    /**
     * Proportions of one kind.
     *
     * @param rows that count in its ratings; a ball that touches twice counts as two rows
     * @param element diameter, share of D − d
     * @param fill elements, share of those that would stand side by side
     * @param bandPercent how far its ratings may be from a catalogue's
     * @param heldTo numbers whose catalogue figures it was held to
     */
    public record Proportions(
            int rows, double element, double fill, String rule, double angleDeg, double bandPercent, String heldTo) {

        Rule how() {
            return Rule.valueOf(rule.toUpperCase(java.util.Locale.ROOT).replace('-', '_'));
        }
    }

    private static final Map<BearingKind, Proportions> ALL = read();

    private static final double TAPER_LENGTH = 0.65;
    private static final double CYLINDER_LENGTH = 0.54;
    private static final double BARREL_LENGTH = 0.36;
    /** A wide self-aligning bearing has larger balls, closer together. */
    private static final double WIDE = 0.56;

    private static final double WIDE_ELEMENT = 0.305;
    private static final double WIDE_FILL = 0.88;
    /** Rings thinner than this have smaller balls than their room would take, and a wider cage, mm. */
    private static final double MINIATURE_MM = 9.5;

    private static final double MINIATURE_ELEMENT = 0.25;
    /** A narrow ring of a thin section holds no larger ball than this share of its width. */
    private static final double NARROW = 0.66;

    private static final double THIN = 2.2;
    /** Elements without a cage touch but for this. */
    private static final double FULL = 0.98;

    private static final double FULL_NEEDLES = 1.05;
    private static final double MACHINED_NEEDLE = 0.22;

    /** The proportions of a kind; empty where no rule is known. */
    public static Optional<Proportions> proportions(BearingKind kind) {
        return Optional.ofNullable(ALL.get(kind));
    }

    /** Empty for kinds without a rule, and where a size is not known. */
    public static Optional<Inside> estimated(Bearing b) {
        Proportions p = ALL.get(b.kind());
        if (p == null || b.boreMm() == null || b.outsideMm() == null || b.widthMm() == null) {
            return Optional.empty();
        }
        double bore = b.boreMm();
        double outside = b.outsideMm();
        double width = b.widthMm();
        if (!(outside > bore) || !(bore > 0) || !(width > 0)) {
            return Optional.empty();
        }
        boolean full = b.suffixes().fullComplement() || b.suffixes().fillingSlot();
        double contact = b.contactDeg();
        double pitch = (bore + outside) / 2;
        double room = outside - bore;
        return switch (p.how()) {
            case CONRAD -> Optional.of(conrad(b.kind(), p, new Ring(bore, outside, width), contact, full));
            case ANGULAR, THRUST_BALL ->
                Optional.of(balls(b.kind(), p.element() * room, p.fill(), pitch, contact, full));
            case SELF_ALIGNING -> {
                boolean wide = width > WIDE * room;
                yield Optional.of(balls(
                        b.kind(),
                        (wide ? WIDE_ELEMENT : p.element()) * room,
                        wide ? WIDE_FILL : p.fill(),
                        pitch,
                        contact,
                        full));
            }
            case TAPER -> Optional.of(rollers(b.kind(), p, room, pitch, contact, TAPER_LENGTH * width));
            case CYLINDER -> Optional.of(rollers(b.kind(), p, room, pitch, 0, CYLINDER_LENGTH * width));
            case BARREL -> Optional.of(rollers(b.kind(), p, room, pitch, contact, BARREL_LENGTH * width));
            case NEEDLE -> needles(b, p, new Ring(bore, outside, width), full);
            case THRUST_ROLLER -> thrust(b.kind(), p, new Ring(bore, outside, width));
        };
    }

    /**
     * @param bore mm
     * @param outside mm
     * @param width mm
     */
    private record Ring(double bore, double outside, double width) {}

    private static Inside conrad(BearingKind kind, Proportions p, Ring r, double contact, boolean full) {
        double room = r.outside() - r.bore();
        double pitch = (r.bore() + r.outside()) / 2;
        boolean miniature = room < MINIATURE_MM;
        double ball = (miniature ? MINIATURE_ELEMENT : p.element()) * room;
        if (kind.deepGroove() && r.outside() < THIN * r.bore()) {
            ball = Math.min(ball, NARROW * r.width());
        }
        double lets = 209 / (2 * Math.toDegrees(Math.asin(ball / pitch)));
        int balls = full ? standing(ball, pitch, FULL) : (int) Math.round(lets + (miniature ? -0.75 : 0.25));
        return new Inside(kind, new BearingGeometry(Math.max(3, balls), ball, pitch, contact, true), null);
    }

    private static Inside balls(
            BearingKind kind, double ball, double fill, double pitch, double contact, boolean full) {
        int balls = full ? standing(ball, pitch, FULL) : (int) Math.round(fill * Math.PI * pitch / ball);
        return new Inside(kind, new BearingGeometry(Math.max(3, balls), ball, pitch, contact, true), null);
    }

    /** How many stand side by side on a circle, times a share of it. */
    private static int standing(double element, double pitch, double share) {
        return (int) Math.floor(share * Math.PI / Math.asin(Math.min(1, element / pitch)));
    }

    private static Inside rollers(
            BearingKind kind, Proportions p, double room, double pitch, double contact, double length) {
        double roller = p.element() * room;
        int rollers = Math.max(
                3, Math.min(standing(roller, pitch, 1), (int) Math.round(p.fill() * Math.PI * pitch / roller)));
        return new Inside(kind, new BearingGeometry(rollers, roller, pitch, contact, true), length);
    }

    /** Fw is the bore where the shaft is the race, else a little under a third of the room over it. */
    private static Optional<Inside> needles(Bearing b, Proportions p, Ring r, boolean full) {
        boolean cage = b.kind() == BearingKind.NEEDLE_CAGE;
        double under = b.innerRing() ? r.bore() + 0.29 * (r.outside() - r.bore()) : r.bore();
        double needle = cage
                ? (r.outside() - under) / 2
                : b.kind() == BearingKind.DRAWN_CUP_NEEDLE_ROLLER
                        ? (r.outside() - under) / 2 - 1
                        : MACHINED_NEEDLE * (r.outside() - under);
        double length = cage ? r.width() - 4 : r.width() - 5;
        if (needle < 0.5 || length < 1) {
            return Optional.empty();
        }
        double pitch = under + needle;
        double standing = Math.PI * pitch / needle;
        int needles = (int) (full ? Math.floor(standing / FULL_NEEDLES) : Math.round(p.fill() * standing));
        return Optional.of(
                new Inside(b.kind(), new BearingGeometry(Math.max(3, needles), needle, pitch, 0, true), length));
    }

    private static Optional<Inside> thrust(BearingKind kind, Proportions p, Ring r) {
        boolean needles = kind == BearingKind.THRUST_NEEDLE_ROLLER;
        double roller = needles ? r.width() : 0.45 * r.width();
        double length = needles ? (r.outside() - r.bore()) / 2 - 3 : 0.3 * (r.outside() - r.bore());
        double pitch = (r.bore() + r.outside()) / 2;
        if (length < 1 || roller < 0.5) {
            return Optional.empty();
        }
        int rollers = Math.max(3, (int) Math.round(p.fill() * Math.PI * pitch / roller));
        return Optional.of(new Inside(kind, new BearingGeometry(rollers, roller, pitch, p.angleDeg(), true), length));
    }

    public boolean rollers() {
        return rollerMm != null;
    }

    /** Rows that count in its ratings. */
    public int rows() {
        return ALL.containsKey(kind) ? requireNonNull(ALL.get(kind)).rows() : kind.rows();
    }

    /** How far its ratings may be from a catalogue's, percent; where no figures hold it, a wide guess. */
    public double bandPercent() {
        return ALL.containsKey(kind) ? requireNonNull(ALL.get(kind)).bandPercent() : 25;
    }

    private static Map<BearingKind, Proportions> read() {
        Map<BearingKind, Proportions> all = new EnumMap<>(BearingKind.class);
        for (TableRow row : Table.read(Inside.class, "insides.csv")) {
            Proportions p = new Proportions(
                    (int) row.number("rows"),
                    row.number("element"),
                    row.number("fill"),
                    row.get("rule"),
                    row.number("angle"),
                    row.number("band"),
                    row.get("held_to"));
            p.how();
            all.put(row.one("kind", BearingKind::of), p);
        }
        return all;
    }
}
