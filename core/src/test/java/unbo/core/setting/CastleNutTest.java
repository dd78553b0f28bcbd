package unbo.core.setting;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Map;

import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

import unbo.core.Shipped;
import unbo.core.answer.Step;
import unbo.core.drawing.Shape;
import unbo.core.input.Reading;
import unbo.core.input.UnitSystem;
import unbo.core.tools.setting.CastleNutDrawing;
import unbo.core.tools.setting.CastleNutFields;
import unbo.core.tools.setting.CastleNutWords;
import unbo.core.tools.setting.SchoolWords;

class CastleNutTest {

    private static CastleNut nut(double pitch, int slots, double free, Double... holes) {
        return CastleNut.of(new CastleNutInput(pitch, slots, List.of(holes), free, EndPlayBand.WHEEL_HUB, School.A));
    }

    @Test
    void oneThroughHoleLocksEverySixtyDegreesAndNoneIsInTheBand() {
        CastleNut nut = nut(1.5, 6, 20, 0.0, 180.0);
        assertThat(nut.positions())
                .extracting(LockingPosition::backOffDeg)
                .containsExactly(40.0, 100.0, 160.0, 220.0, 280.0, 340.0);
        assertThat(nut.positions().get(1).endPlayMm() - nut.positions().get(0).endPlayMm())
                .isCloseTo(0.25, within(1e-9));
        assertThat(nut.axialPerStepMm()).isCloseTo(0.25, within(1e-9));
        assertThat(nut.best()).isNull();
        assertThat(nut.positions()).noneMatch(LockingPosition::inBand);
    }

    @Test
    void saysWhatToChangeByHowMuchWhenNoneIsInTheBand() {
        CastleNut nut = nut(1.5, 6, 20, 0.0, 180.0);
        assertThat(CastleNutWords.advice(nut))
                .contains("0.092 mm thicker")
                .contains("0.158 mm thinner")
                .contains("back off 10°")
                .contains("15 or more locking places");
    }

    @Test
    void locksEveryThirtyDegreesWithTwoCrossedHoles() {
        CastleNut nut = nut(1.5, 6, 20, 0.0, 90.0, 180.0, 270.0);
        assertThat(nut.positions()).hasSize(12);
        assertThat(nut.axialPerStepMm()).isCloseTo(0.125, within(1e-9));
        assertThat(nut.positions()).filteredOn(LockingPosition::inBand).hasSize(1);
        assertThat(nut.bestPosition().backOffDeg()).isCloseTo(10, within(1e-9));
        assertThat(CastleNutWords.advice(nut)).startsWith("Back off 10°").contains("0.042 mm");
    }

    @ParameterizedTest
    @CsvSource({"3/4-16,0.132", "1.5,0.125", "M24x2,0.167", "14 tpi,0.151"})
    void thirtyDegreesAreWorth(String pitch, double mm) {
        Reading<CastleNutInput> reading = Shipped.read(
                CastleNutFields.LIST,
                Map.of("pitch", pitch, "slots", "6", "pinHolesDeg", "0 90 180 270", "freeAngleDeg", "20"),
                UnitSystem.METRIC);
        assertThat(CastleNut.of(reading.record()).axialPerStepMm()).isCloseTo(mm, within(5e-4));
    }

    @Test
    void theThickerWasherOfTheAdviceBringsThatSlotToTheMiddleOfTheBand() {
        CastleNut before = nut(1.5, 6, 20, 0.0, 180.0);
        for (Remedy remedy : before.remedies()) {
            if (remedy instanceof Remedy.Washer washer) {
                double free = 20 + 360 * washer.changeMm() / 1.5;
                CastleNut after = nut(1.5, 6, free, 0.0, 180.0);
                assertThat(after.bestPosition().endPlayMm()).isCloseTo(0.075, within(1e-9));
            }
        }
    }

    @Test
    void schoolAGoesToTheNextSlotEvenFromASlotAtZero() {
        CastleNut nut = nut(1.5, 6, 0, 0.0, 180.0);
        assertThat(nut.bySchool().backOffDeg()).isEqualTo(60);
        assertThat(nut.outcomes().get(1).endPlayMm()).isZero();
    }

    @Property
    void everyPositionHasASlotBeforeAHole(
            @ForAll @IntRange(min = 3, max = 24) int slots,
            @ForAll @DoubleRange(min = 0, max = 360) double free,
            @ForAll @DoubleRange(min = 0, max = 179) double hole) {
        CastleNut nut = nut(1.5, slots, free, hole, hole + 180);
        double step = 360.0 / slots;
        double before = -1;
        for (LockingPosition p : nut.positions()) {
            double off = Math.abs(Math.IEEEremainder(free + p.backOffDeg() - p.holeDeg(), step));
            assertThat(off).isLessThan(1e-5);
            assertThat(p.backOffDeg()).isGreaterThan(before).isLessThan(360);
            before = p.backOffDeg();
        }
        assertThat(nut.axialPerStepMm()).isLessThanOrEqualTo(1.5 / slots + 1e-9);
    }

