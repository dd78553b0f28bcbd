package unbo.core.form;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

import unbo.core.bearing.Bearing;
import unbo.core.bearing.BearingBook;
import unbo.core.bearing.BearingKind;
import unbo.core.bearing.Boundary;
import unbo.core.bearing.OwnBearing;
import unbo.core.bearing.Ratings;
import unbo.core.catalogue.Catalogue;
import unbo.core.designation.Decoder;
import unbo.core.input.Field;
import unbo.core.input.FieldList;
import unbo.core.input.FieldReader;
import unbo.core.input.Problem;
import unbo.core.input.Reading;
import unbo.core.input.UnitSystem;
import unbo.core.measure.Quantity;

class BearingInputTest {

    private static final BearingInput INPUT = BearingInput.numbered("number")
            .sized("bore", "outside", "width")
            .kind("kind")
            .counted("elements", "element", "pitch")
            .angled("angle")
            .rated("c", "c0");
    private static final FieldList<Bearing> LIST = FieldList.of(
            List.of(
                    Field.bearing("number", "Bearing"),
                    mm("bore"),
                    mm("outside"),
                    mm("width"),
                    Field.text("kind", "Kind", 40),
                    Field.whole("elements", "Elements", 3, 80),
                    mm("element"),
                    mm("pitch"),
                    Field.quantity("angle", "Angle", Quantity.ANGLE, "°", 0, 60),
                    Field.quantity("c", "C", Quantity.FORCE, "N", 1, 1e6),
                    Field.quantity("c0", "C0", Quantity.FORCE, "N", 1, 1e6)),
            INPUT::problems,
            INPUT::of);
    private static final BearingBook OWN = new Decoder(List.of(new OwnBearing(
            new Boundary(BearingKind.ANGULAR_CONTACT_BALL, "HB 31", 31, 57, 11, "own", ""),
            9_000.0,
            5_000.0,
            null,
            0)));

    private static Field mm(String name) {
        return Field.quantity(name, name, Quantity.LENGTH, "mm", 0.5, 1000);
    }

    private static Reading<Bearing> read(Map<String, String> texts) {
        return FieldReader.read(LIST, texts, UnitSystem.METRIC, OWN);
    }

    private static Bearing of(Map<String, String> texts) {
        return read(texts).get().orElseThrow();
    }

    @ParameterizedTest
    @CsvSource({
        "6205, 6205, deep-groove-ball, 25, 52, 15",
        "25x52x15, 6205, deep-groove-ball, 25, 52, 15",
        "25 × 52 × 15, 6205, deep-groove-ball, 25, 52, 15",
        "30x62x17.25, 30206, tapered-roller, 30, 62, 17.25",
        "31x57x11, HB 31, angular-contact-ball, 31, 57, 11",
        "31x58x11, 31x58x11, deep-groove-ball, 31, 58, 11",
        "34x64x37, DAC34640037, hub-cartridge, 34, 64, 37",
        "34x63x38, 34x63x38, unknown, 34, 63, 38",
        "hb-31, HB 31, angular-contact-ball, 31, 57, 11",
        "L44643/L44610, L44643/L44610, tapered-roller, 25.4, 50.292, 14.224"
    })
    void anyWayOfWritingFindsIt(String typed, String as, String kind, double bore, double outside, double width) {
        Bearing b = of(Map.of("number", typed));
        assertThat(b.designation()).isEqualTo(as);
        assertThat(b.kind()).hasToString(kind);
        assertThat(b.boreMm()).isEqualTo(bore);
        assertThat(b.outsideMm()).isEqualTo(outside);
        assertThat(b.widthMm()).isEqualTo(width);
    }

    @ParameterizedTest
    @CsvSource({
        "25, 52, 15, '', 6205, deep-groove-ball",
        "30, 62, 17.25, '', 30206, tapered-roller",
        "31, 57, 11, '', HB 31, angular-contact-ball",
        "25, 52, 15, cylindrical-roller, 25x52x15, cylindrical-roller",
        "34, 64, 37, '', DAC34640037, hub-cartridge",
        "34, 63, 38, '', 34x63x38, unknown",
        "31, 58, 11, '', 31x58x11, deep-groove-ball"
    })
    void threeBoxesSayWhatTheOneSays(
            String bore, String outside, String width, String kind, String as, String becomes) {
        Bearing b = of(Map.of("bore", bore, "outside", outside, "width", width, "kind", kind));
        Bearing one = of(Map.of("number", bore + "x" + outside + "x" + width, "kind", kind));
        assertThat(b).isEqualTo(one);
        assertThat(b.designation()).isEqualTo(as);
        assertThat(b.kind()).hasToString(becomes);
    }

