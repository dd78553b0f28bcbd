package unbo.app.exchange;

import java.io.IOException;
import java.io.InputStream;
import java.util.function.BiConsumer;
import java.util.stream.Collectors;

import com.fasterxml.jackson.core.JsonParser;
import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.core.JsonToken;
import com.fasterxml.jackson.databind.JsonMappingException;
import com.fasterxml.jackson.databind.ObjectMapper;

/** Reads a file part by part, so that memory is bounded however large it is. */
final class FileReading {

    private static final String UNREADABLE =
            "This is no JSON file that can be read to its end. Take one that Unbo has written.";

    private final ObjectMapper json;

    /** What a file says of itself. */
    record Head(String format, int version) {}

    /** Takes what a file holds; numbers count each kind of part from 1. */
    interface Taker {

        void vehicle(UnboFile.VehiclePart part, int number);

        void job(UnboFile.JobPart part, int number);

        void photo(UnboFile.PhotoPart part, int number);

        void followUp(UnboFile.FollowUpPart part, int number);

        void shelf(UnboFile.ShelfPart part);

        void more(UnboFile.MorePart part, int number);
    }

    /** A part that cannot be read, in a sentence. */
    static final class Unreadable extends Exception {

        private static final long serialVersionUID = 1L;

        Unreadable(String sentence) {
            super(sentence);
        }
    }

    FileReading(ObjectMapper json) {
        this.json = json;
    }

    /** What stands at the top of the file; reads all of it. */
    Head head(InputStream in) throws Unreadable {
        String format = "";
        int version = 0;
        try (JsonParser file = json.createParser(in)) {
            start(file);
            JsonToken token = file.nextToken();
            for (; token == JsonToken.FIELD_NAME; token = file.nextToken()) {
                String name = file.currentName();
                file.nextToken();
                if (name.equals("format")) {
                    format = file.getValueAsString("");
                } else if (name.equals("version")) {
                    version = file.getValueAsInt(0);
                }
                file.skipChildren();
            }
            if (token != JsonToken.END_OBJECT) {
                throw new Unreadable(UNREADABLE);
            }
            return new Head(format, version);
        } catch (IOException e) {
            throw new Unreadable(UNREADABLE);
        }
    }

    /** Hands over each part in turn. */
    void read(InputStream in, Taker taker) throws Unreadable {
        At at = new At();
        try (JsonParser file = json.createParser(in)) {
            start(file);
            while (file.nextToken() == JsonToken.FIELD_NAME) {
                String name = file.currentName();
                file.nextToken();
                switch (name) {
                    case "vehicles" -> each(file, "vehicle", UnboFile.VehiclePart.class, taker::vehicle, at);
                    case "jobs" -> each(file, "job", UnboFile.JobPart.class, taker::job, at);
                    case "photos" -> each(file, "photo", UnboFile.PhotoPart.class, taker::photo, at);
                    case "followUps" -> each(file, "follow-up", UnboFile.FollowUpPart.class, taker::followUp, at);
                    case "more" -> each(file, "more", UnboFile.MorePart.class, taker::more, at);
                    case "shelf" -> {
                        at.part = "shelf";
                        if (file.currentToken() == JsonToken.START_OBJECT) {
                            taker.shelf(json.readValue(file, UnboFile.ShelfPart.class));
                        } else {
                            file.skipChildren();
                        }
                    }
                    default -> file.skipChildren();
                }
            }
        } catch (JsonMappingException e) {
            throw new Unreadable(at.part + where(e) + " cannot be read: "
                    + e.getOriginalMessage().lines().findFirst().orElse(""));
        } catch (JsonProcessingException e) {
            throw new Unreadable(UNREADABLE);
        } catch (IOException e) {
            throw new Unreadable("The file broke off while it was being read. Send it again.");
        }
    }

    /** Which part is being read, for a sentence about it. */
    private static final class At {
        private String part = "The file";
    }

    private <T> void each(JsonParser file, String what, Class<T> type, BiConsumer<T, Integer> taker, At at)
            throws IOException {
        if (file.currentToken() != JsonToken.START_ARRAY) {
            file.skipChildren();
            return;
        }
        int number = 0;
        while (file.nextToken() != JsonToken.END_ARRAY) {
            number++;
            at.part = what + " " + number;
            taker.accept(json.readValue(file, type), number);
        }
    }

    private static void start(JsonParser file) throws IOException, Unreadable {
        if (file.nextToken() != JsonToken.START_OBJECT) {
            throw new Unreadable(UNREADABLE);
        }
    }

    private static String where(JsonMappingException e) {
        return e.getPath().stream()
                .map(r -> r.getFieldName() == null ? "[" + (r.getIndex() + 1) + "]" : r.getFieldName())
                .collect(Collectors.joining(" ", e.getPath().isEmpty() ? "" : ", ", ""));
    }
}
