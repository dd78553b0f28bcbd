package unbo.app.job;

import java.io.UncheckedIOException;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;

import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.core.type.TypeReference;
import com.fasterxml.jackson.databind.DeserializationFeature;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.json.JsonMapper;

import org.springframework.stereotype.Component;

import unbo.core.answer.Answer;
import unbo.core.drawing.Shape;
import unbo.core.input.Typed;
import unbo.core.sheet.Fact;

/** Writes and reads the JSON documents of stages and sheets; what a newer release added is passed over. */
@Component
class Documents {

    private static final TypeReference<List<Fact>> FACTS = new TypeReference<>() { };

    private static final TypeReference<TreeMap<String, String>> TEXTS = new TypeReference<>() { };

    private final ObjectMapper json = JsonMapper.builder()
            .disable(DeserializationFeature.FAIL_ON_UNKNOWN_PROPERTIES)
            .enable(DeserializationFeature.READ_UNKNOWN_ENUM_VALUES_AS_NULL)
            .addMixIn(Shape.class, ShapeNames.class)
            .build();

    String write(Object document) {
        try {
            return json.writeValueAsString(document);
        } catch (JsonProcessingException e) {
            throw new UncheckedIOException(e);
        }
    }

    StageDocument stage(Stage stage) {
        try {
            return json.readValue(stage.document(), StageDocument.class);
        } catch (JsonProcessingException e) {
            throw new UncheckedIOException("stage " + stage.code(), e);
        }
    }

    Answer answer(String document) {
        try {
            return json.readValue(document, Answer.class);
        } catch (JsonProcessingException e) {
            throw new UncheckedIOException(e);
        }
    }

    Paper paper(String document) {
        try {
            return json.readValue(document, Paper.class);
        } catch (JsonProcessingException e) {
            throw new UncheckedIOException(e);
        }
    }

    /** Texts with the systems they were typed in, as a page sends them back; what is no such thing reads as nothing typed. */
    Typed typed(String document) {
        try {
            Typed typed = json.readValue(document, Typed.class);
            return typed == null ? Typed.NOTHING : typed;
        } catch (JsonProcessingException e) {
            return Typed.NOTHING;
        }
    }

    /** Texts by name, as a page sends them back; what is no such thing reads as none. */
    Map<String, String> texts(String document) {
        try {
            Map<String, String> texts = json.readValue(document, TEXTS);
            return texts == null ? Map.of() : texts;
        } catch (JsonProcessingException e) {
            return Map.of();
        }
    }

    List<Fact> facts(String document) {
        try {
            return json.readValue(document, FACTS).stream().filter(f -> f.key() != null && f.how() != null).toList();
        } catch (JsonProcessingException e) {
            throw new UncheckedIOException(e);
        }
    }

    String facts(Collection<Fact> facts) {
        return write(facts);
    }
}
