package unbo.core.tools.identify;

import java.util.List;
import java.util.Map;

import com.google.auto.service.AutoService;
import org.jspecify.annotations.Nullable;

import unbo.core.answer.Answer;
import unbo.core.designation.SealSize;
import unbo.core.identify.SealRoom;
import unbo.core.input.FieldList;
import unbo.core.tool.About;
import unbo.core.tool.Call;
import unbo.core.tool.Offered;
import unbo.core.tool.Shape;
import unbo.core.tool.Tool;
import unbo.core.tool.Work;

/** What size is it, which way round, and is there room to move it? */
@AutoService(Offered.class)
public final class SealTool implements Tool<SealRoom.Input, SealRoom.Input> {

    /** @param roomMm to the bearing, with the gap that must stay; null where the seat's depth is not told */
    public record ShaftSeal(
            double shaftMm,
            double outsideMm,
            double widthMm,
            String type,
            @Nullable Double roomMm) {}

    @Override
    public About about() {
        return new About(
                "seal",
                "Shaft seal",
                "What size is it, which way round, and is there room to move it?",
                Work.IDENTIFY,
                60);
    }

    @Override
    public FieldList<SealRoom.Input> fields() {
        return SealRoomFields.LIST;
    }

    @Override
    public Map<String, String> sample() {
        return Map.of("marking", "25x47x7 AS", "seat", "10", "groove", "0.2");
    }

    @Override
    public SealRoom.Input compute(SealRoom.Input in) {
        return in;
    }

    @Override
    public Answer print(SealRoom.Input result) {
        return SealRoomWords.answer(result);
    }

    @Override
    public List<Call<SealRoom.Input>> calls() {
        return List.of(Call.post(
                "seal",
                "A shaft seal: its size and lips, and whether there is room to move it",
                Shape.of(SealRoomFields.LIST),
                ShaftSeal.class,
                SealTool::seal));
    }

    private static ShaftSeal seal(SealRoom.Input in) {
        SealSize size = in.size();
        return new ShaftSeal(size.shaftMm(), size.outsideMm(), size.widthMm(), in.type(), SealRoom.room(in));
    }
}
