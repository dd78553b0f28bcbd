package unbo.core.fit;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

import unbo.core.input.Field;
import unbo.core.table.Table;
import unbo.core.table.TableRow;

/**
 * Where a ring sits, and which seats are usual there (ISO 286 symbols; a ring on which the load turns sits with
 * interference).
 *
 * @param inner true for a shaft, false for a housing
 * @param says what is particular to it
 */
public record FitPlace(String code, String label, boolean inner, List<String> seats, String says) {

    private static final List<FitPlace> ALL = read();

    public static Optional<FitPlace> of(String code) {
        return ALL.stream().filter(p -> p.code().equals(code)).findFirst();
    }

    public static List<Field.Choice> choices() {
        return ALL.stream().map(p -> new Field.Choice(p.code(), p.label())).toList();
    }

    private static List<FitPlace> read() {
        List<FitPlace> all = new ArrayList<>();
        for (TableRow row : Table.read(FitPlace.class, "places.csv")) {
            all.add(new FitPlace(
                    row.get("place"),
                    row.get("label"),
                    row.get("ring").equals("inner"),
                    row.words("seats"),
                    row.get("says")));
        }
        return List.copyOf(all);
    }
}
