package unbo.core.tools.deciding;

import java.time.LocalTime;
import java.time.format.DateTimeParseException;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

import org.jspecify.annotations.Nullable;

/**
 * A task of one's own, typed in one line: "10:30 test drive #18, 20 min, lift, by 16:00". A time in front pins it;
 * "from 10:00" lets it begin no sooner; "by 16:00" is promised; "waits" needs nobody; what else stands between commas
 * and is a resource is used.
 *
 * @param what in words
 * @param at pinned there; null where it may move
 * @param from no sooner; null where that does not matter
 * @param by promised; null where nobody waits for it
 * @param job number of the job it belongs to; null where it is nobody's
 */
public record TaskLine(
        String what,
        int minutes,
        @Nullable LocalTime at,
        @Nullable LocalTime from,
        @Nullable LocalTime by,
        List<String> uses,
        boolean waits,
        @Nullable Long job) {

    /** Where no minutes are written. */
    public static final int USUAL_MIN = 15;

    /** Letters of what is to be done, at most. */
    public static final int LONGEST = 80;

    private static final int MOST_MIN = 3 * 24 * 60;
    private static final Pattern TIME = Pattern.compile("(\\d{1,2}:\\d{2})\\s+(.*)");
    private static final Pattern LENGTH = Pattern.compile("(\\d+(?:\\.\\d+)?)\\s*(min|minutes?|m|h|hours?)");
    private static final Pattern JOB = Pattern.compile("#(\\d{1,9})");

    public TaskLine {
        uses = List.copyOf(uses);
    }

    /** A line, or why it is none. */
    public record Read(@Nullable TaskLine task, String refusal) {}

    /** @param resources codes of those there are */
    public static Read read(String line, List<String> resources) {
        String text = line.strip();
        LocalTime at = null;
        Matcher first = TIME.matcher(text);
        if (first.matches()) {
            at = time(first.group(1));
            if (at == null) {
                return refused("“" + first.group(1) + "” is no time of a day.");
            }
            text = first.group(2);
        }
        Parts parts = new Parts(at);
        for (String part : text.split(",")) {
            String refusal = parts.take(part.strip(), resources);
            if (!refusal.isEmpty()) {
                return refused(refusal);
            }
        }
        if (parts.what.isEmpty()) {
            return refused("Say in a word what is to be done.");
        }
        return parts.what.length() > LONGEST
                ? refused("Say it in " + LONGEST + " letters at most.")
                : new Read(parts.made(), "");
    }

    private static Read refused(String why) {
        return new Read(null, why + " Write for instance: 10:30 test drive #18, 20 min, by 16:00.");
    }

    private static @Nullable LocalTime time(String text) {
        try {
            return LocalTime.parse(text.length() == 4 ? "0" + text : text);
        } catch (DateTimeParseException none) {
            return null;
        }
    }

    /** What the commas part. */
    private static final class Parts {

        private final @Nullable LocalTime at;
        private @Nullable LocalTime from;
        private @Nullable LocalTime by;
        private int minutes = USUAL_MIN;
        private boolean waits;
        private String what = "";
        private final List<String> uses = new ArrayList<>();

        Parts(@Nullable LocalTime at) {
            this.at = at;
        }

        /** @return what stands against it; empty where nothing does */
        String take(String part, List<String> resources) {
            String lower = part.toLowerCase(Locale.ROOT);
            Matcher length = LENGTH.matcher(lower);
            if (length.matches()) {
                double number = Double.parseDouble(length.group(1));
                minutes = (int) Math.round(length.group(2).startsWith("h") ? number * 60 : number);
                return minutes < 1 || minutes > MOST_MIN ? "A task takes a minute to three days." : "";
            }
            if (lower.startsWith("by ") || lower.startsWith("from ")) {
                LocalTime told = time(lower.substring(lower.indexOf(' ')).strip());
                if (told == null) {
                    return "“" + part + "” tells no time.";
                }
                by = lower.startsWith("by ") ? told : by;
                from = lower.startsWith("from ") ? told : from;
                return "";
            }
            if (lower.equals("waits")) {
                waits = true;
            } else if (resources.contains(lower)) {
                uses.add(lower);
            } else if (!part.isEmpty()) {
                what = what.isEmpty() ? part : what + ", " + part;
            }
            return "";
        }

        TaskLine made() {
            Matcher job = JOB.matcher(what);
            return new TaskLine(
                    what, minutes, at, from, by, uses, waits, job.find() ? Long.valueOf(job.group(1)) : null);
        }
    }
}
