package unbo.app.web;

import java.util.HashMap;
import java.util.Map;
import java.util.TreeMap;

import unbo.core.input.Typed;
import unbo.core.input.UnitSystem;

/**
 * What a form or an address sends, with the system each text was typed in: {@code units} names that of the page, and a
 * text that stood there from another one says so itself, as {@code in-} with the name of its box.
 */
public final class TypedForm {

    /** Name of the box that names the page's system. */
    public static final String UNITS = "units";

    private static final String APART = "in-";

    private TypedForm() {}

    /** Texts as a form or an address sends them, each with its system. */
    public static Map<String, String> write(Typed typed) {
        Map<String, String> sent = new TreeMap<>(typed.texts());
        sent.put(UNITS, typed.units().name());
        typed.apart().forEach((name, system) -> {
            if (typed.has(name)) {
                sent.put(APART + name, system.name());
            }
        });
        return sent;
    }

    /** True for a name that says in which system something was typed. */
    public static boolean says(String name) {
        return name.equals(UNITS) || name.startsWith(APART);
    }

    /** The same as a page shows it again. */
    public static Typed shown(Map<String, String> sent, UnitSystem page) {
        return read(sent, page).shownIn(page);
    }

    /** @param otherwise the system of what does not say it */
    public static Typed read(Map<String, String> sent, UnitSystem otherwise) {
        UnitSystem page = UnitSystem.named(sent.getOrDefault(UNITS, "")).orElse(otherwise);
        Map<String, UnitSystem> apart = new HashMap<>();
        sent.forEach((name, system) -> {
            if (name.startsWith(APART)) {
                UnitSystem.named(system).ifPresent(own -> apart.put(name.substring(APART.length()), own));
            }
        });
        return new Typed(sent, apart, page);
    }
}
