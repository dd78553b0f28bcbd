package unbo.core.seek;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Collectors;

import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

import unbo.core.assembly.AssemblyKind;
import unbo.core.bearing.BearingKind;
import unbo.core.bearing.Boundary;
import unbo.core.bearing.OwnBearing;
import unbo.core.damage.Mode;
import unbo.core.designation.Decoder;
import unbo.core.diagnosis.Checks;
import unbo.core.diagnosis.Priors;
import unbo.core.input.Field;
import unbo.core.input.FieldReader;
import unbo.core.input.UnitSystem;
import unbo.core.seek.Meaning.Lead;
import unbo.core.table.Table;
import unbo.core.table.TableRow;
import unbo.core.tool.Tool;
import unbo.core.tool.Tools;

@DisplayName("One box for everything")
class MeaningsTest {

    private static List<Meaning> of(String text) {
        return Meanings.of(text, Decoder.SHIPPED);
    }

    private static Meaning first(String text) {
        return of(text).stream().findFirst().orElseGet(() -> Meanings.unread(text));
    }

    private static Lead lead(Meaning meaning, String page) {
        return meaning.leads().stream()
                .filter(l -> l.page().equals(page))
                .findFirst()
                .orElseThrow();
    }

    @ParameterizedTest
    @ValueSource(strings = {"GE 20 ES", "sil12c", "SA 10 E"})
    void aJointIsReadByItsOwnTool(String typed) {
        assertThat(lead(first(typed), "plain").inputs()).containsEntry("marking", typed);
    }

    @Test
    void twoHundredInputsHaveTheirRightReadingFirst() {
        List<String> wrong = new ArrayList<>();
        List<TableRow> rows = Table.read(MeaningsTest.class, "inputs.csv");
        for (TableRow row : rows) {
            Meaning first = first(row.get("typed"));
            String told = first.title() + " " + String.join(" ", first.says());
            if (!first.kind().code().equals(row.get("kind")) || !told.contains(row.get("holds"))) {
                wrong.add(row.get("typed") + " → " + first.kind() + " " + first.title() + " " + first.score());
            }
        }
        assertThat(rows).hasSizeGreaterThanOrEqualTo(200);
        assertThat(wrong).isEmpty();
    }

    @ParameterizedTest
    @ValueSource(strings = {"", "   ", "\t"})
    void nothingTypedMeansNothing(String text) {
        assertThat(of(text)).isEmpty();
    }

    @Test
    void whatNobodyKnowsLeadsToASentenceAndToDiagnoseWithItsWords() {
        assertThat(of("xyzzy plugh")).isEmpty();
        Meaning unread = Meanings.unread(" xyzzy plugh ");
        assertThat(unread.says()).singleElement().asString().contains("number off the ring");
        assertThat(lead(unread, "diagnose").inputs()).containsEntry("complaint", "xyzzy plugh");
    }

    @Test
    void longTextsAreCutAndAnswered() {
        assertThat(of("humming ".repeat(500)).get(0).title()).isEqualTo("Character: hum");
    }

    @Test
    void noReadingIsHidden() {
        assertThat(of("6000 N").stream().map(Meaning::kind))
                .startsWith(Meaning.Kind.QUANTITY)
                .contains(Meaning.Kind.BEARING);
        assertThat(of("25x40x7").stream().map(Meaning::kind)).contains(Meaning.Kind.SIZES, Meaning.Kind.SEAL);
    }

    @Test
    void aQuantityStandsInBothSystems() {
        assertThat(first("230F").title()).isEqualTo("230 °F = 110 °C");
        assertThat(first("4 thou").title()).isEqualTo("4 thou = 0.102 mm");
        assertThat(first("4 thou").says()).contains("0.004 in", "102 µm");
    }

    @Test
    void aSeatStandsWithItsLimits() {
        Meaning k6 = first("25 k6");
        assertThat(k6.title()).isEqualTo("25 k6: +15 / +2 µm");
        assertThat(k6.says()).contains("A shaft of 25.002 to 25.015 mm.");
        assertThat(lead(k6, "fit").inputs()).containsEntry("bore", "25 mm").containsEntry("seat", "k6");
        assertThat(first("52 H7").says()).contains("A housing bore of 52 to 52.030 mm.".replace("52 to", "52.000 to"));
    }

    @Test
    void aToolThatWouldRefuseTheNumberIsNotOffered() {
        assertThat(first("51105").leads().stream().map(Lead::page)).doesNotContain("fit");
        assertThat(first("6305").leads().stream().map(Lead::page)).contains("fit", "mount", "grease");
    }

    @Test
    void anAbbreviatedCupIsTheOneOfItsCone() {
        assertThat(lead(first("LM11949/10"), "match").inputs())
                .containsEntry("cone", "LM11949")
                .containsEntry("cup", "LM11910");
    }

