package unbo.core.bearing;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;

import org.jspecify.annotations.Nullable;

import unbo.core.table.Table;
import unbo.core.table.TableRow;

/**
 * What stands behind a number: seals, clearance, tolerance, cage, angle, sets. The meaning of a mark, never a maker's
 * name; schemes differ from maker to maker, so what is not known is kept as it stands.
 *
 * @param sealing open, one-shield, two-shields, one-seal, two-seals, two-low-drag-seals
 * @param contact light or full where a rubber seal touches; empty otherwise
 * @param clearance class; null when none is marked
 * @param tolerance class; null when none is marked
 * @param cage brass, steel, polyamide; empty when none is marked
 * @param contactDeg contact angle of an angular contact bearing; null when none is marked
 * @param parts the marks in order, the unknown ones among them
 */
public record Suffixes(
        String sealing,
        String contact,
        @Nullable String clearance,
        @Nullable String tolerance,
        String cage,
        Filling filling,
        @Nullable Double contactDeg,
        List<Part> parts) {
    /**
     * How its elements were put in.
     *
     * @param fullComplement true without a cage
     * @param fillingSlot true with a slot through which balls were filled
     */
    public record Filling(boolean fullComplement, boolean fillingSlot) {}

    public static final Suffixes NONE =
            new Suffixes("open", "", null, null, "", new Filling(false, false), null, List.of());

    private static final Map<String, Row> ROWS = read();
    private static final int LONGEST =
            ROWS.keySet().stream().mapToInt(String::length).max().orElseThrow();
    private static final Map<String, Double> ANGLES = Map.of("C", 15.0, "A", 30.0, "AC", 25.0, "A5", 25.0, "B", 40.0);

    private record Row(String role, String sealing, String value, String meaning) {}

    public Suffixes {
        parts = List.copyOf(parts);
    }

    /** True when a rubber seal touches on at least one side. */
    public boolean rubbing() {
        return !contact.isEmpty();
    }

    public boolean sealed() {
        return !sealing.equals("open");
    }

    /** Reads what follows a number; {@code chunks} were parted by blanks, slashes or hyphens. */
    public static Suffixes read(List<String> chunks, BearingKind kind) {
        if (chunks.isEmpty()) {
            return NONE;
        }
        Builder builder = new Builder(kind);
        for (String chunk : chunks) {
            builder.take(chunk);
        }
        return builder.made();
    }

    /** True when the whole of it is made of known marks. */
    public static boolean known(String chunk, BearingKind kind) {
        return split(chunk, kind).rest().isEmpty();
    }

    private record Split(List<String> marks, String rest) {}

    /**
     * The longest marks first; a rest that begins with a figure takes the letter before it along, for the two are one
     * mark.
     */
    private static Split split(String chunk, BearingKind kind) {
        List<String> marks = new ArrayList<>();
        int at = 0;
        while (at < chunk.length()) {
            String mark = mark(chunk, at, kind);
            if (mark == null) {
                break;
            }
            marks.add(mark);
            at += mark.length();
        }
        while (at < chunk.length()
                && !marks.isEmpty()
                && Character.isDigit(chunk.charAt(at))
                && Character.isLetter(chunk.charAt(at - 1))) {
            at -= marks.remove(marks.size() - 1).length();
        }
        return new Split(marks, chunk.substring(at));
    }

    private static @Nullable String mark(String chunk, int at, BearingKind kind) {
        for (int length = Math.min(LONGEST, chunk.length() - at); length > 0; length--) {
            String mark = chunk.substring(at, at + length);
            if (ROWS.containsKey(mark) || angled(kind) && ANGLES.containsKey(mark) || special(kind, mark) != null) {
                return mark;
            }
        }
        return null;
    }

    private static boolean angled(BearingKind kind) {
        return kind == BearingKind.ANGULAR_CONTACT_BALL;
    }

    /** Letters that mean something else on some kinds; null where they do not. */
    private static @Nullable String special(BearingKind kind, String mark) {
        if (kind == BearingKind.DOUBLE_ROW_ANGULAR_CONTACT_BALL && mark.equals("A")) {
            return "no filling slot";
        }
        if (kind == BearingKind.TAPERED_ROLLER && mark.matches("[BCD]")) {
            return "steeper cone";
        }
        return null;
    }

    private static final class Builder {

        private final BearingKind kind;
        private final List<Part> parts = new ArrayList<>();
        private String sealing = "open";
        private String contact = "";
        private @Nullable String clearance;
        private @Nullable String tolerance;
        private String cage = "";
        private boolean full;
        private boolean slot;
        private @Nullable Double angle;

        Builder(BearingKind kind) {
            this.kind = kind;
        }

        void take(String chunk) {
            Split split = split(chunk, kind);
            split.marks().forEach(this::known);
            if (!split.rest().isEmpty()) {
                parts.add(new Part(split.rest(), "unknown", "not known here; kept as it stands"));
            }
        }

        private void known(String mark) {
            if (angled(kind) && ANGLES.containsKey(mark)) {
                angle = ANGLES.get(mark);
                parts.add(new Part(mark, "contact-angle", "contact angle " + angle.intValue() + "°"));
                return;
            }
            String special = special(kind, mark);
            if (special != null) {
                parts.add(new Part(mark, "suffix", special));
                return;
            }
            Row row = Objects.requireNonNull(ROWS.get(mark));
            String value = row.value().isEmpty() ? mark : row.value();
            switch (row.role()) {
                case "clearance" -> clearance = value;
                case "tolerance" -> tolerance = value;
                case "cage" -> cage = value;
                default -> {}
            }
            if (!row.sealing().isEmpty()) {
                sealing = row.sealing();
                contact = row.role().equals("sealing") ? row.value() : "full";
            }
            full |= value.equals("full-complement");
            slot |= mark.equals("MAX");
            parts.add(new Part(
                    mark,
                    row.role(),
                    row.role().equals("clearance") || row.role().equals("tolerance")
                            ? row.meaning() + (value.equals(mark) ? " " + mark : "")
                            : row.meaning()));
        }

        Suffixes made() {
            return new Suffixes(sealing, contact, clearance, tolerance, cage, new Filling(full, slot), angle, parts);
        }
    }

    private static Map<String, Row> read() {
        Map<String, Row> rows = new HashMap<>();
        for (TableRow row : Table.read(Suffixes.class, "suffixes.csv")) {
            for (String mark : row.words("marks")) {
                rows.put(mark, new Row(row.get("role"), row.get("sealing"), row.get("value"), row.get("meaning")));
            }
        }
        return rows;
    }

    public boolean fullComplement() {
        return filling.fullComplement();
    }

    public boolean fillingSlot() {
        return filling.fillingSlot();
    }
}
