package unbo.core.damage;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.function.IntToDoubleFunction;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

import unbo.core.tools.strip.RaceMapDrawing;

class RaceMapTest {

    private static final int BALLS = 9;
    private static final int ROLLERS = 17;

    private static Stroke stroke(
            String mark, double width, int count, double from, double step, IntToDoubleFunction across) {
        List<Stroke.Spot> spots = new ArrayList<>();
        for (int i = 0; i < count; i++) {
            spots.add(new Stroke.Spot(from + i * step, across.applyAsDouble(i)));
        }
        return new Stroke(Mark.of(mark).orElseThrow(), width, spots);
    }

    private static Stroke round(double across) {
        return stroke("track", 0.3, 24, 0, 15, i -> across);
    }

    private static Stroke wandering(double amplitude) {
        return stroke("track", 0.25, 24, 0, 15, i -> 0.5 + amplitude * Math.sin(Math.toRadians(15 * i + 40)));
    }

    private static RaceMap map(int elements, List<Stroke> inner, List<Stroke> outer) {
        return RaceMap.of(new RaceMapInput(
                elements == ROLLERS ? RaceMapInput.Kind.TAPERED : RaceMapInput.Kind.BALL,
                true,
                elements,
                inner,
                outer,
                new RaceMapInput.Size(null, null, null),
                new RaceMapInput.Stood(null, null),
                false));
    }

    /** What the painting says as painted and in a hundred paintings that miss by up to 3° and 5 %. */
    private static void says(String mode, int elements, List<Stroke> inner, List<Stroke> outer) {
        RaceMap exact = map(elements, inner, outer);
        assertThat(exact.verdict()).as("%s: %s", mode, exact.ranked()).isNotNull();
        assertThat(exact.verdict().mode().id()).isEqualTo(mode);
        Random random = new Random(7);
        for (int i = 0; i < 100; i++) {
            RaceMap jittered = map(elements, shaken(inner, random), shaken(outer, random));
            assertThat(jittered.ranked().get(0).mode().id())
                    .as("%s, try %d: %s", mode, i, jittered.ranked())
                    .isEqualTo(mode);
        }
    }

    private static double reading(String mode, int elements, List<Stroke> outer) {
        return map(elements, List.of(), outer).ranked().stream()
                .filter(r -> r.mode().id().equals(mode))
                .mapToDouble(RaceMap.Reading::confidence)
                .sum();
    }

    private static List<Stroke> shaken(List<Stroke> strokes, Random random) {
        return strokes.stream()
                .map(s -> new Stroke(
                        s.mark(),
                        s.width(),
                        s.spots().stream()
                                .map(p -> new Stroke.Spot(
                                        p.angleDeg() + 6 * random.nextDouble() - 3,
                                        p.across() + 0.1 * random.nextDouble() - 0.05))
                                .toList()))
                .toList();
    }

    @Test
    void aCentredEvenTrackIsNormal() {
        says("normal", BALLS, List.of(round(0.5)), List.of());
        says("normal", BALLS, List.of(round(0.5)), List.of(stroke("track", 0.3, 11, 110, 15, i -> 0.5)));
    }

    @Test
    void aTrackOffCentreOnBothRingsIsThrustOrPreload() {
        says("thrust-or-preload", BALLS, List.of(round(0.75)), List.of(round(0.75)));
        says("thrust-or-preload", BALLS, List.of(round(0.25)), List.of(round(0.75)));
    }

    @Test
    void aTrackThatWandersOnTheStillRingIsThatRingCocked() {
        says("misalignment", BALLS, List.of(round(0.5)), List.of(wandering(0.2)));
        assertThat(map(BALLS, List.of(), List.of(wandering(0.2))).verdict().remedy())
                .contains("still outer ring is cocked");
    }

