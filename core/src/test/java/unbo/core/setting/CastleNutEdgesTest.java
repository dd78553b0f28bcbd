package unbo.core.setting;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

import unbo.core.input.Field;
import unbo.core.tools.setting.SchoolWords;

/** Where a nut's answer turns: the ends of the band, a slot at zero, washers by hand-computed figures. */
class CastleNutEdgesTest {

    private static CastleNut nut(int slots, double free, School school, Double... holes) {
        return CastleNut.of(new CastleNutInput(1.5, slots, List.of(holes), free, EndPlayBand.WHEEL_HUB, school));
    }

    /** Both ends belong to it, a thousandth of a micrometre is forgiven, two are not. */
    @ParameterizedTest
    @CsvSource({
        "0.025,true",
        "0.125,true",
        "0.0249995,true",
        "0.1250005,true",
        "0.024998,false",
        "0.125002,false",
        "0.075,true",
        "0,false"
    })
    void theBandHoldsItsEnds(double play, boolean holds) {
        assertThat(EndPlayBand.WHEEL_HUB.holds(play)).isEqualTo(holds);
    }

    @ParameterizedTest
    @CsvSource({"-0.001,0.1", "0.1,0.1", "0.2,0.1", "0.5,1.001"})
    void bandsUpsideDownOrTooWideAreNone(double min, double max) {
        assertThatThrownBy(() -> new EndPlayBand(min, max)).isInstanceOf(IllegalArgumentException.class);
    }

    @Test
    void aBandFromNothingToAMillimetreIsOne() {
        assertThat(new EndPlayBand(0, 1).middleMm()).isEqualTo(0.5);
        assertThat(new EndPlayBand(0.25, 1).widthMm()).isEqualTo(0.75);
    }

    @Test
    void aNutHasAPitch() {
        assertThatThrownBy(() -> new CastleNutInput(0, 6, List.of(0.0), 0, EndPlayBand.WHEEL_HUB, School.A))
                .isInstanceOf(IllegalArgumentException.class);
    }

    /**
     * Six slots, one through hole, slot 0 at 20°: the first place is 40° (0.1667 mm), the one tighter than zero at −20°
     * (−0.0833 mm). To the middle of 0.025 to 0.125 (0.075): 0.0917 thicker, 0.0417 to 0.1417; 0.1583 thinner, 0.1083
     * to 0.2083.
     */
    @Test
    void washersBringTheNextPlaceIntoTheBand() {
        List<Remedy> remedies = nut(6, 20, School.A, 0.0, 180.0).remedies();
        Remedy.Washer thicker = (Remedy.Washer) remedies.get(0);
        assertThat(thicker.changeMm()).isCloseTo(0.0916667, within(1e-6));
        assertThat(thicker.fromMm()).isCloseTo(0.0416667, within(1e-6));
        assertThat(thicker.toMm()).isCloseTo(0.1416667, within(1e-6));
        assertThat(thicker.fromPlayMm()).isCloseTo(0.1666667, within(1e-6));
        Remedy.Washer thinner = (Remedy.Washer) remedies.get(1);
        assertThat(thinner.changeMm()).isCloseTo(-0.1583333, within(1e-6));
        assertThat(thinner.fromMm()).isCloseTo(0.1083333, within(1e-6));
        assertThat(thinner.toMm()).isCloseTo(0.2083333, within(1e-6));
        assertThat(remedies.get(2)).isEqualTo(new Remedy.CrossedHole(10, 1.5 * 10 / 360));
        assertThat(remedies.get(3)).isEqualTo(new Remedy.FinerNut(15));
    }

    /** Slot 0 at 56°: places at 4° (0.0167) and 64° (0.2667): the tight one is inside the turn. */
    @Test
    void theTightPlaceIsTheLastUnderTheBand() {
        Remedy.Washer thinner =
                (Remedy.Washer) nut(6, 56, School.A, 0.0, 180.0).remedies().get(1);
        assertThat(thinner.fromPlayMm()).isCloseTo(0.0166667, within(1e-6));
        assertThat(thinner.changeMm()).isCloseTo(-0.0583333, within(1e-6));
    }

