package unbo.core.spares;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.SplittableRandom;

import org.junit.jupiter.api.Test;

class SpareKitTest {

    private static SpareKit.Part part(String name, double grams, boolean road) {
        return new SpareKit.Part(name, grams, grams / 10, road, "");
    }

    @Test
    void oneTwoAndNone() {
        List<SpareKit.Place> places =
                List.of(new SpareKit.Place("left", "cone", 0.06), new SpareKit.Place("right", "cone", 0.04));
        assertThat(kit(places, 0).chanceWith()).isCloseTo(0.9048, within(0.00005));
        assertThat(kit(places, 100).chanceWith()).isCloseTo(0.9953, within(0.00005));
        assertThat(kit(places, 200).chanceWith()).isCloseTo(0.99985, within(0.000005));
        assertThat(kit(places, 100).chanceWithout()).isCloseTo(0.9048, within(0.00005));
        assertThat(kit(places, 100).next().chance()).isCloseTo(0.99985, within(0.000005));
    }

    private static SpareKit kit(List<SpareKit.Place> places, double limit) {
        return SpareKit.of(new SpareKit.Input(places, List.of(part("cone", 100, true)), true, limit));
    }

    @Test
    void whatCannotBeFittedOnTheRoadHelpsNothing() {
        SpareKit kit = SpareKit.of(new SpareKit.Input(
                List.of(new SpareKit.Place("hub", "unit", 0.2), new SpareKit.Place("pulley", "ball", 0.1)),
                List.of(part("unit", 10, false), part("ball", 50, true)),
                true,
                1000));
        assertThat(kit.kit().keySet()).extracting(SpareKit.Part::name).containsExactly("ball");
        assertThat(kit.helpless()).extracting(SpareKit.Place::name).containsExactly("hub");
        assertThat(kit.chanceWith()).isCloseTo(Math.exp(-0.2), within(1e-6));
    }

    /** Small kits by trying all of them. */
    @Test
    void equalsTryingAllKits() {
        SplittableRandom random = new SplittableRandom(3);
        for (int round = 0; round < 60; round++) {
            List<SpareKit.Place> places = new ArrayList<>();
            List<SpareKit.Part> parts = new ArrayList<>();
            for (int i = 0; i < 4; i++) {
                parts.add(part("p" + i, 20 + random.nextInt(200), random.nextInt(5) > 0));
                for (int n = random.nextInt(3); n >= 0; n--) {
                    places.add(new SpareKit.Place("at " + i + n, "p" + i, random.nextDouble() * 0.3));
                }
            }
            SpareKit.Input in = new SpareKit.Input(places, parts, round % 2 == 0, round % 2 == 0 ? 400 : 40);
            assertThat(SpareKit.of(in).chanceWith()).isCloseTo(tried(in), within(1e-9));
        }
    }

    private static double tried(SpareKit.Input in) {
        double best = 0;
        int[] n = new int[4];
        int most = 7;
        for (int code = 0; code < most * most * most * most; code++) {
            int rest = code;
            double weight = 0;
            double chance = 1;
            for (int i = 0; i < 4; i++) {
                n[i] = rest % most;
                rest /= most;
                SpareKit.Part part = in.parts().get(i);
                double lambda = SpareKit.lambda(in, part);
                weight += n[i] * (in.byMass() ? part.grams() : part.price());
                double term = Math.exp(-lambda);
                double sum = term;
                for (int k = 1; k <= (part.fitOnRoad() ? n[i] : 0); k++) {
                    term *= lambda / k;
                    sum += term;
                }
                chance *= sum;
            }
            if (weight <= in.limit() + 1e-9 && chance > best) {
                best = chance;
            }
        }
        return best;
    }

    /** Many parts of odd weights: exact all the same, and soon. */
    @Test
    void manyOddParts() {
        SplittableRandom random = new SplittableRandom(9);
        List<SpareKit.Place> places = new ArrayList<>();
        List<SpareKit.Part> parts = new ArrayList<>();
        for (int i = 0; i < 40; i++) {
            parts.add(part("p" + i, 10 + random.nextDouble() * 300, true));
            places.add(new SpareKit.Place("at " + i, "p" + i, random.nextDouble() * 0.05));
        }
        SpareKit kit = SpareKit.of(new SpareKit.Input(places, parts, true, 2500));
        assertThat(kit.grams()).isLessThanOrEqualTo(2500);
        assertThat(kit.chanceWith()).isGreaterThan(kit.chanceWithout());
    }
}
