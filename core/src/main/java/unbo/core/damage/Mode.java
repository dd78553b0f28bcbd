package unbo.core.damage;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

import unbo.core.table.Table;
import unbo.core.table.TableRow;

/**
 * One way in which a bearing ends, with its cause and what to change.
 *
 * @param sets what the stages that follow must look at: setting, grease, seat, seal, method, bond; empty for none
 * @param inner a painting that shows it, for the reference plate
 */
public record Mode(String id, String name, String cause, String remedy, String sets, String inner, String outer) {

    private static final List<Mode> ALL = read();

    public static List<Mode> all() {
        return ALL;
    }

    /** @throws IllegalArgumentException for an id that is none */
    public static Mode of(String id) {
        return find(id).orElseThrow(() -> new IllegalArgumentException("no mode " + id));
    }

    /** Empty for an id that is none. */
    public static Optional<Mode> find(String id) {
        return ALL.stream().filter(m -> m.id().equals(id)).findFirst();
    }

    /** The plate's painting of a ring, for so many elements. */
    public List<Stroke> plate(boolean ofInner, int elements) {
        return Stroke.read(spaced(spaced(ofInner ? inner : outer, "pitch", elements), "quarter", elements * 4))
                .orElseThrow();
    }

    private static String spaced(String painting, String word, int count) {
        StringBuilder spots = new StringBuilder();
        for (int i = 0; i < count; i++) {
            spots.append(i == 0 ? "" : " ")
                    .append(Math.round(i * 3600.0 / count) / 10.0)
                    .append(":50");
        }
        return painting.replace(word, spots);
    }

    private static List<Mode> read() {
        List<Mode> all = new ArrayList<>();
        for (TableRow row : Table.read(Mode.class, "modes.csv")) {
            all.add(new Mode(
                    row.get("mode"),
                    row.get("name"),
                    row.get("cause"),
                    row.get("remedy"),
                    row.get("sets"),
                    row.get("inner"),
                    row.get("outer")));
        }
        return List.copyOf(all);
    }
}
