package unbo.core.assembly;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

import org.jspecify.annotations.Nullable;

import unbo.core.bearing.Bearing;
import unbo.core.fit.Fit;
import unbo.core.table.Table;
import unbo.core.table.TableRow;

/** The parts of every kind of assembly and how each is held, from {@code kind-parts.csv}. */
final class KindParts {

    private static final String NOTCHES = "notches";
    /** Room behind a ring where no shoulder stands, mm. */
    private static final double FREE_MM = 20;

    private static final List<Entry> ALL = read();

    private record Entry(
            String kind,
            When when,
            @Nullable Part part,
            @Nullable Joint joint) {}

    /** The option that it is there by; empty names where it always is. */
    private record When(String option, String value) {

        boolean holds(Map<String, String> options) {
            return option.isEmpty() || value.equals(options.get(option));
        }
    }

    private KindParts() {}

    /** True where a kind has such a part, with whatever options. */
    static boolean has(String kind, PartKind wanted) {
        return ALL.stream()
                .anyMatch(entry -> entry.kind.equals(kind) && entry.part != null && entry.part.kind() == wanted);
    }

    static List<Part> parts(String kind, Map<String, String> options) {
        Map<String, Part> parts = new LinkedHashMap<>();
        for (Entry entry : entries(kind, options)) {
            if (entry.part != null) {
                parts.put(entry.part.code(), entry.part);
            }
        }
        return List.copyOf(parts.values());
    }

    static List<Joint> joints(String kind, Map<String, String> options, Map<String, Bearing> bearings) {
        Map<String, Part> parts = new LinkedHashMap<>();
        parts(kind, options).forEach(part -> parts.put(part.code(), part));
        List<Joint> joints = new ArrayList<>();
        for (Entry entry : entries(kind, options)) {
            Joint raw = entry.joint;
            if (raw == null) {
                continue;
            }
            Joint.Order order = new Joint.Order(
                    raw.order().after().stream().filter(parts::containsKey).toList(),
                    raw.order().with(),
                    raw.order().takes(),
                    raw.order().crosses());
            Part part = parts.get(raw.part());
            joints.add(new Joint(
                    raw.part(),
                    raw.kind(),
                    way(raw.way(), options),
                    raw.turn(),
                    order,
                    part == null ? Joint.Hold.NONE : hold(kind, part, raw, bearings),
                    raw.words()));
        }
        return List.copyOf(joints);
    }

    private static List<Entry> entries(String kind, Map<String, String> options) {
        return ALL.stream()
                .filter(entry -> entry.kind.equals(kind) && entry.when.holds(options))
                .toList();
    }

    /** Notches behind a cup are as it was said. */
    private static Joint.Way way(Joint.Way raw, Map<String, String> options) {
        if (raw.behind() != Joint.Behind.NOTCH) {
            return raw;
        }
        Joint.Behind behind = switch (options.getOrDefault(NOTCHES, "yes")) {
            case "lip" -> Joint.Behind.LIP;
            case "no" -> Joint.Behind.NONE;
            default -> Joint.Behind.NOTCH;
        };
        return new Joint.Way(raw.exit(), raw.shoulder(), behind, raw.roomMm());
    }

    private static Joint.Hold hold(String kind, Part part, Joint joint, Map<String, Bearing> bearings) {
        Optional<KindPlace> place = Optional.ofNullable(part.place()).flatMap(code -> KindPlace.find(kind, code));
        if (joint.kind() != Joint.Kind.PRESS || place.isEmpty()) {
            return new Joint.Hold(KindPlace.of(kind).get(0).material(), null, null, null);
        }
        boolean inner = part.onShaft();
        Optional<Fit> fit = PlaceFit.usual(place.get(), inner)
                .flatMap(seat -> PlaceFit.of(place.get(), bearings.get(part.place()), inner, seat, 0));
        return fit.map(f -> new Joint.Hold(
                        place.get().material(),
                        f.input().seatMm(),
                        f.interference().maxUm(),
                        f.remove()))
                .orElse(new Joint.Hold(place.get().material(), null, null, null));
    }

