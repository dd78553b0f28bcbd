package unbo.core.identify;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Map;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

import unbo.core.Shipped;
import unbo.core.bearing.BearingKind;
import unbo.core.bearing.Clearances;
import unbo.core.bearing.Tolerances;
import unbo.core.catalogue.CaliperFind;
import unbo.core.designation.Decoder;
import unbo.core.input.UnitSystem;
import unbo.core.tools.identify.SealFindFields;
import unbo.core.tools.identify.SealRoomFields;
import unbo.core.tools.identify.SealTool;
import unbo.core.tools.identify.SeriesLadderWords;

class StandInTest {

    private static Interchange.Candidate in(String marking, String candidate) {
        return Interchange.of(Decoder.SHIPPED.decode(marking), Decoder.SHIPPED).candidates().stream()
                .filter(c -> c.designation().equals(candidate))
                .findFirst()
                .orElseThrow();
    }

    @Test
    void bearingsOfOneBoundaryAreListedWithWhatTheyChange() {
        assertThat(Interchange.of(Decoder.SHIPPED.decode("6207"), Decoder.SHIPPED)
                        .candidates())
                .extracting(Interchange.Candidate::designation)
                .contains("NU207", "NJ207", "N207", "NUP207", "7207", "1207");
        assertThat(in("6207", "NU207").changes())
                .anyMatch(c -> c.contains("floats"))
                .anyMatch(c -> c.equals("thrust: none"));
        assertThat(in("6207", "NU207").verdict()).isEqualTo(Interchange.Verdict.CAUTION);
        assertThat(in("6207", "NJ207").changes()).anyMatch(c -> c.contains("locates one way"));
        assertThat(in("6207", "7207").changes()).anyMatch(c -> c.contains("second one against it"));
        assertThat(in("6207", "1207").changes()).anyMatch(c -> c.contains("forgives tilt"));
    }

    @Test
    void aWiderOneSaysSo() {
        assertThat(in("6207", "30207").changes().get(0))
                .isEqualTo("1.25 mm wider: 18.25 mm; seat, clip and spacer must allow it");
        assertThat(in("6205", "62205").changes().get(0)).contains("3 mm wider");
    }

    @Test
    void sealsAndClearanceAreNeverOfferedAsEqual() {
        assertThat(in("6305ZZ", "6305-2RS").changes().get(0)).contains("drag").contains("20 N·mm");
        assertThat(in("6305ZZ", "6305-2RS").verdict()).isEqualTo(Interchange.Verdict.CAUTION);
        assertThat(in("6305", "6305/C3").changes().get(0)).contains("assumes a tight fit");
        assertThat(Interchange.of(Decoder.SHIPPED.decode("HULLABALOO"), Decoder.SHIPPED)
                        .candidates())
                .isEmpty();
    }

    @ParameterizedTest
    @CsvSource({
        "6001V,bicycle-hub,false,WRONG,No cage",
        "6001MAX-2RS,bicycle-hub,false,WRONG,filling slot",
        "6001VRS,bicycle-pivot,false,RIGHT,full-contact",
        "6001V,bicycle-pivot,false,ACCEPTABLE,without full-contact",
        "6305-2RS,gearbox,false,WRONG,cooks",
        "6305/C3,gearbox,false,RIGHT,clearance",
        "6205-2RS,motorcycle-wheel,false,RIGHT,Caged",
        "6205-2RZ,motorcycle-wheel,true,WRONG,under water",
        "6005LLB,cartridge-hub,true,WRONG,under water",
        "6305,steering-head,false,WRONG,tilt",
        "32006,steering-head,false,RIGHT,opposed",
        "L68149,adjustable-hub,false,RIGHT,opposed",
        "HK2016,swing-arm,false,RIGHT,Needles",
        "6205,swing-arm,false,WRONG,dent",
        "NU305,crankshaft-both-tight,false,RIGHT,floating",
        "6305,crankshaft-both-tight,false,WRONG,C3 or C4",
        "3205-2RS,belt-pulley,false,RIGHT,double-row",
        "DAC34640037,cartridge-hub,false,RIGHT,exact"
    })
    void whatBelongsWhere(String marking, String place, boolean immersed, Suitability.Verdict verdict, String reason) {
        Suitability s = Suitability.of(Decoder.SHIPPED.decode(marking), place, immersed);
        assertThat(s.verdict()).isEqualTo(verdict);
        assertThat(s.reasons()).anyMatch(r -> r.contains(reason));
    }

