package unbo.core.life;

import java.util.List;

import org.jspecify.annotations.Nullable;

/**
 * A wheel on two bearings. Lengths in mm unless named, forces in newton.
 *
 * @param leaning true for vehicles that lean: no side force at the wheel
 * @param spreadMm between the pressure centres
 * @param offsetMm of the load line from the middle of the pair, + outboard
 * @param trackMm, cgHeightMm null where not given: then no load is transferred
 */
public record WheelInput(
        boolean leaning,
        double wheelLoadN,
        double rollingRadiusM,
        double spreadMm,
        double offsetMm,
        List<State> states,
        Bearing inner,
        Bearing outer,
        double kappa,
        double contamination,
        @Nullable Double trackMm,
        @Nullable Double cgHeightMm) {

    /** A running state. @param share of the distance @param lateralG over 0: this wheel is outside in the bend */
    public record State(double share, double lateralG) {}

    /** One bearing of the pair. @param contactDeg of a taper half its cup angle; 0 for deep groove */
    public record Bearing(
            String name, double cN, double c0N, double contactDeg, boolean rollers, boolean estimated, double f0) {

        boolean deepGroove() {
            return !rollers && contactDeg < 5;
        }
    }

    public WheelInput {
        states = List.copyOf(states);
    }

    /** The same with another cleanliness. */
    public WheelInput clean(double ec) {
        return new WheelInput(
                leaning,
                wheelLoadN,
                rollingRadiusM,
                spreadMm,
                offsetMm,
                states,
                inner,
                outer,
                kappa,
                ec,
                trackMm,
                cgHeightMm);
    }

    /** The same with another offset of the load line. */
    public WheelInput offset(double mm) {
        return new WheelInput(
                leaning,
                wheelLoadN,
                rollingRadiusM,
                spreadMm,
                mm,
                states,
                inner,
                outer,
                kappa,
                contamination,
                trackMm,
                cgHeightMm);
    }

    /** The same with so many times the load. */
    public WheelInput load(double times) {
        return new WheelInput(
                leaning,
                wheelLoadN * times,
                rollingRadiusM,
                spreadMm,
                offsetMm,
                states,
                inner,
                outer,
                kappa,
                contamination,
                trackMm,
                cgHeightMm);
    }

    /** The same with so many times the lateral acceleration in every state. */
    public WheelInput lateral(double times) {
        return new WheelInput(
                leaning,
                wheelLoadN,
                rollingRadiusM,
                spreadMm,
                offsetMm,
                states.stream()
                        .map(s -> new State(s.share(), s.lateralG() * times))
                        .toList(),
                inner,
                outer,
                kappa,
                contamination,
                trackMm,
                cgHeightMm);
    }

    /** The same with another viscosity ratio. */
    public WheelInput film(double newKappa) {
        return new WheelInput(
                leaning,
                wheelLoadN,
                rollingRadiusM,
                spreadMm,
                offsetMm,
                states,
                inner,
                outer,
                newKappa,
                contamination,
                trackMm,
                cgHeightMm);
    }
}
