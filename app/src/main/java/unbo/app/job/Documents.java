package unbo.app.job;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;

import com.fasterxml.jackson.core.JsonParser;
import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.core.JsonToken;
import com.fasterxml.jackson.core.type.TypeReference;
import com.fasterxml.jackson.databind.DeserializationFeature;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.json.JsonMapper;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import org.springframework.stereotype.Component;

import unbo.core.answer.Answer;
import unbo.core.drawing.Shape;
import unbo.core.input.Typed;
import unbo.core.sheet.Fact;

/** Writes and reads the JSON documents of stages and sheets; what a newer release added is passed over. */
@Component
class Documents {

    private static final TypeReference<List<Fact>> FACTS = new TypeReference<>() {};

    private static final TypeReference<TreeMap<String, String>> TEXTS = new TypeReference<>() {};

    private static final ObjectMapper JSON = JsonMapper.builder()
            .disable(DeserializationFeature.FAIL_ON_UNKNOWN_PROPERTIES)
            .enable(DeserializationFeature.READ_UNKNOWN_ENUM_VALUES_AS_NULL)
            .addModule(FactKeys.module())
            .addMixIn(Shape.class, ShapeNames.class)
            .build();

    String write(Object document) {
        try {
            return JSON.writeValueAsString(document);
        } catch (JsonProcessingException e) {
            throw new UncheckedIOException(e);
        }
    }

    StageDocument stage(Stage stage) {
        try {
            return JSON.readValue(stage.document(), StageDocument.class);
        } catch (JsonProcessingException e) {
            throw new UncheckedIOException("stage " + stage.code(), e);
        }
    }

    Answer answer(String document) {
        try {
            return JSON.readValue(document, Answer.class);
        } catch (JsonProcessingException e) {
            throw new UncheckedIOException(e);
        }
    }

    Paper paper(String document) {
        try {
            return JSON.readValue(document, Paper.class);
        } catch (JsonProcessingException e) {
            throw new UncheckedIOException(e);
        }
    }

    /** A paper with one of its stations, by code, and without facts: the rest is passed over unread. */
    Paper paper(String document, String station) {
        ObjectNode some = JSON.createObjectNode();
        try (JsonParser parser = JSON.createParser(document)) {
            parser.nextToken();
            for (String name = parser.nextFieldName(); name != null; name = parser.nextFieldName()) {
                JsonToken value = parser.nextToken();
                if (name.equals("stations") && value == JsonToken.START_ARRAY) {
                    station(parser, station, some.putArray(name));
                } else if (name.equals("facts")) {
                    parser.skipChildren();
                } else {
                    some.set(name, JSON.readTree(parser));
                }
            }
            return JSON.treeToValue(some, Paper.class);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /** Reads the station whose first member is its code; one that begins otherwise is read whole. */
    private static void station(JsonParser parser, String code, ArrayNode stations) throws IOException {
        while (parser.nextToken() == JsonToken.START_OBJECT) {
            String first = parser.nextFieldName();
            parser.nextToken();
            ObjectNode station = JSON.createObjectNode();
            boolean other = "code".equals(first) && !code.equals(parser.getText());
            for (String name = first; name != null; name = parser.nextFieldName()) {
                if (name != first) {
                    parser.nextToken();
                }
                if (other) {
                    parser.skipChildren();
                } else {
                    station.set(name, JSON.readTree(parser));
                }
            }
            if (!other) {
                stations.add(station);
            }
        }
    }

    /** A paper out of a file; empty where it is none. */
    static Optional<Paper> paper(KeptPaper kept) {
        try {
            return Optional.ofNullable(JSON.readValue(kept.json(), Paper.class));
        } catch (JsonProcessingException e) {
            return Optional.empty();
        }
    }

    /**
     * Texts with the systems they were typed in, as a page sends them back; what is no such thing reads as nothing
     * typed.
     */
    Typed typed(String document) {
        try {
            Typed typed = JSON.readValue(document, Typed.class);
            return typed == null ? Typed.NOTHING : typed;
        } catch (JsonProcessingException e) {
            return Typed.NOTHING;
        }
    }

    /** Texts by name, as a page sends them back; what is no such thing reads as none. */
    Map<String, String> texts(String document) {
        try {
            Map<String, String> texts = JSON.readValue(document, TEXTS);
            return texts == null ? Map.of() : texts;
        } catch (JsonProcessingException e) {
            return Map.of();
        }
    }

    List<Fact> facts(String document) {
        try {
            return JSON.readValue(document, FACTS).stream()
                    .filter(f -> f.key() != null && f.how() != null)
                    .toList();
        } catch (JsonProcessingException e) {
            throw new UncheckedIOException(e);
        }
    }

    String facts(Collection<Fact> facts) {
        return write(facts);
    }
}
