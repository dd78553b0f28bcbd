package unbo.app.api;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import java.util.stream.StreamSupport;

import com.fasterxml.jackson.databind.JsonNode;
import io.swagger.v3.oas.models.media.ArraySchema;
import io.swagger.v3.oas.models.media.BooleanSchema;
import io.swagger.v3.oas.models.media.ComposedSchema;
import io.swagger.v3.oas.models.media.IntegerSchema;
import io.swagger.v3.oas.models.media.NumberSchema;
import io.swagger.v3.oas.models.media.ObjectSchema;
import io.swagger.v3.oas.models.media.Schema;
import io.swagger.v3.oas.models.media.StringSchema;

import unbo.core.input.Field;
import unbo.core.input.FieldList;
import unbo.core.input.Problem;

/**
 * What the body of a call is made of, at any depth: fields, objects and lists of objects. A body is judged by it before
 * anything is read, each fault named by its path, and the call is described by it; limits of the trade stay the
 * fields'.
 */
final class BodyShape {

    private static final int MOST_NAMED = 5;
    private static final int LONGEST_NAME = 40;

    private interface Member {

        void judge(String path, JsonNode value, List<Problem> problems);

        Schema<?> schema();
    }

    /** @param bare true where a text with a unit is not taken for a number */
    private record Leaf(Field field, boolean bare) implements Member {

        @Override
        public void judge(String path, JsonNode value, List<Problem> problems) {
            if (!fits(this, value)) {
                problems.add(new Problem(path, field.label() + " is " + words(this) + ".", false));
            }
        }

        @Override
        public Schema<?> schema() {
            return described(this);
        }
    }

    private record Inner(BodyShape shape) implements Member {

        @Override
        public void judge(String path, JsonNode value, List<Problem> problems) {
            if (value.isObject()) {
                shape.judge(path + ".", value, problems);
                shape.missing(path + ".", value, problems);
            } else {
                problems.add(new Problem(path, "Write " + shape.words() + ".", false));
            }
        }

        @Override
        public Schema<?> schema() {
            return shape.schema();
        }
    }

    /** @param orText true where the same may be written as one text */
    private record Many(BodyShape shape, boolean orText) implements Member {

        @Override
        public void judge(String path, JsonNode list, List<Problem> problems) {
            if (orText && list.isTextual()) {
                return;
            }
            if (!list.isArray()) {
                problems.add(new Problem(path, "Write a list of " + shape.words() + ".", false));
                return;
            }
            Inner item = new Inner(shape);
            for (int i = 0; i < list.size(); i++) {
                item.judge(path + "[" + i + "]", list.get(i), problems);
            }
        }

        @Override
        public Schema<?> schema() {
            return new ArraySchema().items(shape.schema());
        }
    }

    static final BodyShape EMPTY = new BodyShape(Map.of());

    private final Map<String, Member> members;

    private BodyShape(Map<String, Member> members) {
        this.members = members;
    }

    /** The fields of a list, each a member. */
    static BodyShape of(FieldList<?> list) {
        BodyShape shape = EMPTY;
        for (Field field : list.fields()) {
            shape = shape.with(field);
        }
        return shape;
    }

    private BodyShape and(String name, Member member) {
        Map<String, Member> all = new LinkedHashMap<>(members);
        all.put(name, member);
        return new BodyShape(all);
    }

    BodyShape with(Field field) {
        return and(field.name(), new Leaf(field, false));
    }

    /** A field of a list under another name. */
    BodyShape with(String name, FieldList<?> list, String field) {
        return and(name, new Leaf(list.field(field).orElseThrow(), false));
    }

    /** A number that takes no unit. */
    BodyShape withNumber(Field field) {
        return and(field.name(), new Leaf(field, true));
    }

    BodyShape with(String name, BodyShape inner) {
        return and(name, new Inner(inner));
    }

    /** A list of objects. */
    BodyShape withEach(String name, BodyShape item) {
        return and(name, new Many(item, false));
    }

    /** A list of objects, which may also be written as one text. */
    BodyShape withEachOrText(String name, BodyShape item) {
        return and(name, new Many(item, true));
    }

    /** What is not there or not what it must be, by its path. */
    List<Problem> problems(JsonNode body) {
        List<Problem> problems = new ArrayList<>();
        judge("", body, problems);
        return problems;
    }

    private void judge(String path, JsonNode object, List<Problem> problems) {
        List<String> unknown = new ArrayList<>();
        object.properties().forEach(entry -> {
            Member member = members.get(entry.getKey());
            if (member == null) {
                unknown.add(path + shortened(entry.getKey()));
            } else if (!entry.getValue().isNull()) {
                member.judge(path + entry.getKey(), entry.getValue(), problems);
            }
        });
        if (!unknown.isEmpty()) {
            problems.add(unknown(unknown));
        }
    }

