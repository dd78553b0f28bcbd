package unbo.core.tool;

import java.util.LinkedHashMap;
import java.util.Map;
import java.util.function.UnaryOperator;

import org.jspecify.annotations.Nullable;

import unbo.core.input.Field;
import unbo.core.input.FieldList;

/**
 * What the inputs of a call are made of, at any depth: fields, objects and lists of objects, and which box of the form
 * each of them fills. Limits of the trade stay the fields'.
 */
public final class Shape {

    /** A member of a body or of an object within it. */
    public sealed interface Member permits Leaf, Inner, Rows {}

    /**
     * One value.
     *
     * @param box the box it fills
     * @param bare true where a text with a unit is not taken for a number
     */
    public record Leaf(Field field, String box, boolean bare) implements Member {}

    /** An object. */
    public record Inner(Shape shape) implements Member {}

    /**
     * A list of objects.
     *
     * @param lines the box that takes each as a line; null where each member of the objects is a list of its own box
     */
    public record Rows(Shape item, @Nullable String lines) implements Member {}

    public static final Shape EMPTY = new Shape(Map.of());

    private final Map<String, Member> members;

    private Shape(Map<String, Member> members) {
        this.members = members;
    }

    /** The fields of a list, each a member. */
    public static Shape of(FieldList<?> list) {
        Shape shape = EMPTY;
        for (Field field : list.fields()) {
            shape = shape.and(field);
        }
        return shape;
    }

    /** Some fields of a list, each a member. */
    public static Shape of(FieldList<?> list, String... names) {
        Shape shape = EMPTY;
        for (String name : names) {
            shape = shape.and(name, list, name);
        }
        return shape;
    }

    /** An object whose members fill boxes of other names. */
    public static Shape of(FieldList<?> list, UnaryOperator<String> box, String... names) {
        Shape shape = EMPTY;
        for (String name : names) {
            shape = shape.and(name, list, box.apply(name));
        }
        return shape;
    }

    /** By name, in order. */
    public Map<String, Member> members() {
        return members;
    }

    private Shape and(String name, Member member) {
        Map<String, Member> all = new LinkedHashMap<>(members);
        all.put(name, member);
        return new Shape(all);
    }

    public Shape and(Field field) {
        return and(field.name(), new Leaf(field, field.name(), false));
    }

    /** A field of a list under another name. @throws java.util.NoSuchElementException where the list has none */
    public Shape and(String name, FieldList<?> list, String box) {
        return and(name, new Leaf(list.field(box).orElseThrow(), box, false));
    }

    /** A number that takes no unit, for a box of its own name or another. */
    public Shape andNumber(Field field, String box) {
        return and(field.name(), new Leaf(field, box, true));
    }

    public Shape and(String name, Shape inner) {
        return and(name, new Inner(inner));
    }

    /** A list of objects, each member of which is a list of its own box. */
    public Shape andColumns(String name, Shape item) {
        return and(name, new Rows(item, null));
    }

    /** A list of objects, each a line of a box; the same may be written as one text. */
    public Shape andLines(String name, Shape item) {
        return and(name, new Rows(item, name));
    }
}
