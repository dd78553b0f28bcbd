package unbo.app.vehicle;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.List;

import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.transaction.annotation.Transactional;

import unbo.app.Served;
import unbo.core.vehicle.VehicleInput;

@Served
@Transactional
class VehicleServiceTest {

    private static final LocalDate DAY = LocalDate.of(2026, 5, 1);

    @Autowired
    private VehicleService vehicles;

    private Vehicle add(String kind, String name, int axles) {
        return vehicles.add(new VehicleInput(kind, name, "VS 1", "Q.Q.", "none", null, "immersed", axles));
    }

    @Test
    void everyKindGetsThePositionsOfItsKind() {
        assertThat(add("motorcycle", "m", 1).positions())
                .extracting(Position::code)
                .contains("front", "rear", "steering-head", "swing-arm");
        assertThat(add("bicycle", "b", 1).positions())
                .extracting(Position::code)
                .contains("headset", "pedal-left");
        assertThat(add("trailer", "t", 1).positions())
                .extracting(Position::label)
                .containsExactly("axle 1 left hub", "axle 1 right hub");
    }

    @Test
    void aTrailerThatGainsAnAxleKeepsItsPositions() {
        Vehicle trailer = add("trailer", "grows", 1);
        assertThat(vehicles.change(
                        trailer.id(),
                        trailer.version(),
                        new VehicleInput("trailer", "grown", "VS 1", "Q.Q.", "none", null, "wet", 2)))
                .isTrue();
        assertThat(vehicles.find(trailer.id()).orElseThrow().positions()).hasSize(4);
        assertThat(vehicles.change(
                        trailer.id(), 99, new VehicleInput("trailer", "late", "", "", "none", null, "wet", 2)))
                .isFalse();
    }

    @Test
    void searchTakesWildcardsAsTheyStand() {
        add("trailer", "100% steel_frame", 1);
        assertThat(vehicles.search("100%")).extracting(Vehicle::name).contains("100% steel_frame");
        assertThat(vehicles.search("l_f")).extracting(Vehicle::name).contains("100% steel_frame");
        assertThat(vehicles.search("100_")).extracting(Vehicle::name).doesNotContain("100% steel_frame");
        assertThat(vehicles.search("\\")).isEmpty();
    }

    @Test
    void immersionsCountFromTheDayAfterTheLastWork() {
        Vehicle trailer = add("trailer", "dips", 1);
        vehicles.immersed(trailer.id(), DAY, 3, "before and on the day");
        vehicles.immersed(trailer.id(), DAY.plusDays(1), 2, "");
        assertThat(vehicles.immersionsAfter(trailer.id(), DAY)).isEqualTo(2);
        assertThat(vehicles.immersionsAfter(trailer.id(), null)).isEqualTo(5);
        assertThat(vehicles.immersions(trailer.id()))
                .extracting(Immersion::times)
                .containsExactly(2, 3);
    }

    @Test
    void aPositionIsDueByDateOrByImmersionsAndListedOnce() {
        Vehicle trailer = add("trailer", "due twice", 1);
        Position position = trailer.positions().get(0);
        position.remember("[]", "L44643");
        position.due(DAY.plusYears(1), null, 4);
        position.lastJob(DAY, null);
        position.served(DAY, 0);
        assertThat(due(DAY)).doesNotContain(position.id());
        vehicles.immersed(trailer.id(), DAY.plusDays(3), 4, "");
        assertThat(due(DAY)).containsOnlyOnce(position.id());
        assertThat(due(DAY.plusYears(2))).containsOnlyOnce(position.id());
        assertThat(vehicles.searchNumbers("l44 643")).contains(position);
    }

    private List<Long> due(LocalDate until) {
        return vehicles.due(until, 500).stream().map(line -> line.of().id()).toList();
    }
}
