package unbo.app.day;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.List;
import java.util.UUID;

import net.fortuna.ical4j.data.CalendarOutputter;
import net.fortuna.ical4j.model.Calendar;
import net.fortuna.ical4j.model.component.VEvent;
import net.fortuna.ical4j.model.property.Description;
import net.fortuna.ical4j.model.property.DtStamp;
import net.fortuna.ical4j.model.property.Uid;

/** The plan of a day as calendar entries (RFC 5545). A step keeps its entry when the day is planned anew. */
final class DayCalendar {

    private DayCalendar() {}

    static byte[] of(LocalDate day, List<PlannedStep> steps, Instant now) {
        Calendar calendar = new Calendar()
                .withProdId("-//Unbo//The day on the bench//EN")
                .withDefaults()
                .getFluentTarget();
        for (PlannedStep step : steps) {
            VEvent event = new VEvent(
                    at(day, step.span().begins()), at(day, step.span().ends()), step.code());
            event.replace(new DtStamp(now));
            event.replace(new Uid(UUID.nameUUIDFromBytes((day + " " + step.code()).getBytes(StandardCharsets.UTF_8))
                    + "@unbo.invalid"));
            event.add(new Description((step.waits() ? "Nobody need be there." : "Hands on.")
                    + (step.uses().isEmpty() ? "" : " Uses " + String.join(", ", step.uses()) + ".")
                    + (step.promise() == null ? "" : " Promised for " + step.promised() + ".")));
            calendar.add(event);
        }
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        try {
            new CalendarOutputter(false).output(calendar, out);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return out.toByteArray();
    }

    private static Instant at(LocalDate day, int minute) {
        return day.atStartOfDay()
                .plusMinutes(minute)
                .atZone(ZoneId.systemDefault())
                .toInstant();
    }
}
