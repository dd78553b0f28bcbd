package unbo.core.designation;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Random;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

import unbo.core.bearing.Bearing;
import unbo.core.bearing.Boundary;
import unbo.core.bearing.Part;
import unbo.core.bearing.TaperSet;
import unbo.core.catalogue.Catalogue;

class DecoderTest {

    @Test
    void everyListedNumberDecodesToItsSizesAndPrintsAgain() {
        for (Boundary row : Catalogue.metricAll()) {
            Bearing d = Decoder.SHIPPED.decode(row.designation());
            assertThat(d.recognised()).as(row.designation()).isTrue();
            assertThat(d.kind()).as(row.designation()).isEqualTo(row.kind());
            assertThat(new Double[] {d.boreMm(), d.outsideMm(), d.widthMm()})
                    .as(row.designation())
                    .containsExactly(row.boreMm(), row.outsideMm(), row.widthMm());
            assertThat(d.designation()).isEqualToIgnoringCase(row.designation());
            assertThat(Decoder.SHIPPED.decode(d.designation()).boreMm()).isEqualTo(d.boreMm());
        }
    }

    @Test
    void everyTaperSetDecodesToItsSizes() {
        for (TaperSet set : Catalogue.tapers()) {
            Bearing pair = Decoder.SHIPPED.decode(set.cone() + "/" + set.cup());
            assertThat(new Double[] {pair.boreMm(), pair.outsideMm(), pair.widthMm()})
                    .as(pair.marking())
                    .containsExactly(set.boreMm(), set.outsideMm(), set.widthMm());
            assertThat(Decoder.SHIPPED.decode(set.cone()).boreMm())
                    .as(set.cone())
                    .isEqualTo(set.boreMm());
            assertThat(Decoder.SHIPPED.decode(set.cup()).outsideMm())
                    .as(set.cup())
                    .isEqualTo(set.outsideMm());
        }
    }