    @Test
    void sizesStayMillimetresWhateverTheWorkshopWritesIn() {
        assertThat(lead(first("id 25 od 52 w 15"), "find").inputs())
                .containsEntry("bore", "25 mm")
                .containsEntry("outside", "52 mm")
                .containsEntry("width", "15 mm");
    }

    @Test
    void wordsOfAComplaintAreNotedAsResultsWhereThePlaceIsNamed() {
        Lead diagnose = lead(first("growls turning left, front right of the van, wheel rocks"), "diagnose");
        assertThat(diagnose.inputs()).containsEntry("vehicle", "van").containsEntry("position", "front-right");
        assertThat(diagnose.inputs().get("checks"))
                .contains("noise-character=growl", "noise-turning=louder-left", "rock-12-6@front-right=play");
    }

    @Test
    void aResultThatNeedsAWheelIsAskedForWhereNoneIsNamed() {
        Meaning rocks = first("the wheel wobbles");
        assertThat(lead(rocks, "diagnose").inputs().get("checks")).isEmpty();
        assertThat(rocks.says()).anyMatch(s -> s.endsWith("at which wheel? Note it there."));
    }

    @Test
    void whatMayBeDangerousStandsFirst() {
        assertThat(first("loose wheel wobbles").says().get(0)).contains("No road test");
    }

    @Test
    void theWorkshopsOwnNumbersAreFound() {
        OwnBearing own = new OwnBearing(
                new Boundary(BearingKind.DEEP_GROOVE_BALL, "QX77", 21, 44, 12, "", ""), null, null, null, 0);
        assertThat(Meanings.of("qx 77", new Decoder(List.of(own))).get(0).title())
                .startsWith("QX77");
        assertThat(first("qx 77").title()).startsWith("Not read");
    }

    @ParameterizedTest
    @CsvSource({"castelated nut,nut", "intereference,fit", "runot,runout", "viscostiy,viscosity", "grese,grease"})
    void aSlipOfTheFingerIsForgiven(String typed, String page) {
        assertThat(first(typed).leads().get(0).page()).isEqualTo(page);
    }

    @Test
    void everyToolIsFoundByItsTitle() {
        assertThat(Tools.all().stream()
                        .filter(tool -> of(tool.title()).stream()
                                .limit(2)
                                .noneMatch(m -> m.leads().get(0).page().equals(tool.name())))
                        .map(Tool::title))
                .isEmpty();
    }

    @Test
    void everyEntryOfTheTableStandsForSomething() {
        Map<String, Set<String>> named = WordTable.entries().stream()
                .collect(Collectors.groupingBy(
                        WordTable.Entry::what,
                        Collectors.mapping(WordTable.Entry::name, Collectors.toCollection(TreeSet::new))));
        assertThat(named.get("tool"))
                .containsExactlyInAnyOrderElementsOf(
                        Tools.all().stream().map(Tool::name).toList());
        assertThat(named.get("page")).containsExactlyInAnyOrderElementsOf(ToolMeaning.pages());
        assertThat(named.get("kind"))
                .containsExactlyInAnyOrderElementsOf(
                        AssemblyKind.all().stream().map(AssemblyKind::code).toList());
        assertThat(Mode.all().stream().map(Mode::id)).containsAll(named.get("mode"));
        assertThat(Priors.circumstances().stream().map(Field.Choice::code))
                .containsExactlyInAnyOrderElementsOf(named.get("circumstance"));
        assertThat(named.get("check"))
                .allSatisfy(name -> assertThat(Checks.of(name.split("=")[0]).index(name.split("=")[1]))
                        .isNotNegative());
    }

    @Test
    void whatLeadsIntoAToolFillsBoxesThatItHas() {
        for (TableRow row : Table.read(MeaningsTest.class, "inputs.csv")) {
            for (Meaning meaning : of(row.get("typed"))) {
                boolean asked = meaning.kind() == Meaning.Kind.TOOL;
                for (Lead lead :
                        meaning.leads().subList(asked ? 1 : 0, meaning.leads().size())) {
                    Tools.named(lead.page()).ifPresent(tool -> {
                        assertThat(tool.fields().fields().stream().map(Field::name))
                                .as(row.get("typed") + " into " + tool.name())
                                .containsAll(lead.inputs().keySet());
                        assertThat(FieldReader.read(tool.fields(), lead.inputs(), UnitSystem.INCH, Decoder.SHIPPED)
                                        .problems()
                                        .stream()
                                        .filter(p -> lead.inputs().containsKey(p.field())))
                                .as(row.get("typed") + " into " + tool.name())
                                .isEmpty();
                    });
                }
            }
        }
    }
}
