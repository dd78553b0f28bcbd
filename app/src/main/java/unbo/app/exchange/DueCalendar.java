package unbo.app.exchange;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.time.Instant;
import java.time.LocalDate;
import java.util.List;

import net.fortuna.ical4j.data.CalendarOutputter;
import net.fortuna.ical4j.model.Calendar;
import net.fortuna.ical4j.model.component.VEvent;
import net.fortuna.ical4j.model.property.Description;
import net.fortuna.ical4j.model.property.DtStamp;
import net.fortuna.ical4j.model.property.Transp;
import net.fortuna.ical4j.model.property.Uid;
import org.springframework.http.MediaType;

import unbo.app.due.FollowUpLine;
import unbo.app.vehicle.DueLine;
import unbo.core.measure.Show;

/** What is due, as calendar days (RFC 5545). A position keeps its entry when its day moves. */
final class DueCalendar {

    static final MediaType TYPE = MediaType.parseMediaType("text/calendar;charset=UTF-8");

    private DueCalendar() {}

    /** @param today the day on which what is overdue by immersions stands */
    static byte[] of(List<DueLine> due, List<FollowUpLine> followUps, LocalDate today, Instant now) {
        Calendar calendar = new Calendar()
                .withProdId("-//Unbo//Due services//EN")
                .withDefaults()
                .getFluentTarget();
        for (DueLine line : due) {
            VEvent day = new VEvent(
                    line.byImmersions() ? today : line.on(),
                    (line.bearings() ? "Hub service: " : "Due: ") + line.vehicle() + ", " + line.position());
            day.replace(new DtStamp(now));
            day.replace(new Uid(line.uid() + "@unbo.invalid"));
            day.add(new Transp("TRANSPARENT"));
            day.add(new Description(words(line)));
            calendar.add(day);
        }
        for (FollowUpLine line : followUps) {
            VEvent day = new VEvent(line.on(), line.words() + ": " + line.vehicle() + ", " + line.position());
            day.replace(new DtStamp(now));
            day.replace(new Uid("follow-up-" + line.id() + "@unbo.invalid"));
            day.add(new Transp("TRANSPARENT"));
            day.add(new Description(line.words() + " " + line.when() + ". Job " + line.jobId() + "."));
            calendar.add(day);
        }
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        try {
            new CalendarOutputter(false).output(calendar, out);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return out.toByteArray();
    }

    private static String words(DueLine line) {
        String counter =
                line.atCounter() == null ? "" : " or at " + Show.number(line.atCounter(), 0) + " " + line.counterUnit();
        String water = line.afterImmersions() == null
                ? ""
                : " or after " + line.afterImmersions() + " immersions (" + line.immersed() + " so far)";
        return "Due " + (line.byImmersions() ? "now by immersions" : "on this day")
                + (line.why().isEmpty() ? "" : ", " + line.why()) + counter + water
                + ", whichever comes first. The vehicle maker's interval comes first."
                + (line.numbers().isEmpty() ? "" : " Bring: " + line.numbers() + ", grease, and a seal for each.");
    }
}
