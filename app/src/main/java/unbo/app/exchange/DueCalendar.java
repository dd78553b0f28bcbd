package unbo.app.exchange;

import java.io.IOException;
import java.io.OutputStream;
import java.io.OutputStreamWriter;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.time.Instant;
import java.time.LocalDate;

import net.fortuna.ical4j.data.FoldingWriter;
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

/** What is due, as calendar days (RFC 5545), written entry by entry. A position keeps its entry when its day moves. */
final class DueCalendar {

    static final MediaType TYPE = MediaType.parseMediaType("text/calendar;charset=UTF-8");

    private final FoldingWriter out;
    private final LocalDate today;
    private final Instant now;

    /** Begins a calendar. @param today the day on which what is overdue by immersions stands */
    DueCalendar(OutputStream out, LocalDate today, Instant now) {
        this.out = new FoldingWriter(
                new OutputStreamWriter(out, StandardCharsets.UTF_8), FoldingWriter.REDUCED_FOLD_LENGTH);
        this.today = today;
        this.now = now;
        Calendar empty = new Calendar()
                .withProdId("-//Unbo//Due services//EN")
                .withDefaults()
                .getFluentTarget();
        write("BEGIN:VCALENDAR\r\n" + empty.getPropertyList());
    }

    void add(DueLine line) {
        add(
                line.byImmersions() ? today : line.on(),
                (line.bearings() ? "Hub service: " : "Due: ") + line.vehicle() + ", " + line.position(),
                line.uid(),
                words(line));
    }

    void add(FollowUpLine line) {
        add(
                line.on(),
                line.words() + ": " + line.vehicle() + ", " + line.position(),
                "follow-up-" + line.id(),
                line.words() + " " + line.when() + ". Job " + line.jobId() + ".");
    }

    private void add(LocalDate on, String title, String uid, String words) {
        VEvent day = new VEvent(on, title);
        day.replace(new DtStamp(now));
        day.replace(new Uid(uid + "@unbo.invalid"));
        day.add(new Transp("TRANSPARENT"));
        day.add(new Description(words));
        write(day.toString());
    }

    /** Ends it. */
    void end() {
        write("END:VCALENDAR\r\n");
        try {
            out.flush();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private void write(String text) {
        try {
            out.write(text);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
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
