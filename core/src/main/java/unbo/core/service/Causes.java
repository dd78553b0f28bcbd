package unbo.core.service;

import java.util.List;
import java.util.stream.Stream;

import unbo.core.diagnosis.Cause;
import unbo.core.input.Field;

/** What a job can turn out to be, by code: nothing wrong, or any cause that Diagnose knows. */
public final class Causes {

    private static final Field.Choice NOTHING_WRONG =
            new Field.Choice("regular-service", "nothing wrong: regular service");

    private Causes() {}

    /** In words; the code itself when it is unknown. */
    public static String label(String code) {
        return NOTHING_WRONG.code().equals(code)
                ? NOTHING_WRONG.label()
                : Cause.find(code).map(Cause::label).orElse(code);
    }

    public static boolean known(String code) {
        return NOTHING_WRONG.code().equals(code) || Cause.find(code).isPresent();
    }

    public static List<Field.Choice> choices() {
        return Stream.concat(
                        Stream.of(NOTHING_WRONG), Cause.all().stream().map(c -> new Field.Choice(c.code(), c.label())))
                .toList();
    }
}
