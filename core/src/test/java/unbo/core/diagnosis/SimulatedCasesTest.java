package unbo.core.diagnosis;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.function.BiFunction;

import org.junit.jupiter.api.Test;

/**
 * Cases drawn from the product's own table: the true cause by the priors, every result by its chances under that cause.
 * The check that Unbo offers next is held against a fixed order by the minutes until the true cause stands at 90 %.
 */
class SimulatedCasesTest {

    private static final int CASES = 500;
    private static final double SURE = 0.9;
    private static final List<String> VEHICLES = List.of("car", "van", "motorcycle", "bicycle", "trailer");

    private record Drawn(DiagnosisInput empty, Hypothesis truth, long seed) {

        /** The result this case has for a check: the same whenever it is done. */
        Observation answer(NextCheck next) {
            Random random = new Random(seed ^ next.done().hashCode() * 0x9E3779B97F4A7C15L);
            double left = random.nextDouble();
            double[] chances =
                    Likelihoods.chances(empty.vehicle(), next.check(), next.position(), truth, OwnCases.NONE);
            int r = 0;
            while (r < chances.length - 1 && left >= chances[r]) {
                left -= chances[r++];
            }
            return new Observation(
                    next.check(), next.position(), next.check().results().get(r));
        }
    }

    private record Run(double minutes, boolean reached) {}

    @Test
    void theOfferedCheckIsQuickerThanAFixedOrder() {
        double offered = 0;
        double fixed = 0;
        int offeredNever = 0;
        int fixedNever = 0;
        for (Drawn drawn : draw(new Random(20261124))) {
            Run best = run(
                    drawn, (diagnosis, left) -> diagnosis.nextChecks().stream().findFirst());
            Run inOrder = run(drawn, (diagnosis, left) -> left.stream().findFirst());
            offered += best.minutes();
            fixed += inOrder.minutes();
            offeredNever += best.reached() ? 0 : 1;
            fixedNever += inOrder.reached() ? 0 : 1;
        }
        System.out.printf(
                "%d simulated cases: offered next check %.1f minutes on the mean, %d never "
                        + "reached; fixed order %.1f minutes, %d never reached%n",
                CASES, offered / CASES, offeredNever, fixed / CASES, fixedNever);
        assertThat(offered).isLessThan(fixed);
        assertThat(offeredNever).isLessThan(CASES / 20);
    }

    private static List<Drawn> draw(Random random) {
        List<Drawn> drawn = new ArrayList<>();
        for (int i = 0; i < CASES; i++) {
            DiagnosisInput empty = Asked.input(
                    VEHICLES.get(i % VEHICLES.size()), "", "axles", String.valueOf(1 + i / VEHICLES.size() % 2));
            Diagnosis before = Diagnosis.of(empty);
            double left = random.nextDouble();
            Hypothesis truth = before.leader().hypothesis();
            for (Diagnosis.Ranked ranked : before.ranked()) {
                left -= ranked.prior();
                truth = ranked.hypothesis();
                if (left < 0) {
                    break;
                }
            }
            drawn.add(new Drawn(empty, truth, random.nextLong()));
        }
        return drawn;
    }

    private static Run run(Drawn drawn, BiFunction<Diagnosis, List<NextCheck>, Optional<NextCheck>> choose) {
        Diagnosis diagnosis = Diagnosis.of(drawn.empty());
        List<NextCheck> left = inOrder(diagnosis);
        double all = left.stream().mapToDouble(n -> n.way().minutes()).sum();
        double minutes = 0;
        Optional<NextCheck> next = choose.apply(diagnosis, left);
        while (next.isPresent()) {
            NextCheck chosen = next.get();
            minutes += chosen.way().minutes();
            left.removeIf(n -> n.done().equals(chosen.done()));
            diagnosis = Diagnosis.of(diagnosis.input().with(drawn.answer(chosen)));
            if (diagnosis.probability(
                            drawn.truth().cause().code(), drawn.truth().position())
                    >= SURE) {
                return new Run(minutes, true);
            }
            next = choose.apply(diagnosis, left);
        }
        return new Run(all, false);
    }

    /** Every check at every place, in the data file's order. */
    private static List<NextCheck> inOrder(Diagnosis before) {
        List<Way> ways = Checks.ways(before.input().vehicle());
        List<NextCheck> all = new ArrayList<>(before.nextChecks());
        all.sort(Comparator.comparingInt((NextCheck n) -> ways.indexOf(n.way()))
                .thenComparing(n -> String.valueOf(n.position())));
        return all;
    }
}
