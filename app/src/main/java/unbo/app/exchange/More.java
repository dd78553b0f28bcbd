package unbo.app.exchange;

import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;

import unbo.core.handover.AfterDrive;

/**
 * What else a file of everything holds, each kind with the columns that are written: countdowns, rings marked on
 * photos, promises and tasks of the day, what owners answered, and people, without what lets them in.
 */
enum More {
    TIMER(
            Of.JOB,
            "timer",
            Column.text("code", 20),
            Column.text("words", 200),
            Column.time("ends_at").must()),
    RING(
            Of.PHOTO,
            "photo_ring",
            Column.text("place", 40),
            Column.of("ring", "outer|inner"),
            Column.number("centre_x"),
            Column.number("centre_y"),
            Column.number("outboard"),
            Column.number("inboard"),
            Column.yes("mirrored")),
    PROMISE(Of.JOB, "day_job", Column.time("promised"), Column.time("parts")),
    TASK(Of.NOTHING, "day_task", Column.day("day"), Column.text("line", 200)),
    ANSWER(
            Of.JOB,
            "owner_answer",
            Column.whole("after_km"),
            Column.heat(),
            Column.yes("noise"),
            Column.yes("loose"),
            Column.yes("leaks"),
            Column.text("note", 300),
            Column.time("told").must()),
    PERSON(Of.NOTHING, "account", Column.text("name", 40), Column.text("initials", 6), Column.text("role", 12));

    /** What one of them belongs to. */
    enum Of {
        JOB,
        PHOTO,
        NOTHING
    }

    /**
     * A column, written as text.
     *
     * @param form what its text must look like
     * @param empty true where it may be nothing
     */
    record Column(String name, Pattern form, boolean empty) {

        private static Column of(String name, String form) {
            return new Column(name, Pattern.compile(form), false);
        }

        static Column text(String name, int most) {
            return of(name, "(?s).{0," + most + "}");
        }

        /** How warm an owner found a hub, as it is kept. */
        static Column heat() {
            return of(
                    "heat",
                    Arrays.stream(AfterDrive.Heat.values())
                            .map(heat -> heat.name().toLowerCase(Locale.ROOT))
                            .collect(Collectors.joining("|")));
        }

        static Column number(String name) {
            return of(name, "-?\\d{1,9}(\\.\\d{1,20})?([eE]-?\\d{1,2})?");
        }

        static Column whole(String name) {
            return of(name, "\\d{1,9}");
        }

        static Column yes(String name) {
            return of(name, "[01]");
        }

        static Column day(String name) {
            return of(name, "(19|20)\\d\\d-(0[1-9]|1[0-2])-(0[1-9]|[12]\\d|3[01])");
        }

        /** In UTC. */
        static Column time(String name) {
            return new Column(
                    name, Pattern.compile(day(name).form + " ([01]\\d|2[0-3]):[0-5]\\d:[0-5]\\d(\\.\\d{1,6})?"), true);
        }

        Column must() {
            return new Column(name, form, false);
        }

        boolean fits(String text) {
            return text == null ? empty : form.matcher(text).matches();
        }
    }

    private final Of of;
    private final String table;
    private final List<Column> columns;

    More(Of of, String table, Column... columns) {
        this.of = of;
        this.table = table;
        this.columns = List.of(columns);
    }

    Of of() {
        return of;
    }

    String table() {
        return table;
    }

    List<Column> columns() {
        return columns;
    }

    /** The column that says what it belongs to; empty where it belongs to nothing. */
    Optional<String> owner() {
        return switch (of) {
            case JOB -> Optional.of("job_id");
            case PHOTO -> Optional.of("photo_id");
            case NOTHING -> Optional.empty();
        };
    }

    /** Names of all columns that are read, what it belongs to first. */
    List<String> names() {
        return Stream.concat(owner().stream(), columns.stream().map(Column::name))
                .toList();
    }

    static Optional<More> named(String kind) {
        return Arrays.stream(values()).filter(m -> m.word().equals(kind)).findFirst();
    }

    /** The word by which a file names it. */
    String word() {
        return name().toLowerCase(Locale.ROOT);
    }
}
