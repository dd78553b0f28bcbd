package unbo.core.handover;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;

import org.junit.jupiter.api.Test;

import unbo.core.fact.FactKey;
import unbo.core.fact.PlaceProperty;
import unbo.core.finding.Finding;
import unbo.core.finding.Level;
import unbo.core.inspect.Inspection;
import unbo.core.sheet.Fact;
import unbo.core.sheet.How;
import unbo.core.sheet.Sheet;

class HandOverTest {

    private static Fact words(FactKey key, String text) {
        return Fact.words(key, text, How.TYPED, "test");
    }

    private static Sheet sheet(Fact... more) {
        List<Fact> facts = new ArrayList<>(List.of(
                words(FactKey.VEHICLE_KIND, "trailer"),
                words(FactKey.WHERE, "axle1-left"),
                words(FactKey.ASSEMBLY, "adjustable-taper")));
        facts.addAll(List.of(more));
        return Sheet.of(facts);
    }

    @Test
    void whatWasRenewedStandsWithWhatItReplaced() {
        HandOver told = HandOver.of(
                sheet(
                        words(FactKey.COMPLAINT, "Growls."),
                        words(FactKey.CAUSE, "wheel-bearing"),
                        words(PlaceProperty.CONE.at("outer"), "LM11949"),
                        words(PlaceProperty.CUP.at("outer"), "LM11910"),
                        words(PlaceProperty.FITTED.at("outer"), "LM67048/LM67010"),
                        words(PlaceProperty.SHAFT_REMEDY.at("outer"), Inspection.SLEEVED),
                        words(FactKey.DUE_ON, "2027-05-01")),
                List.of(
                        new Finding("a", Level.STOP, "The cage is broken."),
                        new Finding("b", Level.RIGHT, "The seat is right.")));
        assertThat(told.found())
                .contains("Complaint: Growls.", "The cage is broken.")
                .anyMatch(line -> line.startsWith("What it turned out to be: ") && line.contains("wheel bearing"))
                .noneMatch(line -> line.contains("seat is right"));
        assertThat(told.done())
                .contains("Outer bearing renewed: LM67048/LM67010, was LM11949/LM11910")
                .anyMatch(line -> line.contains("seat in the shaft put right: sleeve"));
        assertThat(told.due()).containsExactly("Due on: 2027-05-01");
    }

    @Test
    void nothingIsSaidThatNobodyKeptOrThatAnEarlierJobMeasured() {
        HandOver told = HandOver.of(
                sheet(
                        words(PlaceProperty.CONE.at("outer"), "LM11949"),
                        Fact.number(FactKey.HUB_HEAT, 61, How.MEASURED, "position")),
                List.of());
        assertThat(told.found()).isEmpty();
        assertThat(told.done()).isEmpty();
        assertThat(told.due()).isEmpty();
    }

    @Test
    void greaseIsToldInWordsAndAPlacesOldNumberOnlyWhereItWasAnother() {
        HandOver told = HandOver.of(
                sheet(
                        words(FactKey.GREASE_KIND, "CaS"),
                        Fact.number(FactKey.GREASE_TOTAL, 38.4, How.COMPUTED, "test"),
                        words(PlaceProperty.CONE.at("inner"), "L44643"),
                        words(PlaceProperty.FITTED.at("inner"), "L44643")),
                List.of());
        assertThat(told.done()).contains("Grease: 38 g, calcium sulfonate complex", "Inner bearing renewed: L44643");
    }
}