    @Test
    void measuredSizesFindTheirBearing() {
        CaliperFind found = CaliperFind.of(new CaliperFind.Measured(25.0, 46.98, 12.05, 0.05));
        assertThat(found.exact().get(0).bearing().designation()).isEqualTo("6005");
        assertThat(found.exact()).extracting(f -> f.bearing().designation()).contains("7005", "NU1005");
        assertThat(found.near()).extracting(f -> f.bearing().designation()).contains("16005", "63005");
        assertThat(found.near().stream()
                        .filter(f -> f.bearing().designation().equals("16005"))
                        .findFirst()
                        .orElseThrow()
                        .widthOff())
                .isCloseTo(-4.05, within(1e-9));
        assertThat(CaliperFind.of(new CaliperFind.Measured(34.99, null, 15.9, 0.05))
                        .exact())
                .anyMatch(f -> f.bearing().designation().startsWith("L68149/"));
    }

    @ParameterizedTest
    @CsvSource({
        "25x47x7 AS,10,0.2,seal-shift",
        "25x47x7,8,0.2,seal-sleeve",
        "25x47x7,7.2,0,seal-deep",
        "25x47x7,,0.3,seal-worn"
    })
    void aWornTrackIsLeftWhereTheSeatHasRoom(String marking, String seat, String groove, String code) {
        var reading = Shipped.read(
                SealRoomFields.LIST,
                Map.of("marking", marking, "seat", seat == null ? "" : seat, "groove", groove),
                UnitSystem.METRIC);
        assertThat(new SealTool().answer(reading.record()).findings())
                .extracting(f -> f.code())
                .containsExactly(code);
    }

    @Test
    void whatIsNoSealIsSaid() {
        assertThat(Shipped.read(SealRoomFields.LIST, Map.of("marking", "47x25x7"), UnitSystem.METRIC)
                        .problems()
                        .get(0)
                        .sentence())
                .contains("no seal size");
        assertThat(Shipped.read(SealRoomFields.LIST, Map.of("marking", "25x47x7", "seat", "5"), UnitSystem.METRIC)
                        .problems()
                        .get(0)
                        .sentence())
                .contains("shallower");
    }

    @Test
    void theLadderRisesFromThinToThick() {
        var rungs = SeriesLadder.rungs(new SeriesLadder.Rung(25, BearingKind.DEEP_GROOVE_BALL));
        assertThat(rungs)
                .extracting(b -> b.designation())
                .startsWith("6805")
                .endsWith("6405")
                .contains("16005", "6005", "6205", "62205", "63005");
        assertThat(SeriesLadderWords.drawing(rungs).shapes()).hasSize(4 * rungs.size());
        assertThat(SeriesLadder.rungs(new SeriesLadder.Rung(77, BearingKind.DEEP_GROOVE_BALL)))
                .isEmpty();
    }

    @ParameterizedTest
    @CsvSource({
        "deep-groove-ball,10,CN,2,13",
        "deep-groove-ball,12,CN,3,18",
        "deep-groove-ball,25,C3,13,28",
        "deep-groove-ball,25,CN,5,20",
        "cylindrical-roller,25,C3,35,60",
        "machined-needle-roller,10,CN,20,45"
    })
    void clearanceByClass(String kind, double bore, String code, double min, double max) {
        assertThat(Clearances.of(BearingKind.of(kind).orElseThrow(), bore, code).orElseThrow())
                .isEqualTo(new Clearances.Band(code, min, max));
    }

