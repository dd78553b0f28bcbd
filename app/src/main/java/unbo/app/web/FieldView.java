package unbo.app.web;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

import unbo.core.input.Field;
import unbo.core.input.FieldReading;
import unbo.core.input.Reading;
import unbo.core.input.Typed;
import unbo.core.input.UnitSystem;

/**
 * A field as a template prints it: what was typed, how it was understood, what is wrong with it.
 *
 * @param unit the unit a bare number takes on this page; empty for texts
 */
public record FieldView(
        String name, String label, String kind, String unit, Said said, Help help, Choosing choice, Box box) {
    /**
     * What was typed, and what was said to it.
     *
     * @param echo how it was understood, in both systems
     */
    public record Said(String typed, String echo, String doubt, String suggestion, List<String> refusals) {}

    /** What stands in and under an empty box. */
    public record Help(String placeholder, String why, String hint) {}

    /**
     * What may be chosen.
     *
     * @param clearable true for a choice that may go back to none
     * @param columns cells of a line, where each line is a record
     */
    public record Choosing(List<Field.Choice> choices, boolean required, boolean clearable, List<Column> columns) {}

    /** A cell of a line. @param choices what may be chosen; empty where it is typed */
    public record Column(String label, String placeholder, List<Field.Choice> choices) {}

    /**
     * How it stands on the page.
     *
     * @param slider null where there is none
     * @param fine true where it folds away
     * @param apart the system in which the text was typed, where it is not the page's own; empty otherwise
     * @param instead what counts while a choice is left open, in words; empty where nothing does
     */
    public record Box(Slider slider, boolean fine, String apart, String instead) {}

    private static final List<Field.Choice> YES_NO =
            List.of(new Field.Choice("yes", "yes"), new Field.Choice("no", "no"));

    /** A slider beside a box, in the box's unit. @param from field it starts from while the box is empty */
    public record Slider(String least, String most, String step, String from) {}

    /** The same before anybody was asked: an empty box is not yet a fault. */
    public FieldView withoutRefusals() {
        return new FieldView(
                name,
                label,
                kind,
                unit,
                new Said(typed(), echo(), doubt(), suggestion(), List.of()),
                new Help(placeholder(), why(), hint()),
                new Choosing(choices(), required(), clearable(), columns()),
                new Box(slider(), fine(), apart(), instead()));
    }

    /** The form of a reading, by name, on a page that works in a system. */
    public static Map<String, FieldView> form(Reading<?> reading, UnitSystem system) {
        return form(reading, Typed.of(Map.of(), system));
    }

    /** The same of texts of which each keeps the system it was typed in. */
    public static Map<String, FieldView> form(Reading<?> reading, Typed typed) {
        Map<String, FieldView> form = new LinkedHashMap<>();
        reading.fields().forEach((name, field) -> {
            UnitSystem own = typed.of(name);
            String apart = own == typed.units() || field.field().unit() == null ? "" : own.name();
            form.put(name, of(field, reading.sentences(name), own, apart));
        });
        return form;
    }

    private static FieldView of(FieldReading reading, List<String> refusals, UnitSystem system, String apart) {
        Field field = reading.field();
        String unit = field.unit() == null ? "" : field.bareUnit(system).symbol();
        return new FieldView(
                field.name(),
                field.label(),
                (field.kind() == Field.Kind.BEARING ? Field.Kind.TEXT : field.kind()).name(),
                unit,
                new Said(
                        reading.typed(),
                        reading.echo(),
                        reading.doubt() == null ? null : reading.doubt().question(),
                        reading.doubt() == null ? null : reading.doubt().suggestion(),
                        refusals),
                new Help(
                        placeholder(field, system),
                        reading.defaulted() && field.defaultWhy() != null ? field.defaultWhy() : "",
                        field.hint()),
                new Choosing(field.choices(), field.required(), !field.required(), columns(field)),
                new Box(slider(field, system), field.fine(), apart, instead(field)));
    }

    /** A choice that is left open sends nothing: what counts then is told, never sent as if it had been chosen. */
    private static String instead(Field field) {
        if (field.kind() != Field.Kind.CHOICE || field.defaultText() == null) {
            return "";
        }
        String label = field.choices().stream()
                .filter(c -> c.code().equals(field.defaultText()))
                .map(Field.Choice::label)
                .findFirst()
                .orElse(field.defaultText());
        return label + (field.defaultWhy() == null ? "" : ", " + field.defaultWhy());
    }

    /** Bare numbers of a line are in the field's own unit, whatever the workshop's: its head names it. */
    private static List<Column> columns(Field field) {
        return field.columns().stream()
                .map(column -> new Column(
                        column.label()
                                + (column.unit() == null
                                                || column.unit().symbol().isEmpty()
                                        ? ""
                                        : ", " + column.unit().symbol()),
                        column.kind() == Field.Kind.CHOICE || column.defaultText() == null ? "" : column.defaultText(),
                        column.kind() == Field.Kind.YES_NO ? YES_NO : column.choices()))
                .toList();
    }

    private static Slider slider(Field field, UnitSystem system) {
        if (field.slides() == null || !field.hasUsual()) {
            return null;
        }
        double unit = field.bareUnit(system).fromBase(field.unit().toBase(1))
                - field.bareUnit(system).fromBase(field.unit().toBase(0));
        double least = field.usualMin() * unit;
        double most = field.usualMax() * unit;
        double step = Math.pow(10, Math.floor(Math.log10((most - least) / 40)));
        return new Slider(plain(least), plain(most), plain(step), field.slides());
    }

    private static String plain(double value) {
        return java.math.BigDecimal.valueOf(value)
                .setScale(4, java.math.RoundingMode.HALF_UP)
                .stripTrailingZeros()
                .toPlainString();
    }

    private static String placeholder(Field field, UnitSystem system) {
        if (field.defaultText() == null || field.kind() == Field.Kind.CHOICE) {
            return "";
        }
        boolean converted = field.unit() != null && !field.bareUnit(system).equals(field.unit());
        return converted ? field.defaultText() + " " + field.unit().symbol() : field.defaultText();
    }

    public String typed() {
        return said.typed();
    }

    public String echo() {
        return said.echo();
    }

    public String doubt() {
        return said.doubt();
    }

    public String suggestion() {
        return said.suggestion();
    }

    public List<String> refusals() {
        return said.refusals();
    }

    public String placeholder() {
        return help.placeholder();
    }

    public String why() {
        return help.why();
    }

    public String hint() {
        return help.hint();
    }

    public List<Field.Choice> choices() {
        return choice.choices();
    }

    public boolean required() {
        return choice.required();
    }

    public boolean clearable() {
        return choice.clearable();
    }

    public List<Column> columns() {
        return choice.columns();
    }

    public Slider slider() {
        return box.slider();
    }

    public boolean fine() {
        return box.fine();
    }

    public String apart() {
        return box.apart();
    }

    public String instead() {
        return box.instead();
    }
}
