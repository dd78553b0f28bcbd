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

    /** Words of the remedy that leaves a seat as it was measured. */
    public static final String AS_IT_IS = "used as it is";

    public static final List<Field.Choice> REMEDIES = List.of(
            new Field.Choice("as-it-is", AS_IT_IS),
            new Field.Choice("renew", "part renewed"),
            new Field.Choice("sleeve", "sleeve"),
            new Field.Choice("compound", "retaining compound"),
            new Field.Choice("other-bearing", "bearing of another class or size"),
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
}
