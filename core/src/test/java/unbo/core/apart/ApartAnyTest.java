package unbo.core.apart;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.Set;

import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.Test;

import unbo.core.assembly.Assembly;
import unbo.core.assembly.Joint;
import unbo.core.assembly.Part;
import unbo.core.assembly.PartKind;
import unbo.core.assembly.Side;
import unbo.core.strip.Tools;

/** Small assemblies at random: the plan against every order there is. */
class ApartAnyTest {

    private static final List<PartKind> KINDS = List.of(
            PartKind.SEAL, PartKind.BEARING, PartKind.SPACER, PartKind.CLIP, PartKind.NUT, PartKind.HUB, PartKind.PIN);

    private static Assembly any(Random random) {
        int count = 2 + random.nextInt(4);
        List<Part> parts = new ArrayList<>();
        List<Joint> joints = new ArrayList<>();
        for (int i = 0; i < count; i++) {
            PartKind kind = KINDS.get(random.nextInt(KINDS.size()));
            boolean shaft = random.nextInt(3) == 0;
            Part.Ring ring = kind != PartKind.BEARING
                    ? Part.Ring.NONE
                    : List.of(Part.Ring.WHOLE, Part.Ring.OUTER, Part.Ring.INNER).get(random.nextInt(3));
            parts.add(new Part(
                    "p" + i,
                    "part " + i,
                    kind,
                    new Part.Stand(shaft, shaft ? "shaft" : "housing", random.nextInt(count), ""),
                    ring,
                    null,
                    new Part.Upkeep(kind.alwaysNew(), List.of())));
            joints.add(new Joint(
                    "p" + i,
                    kind(kind, random),
                    new Joint.Way(
                            List.of(Side.INBOARD, Side.OUTBOARD, Side.BOTH).get(random.nextInt(3)),
                            random.nextInt(4) == 0 ? Side.INBOARD : Side.NONE,
                            Joint.Behind.values()[random.nextInt(Joint.Behind.values().length)],
                            random.nextInt(3) * 2),
                    Joint.Turn.NONE,
                    new Joint.Order(
                            i > 0 && random.nextInt(3) == 0 ? List.of("p" + random.nextInt(i)) : List.of(),
                            List.of(),
                            Map.of(),
                            List.of()),
                    new Joint.Hold(random.nextBoolean() ? "aluminium" : "steel", 50.0, 30.0, null),
                    Joint.Words.NONE));
        }
        return new Assembly("", parts, joints, Map.of(), Assembly.Grip.USUAL, Map.of());
    }

    private static Joint.Kind kind(PartKind kind, Random random) {
        return switch (kind) {
            case SEAL -> Joint.Kind.LIGHT_PRESS;
            case CLIP -> Joint.Kind.CLIP;
            case NUT -> Joint.Kind.THREAD;
            case PIN -> Joint.Kind.PIN;
            default -> random.nextBoolean() ? Joint.Kind.PRESS : Joint.Kind.SLIDES;
        };
    }

    /** Cheapest of all orders and methods, by trying every one; null where none ends. */
    private static @Nullable Double cheapest(
            ApartInput input, Moves moves, long open, Set<String> spoiled, Set<String> found, double cost) {
        if (open == moves.goal()) {
            return cost;
        }
        Double best = null;
        for (Moves.Move move : moves.from(open)) {
            Set<String> lost = new HashSet<>(spoiled);
            Set<String> tools = new HashSet<>(found);
            double more = cost + moves.cost(move);
            for (String part : move.spoils()) {
                more += input.keep().contains(part) && lost.add(part) ? 1000 : 0;
            }
            for (String tool : moves.missing(move)) {
                more += tools.add(tool) ? 30 : 0;
            }
            Double end = cheapest(input, moves, open | move.opens(), lost, tools, more);
            if (end != null && (best == null || end < best)) {
                best = end;
            }
        }
        return best;
    }

    private static Optional<Apart> plan(ApartInput input) {
        try {
            return Optional.of(Apart.of(input));
        } catch (NoWayOut no) {
            assertThat(input.assembly().part(no.part())).isPresent();
            assertThat(no.getMessage()).endsWith(".");
            return Optional.empty();
        }
    }

    @Test
    void noOrderIsCheaper() {
        Random random = new Random(20);
        int planned = 0;
        for (int i = 0; i < 400; i++) {
            Assembly assembly = any(random);
            List<String> keep = assembly.parts().stream()
                    .filter(part -> random.nextBoolean())
                    .map(Part::code)
                    .toList();
            Set<String> tools = new HashSet<>(Tools.codes());
            tools.removeIf(tool -> random.nextInt(3) == 0);
            ApartInput input = ApartInput.of(assembly, tools, keep);

            Optional<Apart> plan = plan(input);

            Double best = cheapest(input, new Moves(input), 0, Set.of(), Set.of(), 0);
            assertThat(plan.isPresent()).isEqualTo(best != null);
            if (best != null) {
                planned++;
                assertThat(plan.get().cost()).isCloseTo(best, within(1e-9));
                assertThat(plan.get().steps())
                        .extracting(step -> step.part().code())
                        .doesNotHaveDuplicates()
                        .hasSize(assembly.parts().size());
            }
        }
        assertThat(planned).isGreaterThan(100);
    }

    @Test
    void aLargeAssemblyIsPlannedInPiecesAndSaysSo() {
        List<Part> parts = new ArrayList<>();
        List<Joint> joints = new ArrayList<>();
        for (int i = 0; i < 40; i++) {
            parts.add(new Part(
                    "p" + i,
                    "part " + i,
                    PartKind.WASHER,
                    new Part.Stand(true, "body" + i, 1, ""),
                    Part.Ring.NONE,
                    null,
                    new Part.Upkeep(false, List.of())));
            joints.add(new Joint(
                    "p" + i,
                    Joint.Kind.SLIDES,
                    new Joint.Way(Side.OUTBOARD, Side.NONE, Joint.Behind.NONE, 0),
                    Joint.Turn.NONE,
                    Joint.Order.FREE,
                    Joint.Hold.NONE,
                    Joint.Words.NONE));
        }

        Apart plan = Apart.of(ApartInput.of(
                new Assembly("", parts, joints, Map.of(), Assembly.Grip.USUAL, Map.of()), Tools.codes(), List.of()));

        assertThat(plan.split()).isTrue();
        assertThat(plan.steps()).hasSize(40);
        assertThat(plan.minutes()).isEqualTo(40);
    }
}
