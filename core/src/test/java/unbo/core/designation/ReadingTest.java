package unbo.core.designation;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.stream.Collectors;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

import unbo.core.bearing.Bearing;
import unbo.core.bearing.BearingKind;
import unbo.core.bearing.Boundary;
import unbo.core.bearing.Part;
import unbo.core.catalogue.CaliperFind;
import unbo.core.catalogue.Catalogue;

/** How a marking is parted into groups, and what each group says. */
class ReadingTest {

    private static Bearing read(String marking) {
        return Decoder.SHIPPED.decode(marking);
    }

    private static String sizes(Bearing d) {
        return d.boreMm() + "/" + d.outsideMm() + "/" + d.widthMm();
    }

    private static String roles(Bearing d) {
        return d.parts().stream().map(p -> p.text() + ":" + p.role()).collect(Collectors.joining(" "));
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "6300-2RS | 10.0/35.0/11.0 | 6:type 3:series 00:bore-code 2RS:sealing",
                "6300 2RS | 10.0/35.0/11.0 | 6:type 3:series 00:bore-code 2RS:sealing",
                "6300.2RS | 10.0/35.0/11.0 | 6:type 3:series 00:bore-code 2RS:sealing",
                "6300/2RS | 10.0/35.0/11.0 | 6:type 3:series 00:bore-code 2RS:sealing",
                "22205-2RS | 25.0/52.0/18.0 | 2:type 22:series 05:bore-code 2RS:sealing",
                "6234-2RS1/C3 | 170.0/null/null | 6:type 2:series 34:bore-code 2RS1:sealing C3:clearance",
                "NU234 | 170.0/null/null | NU:type 2:series 34:bore-code",
                "60/22 | 22.0/44.0/12.0 | 6:type 0:series /22:bore-code",
                "608 | 8.0/22.0/7.0 | 6:type 0:series 8:bore-code",
                "16005 | 25.0/47.0/8.0 | 16:type 0:series 05:bore-code",
                "HK2512 | 25.0/32.0/12.0 | HK:type 2512:number",
                "SS6305ZZ | 25.0/62.0/17.0 | SS:prefix 6:type 3:series 05:bore-code ZZ:sealing",
                "SS 6305 | 25.0/62.0/17.0 | SS:prefix 6:type 3:series 05:bore-code",
                "DAC34640037 | 34.0/64.0/37.0 | DAC:type 34:bore 6400:outside 37:width",
                "DAC40740036/34 | 40.0/74.0/36.0 | DAC:type 40:bore 7400:outside 36:width 34:width",
                "DAC255200206 | 25.0/52.0/20.6 | DAC:type 25:bore 5200:outside 206:width",
                "DAC37720437B | 37.0/72.04/37.0 | DAC:type 37:bore 7204:outside 37:width B:unknown",
                "K 20x24x17 | 20.0/24.0/17.0 | 20:bore 24:outside 17:width",
                "33207/Q | 35.0/72.0/28.0 | 3:type 32:series 07:bore-code Q:unknown",
                "32006 X/Q | 30.0/55.0/17.0 | 3:type 20:series 06:bore-code X:suffix Q:unknown",
                "30206 J2/Q | 30.0/62.0/17.25 | 3:type 02:series 06:bore-code J2:suffix Q:unknown",
                "32205 BJ2/Q | 25.0/52.0/19.25 | 3:type 22:series 05:bore-code B:suffix J2:suffix Q:unknown",
                "L44649/10 | 26.988/50.292/14.224 | L44649:cone L44610:cup",
                "ABC 6205-2RS | 25.0/52.0/15.0 | ABC:unknown 6:type 2:series 05:bore-code 2RS:sealing",
                "6205 P63 | 25.0/52.0/15.0 | 6:type 2:series 05:bore-code P6:tolerance C3:clearance",
                "608-2RS ABEC-7 | 8.0/22.0/7.0 | 6:type 0:series 8:bore-code 2RS:sealing ABEC7:tolerance",
                "6205-RS1 C3 | 25.0/52.0/15.0 | 6:type 2:series 05:bore-code RS1:sealing C3:clearance",
                "7206ACD/P4A | 30.0/62.0/16.0 | "
                        + "7:type 2:series 06:bore-code AC:contact-angle D:unknown P4:tolerance A:unknown",
                "6202-5/8 | 15.875/35.0/11.0 | 6:type 2:series 02:bore-code 5/8:bore",
                "6204-12 | 19.05/47.0/14.0 | 6:type 2:series 04:bore-code 12:bore",
                "6205-16 | 25.4/52.0/15.0 | 6:type 2:series 05:bore-code 16:bore",
                "6303-14 | 14.0/47.0/14.0 | 6:type 3:series 03:bore-code 14:bore",
                "6305-20 | 20.0/62.0/17.0 | 6:type 3:series 05:bore-code 20:bore",
                "6305-50 | 25.0/62.0/17.0 | 6:type 3:series 05:bore-code 50:unknown"
            })
    void groups(String marking, String sizes, String roles) {
        Bearing d = read(marking);
        assertThat(d.recognised()).isTrue();
        assertThat(sizes(d)).isEqualTo(sizes);
        assertThat(roles(d)).isEqualTo(roles);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "6305 | 05 | bore 25 mm (× 5)",
                "6300 | 00 | bore 10 mm",
                "608 | 8 | bore 8 mm as written",
                "62/22 | /22 | bore 22 mm as written",
                "6304 | 04 | bore 20 mm (× 5)",
                "HK2512 | 2512 | bore 25 mm, as listed",
                "62205 | 22 | diameter series 2, width series 2 (wide): these name a row of the plan, not a size",
                "6305 | 3 | diameter series 3, width series 0: these name a row of the plan, not a size",
                "16005 | 16 | deep groove ball bearing, narrower than 60",
                "7205B | B | contact angle 40°",
                "7206ACD/P4A | AC | contact angle 25°",
                "6205E | E | inside changed by its maker: schemes differ, the sizes stay",
                "NU206E | E | more or larger rollers",
                "30206J2 | J2 | cup angle to ISO 355, in some schemes",
                "30206J | J | cup track to ISO 355, or pressed steel cage: schemes differ",
                "32206B | B | steeper cone angle",
                "320/28X | /28 | bore 28 mm as written",
                "33003 | 03 | bore 17 mm",
                "DAC40740036/34 | 34 | width of the outer ring 34 mm",
                "DAC255200206 | 206 | width over the inner rings 20.6 mm",
                "BK1612 | BK | drawn-cup needle roller bearing",
                "BK4525 | BK | drawn-cup needle roller bearing, one end closed",
                "HK4525 | 45 | bore 45 mm, under the rollers",
                "NKI45/99 | 45 | bore 45 mm",
                "NK45/99 | NK | machined needle roller bearing without inner ring",
                "NK45/99 | 45 | bore 45 mm, under the rollers",
                "NK45/99 | 99 | width 99 mm",
                "30x41x6.5 36/45 | 36 | chamfer of the inner ring 36°, to crown race or compression ring",
                "30x41x6.5 36/45 | 6.5 | height 6.5 mm",
                "25x52x15 | 15 | width 15 mm",
                "K 20x24x17 | 20 | bore 20 mm, under the rollers",
                "6202-5/8 | 5/8 | 15.875 mm (5/8 in)",
                "6204-12 | 12 | 19.05 mm (12/16 in)",
                "6303-14 | 14 | 14 mm, read as millimetres",
                "LM67048 | LM | duty: light to medium",
                "H917849 | H | duty: heavy",
                "LM67048 | 48 | cone",
                "LM102949 | 49 | cone, the largest bore of the series",
                "LM67010 | 10 | cup, the thinnest of the series"
            })
    void whatAGroupSays(String marking, String text, String says) {
        assertThat(read(marking).parts())
                .filteredOn(p -> p.text().equals(text))
                .extracting(Part::meaning)
                .contains(says);
    }

    @ParameterizedTest
    @CsvSource({
        "6205 JAPAN,JAPAN",
        "6205 KOREA,KOREA",
        "6205-2RS TAIWAN,TAIWAN",
        "7205B CHINA,CHINA",
        "30206 ITALY,ITALY"
    })
    void wordsStayWhole(String marking, String word) {
        Bearing d = read(marking);
        assertThat(d.parts())
                .filteredOn(p -> p.role().equals("unknown"))
                .extracting(Part::text)
                .containsExactly(word);
        assertThat(d.suffixes().cage()).isEmpty();
        assertThat(d.parts()).noneMatch(p -> p.role().equals("bore"));
    }

    @ParameterizedTest
    @CsvSource({
        "6205,open,false,false",
        "6205-2RX,unknown,false,true",
        "6205 LLX,unknown,false,true",
        "6205 JAPAN,open,false,false",
        "6205-2RS JAPAN,two-seals,true,false",
        "6205-2RS 2RX,two-seals,true,false"
    })
    void aSealThatIsNotKnownIsNeitherOpenNorSealed(String marking, String sealing, boolean sealed, boolean maybe) {
        Bearing d = read(marking);
        assertThat(d.suffixes().sealing()).isEqualTo(sealing);
        assertThat(d.suffixes().sealed()).isEqualTo(sealed);
        assertThat(d.suffixes().maybeSealed()).isEqualTo(maybe);
        assertThat(d.warnings().stream().anyMatch(w -> w.contains("looks like a seal's")))
                .isEqualTo(maybe);
    }

    @ParameterizedTest
    @CsvSource({
        "R3,3.967",
        "R3ZZ,4.978",
        "R4A-2RS,7.142",
        "R6ZZ,7.142",
        "R6,5.556",
        "R8-2RS,7.938",
        "R10ZZ,8.733",
        "R12-2RS,11.112",
        "R14ZZ,12.7",
        "R16-2RS,12.7",
        "603,3",
        "603ZZ,5",
        "688-2RS,5",
        "693ZZ,4",
        "693-2RS,3"
    })
    void closedOnesAreWiderWhereTheTableSaysSo(String marking, double width) {
        assertThat(read(marking).widthMm()).isEqualTo(width);
    }

    @Test
    void numbersThatNobodyMakesAreNotOffered() {
        assertThat(Catalogue.numbers())
                .extracting(Boundary::designation)
                .doesNotContain("21303", "22204", "22307", "QJ201", "QJ302")
                .contains("21304", "22205", "22308", "QJ202", "QJ303");
        assertThat(Catalogue.byRule("22205")).isTrue();
        assertThat(Catalogue.byRule("6205")).isFalse();
        assertThat(Catalogue.byRule("22204")).isFalse();
        assertThat(read("QJ205").warnings()).contains("By rule of the numbering: it may not exist.");
        assertThat(read("6205").warnings()).noneMatch(w -> w.contains("may not exist"));
        List<String> same = read("25x52x15").completions();
        assertThat(same.indexOf("QJ205")).isGreaterThan(same.indexOf("6205"));
    }

    private static List<String> found(double bore, double outside, double width) {
        return CaliperFind.of(new CaliperFind.Measured(bore, outside, width, 0.05)).exact().stream()
                .map(f -> f.bearing().designation())
                .toList();
    }

    @Test
    void theCaliperFindsCartridgesAndClosedOnes() {
        assertThat(found(34, 64, 37)).contains("DAC34640037");
        assertThat(found(38, 74, 36)).contains("DAC38740036/33");
        assertThat(found(9.525, 22.225, 7.142)).contains("R6");
        List<String> plain = found(25, 52, 15);
        assertThat(plain.get(0)).isEqualTo("6205");
        assertThat(plain.indexOf("QJ205")).isGreaterThan(plain.indexOf("NU205"));
        assertThat(found(25, 52, 18)).contains("62205", "2205", "22205");
    }

    @ParameterizedTest
    @ValueSource(strings = {"６３０５", "6305–2RS", "25×52×15", "/6305/", "63 05", "6-3-0-5"})
    void signsOfOtherKeyboardsAreRead(String marking) {
        assertThat(read(marking).recognised()).isTrue();
        assertThat(read(marking).boreMm()).isEqualTo(25.0);
    }

    @ParameterizedTest
    @CsvSource({
        "52x25x15,must be larger than the bore",
        "25x25x15,must be larger than the bore",
        "DAC50400020,smaller than the bore",
        "HK0203,No needle bearing is so small",
        "HK0303,No needle bearing is so small",
        "HULLABALOO,is not known: measure",
        "'',Nothing is stamped there"
    })
    void whatCannotBeIsSaid(String marking, String says) {
        Bearing d = read(marking);
        assertThat(d.recognised()).isFalse();
        assertThat(d.kind()).isEqualTo(BearingKind.UNKNOWN);
        assertThat(d.warnings()).singleElement().asString().contains(says);
    }

    @Test
    void needlesOfNoTableTakeTheOutsideOfTheSameBore() {
        Bearing longer = read("HK2540");
        assertThat(sizes(longer)).isEqualTo("25.0/32.0/40.0");
        assertThat(longer.boundaryKnown()).isTrue();
        assertThat(longer.warnings().get(0)).endsWith("the outside is that of the same bore.");
        Bearing other = read("HK9930RS");
        assertThat(sizes(other)).isEqualTo("99.0/null/30.0");
        assertThat(other.boundaryKnown()).isFalse();
        assertThat(other.suffixes().sealing()).isEqualTo("one-seal");
        assertThat(other.warnings().get(0)).endsWith("measure the outside.");
        assertThat(read("NKI40/99").kind()).isEqualTo(BearingKind.MACHINED_NEEDLE_ROLLER);
        assertThat(read("HK2540").kind()).isEqualTo(BearingKind.DRAWN_CUP_NEEDLE_ROLLER);
    }

    @Test
    void aConeAndACupOfTwoSeriesAreToldApart() {
        Bearing d = read("LM11949/L44610");
        assertThat(sizes(d)).isEqualTo("19.05/null/null");
        assertThat(d.warnings()).singleElement().asString().contains("a cone fits only a cup of its own series");
        assertThat(read("15123/15245").warnings()).hasSize(2);
    }

    @Test
    void wornNumbersSayHowManyFit() {
        assertThat(read("63?5-2RS").completions()).containsExactly("6305", "6315");
        assertThat(read("63?5-2RS").warnings())
                .containsExactly("Worn: 2 numbers in the tables fit. Measure to tell them apart.");
        assertThat(read("L6814?").warnings().get(0)).startsWith("Worn: ").contains("fit");
        assertThat(read("9?99999").warnings())
                .containsExactly("No number in the tables fits “9?99999”: measure the sizes.");
        assertThat(read("16?05").warnings().get(0)).contains("1 number in the tables fits.");
    }

    @Test
    void aSetIsDecodedAsOneWhereItIsListed() {
        Bearing set = Decoder.SHIPPED.decodeSet("LM67048/LM67010");
        assertThat(sizes(set)).isEqualTo("31.75/59.131/15.875");
        assertThat(set.designation()).isEqualTo("LM67048/LM67010");
        assertThat(Decoder.SHIPPED.decodeSet("6305").boreMm()).isEqualTo(25);
        assertThat(Decoder.SHIPPED.decodeSet("LM11949/L44610").outsideMm()).isNull();
    }

    @Test
    void sealSizesHaveLimits() {
        assertThat(SealSize.read("45x65x10")).contains(new SealSize(45, 65, 10));
        assertThat(SealSize.read("45/65/10")).isPresent();
        assertThat(SealSize.read("3x9x4")).isEmpty();
        assertThat(SealSize.read("45x45x10")).isEmpty();
        assertThat(SealSize.read("45x400x10")).isEmpty();
        assertThat(SealSize.read("45x65x1")).isEmpty();
        assertThat(SealSize.read("45x65x60")).isEmpty();
        assertThat(SealSize.read("45x65")).isEmpty();
        assertThat(SealSize.read("x x x")).isEmpty();
    }
}
