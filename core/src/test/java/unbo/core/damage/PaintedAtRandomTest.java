package unbo.core.damage;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.SplittableRandom;

import org.junit.jupiter.api.Test;

import unbo.core.practice.Painter;

/** The reader of races against a painter: healthy ones, and scribble; every mode is held in ReaderTableTest. */
class PaintedAtRandomTest {

    private static final int PAINTINGS = 500;
    private static final int ELEMENTS = 17;

    private static RaceMap read(RaceMapInput.Kind kind, List<Stroke> inner, List<Stroke> outer) {
        return RaceMap.of(new RaceMapInput(
                kind,
                true,
                ELEMENTS,
                inner,
                outer,
                new RaceMapInput.Size(null, null, null),
                new RaceMapInput.Stood(null, null),
                false));
    }

    @Test
    void scribbleIsNoMode() {
        SplittableRandom random = new SplittableRandom(62);
        for (int i = 0; i < PAINTINGS; i++) {
            List<Stroke> inner = scribble(random);
            List<Stroke> outer = random.nextBoolean() ? scribble(random) : List.of();
            RaceMap map = read(RaceMapInput.Kind.BALL, inner, outer);
            assertThat(map.ranked()).as("scribble %d", i).noneMatch(r -> r.confidence() > 0.5);
        }
    }

    private static List<Stroke> scribble(SplittableRandom random) {
        List<Stroke.Spot> spots = new ArrayList<>();
        int n = 12 + random.nextInt(30);
        for (int i = 0; i < n; i++) {
            spots.add(new Stroke.Spot(360.0 * i / n + 10 * random.nextDouble(), random.nextDouble()));
        }
        return List.of(new Stroke(Mark.of("track").orElseThrow(), 0.1 + 0.2 * random.nextDouble(), spots));
    }

    @Test
    void aHealthyOneIsNoFault() {
        SplittableRandom random = new SplittableRandom(63);
        for (int i = 0; i < PAINTINGS; i++) {
            double from = 360 * random.nextDouble();
            double arc = 100 + 80 * random.nextDouble();
            double across = 0.45 + 0.1 * random.nextDouble();
            RaceMapInput.Kind kind = i % 3 == 0 ? RaceMapInput.Kind.TAPERED : RaceMapInput.Kind.BALL;
            double width = kind == RaceMapInput.Kind.TAPERED ? 0.85 : 0.25 + 0.15 * random.nextDouble();
            RaceMap map = read(
                    kind,
                    Painter.shaken(List.of(track(0, 360, across, width)), 0, 1, random),
                    Painter.shaken(List.of(track(from, arc, across, width)), 0, 1, random));
            assertThat(map.ranked())
                    .as("healthy %d", i)
                    .noneMatch(r -> !r.mode().id().equals("normal") && r.confidence() > 0.5);
        }
    }

    private static Stroke track(double from, double arc, double across, double width) {
        List<Stroke.Spot> spots = new ArrayList<>();
        for (double a = 0; a < arc; a += 15) {
            spots.add(new Stroke.Spot(from + a, across));
        }
        return new Stroke(Mark.of("track").orElseThrow(), width, spots);
    }

    @Test
    void allRoundOnBothRingsMeansNoClearanceIsLeft() {
        RaceMap gone = read(RaceMapInput.Kind.BALL, List.of(track(0, 360, 0.5, 0.3)), List.of(track(0, 360, 0.5, 0.3)));
        assertThat(gone.ranked().get(0).mode().id()).isEqualTo("overload-preload");
        RaceMap right =
                read(RaceMapInput.Kind.BALL, List.of(track(0, 360, 0.5, 0.3)), List.of(track(90, 150, 0.5, 0.3)));
        assertThat(right.ranked().get(0).mode().id()).isEqualTo("normal");
    }

    @Test
    void anAngularContactRunsOffCentre() {
        List<Stroke> off = List.of(track(0, 360, 0.75, 0.25));
        List<Stroke> arc = List.of(track(90, 150, 0.75, 0.25));
        assertThat(read(RaceMapInput.Kind.ANGULAR, off, arc)
                        .ranked()
                        .get(0)
                        .mode()
                        .id())
                .isEqualTo("normal");
        assertThat(read(RaceMapInput.Kind.BALL, off, off).ranked().get(0).mode().id())
                .isEqualTo("thrust-or-preload");
    }
}
