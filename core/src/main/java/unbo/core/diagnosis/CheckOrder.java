package unbo.core.diagnosis;

import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Optional;

import unbo.core.input.Field;

/** By what the next check is chosen. */
public enum CheckOrder {
    /** What takes most doubt a minute. */
    DOUBT("what tells most"),
    /** What would change most what is done: driven home or not, which part is ordered. */
    STAKES("what is at stake");

    private final String words;

    CheckOrder(String words) {
        this.words = words;
    }

    /** As it stands in documents. */
    public String code() {
        return name().toLowerCase(Locale.ROOT);
    }

    public static Optional<CheckOrder> of(String code) {
        return Arrays.stream(values())
                .filter(order -> order.code().equals(code))
                .findFirst();
    }

    public static List<Field.Choice> choices() {
        return Arrays.stream(values())
                .map(order -> new Field.Choice(order.code(), order.words))
                .toList();
    }
}
