package unbo.core.diagnosis;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Objects;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

import unbo.core.drawing.Drawing;
import unbo.core.drawing.Known;
import unbo.core.drawing.Role;
import unbo.core.drawing.Shape;
import unbo.core.tools.diagnosing.CheckDrawing;
import unbo.core.tools.diagnosing.VehicleDrawing;
import unbo.core.vehicle.Place;

class VehiclePictureTest {

    private static List<String> labels(Drawing drawing) {
        return drawing.shapes().stream()
                .filter(s -> s instanceof Shape.Label)
                .map(s -> ((Shape.Label) s).text())
                .toList();
    }

    @ParameterizedTest
    @ValueSource(strings = {"car", "van", "motorcycle", "bicycle", "trailer"})
    void everyPositionHasAGaugeAndItsName(String vehicle) {
        Diagnosis diagnosis = Asked.of(vehicle, "", "axles", "2");
        Drawing drawing = VehicleDrawing.of(diagnosis);
        List<String> labels = labels(drawing);
        List<String> told = diagnosis.ranked().stream()
                .map(ranked -> ranked.hypothesis().position())
                .filter(Objects::nonNull)
                .distinct()
                .toList();
        assertThat(Place.of(vehicle)).extracting(Place::code).containsAll(told);
        for (String position : told) {
            assertThat(labels).as(position).contains(Hypothesis.where(vehicle, position));
        }
        assertThat(drawing.shapes().stream().filter(s -> s instanceof Shape.Outline o && o.role() == Role.FRAME))
                .hasSize(told.size());
    }

    @Test
    void aTrailerWithOneAxleShowsOne() {
        assertThat(labels(VehicleDrawing.of(Asked.of("trailer", "")))).noneMatch(l -> l.contains("axle 2"));
    }

    @Test
    void theLeadingPositionIsMarkedByShapeAndByColour() {
        Drawing drawing =
                VehicleDrawing.of(Asked.of("car", "listen-probe@front-right=rumble spin-by-hand@front-right=rough"));
        assertThat(drawing.shapes())
                .anyMatch(s -> s instanceof Shape.Outline o && o.role() == Role.FRAME && o.known() == Known.MEASURED);
        assertThat(drawing.shapes()).anyMatch(s -> s instanceof Shape.Outline o && o.role() == Role.ANSWER);
        assertThat(drawing.title()).contains("front right").contains("leads with");
    }

    @Test
    void nothingLeadsBeforeAnythingIsNoted() {
        assertThat(VehicleDrawing.of(Asked.of("car", "")).shapes())
                .noneMatch(s -> s instanceof Shape.Outline o && o.role() == Role.ANSWER);
    }

    @ParameterizedTest
    @CsvSource({"rock-12-6", "rock-3-9", "noise-turning", "listen-probe"})
    void checksThatAPictureTellsBetterHaveOne(String check) {
        assertThat(CheckDrawing.of(Checks.of(check)))
                .hasValueSatisfying(d -> assertThat(d.shapes()).hasSizeGreaterThan(4));
    }

    @Test
    void everyCheckSaysHowInHowLongAndWithWhat() {
        for (String vehicle : List.of("car", "van", "motorcycle", "bicycle", "trailer")) {
            assertThat(Checks.ways(vehicle))
                    .isNotEmpty()
                    .allMatch(w -> w.how().length() > 20 && w.minutes() > 0 && w.minutes() <= 120);
            assertThat(Checks.ways(vehicle))
                    .filteredOn(w -> w.road() || w.lifted())
                    .allMatch(w -> !w.caution().isBlank() || w.hazard() == 0);
        }
    }
}