    @Test
    void onTheTurningRingItIsABentShaft() {
        says("misalignment", BALLS, List.of(wandering(0.2)), List.of());
        assertThat(map(BALLS, List.of(wandering(0.2)), List.of(round(0.5)))
                        .verdict()
                        .remedy())
                .contains("Bent turning shaft")
                .contains("inner ring");
        RaceMap outerTurns = RaceMap.of(new RaceMapInput(
                RaceMapInput.Kind.BALL,
                false,
                BALLS,
                List.of(wandering(0.2)),
                List.of(),
                new RaceMapInput.Size(null, null, null),
                new RaceMapInput.Stood(null, null),
                false));
        assertThat(outerTurns.verdict().remedy()).contains("still inner ring is cocked");
    }

    @Test
    void darkLinesAtTheRollerPitchAreEtchingAndSpallsThereLineSpalling() {
        says("etching", ROLLERS, List.of(), List.of(stroke("dark-line", 0.7, ROLLERS, 5, 360.0 / ROLLERS, i -> 0.5)));
        says("line-spalling", ROLLERS, List.of(), List.of(stroke("spall", 0.5, ROLLERS, 5, 360.0 / ROLLERS, i -> 0.5)));
        says(
                "line-spalling",
                ROLLERS,
                List.of(),
                List.of(stroke("spall", 0.85, ROLLERS, 5, 360.0 / ROLLERS, i -> 0.5)));
    }

    @Test
    void dentsAtTheBallPitchAreTrueBrinellingAndWithRedPowderFalse() {
        List<Stroke> dents = List.of(stroke("dent", 0.12, BALLS, 12, 40, i -> 0.5));
        says("true-brinelling", BALLS, List.of(), dents);
        says(
                "false-brinelling",
                BALLS,
                List.of(),
                List.of(dents.get(0), stroke("rust", 0.12, BALLS, 12, 40, i -> 0.5)));
    }

    /** A head of 20 balls, 18° apart: three hollows before and three behind, from braking with the bar straight. */
    @Test
    void hollowsInTwoShortArcsWithRedPowderAreFalseBrinellingOfAHead() {
        List<Stroke> hollows =
                List.of(stroke("dent", 0.12, 3, 342, 18, i -> 0.5), stroke("dent", 0.12, 3, 162, 18, i -> 0.5));
        List<Stroke> powdered = new ArrayList<>(hollows);
        powdered.add(stroke("rust", 0.12, 3, 342, 18, i -> 0.5));
        Random random = new Random(7);
        for (int i = 0; i < 100; i++) {
            // a finger paints to a degree or so
            double by = random.nextDouble() - 0.5;
            List<Stroke> painted = List.of(
                    stroke("dent", 0.12, 3, 342 + by, 18 + by, n -> 0.5),
                    stroke("dent", 0.12, 3, 162 - by, 18 - by, n -> 0.5),
                    powdered.get(2));
            assertThat(map(20, List.of(), painted).ranked().get(0).mode().id()).isEqualTo("false-brinelling");
        }
        assertThat(reading("debris-bruising", 20, powdered)).isLessThan(0.5);
        assertThat(reading("false-brinelling", 20, hollows))
                .as("without red powder")
                .isLessThan(0.5);
        List<Stroke> stray = List.of(
                stroke("dent", 0.12, 3, 342, 25, i -> 0.5),
                stroke("dent", 0.12, 3, 170, 31, i -> 0.5),
                stroke("rust", 0.12, 3, 342, 18, i -> 0.5));
        assertThat(reading("false-brinelling", 20, stray))
                .as("not at the pitch")
                .isLessThan(0.5);
    }

    @Test
    void fineRipplesAtAQuarterOfThePitchAreFluting() {
        says("electrical-fluting", BALLS, List.of(), List.of(stroke("ripple", 0.6, 36, 0, 10, i -> 0.5)));
        says("electrical-fluting", BALLS, List.of(), List.of(stroke("ripple", 0.6, 14, 100, 10, i -> 0.5)));
    }

    @Test
    void twoOppositeArcsOnTheOuterRingAreAPinchedHousing() {
        says(
                "pinched-housing",
                BALLS,
                List.of(round(0.5)),
                List.of(stroke("track", 0.3, 6, 50, 12, i -> 0.5), stroke("track", 0.3, 6, 230, 12, i -> 0.5)));
        says(
                "pinched-housing",
                BALLS,
                List.of(),
                List.of(stroke("track", 0.3, 5, 60, 15, i -> 0.5), stroke("track", 0.3, 5, 240, 15, i -> 0.5)));
    }

