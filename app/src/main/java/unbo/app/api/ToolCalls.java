package unbo.app.api;

import java.lang.reflect.Method;
import java.util.Map;

import com.fasterxml.jackson.annotation.JsonUnwrapped;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.JsonNodeFactory;
import com.fasterxml.jackson.databind.node.ObjectNode;
import io.swagger.v3.oas.annotations.Hidden;
import org.springframework.beans.factory.SmartInitializingSingleton;
import org.springframework.beans.factory.annotation.Qualifier;
import org.springframework.http.MediaType;
import org.springframework.stereotype.Component;
import org.springframework.util.ReflectionUtils;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMethod;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseBody;
import org.springframework.web.servlet.mvc.method.RequestMappingInfo;
import org.springframework.web.servlet.mvc.method.annotation.RequestMappingHandlerMapping;

import unbo.app.tool.ToolAnswers;
import unbo.core.input.Reading;
import unbo.core.tool.Call;
import unbo.core.tool.Tool;
import unbo.core.tool.Tools;

/** Opens an address for every call of every tool. */
@Component
class ToolCalls implements SmartInitializingSingleton {

    /** What all addresses of calls begin with. */
    static final String BASE = "/api/v1/";

    private final RequestMappingHandlerMapping addresses;
    private final JsonTexts reader;
    private final ToolAnswers answers;

    ToolCalls(
            @Qualifier("requestMappingHandlerMapping") RequestMappingHandlerMapping addresses,
            JsonTexts reader,
            ToolAnswers answers) {
        this.addresses = addresses;
        this.reader = reader;
        this.answers = answers;
    }

    @Override
    public void afterSingletonsInstantiated() {
        Tools.all().forEach(this::open);
    }

    private <I, R> void open(Tool<I, R> tool) {
        for (Call<R> call : tool.calls()) {
            RequestMappingInfo.Builder at = RequestMappingInfo.paths(BASE + call.path())
                    .methods(call.posted() ? RequestMethod.POST : RequestMethod.GET)
                    .produces(MediaType.APPLICATION_JSON_VALUE)
                    .options(addresses.getBuilderConfiguration());
            RequestMappingInfo address = (call.posted() ? at.consumes(MediaType.APPLICATION_JSON_VALUE) : at).build();
            addresses.registerMapping(address, new Answering<>(tool, call), method(call.posted() ? "body" : "fields"));
        }
    }

    private static Method method(String name) {
        for (Method method : Answering.class.getDeclaredMethods()) {
            if (method.getName().equals(name)) {
                ReflectionUtils.makeAccessible(method);
                return method;
            }
        }
        throw new IllegalStateException(name);
    }

    /** An answer with what was judged, and how far its figures may be off where inputs were written with ±. */
    record Answered(
            @JsonUnwrapped Object answer,
            @JsonUnwrapped Judgement judgement,
            @JsonUnwrapped Ranged ranged) {}

    /** Answers one call. */
    @Hidden
    final class Answering<I, R> {

        private final Tool<I, R> tool;
        private final Call<R> call;
        private final BodyShape shape;

        Answering(Tool<I, R> tool, Call<R> call) {
            this.tool = tool;
            this.call = call;
            this.shape = new BodyShape(call.shape());
        }

        @ResponseBody
        Answered body(@RequestBody JsonNode body) {
            return answer(body);
        }

        @ResponseBody
        Answered fields(@RequestParam Map<String, String> fields) {
            ObjectNode body = JsonNodeFactory.instance.objectNode();
            fields.forEach(body::put);
            return answer(body);
        }

        private Answered answer(JsonNode sent) {
            JsonNode body = sent.isObject() ? withUsual((ObjectNode) sent) : sent;
            Reading<I> reading = reader.reading(tool.fields(), shape, body);
            R result = tool.compute(reading.get().orElseThrow());
            boolean ranged = reading.fields().values().stream().anyMatch(field -> field.half() > 0);
            return new Answered(
                    call.json().apply(result),
                    Judgement.of(tool.findings(result)),
                    ranged ? Ranged.of(reader.ranged(tool, reading, tool.print(result))) : Ranged.NONE);
        }

        private ObjectNode withUsual(ObjectNode sent) {
            ObjectNode body = sent.deepCopy();
            answers.withUsual(tool, Map.of()).forEach((box, text) -> {
                if (!body.has(box) && call.shape().members().containsKey(box)) {
                    body.put(box, text);
                }
            });
            return body;
        }
    }
}
