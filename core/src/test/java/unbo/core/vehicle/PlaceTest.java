package unbo.core.vehicle;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;

class PlaceTest {

    @Test
    void everyTwinHasItsTwin() {
        for (String kind : Place.kinds()) {
            for (Place place : Place.of(kind)) {
                if (!place.twin().isEmpty()) {
                    assertThat(Place.of(kind, place.twin()))
                            .as(kind + " " + place.code())
                            .hasValueSatisfying(t -> assertThat(t.twin()).isEqualTo(place.code()));
                }
            }
        }
    }

    @Test
    void aTrailerHasThePositionsOfItsAxles() {
        assertThat(new VehicleInput("trailer", "x", "", "", "none", null, "wet", 1).places())
                .hasSize(2);
        assertThat(new VehicleInput("trailer", "x", "", "", "none", null, "wet", 2).places())
                .hasSize(4);
    }

    @Test
    void aPlaceOfOnesOwnCarriesItsName() {
        Place own = Place.named("trailer", "  Winch drum ").orElseThrow();
        assertThat(own.label()).isEqualTo("winch drum");
        assertThat(own.own()).isTrue();
        assertThat(own.code()).hasSizeLessThanOrEqualTo(20).doesNotContain(" ", "=");
        assertThat(Place.of("trailer", own.code())).contains(own);
        assertThat(Place.named("trailer", " — ")).isEmpty();
        assertThat(Place.named("trailer", "a name that is far too long")).isEmpty();
        assertThat(Place.of("trailer", "axle1-left").orElseThrow().own()).isFalse();
    }
}