    @ParameterizedTest
    @CsvSource({
        "60/22,deep-groove-ball,22,44,12",
        "608,deep-groove-ball,8,22,7",
        "688-2RS,deep-groove-ball,8,16,5",
        "688,deep-groove-ball,8,16,4",
        "16005,deep-groove-ball,25,47,8",
        "61905,deep-groove-ball,25,42,9",
        "62205,deep-groove-ball,25,52,18",
        "6205,deep-groove-ball,25,52,15",
        "3205,double-row-angular-contact-ball,25,52,20.6",
        "32205,tapered-roller,25,52,19.25",
        "2205,self-aligning-ball,25,52,18",
        "22205,spherical-roller,25,52,18",
        "5205,double-row-angular-contact-ball,25,52,20.6",
        "51105,thrust-ball,25,42,11",
        "7205B,angular-contact-ball,25,52,15",
        "NUP307,cylindrical-roller,35,80,21",
        "QJ207,four-point-ball,35,72,17",
        "1306K,self-aligning-ball,30,72,19",
        "NA4904,machined-needle-roller,20,37,17",
        "HK2016,drawn-cup-needle-roller,20,26,16",
        "K 20x24x17,needle-cage,20,24,17",
        "AXK2035,thrust-needle-roller,20,35,2",
        "DAC34640037,hub-cartridge,34,64,37",
        "DAC40740036/34,hub-cartridge,40,74,36",
        "DAC255200206,hub-cartridge,25,52,20.6",
        "DAC37720437,hub-cartridge,37,72.04,37",
        "30.15x41x6.5 45/45,headset-angular-contact,30.15,41,6.5",
        "RLS6,inch-deep-groove-ball,19.05,47.625,14.288",
        "NKI25/20,machined-needle-roller,25,38,20",
        "15123/15245,tapered-roller,31.75,62,18.161",
        "4206,double-row-deep-groove-ball,30,62,20",
        "81105,thrust-cylindrical-roller,25,42,11",
        "NF208,cylindrical-roller,40,80,18"
    })
    void numbersOfEveryKind(String marking, String kind, double bore, double outside, double width) {
        Bearing d = Decoder.SHIPPED.decode(marking);
        assertThat(d.kind()).hasToString(kind);
        assertThat(new Double[] {d.boreMm(), d.outsideMm(), d.widthMm()}).containsExactly(bore, outside, width);
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "6305-2RS1/C3",
                "6305LLU",
                "6305DDU/C3",
                "6305-2RSR P6",
                "6305 2rs1",
                "63052RS",
                "6305/2RS",
                "6305.2RSH"
            })
    void sameSealsAndSizeWhoeverMadeIt(String marking) {
        Bearing d = Decoder.SHIPPED.decode(marking);
        assertThat(d.suffixes().sealing()).isEqualTo("two-seals");
        assertThat(d.suffixes().contact()).isEqualTo("full");
        assertThat(new Double[] {d.boreMm(), d.outsideMm(), d.widthMm()}).containsExactly(25.0, 62.0, 17.0);
        assertThat(d.suffixes().clearance()).isEqualTo(marking.contains("C3") ? "C3" : null);
        assertThat(d.suffixes().tolerance()).isEqualTo(marking.contains("P6") ? "P6" : null);
        assertThat(d.parts()).noneMatch(p -> p.role().equals("unknown"));
    }

    @ParameterizedTest
    @CsvSource({
        "6305ZZ,two-shields",
        "6305-Z,one-shield",
        "6305,open",
        "6305LLB,two-low-drag-seals",
        "6305-2RZ,two-low-drag-seals",
        "6305RS,one-seal",
        "6305VV,two-low-drag-seals",
        "63052Z,two-shields"
    })
    void sealing(String marking, String sealing) {
        assertThat(Decoder.SHIPPED.decode(marking).suffixes().sealing()).isEqualTo(sealing);
    }

    @Test
    void whatIsNotKnownIsKept() {
        Bearing d = Decoder.SHIPPED.decode("6305ZZE9");
        assertThat(d.suffixes().sealing()).isEqualTo("two-shields");
        assertThat(d.parts())
                .filteredOn(p -> p.role().equals("unknown"))
                .extracting(Part::text)
                .containsExactly("E9");
        assertThat(Decoder.SHIPPED.decode("LM48548A").parts())
                .anyMatch(p -> p.text().equals("A"));
        Bearing nothing = Decoder.SHIPPED.decode("HULLABALOO");
        assertThat(nothing.recognised()).isFalse();
        assertThat(nothing.parts().get(0).text()).isEqualTo("HULLABALOO");
    }

    @Test
    void wornFiguresAreCompleted() {
        assertThat(Decoder.SHIPPED.decode("6?05").completions())
                .contains("6005", "6305", "6405", "6805", "6905")
                .allMatch(c -> c.matches("6.05"));
        assertThat(Decoder.SHIPPED.decode("6_05-2RS").completions()).contains("6305");
        assertThat(Decoder.SHIPPED.decode("L6814?").completions()).contains("L68149");
        assertThat(Decoder.SHIPPED.decode("63?5/C3").completions()).containsExactly("6305", "6315");
        assertThat(Decoder.SHIPPED.decode("DAC4?740036/34").completions()).containsExactly("DAC40740036/34");
    }

    @ParameterizedTest
    @CsvSource({"63O5,25", "6S05x,", "630S,25", "6I05,", "L68I49,34.988", "62O7-2RS,35"})
    void lookAlikesAreForgivenWithANote(String marking, Double bore) {
        Bearing d = Decoder.SHIPPED.decode(marking);
        assertThat(d.boreMm()).isEqualTo(bore);
        if (bore != null) {
            assertThat(d.warnings().get(0)).contains("looks like");
        }
    }

    @Test
    void twinsAreToldApart() {
        assertThat(Decoder.SHIPPED.decode("3205").warnings()).anyMatch(w -> w.contains("tapered roller"));
        assertThat(Decoder.SHIPPED.decode("2205").warnings()).anyMatch(w -> w.contains("spherical roller"));
        assertThat(Decoder.SHIPPED.decode("62205").warnings()).anyMatch(w -> w.contains("not 62xx"));
        assertThat(Decoder.SHIPPED.decode("6222").boreMm()).isEqualTo(110);
        assertThat(Decoder.SHIPPED.decode("62/22").boreMm()).isEqualTo(22);
        assertThat(Decoder.SHIPPED.decode("7205B").suffixes().contactDeg()).isEqualTo(40);
        assertThat(Decoder.SHIPPED.decode("7205AC").suffixes().contactDeg()).isEqualTo(25);
        assertThat(Decoder.SHIPPED.decode("6305C3").suffixes().clearance()).isEqualTo("C3");
    }

    @Test
    void theGroupsOfANumberAreNamed() {
        assertThat(Decoder.SHIPPED.decode("6305-2RS1/C3").parts())
                .extracting(Part::text)
                .containsExactly("6", "3", "05", "2RS1", "C3");
        assertThat(Decoder.SHIPPED.decode("NUP307").parts())
                .extracting(Part::text)
                .containsExactly("NUP", "3", "07");
        assertThat(Decoder.SHIPPED.decode("SS6305ZZ").parts())
                .extracting(Part::role)
                .startsWith("prefix");
    }

    @Test
    void severalAreReadAtOnce() {
        assertThat(Decoder.several("6305-2RS\nL68149, 25x47x12;  ?\t608", Decoder.SHIPPED))
                .extracting(Bearing::recognised)
                .containsExactly(true, true, true, false, true);
        assertThat(Decoder.SHIPPED.decode("25x47x12").completions()).contains("6005", "7005", "NU1005");
    }

    @Test
    void hostileTextNeverBreaksIt() {
        Random random = new Random(11);
        String alphabet = "6305NULMHKDAC-/.xX?_ 29ÄßЖ中٣\u0000\u202e𝟞🂡'\"<>&";
        int[] letters = alphabet.codePoints().toArray();
        for (int i = 0; i < 10_000; i++) {
            StringBuilder text = new StringBuilder();
            for (int k = random.nextInt(40); k > 0; k--) {
                text.appendCodePoint(
                        random.nextInt(4) == 0 ? random.nextInt(0xD7FF) : letters[random.nextInt(letters.length)]);
            }
            Bearing d = Decoder.SHIPPED.decode(text.toString());
            assertThat(d.kind()).isNotNull();
            assertThat(d.recognised() || !d.warnings().isEmpty()).isTrue();
        }
        assertThat(Decoder.SHIPPED.decode("6".repeat(100_000)).warnings().get(0))
                .contains("at most 60");
    }
}
