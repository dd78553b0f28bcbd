package unbo.core.tools.practice;

import java.util.List;
import java.util.SplittableRandom;

import unbo.core.bearing.Boundary;
import unbo.core.lubrication.FreeVolume;
import unbo.core.measure.Show;

/** Five open bearings on a scale: how many grams of grease? */
final class GreaseLesson extends Lesson<GreaseLesson.Packed> {

    private static final double NEAR = 0.2;
    private static final int[] SHARES = {25, 30, 35, 40, 50};
    private static final double MOST_G = 60;
    private static final double STEEL_G_PER_CM3 = 7.8;

    /** @param share of the free room that is filled, in 100 @param massG as weighed */
    record Packed(Boundary bearing, int share, double massG) {

        double grams() {
            double envelope = FreeVolume.envelopeCm3(bearing.boreMm(), bearing.outsideMm(), bearing.widthMm());
            return FreeVolume.cm3(envelope, massG / 1000, true) * FreeVolume.GREASE_G_PER_CM3 * share / 100;
        }
    }

    GreaseLesson() {
        super("grease", "Grease in grams", "How many grams go into each of these open ball bearings?");
    }

    @Override
    Packed thing(SplittableRandom random, int level) {
        Boundary bearing = Numbers.any(random);
        double envelope = FreeVolume.envelopeCm3(bearing.boreMm(), bearing.outsideMm(), bearing.widthMm());
        double steel = 0.01 * (62 + random.nextInt(9));
        return new Packed(
                bearing,
                SHARES[random.nextInt(Math.min(SHARES.length, level + 2))],
                Math.round(envelope * steel * STEEL_G_PER_CM3 * 10) / 10.0);
    }

    @Override
    Seen show(Packed p) {
        return new Seen(
                List.of(
                        "bore " + Show.number(p.bearing().boreMm(), 0) + ", outside "
                                + Show.number(p.bearing().outsideMm(), 0) + ", width "
                                + Show.number(p.bearing().widthMm(), 0) + " mm; washed and dry it weighs "
                                + Show.number(p.massG(), 1) + " g",
                        "filled to " + p.share() + " in 100 of its free room; the answer in grams"),
                List.of(),
                List.of());
    }

    @Override
    boolean right(Packed p, String answer) {
        return Numbers.typed(answer)
                .filter(g -> Math.abs(g - p.grams()) <= NEAR * p.grams())
                .isPresent();
    }

    @Override
    String truth(Packed p) {
        return Show.number(p.grams(), 2) + " g of grease";
    }

    @Override
    String why(Packed p) {
        return "Ring of bore, outside and width, less what the steel takes by its weight, times the share, at "
                + Show.number(FreeVolume.GREASE_G_PER_CM3, 2) + " g/cm³. Within a fifth is right.";
    }

    @Override
    String best(Packed p) {
        return Show.number(p.grams(), 2);
    }

    @Override
    String guess(Packed p, SplittableRandom random) {
        return Show.number(MOST_G * random.nextInt(1000) / 1000, 1);
    }
}