    @Test
    void theCrossedHoleStandsAQuarterTurnOnAndStaysWithinATurn() {
        assertThat(nut(6, 20, School.A, 300.0, 120.0).remedies())
                .filteredOn(Remedy.CrossedHole.class::isInstance)
                .singleElement()
                .isEqualTo(new Remedy.CrossedHole(10, 1.5 * 10 / 360));
    }

    /** Steps of 60° from 40°: the largest is 60°, also over the end of the turn; of three holes they differ. */
    @Test
    void theLargestStepIsLookedForRoundTheWholeTurn() {
        assertThat(nut(6, 20, School.A, 0.0, 180.0).largestStepDeg()).isCloseTo(60, within(1e-9));
        assertThat(nut(3, 0, School.A, 10.0, 30.0).largestStepDeg()).isCloseTo(100, within(1e-9));
        assertThat(nut(3, 0, School.A, 100.0, 110.0).largestStepDeg()).isCloseTo(110, within(1e-9));
        assertThat(nut(1, 0, School.A, 100.0, 110.0).largestStepDeg()).isCloseTo(350, within(1e-9));
    }

    @Test
    void aSlotThatStandsBeforeItsHoleToAHairStandsAtZero() {
        assertThat(nut(6, 60.0000001, School.A, 60.0).positions().get(0).backOffDeg())
                .isZero();
        assertThat(nut(6, 59.9999999, School.A, 60.0).positions().get(0).backOffDeg())
                .isZero();
        assertThat(nut(6, 59.99, School.A, 60.0).positions().get(0).backOffDeg())
                .isCloseTo(0.01, within(1e-9));
        assertThat(nut(6, 60.01, School.A, 60.0).positions().get(0).backOffDeg())
                .isCloseTo(59.99, within(1e-9));
    }

    @Test
    void holesThatLieOnEachOtherAreOnePlace() {
        assertThat(nut(6, 0, School.A, 0.0, 60.0).positions()).hasSize(6);
        assertThat(nut(6, 0, School.A, 0.0, 60.001).positions()).hasSize(12);
    }

    /** Of two places inside, the one nearer to 0.075 mm; of two equally near, the tighter. */
    @Test
    void theBestPlaceIsNearestToTheMiddle() {
        CastleNut nut = nut(18, 12, School.D, 0.0, 30.0);
        assertThat(nut.positions()).filteredOn(LockingPosition::inBand).hasSizeGreaterThan(1);
        assertThat(nut.bestPosition().backOffDeg()).isCloseTo(18, within(1e-9));
        assertThat(nut(36, 3, School.D, 0.0).bestPosition().backOffDeg()).isCloseTo(17, within(1e-9));
    }

    /** A, C: the next place after zero; B: the first; D: nearest to the middle. */
    @Test
    void eachSchoolTellsItsOwnPlace() {
        assertThat(nut(18, 0, School.D, 0.0).bySchool().backOffDeg()).isCloseTo(20, within(1e-9));
        CastleNut nut = nut(6, 0, School.D, 0.0, 180.0);
        assertThat(nut.bySchool()).isEqualTo(new SchoolOutcome(School.D, 0, 0, false));
        assertThat(nut(6, 0, School.A, 0.0, 180.0).bySchool()).isEqualTo(new SchoolOutcome(School.A, 60, 0.25, false));
        assertThat(nut(6, 0, School.B, 0.0, 180.0).bySchool()).isEqualTo(new SchoolOutcome(School.B, 0, 0, false));
        assertThat(nut(6, 20, School.C, 0.0, 180.0).bySchool().endPlayMm()).isCloseTo(1.0 / 6, within(1e-9));
    }

    @Test
    void schoolsAreOfferedByLetterAndNameAndTheDefaultIsGivenAReason() {
        assertThat(SchoolWords.choices()).extracting(Field.Choice::code).containsExactly("A", "B", "C", "D");
        assertThat(SchoolWords.choices().get(0).label()).startsWith("A · ");
        assertThat(SchoolWords.whyDefault()).contains("A is the default").contains("dial indicator");
    }
}