    @Test
    void everyListedDeepGrooveBearingIsOneBySizesThatNoTableHas() {
        assertThat(Catalogue.numbers())
                .filteredOn(listed -> listed.kind().deepGroove())
                .hasSizeGreaterThan(100)
                .allSatisfy(listed -> assertThat(of(Map.of(
                                        "bore", String.valueOf(listed.boreMm() + 0.0625),
                                        "outside", String.valueOf(listed.outsideMm() + 0.0625),
                                        "width", String.valueOf(listed.widthMm())))
                                .kind())
                        .as(listed.designation())
                        .isEqualTo(BearingKind.DEEP_GROOVE_BALL));
    }

    @Test
    void whatItWasFoundToBeStandsBesideTheBox() {
        assertThat(read(Map.of("number", "6205")).fields().get("number").echo())
                .isEqualTo("deep groove ball bearing, 25 × 52 × 15 mm");
        assertThat(read(Map.of("number", "25x52x15")).fields().get("number").echo())
                .isEqualTo("6205, deep groove ball bearing, 25 × 52 × 15 mm");
        assertThat(read(Map.of("number", "wrong")).fields().get("number").echo())
                .isEmpty();
    }

    @Test
    void typedSizesGoBeforeTheNumbers() {
        Bearing b = of(Map.of("number", "6205", "width", "16"));
        assertThat(b.widthMm()).isEqualTo(16);
        assertThat(b.boreMm()).isEqualTo(25);
        assertThat(of(Map.of("bore", "25", "outside", "52", "width", "15")).kind())
                .isEqualTo(BearingKind.DEEP_GROOVE_BALL);
        assertThat(of(Map.of("bore", "25", "outside", "52", "width", "15", "kind", "cylindrical-roller"))
                        .inside()
                        .orElseThrow()
                        .rollers())
                .isTrue();
    }

    @Test
    void countedElementsGoBeforeTheEstimate() {
        Bearing b = of(Map.of("number", "6205", "elements", "8"));
        assertThat(b.inside().orElseThrow().geometry().elements()).isEqualTo(8);
        assertThat(b.inside().orElseThrow().geometry().estimated()).isFalse();
        Bearing alone = of(Map.of("elements", "9", "element", "7.94", "pitch", "38.5", "angle", "15"));
        assertThat(alone.inside().orElseThrow().geometry().contactDeg()).isEqualTo(15);
        assertThat(alone.boreMm()).isEqualTo(38.5 - 7.94 / 0.59);
    }

    @Test
    void aCataloguesRatingsGoBeforeTheOwnListsAndTheRules() {
        assertThat(of(Map.of("number", "HB 31")).ratings()).contains(new Ratings(9_000, 5_000, false, false));
        assertThat(of(Map.of("number", "HB 31", "c", "10000")).ratings())
                .contains(new Ratings(10_000, 5_000, false, false));
        assertThat(of(Map.of("number", "6205")).ratings().orElseThrow().estimated())
                .isTrue();
        assertThat(of(Map.of("c", "10000", "c0", "6000")).ratings()).contains(new Ratings(10_000, 6_000, false, false));
    }

    @ParameterizedTest
    @CsvSource({
        "outside, 20, outside, must be more than the bore",
        "bore, 60, bore, must be more than the bore",
        "element, 100, element, does not fit on a pitch circle",
        "elements, 40, elements, do not stand side by side"
    })
    void whatCannotBeIsASentenceAtItsBox(String box, String value, String at, String says) {
        assertThat(read(Map.of("number", "6205", box, value)).problems())
                .singleElement()
                .satisfies(problem -> {
                    assertThat(problem.field()).isEqualTo(at);
                    assertThat(problem.sentence()).contains(says);
                });
    }

    @ParameterizedTest
    @CsvSource({
        "number, wrong, number",
        "element, 8, pitch",
        "pitch, 40, number",
        "width, 9, number",
        "bore, 25, number"
    })
    void whatIsMissingIsAskedAtItsBox(String box, String value, String at) {
        FieldList<Bearing> inside = FieldList.of(LIST.fields(), INPUT::insideWanted, INPUT::of);
        assertThat(FieldReader.read(inside, Map.of(box, value), UnitSystem.METRIC, OWN)
                        .problems())
                .extracting(Problem::field)
                .containsExactly(at);
    }
}
