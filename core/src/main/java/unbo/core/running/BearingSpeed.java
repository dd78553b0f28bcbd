package unbo.core.running;

import static java.util.Objects.requireNonNull;

import org.jspecify.annotations.Nullable;

import unbo.core.bearing.Build;
import unbo.core.bearing.Turning;
import unbo.core.input.Values;
import unbo.core.motion.SpeedGuide;

/**
 * Road speed through the wheel, final drive, gearbox, chain or pulleys to a bearing's speed, the cage's and an
 * element's, against the guides; and a second bearing of the same place beside it.
 *
 * @param other null where only one is asked
 */
public record BearingSpeed(
        Input input,
        double rpm,
        SpeedGuide guide,
        double cageRpm,
        @Nullable SpeedGuide other) {

    /* */
    public record Input(
            Road road,
            Turning turning,
            Build build,
            Candidate bearing,
            SpeedGuide.Lubricant lubricant,
            @Nullable Candidate other,
            @Nullable Build otherBuild) {
        /**
         * How the road turns it.
         *
         * @param ratio bearing rpm over wheel rpm, everything between them taken together
         */
        public record Road(double speedKmh, double rollingRadiusM, DriveLine drive, double ratio) {}

        public double speedKmh() {
            return road.speedKmh();
        }

        public double rollingRadiusM() {
            return road.rollingRadiusM();
        }

        public DriveLine drive() {
            return road.drive();
        }

        public double ratio() {
            return road.ratio();
        }
    }

    public static Build build(Values v, Candidate c) {
        Build stamped = c.build();
        return new Build(
                c.kind(),
                v.yes("contactSeals") || stamped.contactSeals(),
                v.yes("fullComplement") || stamped.fullComplement(),
                v.yes("hybrid") || stamped.hybrid());
    }

    public static BearingSpeed of(Input in) {
        double rpm = in.speedKmh() * 1000 / 60 / (2 * Math.PI * in.rollingRadiusM()) * in.ratio();
        return new BearingSpeed(
                in,
                rpm,
                SpeedGuide.of(
                        in.build(),
                        rpm,
                        in.bearing().geometry().pitchMm(),
                        in.bearing().geometry(),
                        in.lubricant()),
                rpm * in.bearing().geometry().cageOrder(in.turning()),
                in.other() == null
                        ? null
                        : SpeedGuide.of(
                                requireNonNull(in.otherBuild()),
                                rpm,
                                in.other().geometry().pitchMm(),
                                in.other().geometry(),
                                in.lubricant()));
    }

    /** Element spin of the other over that of the first; null where only one is asked. */
    public @Nullable Double spinRatio() {
        return other == null ? null : requireNonNull(other.elementRpm()) / requireNonNull(guide.elementRpm());
    }
}
