package unbo.core.identify;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;

import org.junit.jupiter.api.Test;

import unbo.core.designation.Decoder;

class OrderLineTest {

    private static OrderLine of(String number) {
        return OrderLine.of(Decoder.SHIPPED.decode(number));
    }

    @Test
    void sealAndClearanceMustStay() {
        OrderLine line = of("6305-2RS C3");
        assertThat(line.must()).extracting(OrderLine.Mark::mark).containsExactly("6305", "2RS", "C3");
        assertThat(line.refuse())
                .anyMatch(r -> r.contains("ZZ"))
                .anyMatch(r -> r.contains("another clearance than " + "C3"));
        assertThat(line.open()).isEmpty();
    }

    @Test
    void anUnmarkedClassIsNotChangedInSilence() {
        assertThat(of("6305").refuse()).anyMatch(r -> r.startsWith("C3 or C4")).anyMatch(r -> r.contains("sealed one"));
    }

    @Test
    void aMetalCageMayDiffer() {
        OrderLine line = of("6305 M");
        assertThat(line.free()).extracting(OrderLine.Mark::mark).contains("M");
        assertThat(line.must()).extracting(OrderLine.Mark::mark).doesNotContain("M");
        assertThat(of("6305 TN9").must()).extracting(OrderLine.Mark::mark).contains("TN9");
    }

    @Test
    void whatNobodyKnowsIsLookedUp() {
        assertThat(of("6305-2RS QQ7").open()).isNotEmpty();
    }

    /** Tapers, thrust bearings and drawn cups have no class of clearance, and no seal to speak of. */
    @Test
    void whatAKindDoesNotHaveIsNotRefused() {
        for (String number : List.of("32006", "51105", "HK2016")) {
            assertThat(of(number).refuse()).as(number).noneMatch(r -> r.contains("C3") || r.contains("sealed one"));
        }
    }
}