    /** Members that an object within a body cannot do without; those of the body itself are its fields' to ask for. */
    private void missing(String path, JsonNode object, List<Problem> problems) {
        members.forEach((name, member) -> {
            if (member instanceof Leaf leaf && leaf.field().required() && !object.hasNonNull(name)) {
                problems.add(new Problem(path + name, leaf.field().label() + " is needed.", false));
            }
        });
    }

    /** All members that are none, in one sentence: their number is not bounded, an answer is. */
    private Problem unknown(List<String> names) {
        String all = names.stream().limit(MOST_NAMED).collect(Collectors.joining(", "))
                + (names.size() > MOST_NAMED ? " and " + (names.size() - MOST_NAMED) + " more" : "");
        return new Problem(
                names.get(0),
                (names.size() == 1 ? "There is no field " : "There are no fields ") + all + " here; there are "
                        + String.join(", ", members.keySet()) + ".",
                false);
    }

    private static String shortened(String name) {
        return name.length() <= LONGEST_NAME ? name : name.substring(0, LONGEST_NAME) + "…";
    }

    private String words() {
        return "{" + String.join(", ", members.keySet()) + "}";
    }

    private static boolean fits(Leaf leaf, JsonNode value) {
        if (leaf.bare()) {
            return value.isNumber();
        }
        return switch (leaf.field().kind()) {
            case QUANTITY, COUNTER, WHOLE, BEARING, CHOICE, DATE -> scalar(value);
            case YES_NO -> value.isBoolean() || value.isTextual();
            case LIST, TEXT, LINES ->
                scalar(value)
                        || value.isArray()
                                && StreamSupport.stream(value.spliterator(), false)
                                        .allMatch(one -> scalar(one) || one.isNull());
        };
    }

    private static boolean scalar(JsonNode value) {
        return value.isNumber() || value.isTextual();
    }

    private static String words(Leaf leaf) {
        if (leaf.bare()) {
            return "a number";
        }
        return switch (leaf.field().kind()) {
            case QUANTITY, COUNTER -> "a number, or a text with its unit";
            case WHOLE -> "a whole number";
            case YES_NO -> "true or false";
            case LIST -> "a list of numbers";
            case BEARING, CHOICE, DATE, TEXT, LINES -> "a text";
        };
    }

    /** Described as JSON schema. */
    Schema<?> schema() {
        ObjectSchema body = new ObjectSchema();
        body.setAdditionalProperties(false);
        members.forEach((name, member) -> {
            body.addProperty(name, member.schema());
            if (member instanceof Leaf leaf && leaf.field().required()) {
                body.addRequiredItem(name);
            }
        });
        return body;
    }

    private static Schema<?> described(Leaf leaf) {
        Field field = leaf.field();
        Schema<?> schema = leaf.bare() ? number(field) : plain(field);
        schema.setDescription(field.label()
                + (field.unit() == null || field.unit().symbol().isEmpty()
                        ? ""
                        : ", " + field.unit().symbol())
                + (field.hint().isEmpty() ? "" : ": " + field.hint())
                + (field.defaultText() == null ? "" : ". Default " + field.defaultText()));
        return schema;
    }

    private static Schema<?> plain(Field field) {
        return switch (field.kind()) {
            case QUANTITY, COUNTER -> quantity(field);
            case LIST ->
                new ArraySchema()
                        .items(quantity(field))
                        .minItems(field.fewest())
                        .maxItems(field.longest());
            case WHOLE ->
                new IntegerSchema().minimum(BigDecimal.valueOf(field.min())).maximum(BigDecimal.valueOf(field.max()));
            case YES_NO -> new BooleanSchema();
            case DATE -> new StringSchema().format("date");
            case CHOICE -> choice(field);
            case TEXT, BEARING, LINES -> new StringSchema().maxLength(field.longest());
        };
    }

    private static Schema<?> quantity(Field field) {
        return new ComposedSchema().oneOf(List.of(number(field), new StringSchema()));
    }

    private static Schema<?> number(Field field) {
        return new NumberSchema().minimum(BigDecimal.valueOf(field.min())).maximum(BigDecimal.valueOf(field.max()));
    }

    private static Schema<?> choice(Field field) {
        StringSchema schema = new StringSchema();
        field.choices().forEach(c -> schema.addEnumItem(c.code()));
        return schema;
    }
}
