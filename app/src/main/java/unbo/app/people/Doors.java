package unbo.app.people;

import java.util.List;
import java.util.Optional;
import java.util.regex.Pattern;

import unbo.core.people.Right;

/** Which right an address asks for, where one does. */
final class Doors {

    /** @param method that it asks for, of a request; empty for any */
    private record Asked(String method, Pattern path, Right right) {}

    private static final List<Asked> ALL = List.of(
            new Asked("", Pattern.compile("/people(?!/me(/|$))(/.*)?|/changes(\\.csv)?"), Right.PEOPLE),
            new Asked("POST", Pattern.compile("/settings"), Right.SETTINGS),
            new Asked("POST", Pattern.compile("/jobs/\\d+/do/reopen"), Right.REOPEN),
            new Asked(
                    "POST",
                    Pattern.compile("/(jobs/\\d+/do|vehicles/\\d+|immersions/\\d+)/take-away"),
                    Right.TAKE_AWAY),
            new Asked("", Pattern.compile("/export\\.json|/history\\.csv|/take-in(/.*)?|/export/.*"), Right.FILES),
            new Asked("", Pattern.compile("/(jobs|positions)/\\d+/(export\\.json|history\\.csv)"), Right.FILES));

    private Doors() {}

    /** The right that is needed; empty where everybody who came in may. */
    static Optional<Right> right(String method, String path) {
        return ALL.stream()
                .filter(asked -> asked.method().isEmpty() || asked.method().equals(method))
                .filter(asked -> asked.path().matcher(path).matches())
                .findFirst()
                .map(Asked::right);
    }
}
