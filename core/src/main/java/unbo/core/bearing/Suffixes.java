package unbo.core.bearing;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

import org.jspecify.annotations.Nullable;

import unbo.core.table.Table;
import unbo.core.table.TableRow;

/**
 * What stands behind a number: seals, clearance, tolerance, cage, angle, sets. The meaning of a mark, never a maker's
 * name; schemes differ from maker to maker, so what is not known is kept as it stands.
 *
 * @param sealing open, one-shield, two-shields, one-seal, two-seals, two-low-drag-seals; unknown where a mark looks
 *     like a seal's and is not known
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

    private static final String UNKNOWN = "unknown";
    /** Marks that are seals of some scheme, though not of one that is known here. */
    private static final Pattern LIKE_A_SEAL = Pattern.compile("2[A-Z]+\\d*|.*(RS|RZ|RU|ZZ|LL|DD|VV).*");
    /** Letters of a mark that stand for it even before something unknown. */
    private static final int TELLING = 2;
    /** Longest tail that is taken for a mark of its own behind known ones. */
    private static final int LONGEST_TAIL = 3;

    private static final Pattern BOTH = Pattern.compile("P([2456])([2345])");

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

    /** True with shields or seals of a known kind. */
    public boolean sealed() {
        return !sealing.equals("open") && !sealing.equals(UNKNOWN);
    }

    /** True where a mark looks like a seal's and is not known: it may be closed or open. */
    public boolean maybeSealed() {
        return sealing.equals(UNKNOWN);
    }

    /** Reads what follows a number; {@code chunks} were parted by blanks, slashes or hyphens. */
    public static Suffixes read(List<String> chunks, BearingKind kind) {
        if (chunks.isEmpty()) {
            return NONE;
        }
        Builder builder = new Builder(kind);
        for (int i = 0; i < chunks.size(); i++) {
            builder.take(chunks.get(i), i == 0);
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
        if (kind.ball() && mark.matches("EC?")) {
            return "inside changed by its maker: schemes differ, the sizes stay";
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

        /** @param first true for what stands directly behind the number: only there a letter is an angle */
        void take(String chunk, boolean first) {
            Matcher both = BOTH.matcher(chunk);
            if (both.matches()) {
                known("P" + both.group(1), false);
                known("C" + both.group(2), false);
                return;
            }
            Split split = split(chunk, kind);
            String rest = split.rest();
            String marks = String.join("", split.marks());
            boolean tail = rest.length() <= LONGEST_TAIL || rest.chars().anyMatch(Character::isDigit);
            if (!rest.isEmpty() && !(first && angle(split)) && (marks.length() < TELLING || !tail)) {
                unknown(chunk);
                return;
            }
            split.marks().forEach(mark -> known(mark, first));
            if (!rest.isEmpty()) {
                unknown(rest);
            }
        }

        private boolean angle(Split split) {
            return angled(kind)
                    && !split.marks().isEmpty()
                    && ANGLES.containsKey(split.marks().get(0));
        }

        private void unknown(String mark) {
            parts.add(new Part(mark, UNKNOWN, "not known here; kept as it stands"));
            if (sealing.equals("open") && LIKE_A_SEAL.matcher(mark).matches()) {
                sealing = UNKNOWN;
            }
        }

        private void known(String mark, boolean first) {
            if (first && angled(kind) && ANGLES.containsKey(mark)) {
                angle = ANGLES.get(mark);
                parts.add(new Part(mark, "contact-angle", "contact angle " + angle.intValue() + "°"));
                return;
            }
            String special = special(kind, mark);
            if (special != null) {
                parts.add(new Part(mark, "suffix", special));
                return;
            }
            Row row = ROWS.get(mark);
            if (row == null) {
                unknown(mark);
                return;
            }
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
