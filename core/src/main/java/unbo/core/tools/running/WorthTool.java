package unbo.core.tools.running;

import java.util.List;
import java.util.Map;
import java.util.Optional;

import com.google.auto.service.AutoService;
import org.jspecify.annotations.Nullable;

import unbo.core.answer.Answer;
import unbo.core.drawing.Drawing;
import unbo.core.input.Field;
import unbo.core.input.FieldList;
import unbo.core.measure.Quantity;
import unbo.core.running.BearingWorth;
import unbo.core.tool.About;
import unbo.core.tool.Call;
import unbo.core.tool.Offered;
import unbo.core.tool.Shape;
import unbo.core.tool.Tool;
import unbo.core.tool.Work;
import unbo.core.tools.Pictures;

/** What does an upgrade save in watts, what does a watt cost, and what else would save as much? */
@AutoService(Offered.class)
public final class WorthTool implements Tool<BearingWorth.Input, BearingWorth> {

    private static final int LONGEST_WORD = 60;

    private static final Shape COUNTED =
            Shape.of(BearingWorthFields.LIST, "elements", "elementMm", "pitchMm", "contactDeg");
    private static final Shape SHAPE = Shape.of(BearingWorthFields.LIST)
            .and("geometry", COUNTED)
            .andLines(
                    "candidates",
                    Shape.EMPTY
                            .and(word("name", "Name"))
                            .and(word("seals", "Seals"))
                            .and(word("balls", "Balls"))
                            .and(amount("price", "Price"))
                            .and(amount("hours", "Hours of service a year")))
            .andLines(
                    "alternatives",
                    Shape.EMPTY
                            .and(word("name", "Name"))
                            .and(amount("savedW", "Watts it saves"))
                            .and(amount("price", "Price")));

    /** @param perWatt null where nothing is saved @param yearsToPay null where it never pays */
    public record Upgrade(
            String name,
            double watts,
            double savedW,
            double yearlyCost,
            double per1000Km,
            @Nullable Double perWatt,
            @Nullable Double yearsToPay) {}

    /** The fitted one first. */
    public record Worth(List<Upgrade> candidates) {}

    private static Field word(String name, String label) {
        return Field.text(name, label, LONGEST_WORD);
    }

    private static Field amount(String name, String label) {
        return Field.quantity(name, label, Quantity.RATIO, "", 0, 1_000_000);
    }

    @Override
    public About about() {
        return new About(
                "worth",
                "Is it worth it?",
                "What does an upgrade save in watts, what does a watt cost, and what else would save as much?",
                Work.RUN,
                100);
    }

    @Override
    public FieldList<BearingWorth.Input> fields() {
        return BearingWorthFields.LIST;
    }

    @Override
    public Map<String, String> sample() {
        return Map.ofEntries(
                Map.entry("designation", "6902"),
                Map.entry("loadN", "450"),
                Map.entry("rpm", "190"),
                Map.entry("nu", "60"),
                Map.entry("bearings", "4"),
                Map.entry(
                        "candidates",
                        "sealed steel; contact; steel; 6; 0.5\nsealed steel, low drag; low drag; "
                                + "steel; 9; 0.5\nhybrid, low drag; low drag; hybrid; 38; 2"),
                Map.entry("alternatives", "chain cleaned and waxed; 4; 15\ntyres pumped to the mark; 6; 0"),
                Map.entry("hoursAYear", "300"),
                Map.entry("kmAYear", "5400"),
                Map.entry("kwhPrice", "0"));
    }

    @Override
    public BearingWorth compute(BearingWorth.Input in) {
        return BearingWorth.of(in);
    }

    @Override
    public Optional<Drawing> picture() {
        return Pictures.bearing("6902-2RS");
    }

    @Override
    public Answer print(BearingWorth result) {
        return BearingWorthWords.answer(result);
    }

    @Override
    public List<Call<BearingWorth>> calls() {
        return List.of(Call.post(
                "worth",
                "What an upgrade saves in watts and what a watt costs; candidates: [{name, seals, balls, "
                        + "price, hours}] with the fitted one first, alternatives: [{name, savedW, price}]",
                SHAPE,
                Worth.class,
                WorthTool::worth));
    }

    private static Worth worth(BearingWorth w) {
        return new Worth(w.costs().stream()
                .map(c -> new Upgrade(
                        c.choice().name(),
                        c.watts(),
                        c.savedW(),
                        c.yearly(),
                        c.per1000Km(),
                        c.perWatt(),
                        c.yearsToPay()))
                .toList());
    }
}
