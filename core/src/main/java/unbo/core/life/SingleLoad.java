package unbo.core.life;

import java.util.Comparator;
import java.util.List;

import unbo.core.bearing.BearingKind;
import unbo.core.table.Table;

/**
 * Equivalent dynamic and static load of one bearing of any kind under a radial and an axial load (ISO 281, table 3 and
 * table 8; ISO 76), newton. Whether its kind takes that load at all is not asked here: {@link #thrust} tells.
 *
 * @param series marks of its series, for what stands in cylindrical rollers
 * @param contactDeg contact angle
 * @param f0 of ISO 76, of a ball bearing
 * @param c0N static rating
 */
public record SingleLoad(BearingKind kind, String series, double contactDeg, double f0, double c0N) {

    /** Which way a bearing takes thrust. */
    public enum Thrust {
        NONE,
        ONE_WAY,
        BOTH_WAYS
    }

    /**
     * Ribs of a cylindrical roller bearing slide: thrust only beside a radial load, up to this share of it (a guide of
     * catalogues for bearings with a cage).
     */
    public static final double RIB_SHARE = 0.4;

    private static final double MIDDLE_DEG = 20;
    private static final Row MAGNETO = new Row(0, 0.2, 0, 0.5, 2.5, 1.3);
    private static final double MAGNETO_X0 = 0.6;

    /**
     * One angle of the table of bearings whose two rows, or two contacts, take thrust both ways.
     *
     * @param degrees contact angle
     * @param e and the factors: plain numbers
     * @param y1 a plain number
     * @param x2 a plain number
     * @param y2 a plain number
     * @param y0 a plain number
     */
    private record Row(double degrees, double e, double y1, double x2, double y2, double y0) {}

    private static final List<Row> TWO_ROWS = Table.read(SingleLoad.class, "two-row-factors.csv").stream()
            .map(row -> new Row(
                    row.number("degrees"),
                    row.number("e"),
                    row.number("y1"),
                    row.number("x2"),
                    row.number("y2"),
                    row.number("y0")))
            .toList();

    /** Which way its kind takes thrust. */
    public Thrust thrust() {
        return switch (kind) {
            case CYLINDRICAL_ROLLER ->
                series.startsWith("NUP")
                        ? Thrust.BOTH_WAYS
                        : series.startsWith("NJ") || series.startsWith("NF") ? Thrust.ONE_WAY : Thrust.NONE;
            case DRAWN_CUP_NEEDLE_ROLLER, MACHINED_NEEDLE_ROLLER, NEEDLE_CAGE, UNKNOWN -> Thrust.NONE;
            case ANGULAR_CONTACT_BALL,
                    HEADSET_ANGULAR_CONTACT,
                    MAGNETO_BALL,
                    TAPERED_ROLLER,
                    INCH_TAPERED_CONE,
                    INCH_TAPERED_CUP,
                    THRUST_BALL,
                    THRUST_NEEDLE_ROLLER,
                    THRUST_CYLINDRICAL_ROLLER -> Thrust.ONE_WAY;
            default -> Thrust.BOTH_WAYS;
        };
    }

    /** Equivalent dynamic load P. */
    public double dynamicN(double radialN, double axialN) {
        double tan = Math.tan(Math.toRadians(contactDeg));
        return switch (kind) {
            case THRUST_BALL, THRUST_NEEDLE_ROLLER, THRUST_CYLINDRICAL_ROLLER -> axialN;
            case TAPERED_ROLLER, INCH_TAPERED_CONE, INCH_TAPERED_CUP ->
                p(radialN, axialN, new Row(contactDeg, 1.5 * tan, 0, 0.4, 0.4 / tan, 0));
            case CYLINDRICAL_ROLLER -> {
                boolean wide = series.endsWith("22") || series.endsWith("23");
                yield p(radialN, axialN, new Row(0, wide ? 0.3 : 0.2, 0, 0.92, wide ? 0.4 : 0.6, 0));
            }
            case DRAWN_CUP_NEEDLE_ROLLER, MACHINED_NEEDLE_ROLLER, NEEDLE_CAGE -> radialN;
            case SELF_ALIGNING_BALL ->
                p(radialN, axialN, new Row(contactDeg, 1.5 * tan, 0.42 / tan, 0.65, 0.65 / tan, 0));
            case SPHERICAL_ROLLER ->
                p(radialN, axialN, new Row(contactDeg, 1.5 * tan, 0.45 / tan, 0.67, 0.67 / tan, 0));
            case DOUBLE_ROW_ANGULAR_CONTACT_BALL, HUB_CARTRIDGE, FOUR_POINT_BALL ->
                p(radialN, axialN, nearest(contactDeg));
            case MAGNETO_BALL -> p(radialN, axialN, MAGNETO);
            case ANGULAR_CONTACT_BALL, HEADSET_ANGULAR_CONTACT -> WheelLife.equivalent(single(), radialN, axialN);
            default -> DeepGroove.equivalentN(radialN, axialN, f0, c0N);
        };
    }

    /** P = Fr + Y1·Fa where Fa/Fr ≤ e, else X2·Fr + Y2·Fa. */
    private static double p(double radialN, double axialN, Row row) {
        return axialN <= row.e * radialN ? radialN + row.y1 * axialN : row.x2 * radialN + row.y2 * axialN;
    }

    /** Thrust that its radial load makes of itself, by which it needs a second one against it; 0 for most kinds. */
    public double inducedN(double radialN) {
        return switch (kind) {
            case ANGULAR_CONTACT_BALL, HEADSET_ANGULAR_CONTACT, TAPERED_ROLLER, INCH_TAPERED_CONE, INCH_TAPERED_CUP ->
                WheelLife.induced(single(), radialN);
            default -> 0;
        };
    }

    private WheelInput.Bearing single() {
        return new WheelInput.Bearing("", 1, c0N, Math.max(contactDeg, 6), kind.roller(), true, f0);
    }

    /** Equivalent static load P0. */
    public double staticN(double radialN, double axialN) {
        double tan = Math.tan(Math.toRadians(contactDeg));
        double mixed = switch (kind) {
            case THRUST_BALL, THRUST_NEEDLE_ROLLER, THRUST_CYLINDRICAL_ROLLER -> axialN;
            case TAPERED_ROLLER, INCH_TAPERED_CONE, INCH_TAPERED_CUP -> 0.5 * radialN + 0.22 / tan * axialN;
            case CYLINDRICAL_ROLLER, DRAWN_CUP_NEEDLE_ROLLER, MACHINED_NEEDLE_ROLLER, NEEDLE_CAGE -> radialN;
            case SELF_ALIGNING_BALL, SPHERICAL_ROLLER -> radialN + 0.44 / tan * axialN;
            case DOUBLE_ROW_ANGULAR_CONTACT_BALL, HUB_CARTRIDGE, FOUR_POINT_BALL ->
                radialN + nearest(contactDeg).y0 * axialN;
            case MAGNETO_BALL -> MAGNETO_X0 * radialN + MAGNETO.y0 * axialN;
            case ANGULAR_CONTACT_BALL, HEADSET_ANGULAR_CONTACT ->
                0.5 * radialN + (contactDeg < MIDDLE_DEG ? 0.46 : nearest(contactDeg).y0 / 2) * axialN;
            default -> 0.6 * radialN + 0.5 * axialN;
        };
        return kind.axial() ? mixed : Math.max(radialN, mixed);
    }

    private static Row nearest(double degrees) {
        return TWO_ROWS.stream()
                .min(Comparator.comparingDouble(row -> Math.abs(row.degrees - degrees)))
                .orElseThrow();
    }
}
