package unbo.app.job;

import unbo.core.diagnosis.HubType;
import unbo.core.input.Field;
import unbo.core.lubrication.Mixing;
import unbo.core.service.Causes;
import unbo.core.sheet.Fact;
import unbo.core.vehicle.Usage;

/**
 * A fact in a list, its codes in words.
 *
 * @param words what it is
 * @param shown its value with its unit
 * @param how   how it is known
 * @param stage where it comes from
 */
public record FactLine(String words, String shown, String how, String stage) {

    public static FactLine of(Fact fact) {
        return new FactLine(fact.key().words(), shown(fact), fact.how().word(), fact.stage());
    }

    private static String shown(Fact fact) {
        return switch (fact.key()) {
            case GREASE_KIND -> Mixing.thickener(fact.text()).map(Mixing.Thickener::name).orElse(fact.text());
            case CAUSE -> Causes.label(fact.text());
            case USE -> Usage.USES.stream().filter(u -> u.code().equals(fact.text())).findFirst().map(Field.Choice::label).orElse(fact.text());
            case HUB_TYPE -> HubType.find(fact.text()).map(HubType::label).orElse(fact.text());
            case VERDICT_CAUSE -> Causes.label(fact.text());
            default -> fact.shown();
        };
    }
}