    @Test
    void fullWidthSpallsWithBlueAreOverloadOrPreload() {
        says(
                "overload-preload",
                ROLLERS,
                List.of(),
                List.of(stroke("spall", 0.9, 7, 150, 9, i -> 0.5), stroke("blue", 0.9, 5, 140, 20, i -> 0.5)));
        says(
                "overload-preload",
                ROLLERS,
                List.of(stroke("blue", 0.95, 12, 0, 30, i -> 0.5)),
                List.of(stroke("spall", 0.9, 7, 150, 9, i -> 0.5)));
    }

    @Test
    void anArcAtOneEdgeIsRockedByEndPlay() {
        says("end-play-rock", ROLLERS, List.of(), List.of(stroke("spall", 0.15, 8, 140, 10, i -> 0.9)));
        says("end-play-rock", ROLLERS, List.of(), List.of(stroke("track", 0.15, 8, 140, 12, i -> 0.88)));
    }

    @Test
    void aMixedPaintingNamesBoth() {
        Random random = new Random(3);
        RaceMap mixed = map(
                ROLLERS,
                List.of(),
                List.of(
                        stroke("dark-line", 0.7, ROLLERS, 5, 360.0 / ROLLERS, i -> 0.5),
                        stroke("dent", 0.04, 12, 0, 29.3, i -> 0.2 + 0.6 * random.nextDouble())));
        assertThat(mixed.likely()).extracting(r -> r.mode().id()).contains("etching", "debris-bruising");
    }

    @Test
    void scribbleSaysThatNoPatternIsClear() {
        Random random = new Random(11);
        int named = 0;
        for (int i = 0; i < 100; i++) {
            List<Stroke> strokes = new ArrayList<>();
            for (int k = 0; k < 12; k++) {
                Mark mark = Mark.all().get(random.nextInt(Mark.all().size()));
                strokes.add(stroke(
                        mark.code(),
                        0.05 + 0.1 * random.nextDouble(),
                        5,
                        360 * random.nextDouble(),
                        60 * random.nextDouble(),
                        j -> random.nextDouble()));
            }
            named += map(BALLS, strokes.subList(0, 6), strokes.subList(6, 12)).verdict() == null ? 0 : 1;
        }
        assertThat(named).as("of 100 scribbles that were given a verdict").isLessThanOrEqualTo(10);
    }

    @Test
    void everyPlateShowsItsOwnMode() {
        for (Mode mode : Mode.all()) {
            RaceMap map = map(ROLLERS, mode.plate(true, ROLLERS), mode.plate(false, ROLLERS));
            assertThat(map.verdict()).as("%s: %s", mode.id(), map.ranked()).isNotNull();
            assertThat(map.verdict().mode().id()).isEqualTo(mode.id());
            assertThat(map.verdict().because()).isNotEmpty();
        }
    }

    @ParameterizedTest
    @ValueSource(strings = {"track/30 0:50 15:50", "dent/5 7:42|spall/100 12:0", "dark-line 3:50"})
    void aPaintingIsReadAsItIsWritten(String text) {
        List<Stroke> strokes = Stroke.read(text).orElseThrow();
        assertThat(Stroke.read(Stroke.write(strokes))).contains(strokes);
    }

    @ParameterizedTest
    @ValueSource(strings = {"moon/3 0:50", "track/0 0:50", "track/130 0:50", "track/30", "track/30 x:5", "<script>"})
    void whatIsNoPaintingIsNotRead(String text) {
        assertThat(Stroke.read(text)).isEmpty();
    }

    @Test
    void spallsCracksAndTemperColoursAreScrap() {
        assertThat(map(BALLS, List.of(round(0.5)), List.of()).scrap()).isFalse();
        assertThat(map(BALLS, List.of(stroke("blue", 0.3, 3, 0, 10, i -> 0.5)), List.of())
                        .scrap())
                .isTrue();
        assertThat(map(BALLS, List.of(), List.of()).empty()).isTrue();
    }

