package unbo.app.day;

import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.LocalTime;
import java.time.format.DateTimeFormatter;
import java.time.format.DateTimeParseException;
import java.util.Locale;
import java.util.Optional;

/** Times of a day as they are typed and printed. */
final class Clocks {

    static final int DAY_MIN = 24 * 60;

    private static final DateTimeFormatter CLOCK = DateTimeFormatter.ofPattern("HH:mm");

    private static final DateTimeFormatter LATER = DateTimeFormatter.ofPattern("EEE HH:mm", Locale.ENGLISH);

    private Clocks() {}

    static Optional<LocalTime> time(String text) {
        String plain = text.strip();
        try {
            return Optional.of(LocalTime.parse(plain.length() == 4 ? "0" + plain : plain));
        } catch (DateTimeParseException none) {
            return Optional.empty();
        }
    }

    /** A time of this day, or day and time as 2026-05-04 10:00; empty where it is neither. */
    static Optional<LocalDateTime> moment(String text, LocalDate day) {
        Optional<LocalTime> time = time(text);
        if (time.isPresent()) {
            return time.map(day::atTime);
        }
        try {
            return Optional.of(LocalDateTime.parse(text.strip().replace(' ', 'T')));
        } catch (DateTimeParseException none) {
            return Optional.empty();
        }
    }

    static int minute(LocalTime time) {
        return time.getHour() * 60 + time.getMinute();
    }

    /**
     * Minutes from the midnight that a day begins with, as a time; with the day of the week where it is another day.
     */
    static String shown(int minute, LocalDate day) {
        LocalDateTime at = day.atStartOfDay().plusMinutes(minute);
        return at.format(minute < DAY_MIN ? CLOCK : LATER);
    }
}
