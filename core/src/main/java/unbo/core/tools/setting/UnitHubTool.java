package unbo.core.tools.setting;

import java.util.List;
import java.util.Map;
import java.util.Optional;

import com.google.auto.service.AutoService;
import org.jspecify.annotations.Nullable;

import unbo.core.answer.Answer;
import unbo.core.arrange.UnitHub;
import unbo.core.drawing.Drawing;
import unbo.core.fact.FactKey;
import unbo.core.input.FieldList;
import unbo.core.sheet.Fact;
import unbo.core.sheet.Facts;
import unbo.core.sheet.How;
import unbo.core.stage.RouteStage;
import unbo.core.tool.About;
import unbo.core.tool.Call;
import unbo.core.tool.Offered;
import unbo.core.tool.Shape;
import unbo.core.tool.Stand;
import unbo.core.tool.Tool;
import unbo.core.tool.Work;
import unbo.core.tools.Pictures;

/** Is the axle nut right, before the vehicle stands on it? */
@AutoService(Offered.class)
public final class UnitHubTool implements Tool<UnitHub, UnitHub> {

    /** Torques; null where not written. */
    public record AxleNut(
            @Nullable Double torqueNm, @Nullable Double makerNm) {}

    @Override
    public About about() {
        return new About(
                "unit-hub",
                "Unit or cartridge hub",
                "Is the axle nut right, before the vehicle stands on it?",
                Work.SET,
                70);
    }

    @Override
    public FieldList<UnitHub> fields() {
        return UnitHubFields.LIST;
    }

    @Override
    public Map<String, String> sample() {
        return Map.of("torque", "250", "maker", "250", "newNut", "yes");
    }

    @Override
    public UnitHub compute(UnitHub in) {
        return in;
    }

    @Override
    public Optional<Drawing> picture() {
        return Pictures.assembly("unit-bolted");
    }

    @Override
    public Answer print(UnitHub result) {
        return UnitHubWords.answer(result);
    }

    @Override
    public List<Call<UnitHub>> calls() {
        return List.of(Call.post(
                "unit-hub",
                "A unit or cartridge hub: its axle nut against the maker's torque",
                Shape.of(UnitHubFields.LIST),
                AxleNut.class,
                hub -> new AxleNut(hub.torqueNm(), hub.makerNm())));
    }

    @Override
    public Optional<Stand> stand() {
        return Optional.of(Stand.set(
                "axle-nut", "axle nut of a unit hub", "unit", "cartridge", "unit-bolted", "cartridge-knuckle"));
    }

    @Override
    public List<Fact> gives(UnitHub hub) {
        return NoPlay.with(new Facts(RouteStage.SET).number(FactKey.AXLE_NUT, hub.torqueNm(), How.MEASURED))
                .list();
    }
}
