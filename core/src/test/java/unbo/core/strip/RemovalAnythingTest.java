package unbo.core.strip;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;

import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.Combinators;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import org.junit.jupiter.api.Test;

import unbo.core.Shipped;
import unbo.core.answer.Answer;
import unbo.core.finding.Level;
import unbo.core.input.UnitSystem;
import unbo.core.tools.strip.RemovalFields;
import unbo.core.tools.strip.RemovalWords;

class RemovalAnythingTest {

    @Provide
    Arbitrary<Map<String, String>> places() {
        return Combinators.combine(
                        Arbitraries.of("outer", "inner", "both"),
                        Arbitraries.of("far", "own", "none"),
                        Arbitraries.of("none", "soft", "steel"),
                        Arbitraries.of("", "yes"),
                        Arbitraries.of("", "yes"),
                        Arbitraries.of("steel", "aluminium", "magnesium"),
                        Arbitraries.of("", "6205", "6005-2RS", "L44643"),
                        Arbitraries.of(
                                Tools.USUAL,
                                "hammer",
                                "expander greasepump slide",
                                Tools.USUAL + " expander slide greasepump"))
                .as((tight, access, spacer, blind, reuse, material, number, tools) -> Map.of(
                        "tight",
                        tight,
                        "access",
                        access,
                        "spacer",
                        spacer,
                        "blind",
                        blind,
                        "reuse",
                        reuse,
                        "material",
                        material,
                        "designation",
                        number,
                        "tools",
                        tools));
    }

    /**
     * Whatever the place: every way is offered or refused with a reason, and a bearing that is spared has force through
     * its tight ring alone.
     */
    @Property(tries = 500)
    void everyPlaceHasAnAnswer(@ForAll("places") Map<String, String> texts) {
        Removal r = Removal.of(
                Shipped.read(RemovalFields.LIST, texts, UnitSystem.METRIC).record());
        Answer answer = RemovalWords.answer(r);
        assertThat(answer.figures()).hasSizeGreaterThanOrEqualTo(2);
        assertThat(r.refused()).allSatisfy(f -> assertThat(f.why()).isNotBlank());
        assertThat(r.ways()).extracting(Removal.Way::code).doesNotHaveDuplicates();
        if (r.best() == null) {
            assertThat(answer.level()).isEqualTo(Level.STOP);
        } else {
            assertThat(answer.steps()).anyMatch(s -> s.code().equals("pull"));
            assertThat(r.scrap() || !r.best().crosses()).isTrue();
            assertThat(answer.drawings()).isNotEmpty();
        }
        if (!r.scrap() && texts.get("reuse").equals("yes")) {
            assertThat(answer.figures().get(1).value()).isEqualTo("may run again");
        }
    }

    @Test
    void everyMethodNeedsToolsThatAreOnTheList() {
        for (Method m : Method.ALL) {
            assertThat(m.tools())
                    .as(m.code())
                    .allMatch(t -> Tools.all().stream().anyMatch(c -> c.code().equals(t)));
            assertThat(m.caution()).as(m.code()).isNotBlank();
            assertThat(List.of("tight", "inner", "outer", "both", "none")).contains(m.acts());
            assertThat(List.of("far", "own", "none")).contains(m.access());
        }
        assertThat(Tools.read("press, nonsense; tube press")).containsExactly("press", "tube");
    }

    @Test
    void theNewBearingPushesTheOldOneOutOfAnOpenPulleyOnly() {
        Map<String, String> pulley = Map.of("tight", "outer", "access", "own", "tools", "press tube");
        assertThat(Removal.of(Shipped.read(RemovalFields.LIST, pulley, UnitSystem.METRIC)
                                .record())
                        .best()
                        .code())
                .isEqualTo("new-pushes-old");
        Map<String, String> clipped = Map.of("tight", "outer", "access", "own", "clip", "yes", "tools", "press tube");
        assertThat(Removal.of(Shipped.read(RemovalFields.LIST, clipped, UnitSystem.METRIC)
                                .record())
                        .refused())
                .anyMatch(f -> f.why().contains("clip ring holds it"));
        Map<String, String> shoulder =
                Map.of("tight", "outer", "access", "own", "shoulder", "yes", "tools", "press tube");
        assertThat(Removal.of(Shipped.read(RemovalFields.LIST, shoulder, UnitSystem.METRIC)
                                .record())
                        .refused())
                .anyMatch(f -> f.why().contains("shoulder stands behind it"));
    }
}