    @Test
    void toleranceByClass() {
        assertThat(Tolerances.bore(25, "P0").orElseThrow()).isEqualTo(new Tolerances.Band("P0", 10, 13.0));
        assertThat(Tolerances.bore(25, "P5").orElseThrow().runoutUm()).isEqualTo(4);
        assertThat(Tolerances.outside(52))
                .extracting(Tolerances.Band::lowerUm)
                .containsExactly(13.0, 11.0, 9.0, 7.0, 4.0);
        assertThat(Tolerances.bore(1)).isEmpty();
    }

    @Test
    void aThrustBearingCarriesNoRadialLoadAndAnUnknownSealIsNoSeal() {
        Suitability thrust =
                Suitability.of(Decoder.SHIPPED.decode("51105"), "gearbox", false, new Suitability.Duty(null, 500.0));
        assertThat(thrust.verdict()).isEqualTo(Suitability.Verdict.WRONG);
        assertThat(thrust.reasons()).anyMatch(r -> r.contains("thrust only"));
        assertThat(Suitability.of(Decoder.SHIPPED.decode("6205-2RS"), "motorcycle-wheel", false)
                        .verdict())
                .isEqualTo(Suitability.Verdict.RIGHT);
        Suitability unknown = Suitability.of(Decoder.SHIPPED.decode("6205-2RX"), "motorcycle-wheel", false);
        assertThat(unknown.verdict()).isNotEqualTo(Suitability.Verdict.RIGHT);
        assertThat(unknown.reasons()).noneMatch(r -> r.startsWith("Open"));
    }

    @Test
    void speedAndLoadCountWhereTheyAreKnown() {
        Suitability fast = Suitability.of(
                Decoder.SHIPPED.decode("6205-2RS"), "motorcycle-wheel", false, new Suitability.Duty(9000.0, null));
        assertThat(fast.verdict()).isEqualTo(Suitability.Verdict.WRONG);
        assertThat(fast.reasons()).anyMatch(r -> r.contains("346") && r.contains("300"));
        Suitability loaded = Suitability.of(
                Decoder.SHIPPED.decode("6205-2RS"), "motorcycle-wheel", false, new Suitability.Duty(800.0, 5000.0));
        assertThat(loaded.verdict()).isEqualTo(Suitability.Verdict.ACCEPTABLE);
        assertThat(loaded.reasons()).anyMatch(r -> r.contains("C0/P0 1.6"));
        assertThat(Suitability.of(
                                Decoder.SHIPPED.decode("6205-2RS"),
                                "motorcycle-wheel",
                                false,
                                new Suitability.Duty(800.0, 9000.0))
                        .verdict())
                .isEqualTo(Suitability.Verdict.WRONG);
        assertThat(Suitability.of(
                                Decoder.SHIPPED.decode("6205-2RS"),
                                "motorcycle-wheel",
                                false,
                                new Suitability.Duty(800.0, 1500.0))
                        .verdict())
                .isEqualTo(Suitability.Verdict.RIGHT);
    }

    @Test
    void aSealIsFoundByShaftAndHousing() {
        SealFind find = SealFind.of(new SealFind.Measured(34.95, 52.02, 8.3));
        assertThat(find.fitting())
                .singleElement()
                .satisfies(s -> assertThat(s.outsideMm()).isEqualTo(52));
        assertThat(find.fitsDepth(find.fitting().get(0))).isFalse();
        assertThat(find.near()).extracting(s -> s.outsideMm()).contains(50.0, 55.0);
        assertThat(SealFind.of(new SealFind.Measured(33.4, 60, null)).fitting()).isEmpty();
        assertThat(Shipped.read(SealFindFields.LIST, Map.of("shaft", "35", "housing", "37"), UnitSystem.METRIC)
                        .sentences("housing"))
                .singleElement()
                .asString()
                .contains("no room");
    }
}
