package unbo.app.api;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.JsonNodeFactory;
import com.fasterxml.jackson.databind.node.ObjectNode;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.http.MediaType;
import org.springframework.mock.web.MockHttpServletResponse;
import org.springframework.test.web.servlet.MockMvc;

import unbo.app.Served;

/** A member of the wrong type, at any depth of any call, is refused by its path; the bodies are made from OpenAPI. */
@Served
class BodyShapeTest {

    private static final JsonNodeFactory JSON = JsonNodeFactory.instance;

    @Autowired
    private MockMvc mvc;

    private final ObjectMapper mapper = new ObjectMapper();

    /** A body with one wrong member, and the path of that. */
    private record Wrong(String path, ObjectNode body) {

        Wrong within(String name) {
            return new Wrong(name + "." + path, object(name, body));
        }

        Wrong asItemOf(String name) {
            return new Wrong(name + "[0]." + path, object(name, JSON.arrayNode().add(body)));
        }
    }

    private static ObjectNode object(String name, JsonNode value) {
        return JSON.objectNode().set(name, value);
    }

    /** Bodies of the calls as they are described. */
    private Map<String, JsonNode> bodies() throws Exception {
        JsonNode api = mapper.readTree(
                mvc.perform(get("/api/openapi.json")).andReturn().getResponse().getContentAsString());
        Map<String, JsonNode> bodies = new TreeMap<>();
        api.get("paths").properties().forEach(path -> {
            JsonNode schema = path.getValue()
                    .path("post")
                    .path("requestBody")
                    .path("content")
                    .path(MediaType.APPLICATION_JSON_VALUE)
                    .path("schema");
            if (!schema.isMissingNode()) {
                bodies.put(path.getKey(), whole(schema, api));
            }
        });
        return bodies;
    }

    /** A schema with what it refers to written out. */
    private static JsonNode whole(JsonNode schema, JsonNode api) {
        if (schema.has("$ref")) {
            return whole(api.at(schema.get("$ref").asText().substring(1)), api);
        }
        ObjectNode written = schema.deepCopy();
        if (schema.has("items")) {
            written.set("items", whole(schema.get("items"), api));
        }
        if (schema.has("properties")) {
            ObjectNode members = JSON.objectNode();
            schema.get("properties")
                    .properties()
                    .forEach(member -> members.set(member.getKey(), whole(member.getValue(), api)));
            written.set("properties", members);
        }
        return written;
    }

    /** One wrong body for each member, those of its members within it. */
    private static List<Wrong> wrong(JsonNode schema) {
        List<Wrong> all = new ArrayList<>();
        schema.path("properties").properties().forEach(member -> {
            String name = member.getKey();
            JsonNode of = member.getValue();
            boolean objects = of.path("items").has("properties");
            boolean map = of.has("additionalProperties");
            JsonNode bad =
                    of.has("properties") || objects || map ? JSON.numberNode(7) : object("foo", JSON.numberNode(1));
            all.add(new Wrong(name, object(name, bad)));
            if (of.has("properties")) {
                wrong(of).forEach(inner -> all.add(inner.within(name)));
            }
            if (objects) {
                all.add(new Wrong(name + "[0]", object(name, JSON.arrayNode().add("foo"))));
                wrong(of.get("items")).forEach(inner -> all.add(inner.asItemOf(name)));
            }
        });
        all.add(new Wrong("mood", object("mood", JSON.numberNode(1))));
        return all;
    }

    private MockHttpServletResponse send(String path, String body) throws Exception {
        return mvc.perform(post(path).contentType(MediaType.APPLICATION_JSON).content(body))
                .andReturn()
                .getResponse();
    }

    @Test
    void everyMemberOfEveryCallIsRefusedByItsPath() throws Exception {
        int judged = 0;
        for (var call : bodies().entrySet()) {
            assertThat(call.getValue().has("properties")).as(call.getKey()).isTrue();
            for (Wrong wrong : wrong(call.getValue())) {
                MockHttpServletResponse answer =
                        send(call.getKey(), wrong.body().toString());
                String said = answer.getContentAsString();
                assertThat(answer.getStatus())
                        .as(call.getKey() + " " + wrong.body())
                        .isEqualTo(400);
                assertThat(mapper.readTree(said).get("errors").findValuesAsText("field"))
                        .as(call.getKey() + " " + wrong.body())
                        .contains(wrong.path());
                judged++;
            }
        }
        assertThat(judged).isGreaterThan(400);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "wheel-life|{'lubrication':{'contamination':'abc'}}|lubrication.contamination",
                "wheel-life|{'states':'foo'}|states",
                "wheel-life|{'states':[{'share':1}]}|states[0].lateralG",
                "wheel-life|{'lubrication':'x'}|lubrication",
                "speed|{'geometry':'abc'}|geometry",
                "viscosity|{'nu40':[100]}|nu40",
                "stack|{'target':'x'}|target",
                "fit|{'measured':{'minMm':[1]}}|measured.minMm",
                "race-map|{'strokes':[{'points':[{'angleDeg':'x'}]}]}|strokes[0].points[0].angleDeg",
                "diagnose|{'checks':[{'id':'tread','mood':1}]}|checks[0].mood"
            })
    void wrongMembersAreNamed(String call, String body, String path) throws Exception {
        MockHttpServletResponse answer = send("/api/v1/" + call, body.replace('\'', '"'));
        assertThat(answer.getStatus()).isEqualTo(400);
        assertThat(mapper.readTree(answer.getContentAsString()).get("errors").findValuesAsText("field"))
                .contains(path);
    }
}
