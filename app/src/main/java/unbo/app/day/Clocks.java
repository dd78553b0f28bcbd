package unbo.app.day;

import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.LocalTime;
import java.time.format.DateTimeFormatter;
import java.time.format.DateTimeParseException;
import java.time.temporal.ChronoUnit;
import java.util.Locale;
import java.util.Optional;

/** Times of a day as they are typed and printed. */
final class Clocks {

    static final int DAY_MIN = 24 * 60;

    private static final int DAYS_A_WEEK = 7;
    private static final int SHORT_DAY = 3;
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

    /** A time of this day, of a day of the week to come as Mon 10:00, or day and time; empty where it is neither. */
    static Optional<LocalDateTime> moment(String text, LocalDate day) {
        Optional<LocalTime> time = time(text);
        if (time.isPresent()) {
            return time.map(day::atTime);
        }
        String[] words = text.strip().split("\\s+");
        if (words.length == 2 && words[0].length() >= SHORT_DAY) {
            for (int i = 0; i < DAYS_A_WEEK; i++) {
                LocalDate other = day.plusDays(i);
                String name = other.getDayOfWeek().name();
                if (name.startsWith(words[0].toUpperCase(Locale.ENGLISH))) {
                    return time(words[1]).map(other::atTime);
                }
            }
        }
        try {
            return Optional.of(LocalDateTime.parse(text.strip().replace(' ', 'T')));
        } catch (DateTimeParseException none) {
            return Optional.empty();
        }
    }

    /** A moment as {@link #moment} reads it, as short as can be; empty for none. */
    static String typed(LocalDateTime moment, LocalDate day) {
        if (moment == null) {
            return "";
        }
        long days = ChronoUnit.DAYS.between(day, moment.toLocalDate());
        return days == 0
                ? moment.format(CLOCK)
                : days > 0 && days < DAYS_A_WEEK
                        ? moment.format(LATER)
                        : moment.toLocalDate() + " " + moment.format(CLOCK);
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