    @Test
    void spallsInTheLoadZoneSpeakForFatigueAndAwayFromItAgainst() {
        List<Stroke> spalls =
                List.of(stroke("track", 0.3, 11, 110, 15, i -> 0.5), stroke("spall", 0.15, 4, 170, 6, i -> 0.5));
        RaceMap inside = RaceMap.of(new RaceMapInput(
                RaceMapInput.Kind.BALL,
                true,
                BALLS,
                List.of(round(0.5)),
                spalls,
                new RaceMapInput.Size(null, null, null),
                new RaceMapInput.Stood(null, 180.0),
                false));
        RaceMap away = RaceMap.of(new RaceMapInput(
                RaceMapInput.Kind.BALL,
                true,
                BALLS,
                List.of(round(0.5)),
                spalls,
                new RaceMapInput.Size(null, null, null),
                new RaceMapInput.Stood(0.0, 20.0),
                false));
        assertThat(inside.verdict().mode().id()).isEqualTo("fatigue");
        assertThat(away.ranked().stream()
                        .filter(r -> r.mode().id().equals("fatigue"))
                        .findFirst()
                        .orElseThrow()
                        .confidence())
                .isLessThan(inside.verdict().confidence());
        assertThat(RaceMapDrawing.of(away).shapes())
                .hasSizeGreaterThan(RaceMapDrawing.of(map(BALLS, List.of(), List.of()))
                        .shapes()
                        .size());
    }

    private static RaceMap seen(String inner, String... looks) {
        List<Seen> seen = java.util.Arrays.stream(looks)
                .map(look -> look.split("/"))
                .map(look -> Seen.find(Seen.Part.valueOf(look[0].toUpperCase(java.util.Locale.ROOT)), look[1])
                        .orElseThrow())
                .toList();
        return RaceMap.of(new RaceMapInput(
                RaceMapInput.Kind.BALL,
                true,
                12,
                Stroke.read(inner).orElseThrow(),
                List.of(),
                new RaceMapInput.Size(null, null, null),
                new RaceMapInput.Stood(null, null, seen),
                false));
    }

    /** What lies beside the races speaks with them, and alone where it is plain. */
    @Test
    void lookedAtBesideTheRaces() {
        assertThat(seen("", "cage/broken").ranked().get(0).mode().id()).isEqualTo("cage-damage");
        assertThat(seen("", "cage/broken").scrap()).isTrue();
        assertThat(seen("", "grease/milky").verdict()).isNull();
        RaceMap water = seen("", "grease/milky", "rolling/rusty");
        assertThat(water.ranked().get(0).mode().id()).isEqualTo("etching");
        assertThat(water.ranked().get(0).because())
                .containsExactly("grease: milky, drops of water", "balls or rollers: rusty or etched");
        assertThat(seen("", "seat/scored").likely())
                .extracting(r -> r.mode().id())
                .containsExactly("creep");
        assertThat(seen("", "smell/burnt", "grease/black", "rolling/hot")
                        .ranked()
                        .get(0)
                        .mode()
                        .id())
                .isEqualTo("overheated");
    }

    /** A normal track with a broken cage is no normal bearing; with sound parts it is one all the more. */
    @Test
    void normalOnlyWithSoundParts() {
        String track = "track/30 0:50 30:50 60:50 90:50 120:50 150:50 180:50 210:50 240:50 270:50 300:50 330:50";
        double bare = normal(seen(track));
        assertThat(normal(seen(track, "cage/sound", "grease/fresh"))).isGreaterThan(bare);
        assertThat(normal(seen(track, "cage/broken"))).isLessThan(0.5);
        assertThat(seen(track, "rolling/sound", "cage/sound").scrap()).isFalse();
    }

    private static double normal(RaceMap map) {
        return map.ranked().stream()
                .filter(r -> r.mode().id().equals("normal"))
                .mapToDouble(RaceMap.Reading::confidence)
                .findFirst()
                .orElse(0);
    }
}
