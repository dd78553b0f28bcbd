package unbo.core.designation;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

import unbo.core.bearing.Bearing;
import unbo.core.bearing.BearingKind;
import unbo.core.bearing.Boundary;
import unbo.core.bearing.Part;
import unbo.core.bearing.TaperSet;
import unbo.core.catalogue.Catalogue;

class TaperDecoderTest {

    @ParameterizedTest
    @CsvSource({
        "32008X,tapered-roller,40,68,19",
        "30205,tapered-roller,25,52,16.25",
        "LM67048,inch-tapered-cone,31.75,59.131,15.875",
        "L44649,inch-tapered-cone,26.988,50.292,14.224",
        "32205,tapered-roller,25,52,19.25",
        "33005,tapered-roller,25,47,17"
    })
    void decodesWithSizes(String marking, String kind, double bore, double outside, double width) {
        Bearing d = TaperDecoder.decode(marking);
        assertThat(d.recognised()).isTrue();
        assertThat(d.kind()).hasToString(kind);
        assertThat(d.boreMm()).isCloseTo(bore, within(1e-9));
        assertThat(d.outsideMm()).isCloseTo(outside, within(1e-9));
        assertThat(d.widthMm()).isCloseTo(width, within(1e-9));
    }

    @ParameterizedTest
    @ValueSource(strings = {"lm67048", " LM 67048 ", "LM-67048", "Lm.67048"})
    void forgivesCaseAndBlanks(String marking) {
        assertThat(TaperDecoder.decode(marking).marking()).isEqualTo("LM67048");
    }

    @Test
    void takesAnAbmaNumberApart() {
        Bearing d = TaperDecoder.decode("LM102949");
        assertThat(d.parts()).extracting(Part::text).containsExactly("LM", "1", "029", "49");
        assertThat(d.series()).isEqualTo("LM1029");
        assertThat(d.parts()).last().satisfies(p -> assertThat(p.meaning()).contains("largest bore"));
    }

    @Test
    void aCupWithSeveralConesTellsNoBore() {
        Bearing cup = TaperDecoder.decode("L44610");
        assertThat(cup.cup()).isTrue();
        assertThat(cup.boreMm()).isNull();
        assertThat(cup.completions()).contains("L44643/L44610", "L44649/L44610");
    }

    @Test
    void anUnlistedNumberOfTheSchemeIsTakenApartAndSaidToBeUnlisted() {
        Bearing d = TaperDecoder.decode("HM99949");
        assertThat(d.recognised()).isTrue();
        assertThat(d.boreMm()).isNull();
        assertThat(d.warnings()).anyMatch(w -> w.contains("not in the table"));
    }

    @Test
    void anUnknownMarkingIsKeptNeverGuessed() {
        Bearing d = TaperDecoder.decode("yard made 7");
        assertThat(d.recognised()).isFalse();
        assertThat(d.kind()).isEqualTo(BearingKind.UNKNOWN);
        assertThat(d.parts())
                .singleElement()
                .satisfies(p -> assertThat(p.text()).isEqualTo("YARDMADE7"));
    }

    @Test
    void offersEveryCompletionOfAWornNumber() {
        assertThat(TaperDecoder.decode("L4464?").completions()).containsExactly("L44640", "L44643", "L44649");
        assertThat(TaperDecoder.decode("3200_").completions()).contains("32008");
    }

    @Test
    void aSteeperConeIsTold() {
        Bearing d = TaperDecoder.decode("30305D");
        assertThat(d.warnings()).anyMatch(w -> w.contains("steeper cone"));
        assertThat(TaperMatch.of("30305D", "30305").match()).isFalse();
        assertThat(TaperMatch.of("30305D", "30305D").match()).isTrue();
    }

    @ParameterizedTest
    @CsvSource({
        "30305D,28.8",
        "31305,28.8",
        "32004X,14",
        "32005X,16",
        "32006X,16",
        "32007X,16.8",
        "32008X,14.2",
        "32009X,14.7",
        "32010X,15.75",
        "33005,10.9",
        "30302,10.75",
        "30303,10.75",
        "30304,11.3",
        "30305,11.3",
        "30306,11.9",
        "30307,11.9",
        "30308,12.95",
        "30205,14",
        "32205B,20"
    })
    void anglesAreThoseOfSeriesSizeAndLetter(String number, double half) {
        assertThat(TaperDecoder.decode(number).halfAngleDeg()).isCloseTo(half, within(0.05));
        assertThat(TaperDecoder.decode(number).contactDeg()).isCloseTo(half, within(0.05));
    }

    @Test
    void whereNoNumberTellsTheAngleItIsAMiddlingGuess() {
        Bearing old = TaperDecoder.decode("15123");
        assertThat(old.halfAngleDeg()).isNull();
        assertThat(old.contactDeg()).isEqualTo(15);
    }

    @Test
    void everyListedTaperIsRecognisedAndMatchesItself() {
        for (TaperSet set : Catalogue.tapers()) {
            assertThat(TaperDecoder.decode(set.cone()).boreMm()).as(set.cone()).isEqualTo(set.boreMm());
            assertThat(TaperDecoder.decode(set.cup()).outsideMm()).as(set.cup()).isEqualTo(set.outsideMm());
            assertThat(TaperMatch.of(set.cone(), set.cup()).match())
                    .as(set.cone() + "/" + set.cup())
                    .isTrue();
        }
        for (Boundary row : Catalogue.metricAll()) {
            assertThat(TaperDecoder.decode(row.designation()).recognised())
                    .as(row.designation())
                    .isTrue();
        }
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "L44649 | L44610 | true  | listed as a set",
                "L44649 | L45410 | false | series L446",
                "L44610 | L44649 | false | wrong way round",
                "L44649 | L45449 | false | is a cone, not a cup",
                "32008X | 32008  | true  | same number",
                "32008X | 32010X | false | 32008 and 32010",
                "32008X | L44610 | false | One is a metric taper",
                "L44649 | 15245  | false | different numberings",
                "LM67048 | LM67049 | false | is a cone",
                "L44690 | L44610 | true  | series L446"
            })
    void judgesPairsWithTheReason(String cone, String cup, boolean match, String reason) {
        TaperMatch judged = TaperMatch.of(cone, cup);
        assertThat(judged.match()).isEqualTo(match);
        assertThat(judged.reason()).contains(reason).endsWith(".");
    }

    @Test
    void tellsThatEqualOutsidesDoNotMakeAPair() {
        assertThat(TaperMatch.of("L44649", "L45410").reason()).contains("outside diameters agree");
    }

    @Test
    void saysWhenItCannotBeTold() {
        assertThat(TaperMatch.of("L44649", "yard7").match()).isNull();
        assertThat(TaperMatch.of("15123", "14276").match()).isNull();
    }

    @ParameterizedTest
    @ValueSource(strings = {"45x65x10", "45 × 65 × 10", "45*65*10", "45/65/10", "45 x 65 x 10 mm"})
    void readsSealSizes(String text) {
        assertThat(SealSize.read(text)).contains(new SealSize(45, 65, 10));
    }

    @ParameterizedTest
    @ValueSource(strings = {"45x65", "65x45x10", "seal", "1x2x3", "45x65x100"})
    void refusesWhatIsNoSeal(String text) {
        assertThat(SealSize.read(text)).isEmpty();
    }
}
