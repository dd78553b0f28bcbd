package unbo.core.tools.identify;

import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;

import com.google.auto.service.AutoService;

import unbo.core.answer.Answer;
import unbo.core.drawing.Drawing;
import unbo.core.identify.Interchange;
import unbo.core.identify.Suitability;
import unbo.core.input.Field;
import unbo.core.input.FieldList;
import unbo.core.tool.About;
import unbo.core.tool.Call;
import unbo.core.tool.Offered;
import unbo.core.tool.Shape;
import unbo.core.tool.Tool;
import unbo.core.tool.Work;
import unbo.core.tools.Pictures;

/** What has the same boundary, what does each change, and does it belong there? */
@AutoService(Offered.class)
public final class InterchangeTool implements Tool<IdentifyFields.AtPlace, IdentifyFields.AtPlace> {

    private static final Field PLACE =
            IdentifyFields.PLACE.field("place").orElseThrow().must();

    /** A bearing of the same boundary. */
    public record StandIn(String designation, String kind, String verdict, List<String> changes) {}

    /** The best first. */
    public record StandIns(List<StandIn> candidates) {}

    /** Whether it belongs there. */
    public record Suited(String verdict, List<String> reasons) {}

    @Override
    public About about() {
        return new About(
                "interchange",
                "What may go in its place",
                "What has the same boundary, what does each change, and does it belong there?",
                Work.IDENTIFY,
                40);
    }

    @Override
    public FieldList<IdentifyFields.AtPlace> fields() {
        return IdentifyFields.PLACE;
    }

    @Override
    public Map<String, String> sample() {
        return Map.of("marking", "6207", "place", "gearbox");
    }

    @Override
    public IdentifyFields.AtPlace compute(IdentifyFields.AtPlace in) {
        return in;
    }

    @Override
    public Optional<Drawing> picture() {
        return Pictures.bearing("6207-2RS");
    }

    @Override
    public Answer print(IdentifyFields.AtPlace result) {
        return IdentifyWords.inPlace(result);
    }

    @Override
    public List<Call<IdentifyFields.AtPlace>> calls() {
        return List.of(
                Call.get(
                        "interchange",
                        "What has the same boundary, and what each changes",
                        Shape.of(IdentifyFields.PLACE, "marking"),
                        StandIns.class,
                        InterchangeTool::standIns),
                Call.get(
                        "suitability",
                        "Whether a bearing belongs at a place, and why",
                        Shape.of(IdentifyFields.PLACE).and(PLACE),
                        Suited.class,
                        InterchangeTool::suited));
    }

    private static StandIns standIns(IdentifyFields.AtPlace at) {
        return new StandIns(Interchange.of(at.bearing(), at.book()).candidates().stream()
                .map(c -> new StandIn(
                        c.designation(), c.kind().code(), c.verdict().name().toLowerCase(Locale.ROOT), c.changes()))
                .toList());
    }

    private static Suited suited(IdentifyFields.AtPlace at) {
        Suitability s = Suitability.of(at.bearing(), at.place(), at.immersed(), at.duty());
        return new Suited(s.verdict().name().toLowerCase(Locale.ROOT), s.reasons());
    }
}
