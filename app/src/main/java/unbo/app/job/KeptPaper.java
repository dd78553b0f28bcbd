package unbo.app.job;

import com.fasterxml.jackson.annotation.JsonCreator;
import com.fasterxml.jackson.annotation.JsonRawValue;
import com.fasterxml.jackson.annotation.JsonValue;
import com.fasterxml.jackson.databind.JsonNode;

/** The paper of a closed job as it is kept, which goes into files without being taken apart. */
public final class KeptPaper {

    private final String json;

    KeptPaper(String json) {
        this.json = json;
    }

    @JsonCreator
    static KeptPaper of(JsonNode paper) {
        return new KeptPaper(paper.toString());
    }

    @JsonValue
    @JsonRawValue
    String json() {
        return json;
    }
}
