package unbo.core.inspect;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import java.util.stream.IntStream;

import org.junit.jupiter.api.Test;

import unbo.core.Shipped;
import unbo.core.damage.RaceMap;
import unbo.core.input.UnitSystem;
import unbo.core.tools.strip.RaceMapFields;

/** Pairs painted by hand: what only both together tell. */
class JointReadingTest {

    /** A track from one angle to another, its middle and width in hundredths of the race. */
    private static String track(int from, int to, int across, int width) {
        return stroke("track", from, to, across, width);
    }

    private static String stroke(String mark, int from, int to, int across, int width) {
        return mark + "/" + width + " "
                + IntStream.iterate(from, d -> d < to, d -> d + 4)
                        .mapToObj(d -> d + ":" + across)
                        .collect(Collectors.joining(" "));
    }

    private static RaceMap map(String kind, String inner, String outer, String... more) {
        Map<String, String> texts = new java.util.HashMap<>(
                Map.of("kind", kind, "turning", "outer", "elements", "18", "inner", inner, "outer", outer));
        for (int i = 0; i < more.length; i += 2) {
            texts.put(more[i], more[i + 1]);
        }
        return RaceMap.of(
                Shipped.read(RaceMapFields.LIST, texts, UnitSystem.METRIC).record());
    }

    private static List<String> codes(RaceMap first, RaceMap second) {
        return JointReading.of(
                        true,
                        new JointReading.Bearing("outer bearing", first),
                        new JointReading.Bearing("inner bearing", second))
                .said()
                .stream()
                .map(JointReading.Said::code)
                .toList();
    }

    @Test
    void arcsOnOppositeEdgesOfAHubAreTooMuchEndPlay() {
        RaceMap loose = map("tapered", track(120, 240, 25, 30), track(0, 360, 25, 30));
        assertThat(codes(loose, loose)).containsExactly("end-play");
        RaceMap other = map("tapered", track(120, 240, 75, 30), track(0, 360, 75, 30));
        assertThat(codes(loose, other)).isEmpty();
        RaceMap middle = map("tapered", track(120, 240, 50, 30), track(0, 360, 50, 30));
        assertThat(codes(loose, middle)).isEmpty();
        RaceMap turningOff = map("tapered", track(120, 240, 25, 30), track(0, 360, 75, 30));
        assertThat(codes(turningOff, turningOff)).isEmpty();
    }

    @Test
    void fullWidthAllRoundWithHeatIsPreloadAndColourAloneIsHeat() {
        String hot = "|" + stroke("straw", 0, 40, 50, 40);
        RaceMap full = map("tapered", track(0, 360, 50, 90) + hot, track(0, 360, 50, 90));
        assertThat(codes(full, full)).containsExactly("preload");
        RaceMap arc = map("tapered", track(120, 240, 50, 60) + hot, track(0, 360, 50, 60));
        assertThat(codes(arc, arc)).containsExactly("heat");
        RaceMap cold = map("tapered", track(0, 360, 50, 90), track(0, 360, 50, 90));
        assertThat(codes(cold, cold)).isEmpty();
        assertThat(codes(full, arc)).containsExactly("heat");
    }

    @Test
    void aSpacerThatIsWrongIsReadOffAllFourRings() {
        RaceMap apart = map("ball", track(0, 360, 70, 20), track(0, 360, 30, 20));
        assertThat(codes(apart, apart)).containsExactly("pushed-apart");
        RaceMap together = map("ball", track(0, 360, 30, 20), track(0, 360, 70, 20));
        assertThat(codes(together, together)).containsExactly("drawn-together");
        assertThat(codes(apart, together)).isEmpty();
        RaceMap straight = map("ball", track(0, 360, 50, 20), track(0, 360, 50, 20));
        assertThat(codes(straight, straight)).isEmpty();
    }

    @Test
    void waterInOneNamesItsSideAndDentsInBothTravelled() {
        RaceMap wet = map("ball", stroke("rust", 0, 60, 50, 20), track(0, 360, 50, 20));
        RaceMap dry = map("ball", track(0, 360, 50, 20), track(0, 360, 50, 20));
        JointReading reading = JointReading.of(
                true, new JointReading.Bearing("left bearing", wet), new JointReading.Bearing("right bearing", dry));
        assertThat(reading.said()).singleElement().satisfies(said -> {
            assertThat(said.code()).isEqualTo("water-one-side");
            assertThat(said.rings()).containsExactly("left bearing");
        });
        assertThat(codes(wet, wet)).isEmpty();
        RaceMap dented = map("ball", "dent/5 40:50 80:50", track(0, 360, 50, 20));
        assertThat(codes(dented, dented)).containsExactly("debris-travelled");
        assertThat(codes(dented, dry)).isEmpty();
        String pitch =
                "dent/5 " + IntStream.range(0, 18).mapToObj(i -> 20 * i + ":50").collect(Collectors.joining(" "));
        RaceMap blow = map("ball", pitch, track(0, 360, 50, 20));
        assertThat(codes(blow, blow)).isEmpty();
    }

    @Test
    void loadZonesAtOneAngleAreALoadAndAtOppositeOnesAMoment() {
        RaceMap below = map("ball", track(0, 360, 50, 20), track(0, 360, 50, 20), "up", "0", "load", "180");
        RaceMap above = map("ball", track(0, 360, 50, 20), track(0, 360, 50, 20), "up", "90", "load", "95");
        RaceMap aside = map("ball", track(0, 360, 50, 20), track(0, 360, 50, 20), "up", "0", "load", "90");
        assertThat(codes(below, below)).containsExactly("load");
        assertThat(codes(below, above)).containsExactly("moment");
        assertThat(codes(below, aside)).isEmpty();
    }

    @Test
    void nothingIsReadOffOneAlone() {
        RaceMap loose = map("tapered", track(120, 240, 25, 30), track(0, 360, 25, 30));
        assertThat(codes(loose, map("tapered", "", ""))).isEmpty();
    }
}
