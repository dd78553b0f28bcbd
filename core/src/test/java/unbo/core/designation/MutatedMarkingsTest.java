package unbo.core.designation;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.Random;

import org.junit.jupiter.api.Test;

import unbo.core.bearing.Bearing;
import unbo.core.bearing.Boundary;
import unbo.core.catalogue.Catalogue;

/** Slips of the pen and noise: another bearing is never read without a word. */
class MutatedMarkingsTest {

    private static final int STRINGS = 100_000;
    private static final int MUTANTS = 20_000;
    private static final String SIGNS = "0123456789ABCDEFHJKLMNPQRSTUVWXZ-/ .";
    private static final List<String> BEHIND = List.of("", "-2RS", "ZZ", "/C3", " 2RS1 C3", "-2Z/P6", " JAPAN", "X/Q");

    private static char sign(Random random) {
        return SIGNS.charAt(random.nextInt(SIGNS.length()));
    }

    private static String slipped(String marking, Random random) {
        int at = random.nextInt(marking.length());
        return switch (random.nextInt(4)) {
            case 0 -> marking.substring(0, at) + sign(random) + marking.substring(at + 1);
            case 1 -> marking.substring(0, at) + sign(random) + marking.substring(at);
            case 2 -> marking.length() < 2 ? marking : marking.substring(0, at) + marking.substring(at + 1);
            default ->
                at + 1 < marking.length()
                        ? marking.substring(0, at)
                                + marking.charAt(at + 1)
                                + marking.charAt(at)
                                + marking.substring(at + 2)
                        : marking;
        };
    }

    private static boolean same(Bearing a, Bearing b) {
        return a.kind() == b.kind()
                && Objects.equals(a.boreMm(), b.boreMm())
                && Objects.equals(a.outsideMm(), b.outsideMm())
                && Objects.equals(a.widthMm(), b.widthMm());
    }

    @Test
    void aSlipNeverReadsAsAnotherBearingWithoutAWord() {
        Random random = new Random(91);
        List<Boundary> listed = Catalogue.metricAll();
        List<String> silent = new ArrayList<>();
        for (int i = 0; i < MUTANTS; i++) {
            String marking =
                    listed.get(random.nextInt(listed.size())).designation() + BEHIND.get(random.nextInt(BEHIND.size()));
            String slip = slipped(marking, random);
            Bearing read = Decoder.SHIPPED.decode(slip);
            if (!same(read, Decoder.SHIPPED.decode(marking)) && read.warnings().isEmpty()) {
                silent.add(marking + " as " + slip);
            }
        }
        assertThat(silent).isEmpty();
    }

    @Test
    void noiseIsKeptOrSaid() {
        Random random = new Random(92);
        for (int i = 0; i < STRINGS; i++) {
            StringBuilder text = new StringBuilder();
            for (int k = 1 + random.nextInt(12); k > 0; k--) {
                text.append(sign(random));
            }
            Bearing read = Decoder.SHIPPED.decode(text.toString());
            assertThat(read.warnings()).as(text.toString()).isNotEmpty();
            if (read.boreMm() != null && read.outsideMm() != null) {
                assertThat(read.outsideMm()).as(text.toString()).isGreaterThan(read.boreMm());
            }
        }
    }
}
