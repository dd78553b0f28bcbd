package unbo.core.inspect;

import java.util.List;

import org.jspecify.annotations.Nullable;

import unbo.core.damage.RaceMap;
import unbo.core.damage.RaceMapInput;
import unbo.core.input.Field;

/**
 * What a job inspects: the races of a removed bearing and, where it was measured, its seat; with what was found here
 * before.
 *
 * @param seat null where none was measured
 */
public record Inspection(Input input, RaceMap map, @Nullable Seat seat) {

    /**
     * @param which place of the bearing; empty where it was not said
     * @param seat null where none was measured
     * @param remedy how the seat is put right; empty where nothing was chosen
     * @param past modes found here before with their days, {@code etching 2025-04-01}, parted by semicolons
     */
    public record Input(String which, RaceMapInput races, Seat.@Nullable Input seat, String remedy, String past) {}

    /** Words of the remedies, as facts hold them. */
    public static final String AS_IT_IS = "used as it is";

    public static final String RENEWED = "part renewed";
    public static final String SLEEVED = "sleeve";
    public static final String BONDED = "retaining compound";
    public static final String OTHER_BEARING = "bearing of another class or size";

    public static final List<Field.Choice> REMEDIES = List.of(
            new Field.Choice("as-it-is", AS_IT_IS),
            new Field.Choice("renew", RENEWED),
            new Field.Choice("sleeve", SLEEVED),
            new Field.Choice("compound", BONDED),
            new Field.Choice("other-bearing", OTHER_BEARING),
            new Field.Choice("other", "otherwise"));
    public static final String COMPOUND = "compound";

    public static Inspection of(Input in) {
        return new Inspection(in, RaceMap.of(in.races()), in.seat() == null ? null : Seat.of(in.seat()));
    }

    /** Hours of cure where compound was chosen; null where it was not. */
    public @Nullable Double cureHours() {
        return seat != null && input.remedy().equals(COMPOUND)
                ? Double.valueOf(Compound.cureHours(seat.input().celsius()))
                : null;
    }

    /** How the seat is put right, in words; empty where nothing was chosen. */
    public String remedy() {
        return REMEDIES.stream()
                .filter(choice -> choice.code().equals(input.remedy()))
                .map(Field.Choice::label)
                .findFirst()
                .orElse("");
    }

    /**
     * True where a seat keeps the size that was measured: nothing was chosen yet, it is used as it is, its gap is
     * filled with compound, or another bearing is put into it.
     *
     * @param remedy in words
     */
    public static boolean stays(String remedy) {
        return List.of("", AS_IT_IS, BONDED, OTHER_BEARING).contains(remedy);
    }
}
