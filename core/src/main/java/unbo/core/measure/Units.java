package unbo.core.measure;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.Collections;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.regex.Pattern;

import unbo.core.table.Table;
import unbo.core.table.TableRow;

/** The one table of units, read from {@code units.csv} and checked when first used. */
public final class Units {

    /** What units are written with or without: blanks, points, hyphens. */
    private static final Pattern PARTING = Pattern.compile("[\\s.·*-]");

    private static final Map<Quantity, List<Unit>> TABLE = read();
    /** By each name as it stands in the table. */
    private static final Map<Quantity, Map<String, Unit>> NAMED = byName();

    private Units() {}

    /** The unit printed as {@code symbol}. @throws IllegalArgumentException if the table has none such */
    public static Unit of(Quantity quantity, String symbol) {
        return table(quantity).stream()
                .filter(u -> u.symbol().equals(symbol))
                .findFirst()
                .orElseThrow(() -> new IllegalArgumentException("no unit " + symbol + " for " + quantity));
    }

    /** All units of a quantity, the base unit first. */
    public static List<Unit> all(Quantity quantity) {
        return table(quantity);
    }

    /** The unit a mechanic means by {@code text} where {@code quantity} is asked. */
    static Optional<Unit> named(Quantity quantity, String text) {
        Map<String, Unit> named = Objects.requireNonNull(NAMED.get(quantity));
        Unit asItStands = named.get(text);
        if (asItStands != null) {
            return Optional.of(asItStands);
        }
        String exact = PARTING.matcher(text).replaceAll("");
        Unit parted = named.get(exact);
        return Optional.ofNullable(parted != null ? parted : named.get(exact.toLowerCase(Locale.ROOT)));
    }

    /** What {@code text} measures when it is no unit of the asked quantity; empty when it is no unit at all. */
    static Optional<Unit> anywhere(String text) {
        return TABLE.keySet().stream().flatMap(q -> named(q, text).stream()).findFirst();
    }

    private static Map<Quantity, Map<String, Unit>> byName() {
        Map<Quantity, Map<String, Unit>> all = new EnumMap<>(Quantity.class);
        TABLE.forEach((quantity, units) -> {
            Map<String, Unit> named = new HashMap<>();
            units.forEach(unit -> unit.names().forEach(name -> named.putIfAbsent(name, unit)));
            all.put(quantity, named);
        });
        return Collections.unmodifiableMap(all);
    }

    private static List<Unit> table(Quantity quantity) {
        return Objects.requireNonNull(TABLE.get(quantity));
    }

    static String fold(String text) {
        return PARTING.matcher(text).replaceAll("").toLowerCase(Locale.ROOT);
    }

    private static Map<Quantity, List<Unit>> read() {
        Map<Quantity, List<Unit>> units = new EnumMap<>(Quantity.class);
        for (TableRow row : Table.read(Units.class, "units.csv")) {
            Quantity quantity = row.one("quantity", Quantity.class);
            String names = row.get("names").strip();
            units.computeIfAbsent(quantity, q -> new ArrayList<>())
                    .add(new Unit(
                            quantity,
                            row.get("symbol"),
                            row.get("system").equals("inch"),
                            new BigDecimal(row.get("factor")),
                            new BigDecimal(row.get("divisor")),
                            new BigDecimal(row.get("offset")),
                            row.whole("decimals"),
                            names.isEmpty() ? List.of() : List.of(names.split(" "))));
        }
        for (Quantity quantity : Quantity.values()) {
            if (!units.containsKey(quantity)) {
                throw new IllegalStateException("units.csv has no unit for " + quantity);
            }
        }
        return Collections.unmodifiableMap(units);
    }
}
