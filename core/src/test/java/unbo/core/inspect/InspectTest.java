package unbo.core.inspect;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.HashMap;
import java.util.Map;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

import unbo.core.Shipped;
import unbo.core.input.FieldList;
import unbo.core.input.Reading;
import unbo.core.input.UnitSystem;
import unbo.core.tools.strip.BearingCheckFields;
import unbo.core.tools.strip.BearingCheckWords;
import unbo.core.tools.strip.SeatFields;
import unbo.core.tools.strip.SeatWords;

class InspectTest {

    private static <T> Reading<T> read(FieldList<T> list, String... pairs) {
        Map<String, String> texts = new HashMap<>();
        for (int i = 0; i < pairs.length; i += 2) {
            texts.put(pairs[i], pairs[i + 1]);
        }
        return Shipped.read(list, texts, UnitSystem.METRIC);
    }

    private static BearingCheck check(String... pairs) {
        return BearingCheck.of(read(BearingCheckFields.LIST, pairs).record());
    }

    private static Seat seat(String... pairs) {
        return Seat.of(read(SeatFields.LIST, pairs).record());
    }

    @Test
    void axialShakeIsJudgedAgainstTheBandOfItsClass() {
        BearingCheck fine = check("designation", "6305", "shake", "0.15");
        assertThat(fine.shakeInside()).isTrue();
        assertThat(fine.verdict()).isEqualTo(BearingCheck.Verdict.REUSE);
        BearingCheck worn = check("designation", "6305", "shake", "0.40");
        assertThat(worn.shakeInside()).isFalse();
        assertThat(worn.verdict()).isEqualTo(BearingCheck.Verdict.SCRAP);
        assertThat(check("designation", "6305/C3", "shake", "0.24").shakeInside())
                .isTrue();
        assertThat(check("designation", "6305", "shake", "0.24").verdict()).isEqualTo(BearingCheck.Verdict.HERE_ONLY);
    }

    @ParameterizedTest
    @CsvSource({
        "colour,blue,SCRAP",
        "colour,straw,SCRAP",
        "colour,wiped,REUSE",
        "rust,felt,SCRAP",
        "rust,stain,HERE_ONLY",
        "cage,bent,SCRAP",
        "feel,ticks,HERE_ONLY",
        "radial,felt,SCRAP",
        "hurt,yes,SCRAP"
    })
    void eachFaultHasItsVerdict(String field, String value, BearingCheck.Verdict verdict) {
        assertThat(check("designation", "6305", field, value).verdict()).isEqualTo(verdict);
    }

    @ParameterizedTest
    @CsvSource({
        "6305,SCRAP",
        "6305/C2,SCRAP",
        "6305/C3,LOOK_AGAIN",
        "NU205,LOOK_AGAIN",
        "NA4905,LOOK_AGAIN",
        "30205,LOOK_AGAIN",
        "51105,LOOK_AGAIN",
        "1205,SCRAP"
    })
    void radialShakeIsAFaultOnlyWhereItsKindAndClassLeaveNone(String number, BearingCheck.Verdict verdict) {
        BearingCheck felt = check("designation", number, "radial", "felt");
        assertThat(felt.verdict()).isEqualTo(verdict);
        assertThat(BearingCheckWords.answer(felt).figures().get(0).value())
                .isEqualTo(verdict == BearingCheck.Verdict.SCRAP ? "scrap" : "look again");
        assertThat(BearingCheckWords.answer(felt).sentences())
                .singleElement()
                .asString()
                .contains(verdict == BearingCheck.Verdict.SCRAP ? "is the fault" : "measure it");
        assertThat(check("designation", number, "radial", "felt", "hurt", "yes").reasons())
                .noneMatch(r -> r.contains("measure it"));
    }

    @ParameterizedTest
    @CsvSource({"DAC34640037,SCRAP", "HK2016,SCRAP", "NA4905,REUSE", "6305,REUSE"})
    void whatIsHurtByPressingOutNeverGoesBack(String number, BearingCheck.Verdict verdict) {
        assertThat(check("designation", number).verdict()).isEqualTo(verdict);
    }

