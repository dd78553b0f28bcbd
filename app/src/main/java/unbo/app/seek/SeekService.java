package unbo.app.seek;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

import org.springframework.stereotype.Service;

import unbo.app.catalogue.OwnCatalogue;
import unbo.core.bearing.BearingBook;
import unbo.core.drawing.Drawing;
import unbo.core.seek.Meaning;
import unbo.core.seek.Meanings;
import unbo.core.tools.identify.BearingDrawing;

/** All readings of what was typed: what the core knows of it, and what the record holds. */
@Service
public class SeekService {

    /** So many are drawn; the others are told in words. */
    private static final int DRAWN = 2;

    private final OwnCatalogue catalogue;
    private final RecordSeek records;
    private final IntoStages stages;

    SeekService(OwnCatalogue catalogue, RecordSeek records, IntoStages stages) {
        this.catalogue = catalogue;
        this.records = records;
        this.stages = stages;
    }

    /**
     * The readings, the likeliest first; for a text that nothing is known of, one that says so.
     *
     * @param job number of the job on whose pages it was typed; empty elsewhere
     */
    public List<Reading> of(String text, Optional<Long> job) {
        return text.isBlank() ? List.of() : of(text, records.held(text), job);
    }

    /** What of the record holds the words as they stand. */
    RecordSeek.Held held(String text) {
        return records.held(text);
    }

    /** The same, where it was asked already what the record holds. */
    List<Reading> of(String text, RecordSeek.Held held, Optional<Long> job) {
        BearingBook book = catalogue.book();
        List<Meaning> meanings = Meanings.of(text, book);
        List<Reading> readings = new ArrayList<>(
                records.of(text, held, meanings.isEmpty() ? 0 : meanings.get(0).score()));
        for (Meaning meaning : meanings) {
            readings.add(reading(meaning, job, book));
        }
        if (readings.isEmpty()) {
            readings.add(reading(Meanings.unread(text), job, book));
        }
        readings.sort(Comparator.comparingDouble(Reading::score).reversed());
        return drawn(readings);
    }

    private Reading reading(Meaning meaning, Optional<Long> job, BearingBook book) {
        List<Reading.Way> ways = new ArrayList<>(meaning.leads().stream()
                .map(lead -> new Reading.Way(lead.words(), Addresses.of(lead)))
                .toList());
        job.ifPresent(id -> ways.addAll(1, stages.of(id, meaning, book)));
        Drawing drawing = meaning.bearing().map(BearingDrawing::small).orElse(null);
        return new Reading(
                meaning.kind(), meaning.title(), meaning.score(), meaning.says(), List.copyOf(ways), drawing);
    }

    private static List<Reading> drawn(List<Reading> readings) {
        List<Reading> some = new ArrayList<>();
        for (Reading r : readings) {
            some.add(some.size() < DRAWN ? r : new Reading(r.kind(), r.title(), r.score(), r.says(), r.ways(), null));
        }
        return List.copyOf(some);
    }
}
