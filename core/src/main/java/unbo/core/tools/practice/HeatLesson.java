package unbo.core.tools.practice;

import java.util.List;
import java.util.SplittableRandom;

import unbo.core.bearing.Boundary;
import unbo.core.fit.Material;
import unbo.core.heat.HeatInput;
import unbo.core.heat.HeatPlan;
import unbo.core.measure.Show;

/** Five rings for five shafts: how warm must each be, and not warmer than it may? */
final class HeatLesson extends Lesson<HeatLesson.Ring> {

    private static final double ROOM_C = 20;
    private static final double OPEN_C = 120;
    private static final double SEALED_C = 80;
    private static final String PRESS = "press";
    /** Warmer than needed by so much is no fault where the ring takes it. */
    private static final double ABOVE_K = 25;

    private static final double BELOW_K = 3;

    /** @param um largest interference */
    record Ring(Boundary bearing, int um, boolean sealed) {

        double limitC() {
            return sealed ? SEALED_C : OPEN_C;
        }

        double neededC() {
            return HeatPlan.of(new HeatInput(
                            false,
                            new HeatInput.Ring(bearing.boreMm(), bearing.outsideMm(), bearing.widthMm(), null, false),
                            new HeatInput.Hold(um, null, null),
                            ROOM_C,
                            new HeatInput.Parts(Material.STEEL, Material.STEEL, ROOM_C),
                            limitC(),
                            sealed,
                            "none"))
                    .ringC();
        }

        boolean pressed() {
            return neededC() > limitC();
        }
    }

    HeatLesson() {
        super("heat", "Warm a ring", "How warm does each of these rings go onto its shaft, in °C? Or does it not?");
    }

    @Override
    Ring thing(SplittableRandom random, int level) {
        Boundary bearing = Numbers.any(random);
        boolean sealed = level > 1 && random.nextBoolean();
        int um = 8 + random.nextInt(12 + 8 * level);
        return new Ring(bearing, um, sealed);
    }

    @Override
    Seen show(Ring r) {
        return new Seen(
                List.of(
                        "bore " + Show.number(r.bearing().boreMm(), 0) + " mm, up to " + r.um()
                                + " µm tight on a steel shaft; " + (r.sealed() ? "sealed" : "open") + "; room at "
                                + Show.number(ROOM_C, 0) + " °C",
                        "free by a thousandth of its bore, 20 to 50 µm; the answer in °C, or: press"),
                List.of(),
                List.of());
    }

    @Override
    boolean right(Ring r, String answer) {
        if (r.pressed()) {
            return answer.equalsIgnoreCase(PRESS);
        }
        return Numbers.typed(answer)
                .filter(c -> c >= r.neededC() - BELOW_K && c <= Math.min(r.limitC(), r.neededC() + ABOVE_K))
                .isPresent();
    }

    @Override
    String truth(Ring r) {
        return r.pressed()
                ? "pressed on by its inner ring: warmth would have to be " + Show.number(r.neededC(), 0) + " °C"
                : Show.number(r.neededC(), 0) + " °C, and " + Show.number(r.limitC(), 0) + " °C at most";
    }

    @Override
    String why(Ring r) {
        return "Interference and what it must be free by, over bore times "
                + Show.number(Material.STEEL.perK() * 1e6, 1)
                + "·10⁻⁶ a kelvin, over the room's. Sealed and greased bearings take 80 °C, open ones 120.";
    }

    @Override
    String best(Ring r) {
        return r.pressed() ? PRESS : Show.number(Math.min(r.limitC(), r.neededC() + 2), 0);
    }

    @Override
    String guess(Ring r, SplittableRandom random) {
        return random.nextInt(4) == 0 ? PRESS : Integer.toString(30 + random.nextInt(170));
    }
}
