package unbo.core.apart;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

import unbo.core.assembly.Assembly;
import unbo.core.assembly.AssemblyKind;
import unbo.core.assembly.Joint;
import unbo.core.assembly.KindOption;
import unbo.core.assembly.KindPlace;
import unbo.core.assembly.Part;
import unbo.core.assembly.PartKind;
import unbo.core.designation.Decoder;
import unbo.core.strip.Tools;

/** Every kind of assembly, with every combination of its options, is whole: it comes apart and goes together. */
class KindsWholeTest {

    static List<String> kinds() {
        return AssemblyKind.all().stream().map(AssemblyKind::code).toList();
    }

    private static List<Map<String, String>> combinations(String kind) {
        List<Map<String, String>> all = new ArrayList<>(List.of(Map.of()));
        for (KindOption option : KindOption.of(kind)) {
            List<Map<String, String>> next = new ArrayList<>();
            for (Map<String, String> some : all) {
                option.values().forEach(value -> {
                    Map<String, String> more = new HashMap<>(some);
                    more.put(option.code(), value.code());
                    next.add(more);
                });
            }
            all = next;
        }
        return all;
    }

    @ParameterizedTest
    @MethodSource("kinds")
    void comesApartAndGoesTogether(String kind) {
        int found = 0;
        for (Map<String, String> options : combinations(kind)) {
            Assembly assembly =
                    Assembly.of(new Assembly.Asked(kind, options, Assembly.Grip.USUAL, Map.of()), Decoder.SHIPPED);
            Apart plan;
            try {
                plan = Apart.of(ApartInput.of(assembly, Tools.codes(), List.of()));
            } catch (NoWayOut no) {
                assertThat(assembly.part(no.part())).isPresent();
                assertThat(options).containsAnyOf(Map.entry("heatAllowed", "no"), Map.entry("shoulder", "both"));
                continue;
            }
            found++;
            whole(plan);
            Together together = Together.of(plan, Map.of());
            Set<String> back = new HashSet<>();
            together.steps().forEach(step -> back.add(step.part().code()));
            assertThat(back).as("%s %s", kind, options).containsAll(onceApart(plan));
        }
        assertThat(found).isPositive();
    }

    private static List<String> onceApart(Apart plan) {
        return plan.steps().stream()
                .filter(step -> !step.joint().words().refit().equals("-"))
                .map(step -> step.part().code())
                .toList();
    }

    /** No joint twice, none left. */
    private static void whole(Apart plan) {
        List<Joint> opened = new ArrayList<>();
        for (ApartStep step : plan.steps()) {
            opened.add(step.joint());
            for (Part along : step.along()) {
                plan.input().assembly().joints().stream()
                        .filter(joint -> joint.part().equals(along.code()))
                        .forEach(opened::add);
            }
        }
        assertThat(opened).doesNotHaveDuplicates();
        assertThat(opened)
                .containsExactlyInAnyOrderElementsOf(plan.input().assembly().joints());
    }

    @ParameterizedTest
    @MethodSource("kinds")
    void everyPlaceIsHeldOnBothSidesAndHasAPart(String kind) {
        assertThat(KindPlace.of(kind)).isNotEmpty();
        for (Map<String, String> options : combinations(kind)) {
            Assembly assembly =
                    Assembly.of(new Assembly.Asked(kind, options, Assembly.Grip.USUAL, Map.of()), Decoder.SHIPPED);
            for (KindPlace place : KindPlace.of(kind)) {
                assertThat(assembly.parts())
                        .as(place.code())
                        .anyMatch(part ->
                                part.kind() == PartKind.BEARING && place.code().equals(part.place()));
            }
            assertThat(assembly.parts()).extracting(Part::code).doesNotHaveDuplicates();
            assertThat(assembly.joints()).allSatisfy(joint -> {
                assertThat(assembly.part(joint.part())).isPresent();
                assertThat(joint.order().takes().values())
                        .allSatisfy(taken -> assertThat(assembly.part(taken)).isPresent());
                assertThat(joint.order().crosses())
                        .allSatisfy(
                                crossed -> assertThat(assembly.part(crossed)).isPresent());
            });
        }
    }

    @ParameterizedTest
    @MethodSource("kinds")
    void noPlanGoesThroughAShoulderOrACoveredEnd(String kind) {
        Assembly assembly =
                Assembly.of(new Assembly.Asked(kind, Map.of(), Assembly.Grip.USUAL, Map.of()), Decoder.SHIPPED);
        Apart plan = Apart.of(ApartInput.of(assembly, Tools.codes(), List.of()));
        Set<String> gone = new HashSet<>();
        for (ApartStep step : plan.steps()) {
            assertThat(step.joint().way().shoulder().has(step.exit())).isFalse();
            assertThat(step.joint().way().exit().has(step.exit())).isTrue();
            assertThat(gone).containsAll(step.joint().order().after());
            gone.add(step.part().code());
            step.along().forEach(part -> gone.add(part.code()));
        }
    }
}
