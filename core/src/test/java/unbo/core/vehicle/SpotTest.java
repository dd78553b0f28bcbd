package unbo.core.vehicle;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.junit.jupiter.params.provider.ValueSource;

import unbo.core.drawing.Drawing;
import unbo.core.drawing.Shape;
import unbo.core.tools.vehicle.PlacesDrawing;
import unbo.core.tools.vehicle.Spot;

/** Every place of every vehicle stands in its drawing, and can be touched. */
class SpotTest {

    /** Rows of names closer than this cover each other on a phone, in the drawing's unit. */
    private static final double ROW = 62;

    static List<String> kinds() {
        return VehicleKind.all().stream().map(VehicleKind::code).toList();
    }

    private static int axles(String kind) {
        return kind.equals("trailer") ? Place.MOST_AXLES : 1;
    }

    @ParameterizedTest
    @MethodSource("kinds")
    void everyPlaceOfAKindIsDrawnOnce(String kind) {
        assertThat(Spot.of(kind, axles(kind)))
                .extracting(Spot::position)
                .containsExactlyInAnyOrderElementsOf(
                        Place.of(kind).stream().map(Place::code).toList());
        assertThat(PlacesDrawing.of(kind, axles(kind)).shapes())
                .filteredOn(shape -> shape instanceof Shape.Tagged)
                .hasSize(Place.of(kind).size());
    }

    @ParameterizedTest
    @MethodSource("kinds")
    void itStandsInsideTheSheetAndItsNameHasARowOfItsOwn(String kind) {
        Drawing drawing = PlacesDrawing.of(kind, axles(kind));
        for (int side : new int[] {-1, 1}) {
            List<Double> rows = Spot.of(kind, axles(kind)).stream()
                    .filter(spot -> spot.words().side() == side)
                    .map(spot -> spot.words().row())
                    .sorted()
                    .toList();
            for (int i = 0; i < rows.size(); i++) {
                assertThat(rows.get(i)).isBetween(drawing.top(), drawing.top() + drawing.height());
                if (i > 0) {
                    assertThat(rows.get(i) - rows.get(i - 1))
                            .as(kind + " " + side)
                            .isGreaterThanOrEqualTo(ROW);
                }
            }
        }
        for (Spot spot : Spot.of(kind, axles(kind))) {
            assertThat(spot.at().y() - spot.height() / 2).isGreaterThanOrEqualTo(drawing.top());
            assertThat(spot.at().y() + spot.height() / 2).isLessThanOrEqualTo(drawing.top() + drawing.height());
            assertThat(Math.abs(spot.at().x()) + spot.width() / 2).isLessThan(drawing.width() * 0.23);
        }
    }

    @ParameterizedTest
    @MethodSource("kinds")
    void twinsStandOppositeEachOther(String kind) {
        List<Spot> spots = Spot.of(kind, axles(kind));
        for (Spot spot : spots) {
            String twin = Place.of(kind, spot.position()).orElseThrow().twin();
            spots.stream()
                    .filter(other -> other.position().equals(twin))
                    .forEach(other ->
                            assertThat(other.at().x()).isEqualTo(-spot.at().x()));
        }
    }

    @ParameterizedTest
    @ValueSource(ints = {1, 2, 3})
    void aTrailerShowsAsManyAxlesAsItHas(int axles) {
        assertThat(Spot.of("trailer", axles)).hasSize(2 * axles);
        assertThat(Spot.of("trailer", axles))
                .allMatch(spot -> Place.axle(spot.position()) >= 1 && Place.axle(spot.position()) <= axles);
    }

    @Test
    void anAxleIsReadOffItsPosition() {
        assertThat(Place.axle("axle3-left")).isEqualTo(3);
        assertThat(Place.axle("rear-left")).isZero();
    }
}
