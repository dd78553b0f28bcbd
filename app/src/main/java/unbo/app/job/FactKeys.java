package unbo.app.job;

import java.io.IOException;

import com.fasterxml.jackson.core.JsonGenerator;
import com.fasterxml.jackson.core.JsonParser;
import com.fasterxml.jackson.databind.DeserializationContext;
import com.fasterxml.jackson.databind.JsonDeserializer;
import com.fasterxml.jackson.databind.JsonSerializer;
import com.fasterxml.jackson.databind.SerializerProvider;
import com.fasterxml.jackson.databind.module.SimpleModule;

import unbo.core.fact.FactKey;

/** Keys of facts in documents and files: written by name, one that is not known read as null. */
public final class FactKeys {

    private FactKeys() {}

    /** What a reader and writer of documents needs for them. */
    public static SimpleModule module() {
        SimpleModule module = new SimpleModule("keys of facts");
        module.addSerializer(FactKey.class, new JsonSerializer<>() {
            @Override
            public void serialize(FactKey key, JsonGenerator to, SerializerProvider provider) throws IOException {
                to.writeString(key.name());
            }
        });
        module.addDeserializer(FactKey.class, new JsonDeserializer<>() {
            @Override
            public FactKey deserialize(JsonParser from, DeserializationContext context) throws IOException {
                return FactKey.named(from.getValueAsString("")).orElse(null);
            }
        });
        return module;
    }
}
