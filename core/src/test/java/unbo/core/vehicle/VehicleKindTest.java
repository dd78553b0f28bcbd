package unbo.core.vehicle;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

import unbo.core.assembly.AssemblyKind;
import unbo.core.fact.FactKey;
import unbo.core.input.Field;
import unbo.core.input.Typed;
import unbo.core.route.Knowledge;
import unbo.core.route.StageRules;
import unbo.core.sheet.Fact;
import unbo.core.sheet.How;
import unbo.core.sheet.Sheet;
import unbo.core.stage.RouteStage;
import unbo.core.tools.diagnosing.DiagnosisFields;

class VehicleKindTest {

    static List<VehicleKind> kinds() {
        return VehicleKind.all();
    }

    private static Sheet at(VehicleKind kind, String position) {
        return Sheet.of(List.of(
                Fact.words(FactKey.VEHICLE_KIND, kind.code(), How.TYPED, "vehicle"),
                Fact.words(FactKey.POSITION, position, How.TYPED, "visit"),
                Fact.words(FactKey.WHERE, position, How.TYPED, "visit"),
                Fact.words(FactKey.FAILURES, position + "=2", How.COMPUTED, "history")));
    }

    @ParameterizedTest
    @MethodSource("kinds")
    void everyKindHasPositionsEachOfAKindOfAssembly(VehicleKind kind) {
        assertThat(Place.of(kind.code())).isNotEmpty();
        for (Place place : Place.of(kind.code())) {
            assertThat(AssemblyKind.at(kind.code(), place.code(), ""))
                    .as(kind.code() + " " + place.code())
                    .isPresent();
        }
    }

    @ParameterizedTest
    @MethodSource("kinds")
    void whatIsLikeAKnownKindIsDiagnosedByItsCausesWhereverItsWorkIs(VehicleKind kind) {
        assertThat(kind.like())
                .satisfiesAnyOf(
                        like -> assertThat(like).isEmpty(),
                        like -> assertThat(DiagnosisFields.VEHICLES)
                                .extracting(Field.Choice::code)
                                .contains(like));
        for (Place place : Place.of(kind.code())) {
            Sheet sheet = at(kind, place.code());
            assertThat(StageRules.of(RouteStage.DIAGNOSE)
                            .work(Typed.NOTHING, sheet, Knowledge.SHIPPED)
                            .ok())
                    .as(kind.code() + " " + place.code())
                    .isEqualTo(!kind.like().isEmpty());
        }
    }

    @Test
    void whatIsNoKindIsLikeNone() {
        assertThat(VehicleKind.like("sledge")).isEmpty();
        assertThat(VehicleKind.like("lorry")).isEqualTo("van");
    }
}
