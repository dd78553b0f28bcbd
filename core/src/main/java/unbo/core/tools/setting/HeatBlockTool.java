package unbo.core.tools.setting;

import java.util.List;
import java.util.Map;
import java.util.Optional;

import com.google.auto.service.AutoService;
import org.jspecify.annotations.Nullable;

import unbo.core.answer.Answer;
import unbo.core.drawing.Drawing;
import unbo.core.heat.HeatBlock;
import unbo.core.input.FieldList;
import unbo.core.tool.About;
import unbo.core.tool.Call;
import unbo.core.tool.Offered;
import unbo.core.tool.Shape;
import unbo.core.tool.Tool;
import unbo.core.tool.Work;
import unbo.core.tools.Pictures;

/** What will the ring come to on this block, and how hot or heavy must it be? */
@AutoService(Offered.class)
public final class HeatBlockTool implements Tool<HeatBlock.Input, HeatBlock> {

    /** Block's temperature and mass for the temperature wanted; null where none was. */
    public record Block(
            double finalC,
            @Nullable Double blockC,
            @Nullable Double blockMassKg) {}

    @Override
    public About about() {
        return new About(
                "heat-block",
                "Heat block",
                "What will the ring come to on this block, and how hot or heavy must it be?",
                Work.SET,
                30);
    }

    @Override
    public FieldList<HeatBlock.Input> fields() {
        return HeatBlockFields.LIST;
    }

    @Override
    public Map<String, String> sample() {
        return Map.of("blockMassKg", "0.4", "block", "120", "ringMassKg", "0.1", "wanted", "110");
    }

    @Override
    public HeatBlock compute(HeatBlock.Input in) {
        return HeatBlock.of(in);
    }

    @Override
    public Optional<Drawing> picture() {
        return Pictures.bearing("32008");
    }

    @Override
    public Answer print(HeatBlock result) {
        return HeatBlockWords.answer(result);
    }

    @Override
    public List<Call<HeatBlock>> calls() {
        return List.of(Call.post(
                "heat-block",
                "What a ring comes to on a heated block, and how hot or heavy the block must be",
                Shape.of(HeatBlockFields.LIST),
                Block.class,
                b -> new Block(b.finalC(), b.blockC(), b.massKg())));
    }
}