    /** The band of a 6305 CN begins at 0.092 mm; a dial may err by 0.01. */
    @ParameterizedTest
    @CsvSource({"0.05,LOOK_AGAIN,shake-under", "0.15,REUSE,shake-inside", "0.40,SCRAP,shake-over"})
    void shakeIsJudgedOnBothSidesOfItsBand(double mm, BearingCheck.Verdict verdict, String finding) {
        BearingCheck measured = check("designation", "6305", "shake", String.valueOf(mm));
        assertThat(measured.verdict()).isEqualTo(verdict);
        assertThat(BearingCheckWords.answer(measured).findings())
                .extracting(f -> f.code())
                .contains(finding);
    }

    @ParameterizedTest
    @CsvSource({"L44649,true", "L44610,true", "6305,false"})
    void coneAndCupGoBackAsAPair(String number, boolean pair) {
        assertThat(BearingCheckWords.answer(check("designation", number)).findings().stream()
                        .anyMatch(f -> f.code().equals("check-pair")))
                .isEqualTo(pair);
    }

    @Test
    void onTheRoadADoubtIsScrap() {
        assertThat(check("designation", "6305", "rust", "stain", "road", "yes").verdict())
                .isEqualTo(BearingCheck.Verdict.SCRAP);
        assertThat(BearingCheckWords.answer(check("designation", "6305")).steps())
                .anyMatch(s -> s.caution().contains("compressed air"));
        assertThat(read(BearingCheckFields.LIST, "designation", "mystery").sentences("designation"))
                .isNotEmpty();
    }

    @Test
    void aLooseCupNamesTheCompoundOfItsGapAndALongerCureInTheCold() {
        Seat cold = seat(
                "designation",
                "L44610",
                "plane1",
                "50.38 50.385 50.39",
                "plane2",
                "50.38 50.385 50.39",
                "cureAt",
                "8",
                "vehicle",
                "car");
        assertThat(cold.verdict()).isEqualTo(Seat.Verdict.SPUN);
        assertThat(cold.meanGapMm()).isCloseTo(0.0805, within(0.001));
        assertThat(SeatWords.options(cold)).anyMatch(o -> o.contains("to 0.12 mm") && o.contains("55 h at 8 °C"));
        assertThat(SeatWords.options(cold).get(0)).contains("hub renewed is the right repair");
        assertThat(SeatWords.options(cold))
                .anyMatch(o -> o.contains("peening") && o.contains("Refused") && o.contains("public road"));
        assertThat(Compound.cureHours(8)).isGreaterThan(Compound.cureHours(20));
        assertThat(Compound.cureHours(20)).isEqualTo(24);
        assertThat(Compound.of(0.6)).isEmpty();
    }

    @Test
    void meanOvalAndTaperComeFromBothPlanes() {
        Seat s = seat("designation", "6205", "plane1", "51.97 51.98 51.99", "plane2", "51.96 51.96 51.96");
        assertThat(s.ovalMm()).isCloseTo(0.02, within(1e-9));
        assertThat(s.taperMm()).isCloseTo(0.02, within(1e-9));
        assertThat(s.meanMm()).isCloseTo(51.97, within(1e-9));
        assertThat(s.round()).isFalse();
        assertThat(s.verdict()).isEqualTo(Seat.Verdict.RIGHT);
    }

    @Test
    void aSpindleIsHeldAgainstItsOwnFit() {
        assertThat(seat("designation", "L44643", "seatRing", "inner", "plane1", "25.39 25.395 25.39")
                        .verdict())
                .isEqualTo(Seat.Verdict.RIGHT);
        assertThat(seat("designation", "L44643", "seatRing", "inner", "plane1", "25.33 25.33 25.33")
                        .verdict())
                .isEqualTo(Seat.Verdict.SPUN);
        assertThat(seat("designation", "6205", "plane1", "51.9 51.9 51.9").verdict())
                .isEqualTo(Seat.Verdict.TIGHT);
    }

    @Test
    void whatCannotBeIsASentence() {
        assertThat(read(SeatFields.LIST, "designation", "6205").sentences("plane1"))
                .isNotEmpty();
        assertThat(read(SeatFields.LIST, "designation", "6205", "plane1", "25 25 25")
                        .sentences("plane1"))
                .singleElement()
                .asString()
                .contains("does not belong");
        assertThat(read(SeatFields.LIST, "designation", "yard", "plane1", "25 25 25")
                        .sentences("seatSize"))
                .isNotEmpty();
        assertThat(read(SeatFields.LIST, "designation", "6205", "plane1", "52 52 52", "seatSymbol", "k5")
                        .sentences("seatSymbol"))
                .singleElement()
                .asString()
                .contains("capital");
    }
}