    private static List<Entry> read() {
        List<Entry> all = new ArrayList<>();
        Map<String, Part> known = new LinkedHashMap<>();
        for (TableRow row : Table.read(KindParts.class, "kind-parts.csv")) {
            String kind = row.one("kind", code -> AssemblyKind.find(code).map(AssemblyKind::code));
            Part part = row.get("part").isEmpty() ? null : part(kind, row);
            if (part != null) {
                known.put(kind + " " + part.code(), part);
            } else if (!known.containsKey(kind + " " + row.word("code"))) {
                throw row.fault("code", "is a further joint of a part that stands in no row before");
            }
            if (part == null && row.get("joint").isEmpty()) {
                throw row.fault("joint", "is empty in a row that names no part either");
            }
            all.add(new Entry(kind, when(kind, row), part, row.get("joint").isEmpty() ? null : joint(row)));
        }
        return List.copyOf(all);
    }

    private static When when(String kind, TableRow row) {
        String text = row.get("when");
        if (text.isEmpty()) {
            return new When("", "");
        }
        String[] both = text.split("=", 2);
        if (both.length != 2
                || KindOption.find(kind, both[0])
                        .flatMap(option -> option.value(both[1]))
                        .isEmpty()) {
            throw row.fault("when", "is no value of an option of this kind: “" + text + "”");
        }
        return new When(both[0], both[1]);
    }

    private static Part part(String kind, TableRow row) {
        boolean shaft = row.one("on", on -> Optional.of(on).filter(o -> o.equals("shaft") || o.equals("housing")))
                .equals("shaft");
        PartKind is = row.one("part", PartKind::of);
        String place = row.get("place");
        if (!place.isEmpty() && KindPlace.find(kind, place).isEmpty()) {
            throw row.fault("place", "is no place of this kind: “" + place + "”");
        }
        boolean renewed = row.get("renew").equals("always") || is.alwaysNew();
        return new Part(
                row.word("code"),
                row.word("label"),
                is,
                new Part.Stand(
                        shaft,
                        row.get("body").isEmpty() ? row.get("on") : row.get("body"),
                        row.number("order"),
                        row.get("rides")),
                ring(is, row),
                place.isEmpty() ? null : place,
                new Part.Upkeep(renewed, row.get("measure").isEmpty() ? List.of() : List.of(row.get("measure"))));
    }

    private static Part.Ring ring(PartKind kind, TableRow row) {
        return switch (row.get("ring")) {
            case "both" -> Part.Ring.WHOLE;
            case "outer" -> Part.Ring.OUTER;
            case "inner" -> Part.Ring.INNER;
            case "drawn" -> Part.Ring.DRAWN;
            case "balls" -> Part.Ring.BALLS;
            default -> {
                if (kind == PartKind.BEARING) {
                    throw row.fault("ring", "is empty for a bearing");
                }
                yield Part.Ring.NONE;
            }
        };
    }

    private static Joint joint(TableRow row) {
        Side exit = row.one("exit", Side::of);
        Side shoulder = row.one("shoulder", Side::of);
        Joint.Behind behind = row.get("behind").isEmpty()
                ? Joint.Behind.NONE
                : row.get("behind").equals(NOTCHES) ? Joint.Behind.NOTCH : row.one("behind", Joint.Behind::of);
        Double room = row.maybe("room");
        return new Joint(
                row.word("code"),
                row.one("joint", Joint.Kind::of),
                new Joint.Way(exit, shoulder, behind, room != null ? room : shoulder == Side.NONE ? FREE_MM : 0),
                new Joint.Turn(row.get("lock"), row.get("hand")),
                new Joint.Order(row.words("after"), List.of(), takes(row), row.words("crosses")),
                Joint.Hold.NONE,
                new Joint.Words(row.get("says"), row.get("caution"), row.get("refit")));
    }

    private static Map<Side, String> takes(TableRow row) {
        Map<Side, String> takes = new EnumMap<>(Side.class);
        for (String word : row.words("takes")) {
            String[] both = word.split(":", 2);
            takes.put(Side.of(both[0]).orElseThrow(() -> row.fault("takes", "names no end: “" + word + "”")), both[1]);
        }
        return takes;
    }
}