    @Test
    void fieldsRefuseABandUpsideDownAndFortyMillimetresOfEndPlay() {
        Map<String, String> good = Map.of("pitch", "1.5", "slots", "6", "pinHolesDeg", "0 180", "freeAngleDeg", "20");
        Map<String, String> upside = new java.util.HashMap<>(good);
        upside.put("endPlayMin", "0.2");
        assertThat(Shipped.read(CastleNutFields.LIST, upside, UnitSystem.METRIC).sentences("endPlayMax"))
                .singleElement()
                .asString()
                .contains("must be above the least");
        upside.put("endPlayMax", "40 mm");
        assertThat(Shipped.read(CastleNutFields.LIST, upside, UnitSystem.METRIC).sentences("endPlayMax"))
                .singleElement()
                .asString()
                .contains("cannot be 40 mm");
    }

    @Test
    void everySchoolHasAssumptionWarningAndCautionedSteps() {
        assertThat(SchoolWords.all()).hasSize(4).allSatisfy(t -> {
            assertThat(t.assumes()).isNotBlank();
            assertThat(t.warning()).isNotBlank();
            assertThat(t.steps()).extracting(Step::code).contains("support", "cups", "pin", "measure");
        });
        assertThat(SchoolWords.of(School.A).steps())
                .filteredOn(s -> s.code().equals("seat"))
                .singleElement()
                .satisfies(s -> assertThat(s.caution()).contains("Tapered rollers only"));
    }

    @Test
    void theWorksheetAndTheDrawingsCarryTheSamePositions() {
        CastleNut nut = nut(1.5, 6, 20, 0.0, 90.0, 180.0, 270.0);
        assertThat(CastleNutWords.worksheet(nut).lines())
                .anyMatch(l -> l.value().equals("10° → 0.042 mm"));
        assertThat(CastleNutDrawing.scale(nut).shapes())
                .anyMatch(s -> s instanceof Shape.Label l && l.text().equals("10°"));
        assertThat(CastleNutDrawing.face(nut).shapes())
                .filteredOn(s -> s instanceof Shape.Turned)
                .hasSize(1);
    }

    @Test
    void thePositionNearestTheMiddleOfTheBandIsTheOneToUse() {
        CastleNut nut = CastleNut.of(
                new CastleNutInput(1.5, 12, List.of(0.0, 15.0, 180.0), 0, new EndPlayBand(0.02, 0.2), School.D));
        assertThat(nut.positions()).filteredOn(LockingPosition::inBand).hasSizeGreaterThan(1);
        assertThat(nut.bestPosition().endPlayMm()).isCloseTo(0.125, within(1e-9));
        assertThat(nut.remedies()).isEmpty();
    }

    @Test
    void aHoleSeenFromTheOtherSideIsTheSamePosition() {
        assertThat(nut(1.5, 6, 20, 0.0, 180.0, 360.0, -180.0).positions()).hasSize(6);
        assertThat(nut(1.5, 6, 20 + 720, 0.0).positions()).hasSize(6);
    }

    @Test
    void anOddNutHasTwiceAsManyPositionsWithAThroughHole() {
        CastleNut nut = nut(1.5, 5, 0, 0.0, 180.0);
        assertThat(nut.positions()).hasSize(10);
        assertThat(nut.largestStepDeg()).isCloseTo(36, within(1e-9));
    }

    @Test
    void eachSchoolLeavesTheNutWhereItsRuleSays() {
        CastleNut nut = nut(1.5, 6, 20, 0.0, 90.0, 180.0, 270.0);
        assertThat(nut.outcomes())
                .extracting(SchoolOutcome::school)
                .containsExactly(School.A, School.B, School.C, School.D);
        assertThat(nut.outcomes()).allMatch(o -> Math.abs(o.backOffDeg() - 10) < 1e-9);
        CastleNut coarse = nut(1.5, 6, 59, 0.0, 180.0);
        assertThat(coarse.outcomes().get(0).endPlayMm()).isCloseTo(1.5 / 360, within(1e-9));
        assertThat(coarse.outcomes().get(3).endPlayMm()).isCloseTo(1.5 / 360, within(1e-9));
    }

    @Test
    void aFinerNutOfTheAdviceAlwaysHasAPositionInTheBand() {
        int places = nut(1.5, 6, 20, 0.0, 180.0).remedies().stream()
                .filter(Remedy.FinerNut.class::isInstance)
                .mapToInt(r -> ((Remedy.FinerNut) r).places())
                .findFirst()
                .orElseThrow();
        for (double free = 0; free < 360; free += 0.7) {
            assertThat(nut(1.5, places, free, 0.0).best()).as("free " + free).isNotNull();
        }
    }

    @Test
    void theDrawnBandLiesWhereSlotZeroWouldStandInIt() {
        Shape.Arc band = CastleNutDrawing.face(nut(1.5, 6, 20, 0.0, 180.0)).shapes().stream()
                .filter(Shape.Arc.class::isInstance)
                .map(Shape.Arc.class::cast)
                .filter(a -> a.role() == unbo.core.drawing.Role.BAND)
                .findFirst()
                .orElseThrow();
        assertThat(band.fromDeg()).isCloseTo(20 + 6, within(1e-9));
        assertThat(band.toDeg()).isCloseTo(20 + 30, within(1e-9));
    }

    @Test
    void bandsThatAreNoneAreRefusedByTheRecord() {
        org.assertj.core.api.Assertions.assertThatThrownBy(() -> new EndPlayBand(0.2, 0.1))
                .hasMessageContaining("0.2 to 0.1");
        org.assertj.core.api.Assertions.assertThatThrownBy(
                        () -> new CastleNutInput(0, 6, List.of(0.0), 0, EndPlayBand.WHEEL_HUB, School.A))
                .hasMessageContaining("pitch 0.0");
    }
}
