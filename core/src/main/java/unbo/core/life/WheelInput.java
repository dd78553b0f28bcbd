package unbo.core.life;

import java.util.List;

import org.jspecify.annotations.Nullable;

/**
 * A wheel on two bearings. Lengths in mm unless named, forces in newton.
 *
 * @param leaning true for vehicles that lean: no side force at the wheel
 */
public record WheelInput(
        boolean leaning,
        Wheel wheel,
        List<State> states,
        Bearing inner,
        Bearing outer,
        Oil oil,
        VehicleBody vehicleBody) {
    /**
     * The wheel on its two bearings.
     *
     * @param spreadMm between the pressure centres
     * @param offsetMm of the load line from the middle of the pair, + outboard
     */
    public record Wheel(double wheelLoadN, double rollingRadiusM, double spreadMm, double offsetMm) {}

    /**
     * Film and dirt.
     *
     * @param ep with proven EP additives
     * @param contamination e_C of ISO 281, 0 to 1
     */
    public record Oil(double kappa, double contamination, boolean ep) {

        public Oil(double kappa, double contamination) {
            this(kappa, contamination, false);
        }
    }

    /**
     * What moves load over in bends.
     *
     * @param trackMm , cgHeightMm null where not given: then no load is transferred
     */
    public record VehicleBody(
            @Nullable Double trackMm, @Nullable Double cgHeightMm) {}

    /** A running state. @param share of the distance @param lateralG over 0: this wheel is outside in the bend */
    public record State(double share, double lateralG) {}

    /**
     * One bearing of the pair.
     *
     * @param contactDeg of a taper half its cup angle; 0 for deep groove
     * @param f0 of ISO 76, a plain number
     */
    public record Bearing(
            String name, double cN, double c0N, double contactDeg, boolean rollers, boolean estimated, double f0) {

        boolean deepGroove() {
            return !rollers && contactDeg < 5;
        }

        /** A cylindrical roller: it takes no thrust, and makes none. */
        boolean thrustless() {
            return rollers && contactDeg < 1;
        }

        /** True where its radial load makes no thrust. */
        boolean straight() {
            return deepGroove() || thrustless();
        }
    }

    public WheelInput {
        states = List.copyOf(states);
    }

    /** The same with another cleanliness. */
    public WheelInput clean(double ec) {
        return new WheelInput(
                leaning,
                new Wheel(wheelLoadN(), rollingRadiusM(), spreadMm(), offsetMm()),
                states,
                inner,
                outer,
                new Oil(kappa(), ec, oil.ep()),
                new VehicleBody(trackMm(), cgHeightMm()));
    }

    /** The same with another offset of the load line. */
    public WheelInput offset(double mm) {
        return new WheelInput(
                leaning,
                new Wheel(wheelLoadN(), rollingRadiusM(), spreadMm(), mm),
                states,
                inner,
                outer,
                oil,
                new VehicleBody(trackMm(), cgHeightMm()));
    }

    /** The same with so many times the load. */
    public WheelInput load(double times) {
        return new WheelInput(
                leaning,
                new Wheel(wheelLoadN() * times, rollingRadiusM(), spreadMm(), offsetMm()),
                states,
                inner,
                outer,
                oil,
                new VehicleBody(trackMm(), cgHeightMm()));
    }

    /** The same with so many times the lateral acceleration in every state. */
    public WheelInput lateral(double times) {
        return new WheelInput(
                leaning,
                new Wheel(wheelLoadN(), rollingRadiusM(), spreadMm(), offsetMm()),
                states.stream()
                        .map(s -> new State(s.share(), s.lateralG() * times))
                        .toList(),
                inner,
                outer,
                oil,
                new VehicleBody(trackMm(), cgHeightMm()));
    }

    /** The same with another viscosity ratio. */
    public WheelInput film(double newKappa) {
        return new WheelInput(
                leaning,
                new Wheel(wheelLoadN(), rollingRadiusM(), spreadMm(), offsetMm()),
                states,
                inner,
                outer,
                new Oil(newKappa, contamination(), oil.ep()),
                new VehicleBody(trackMm(), cgHeightMm()));
    }

    public double wheelLoadN() {
        return wheel.wheelLoadN();
    }

    public double rollingRadiusM() {
        return wheel.rollingRadiusM();
    }

    public double spreadMm() {
        return wheel.spreadMm();
    }

    public double offsetMm() {
        return wheel.offsetMm();
    }

    public double kappa() {
        return oil.kappa();
    }

    public double contamination() {
        return oil.contamination();
    }

    public @Nullable Double trackMm() {
        return vehicleBody.trackMm();
    }

    public @Nullable Double cgHeightMm() {
        return vehicleBody.cgHeightMm();
    }
}
