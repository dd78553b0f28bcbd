package unbo.core.tools.section;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;

import unbo.core.assembly.AssemblyKind;
import unbo.core.table.Table;
import unbo.core.table.TableRow;

/**
 * How a part of a kind is drawn, from {@code kind-shapes.csv}.
 *
 * @param option and {@code value}: what it is drawn by; empty where it always is
 * @param part code of the part; of what is no part, a word behind a tilde
 * @param words what stands in the cell of its points
 */
record SectionShape(String kind, String option, String value, String part, Form form, List<String> words) {

    /** What is drawn of a part. */
    enum Form {
        /** Where a place begins. */
        AT,
        /** A ring of rectangular section. */
        BOX,
        /** A ring of any section. */
        POLY,
        /** A turned part, seen from outside: its profile from end to end. */
        ROUND,
        /** A bar across the axis, on one side of it. */
        BAR,
        /** A ball bearing. */
        BALL,
        /** An angular contact bearing with its chamfers. */
        ANGULAR,
        /** A cartridge of two rows, but for its outboard inner half. */
        DOUBLE,
        /** The outboard inner half of a cartridge. */
        HALF,
        CUP,
        CONE,
        ROLLER_OUTER,
        ROLLER_INNER,
        DRAWN,
        /** Loose balls. */
        LOOSE,
        SEAL,
        NUT,
        PIN,
        CLIP,
        BOLT;

        private static Optional<Form> of(String code) {
            return Arrays.stream(values())
                    .filter(form -> form.name().toLowerCase(Locale.ROOT).equals(code.replace('-', '_')))
                    .findFirst();
        }
    }

    private static final List<SectionShape> ALL = read();

    /** What is drawn of a kind, from what lies behind to what lies before. */
    static List<SectionShape> of(String kind, Map<String, String> options) {
        return ALL.stream()
                .filter(shape -> shape.kind.equals(kind))
                .filter(shape -> shape.option.isEmpty() || shape.value.equals(options.get(shape.option)))
                .toList();
    }

    private static List<SectionShape> read() {
        List<SectionShape> all = new ArrayList<>();
        for (TableRow row : Table.read(SectionShape.class, "kind-shapes.csv")) {
            String[] when = row.get("when").split("=", 2);
            all.add(new SectionShape(
                    row.one("kind", code -> AssemblyKind.find(code).map(AssemblyKind::code)),
                    when[0],
                    when.length > 1 ? when[1] : "",
                    row.word("part"),
                    row.one("form", Form::of),
                    row.words("points")));
        }
        return List.copyOf(all);
    }

    /** True for what is drawn behind the parts and is none of them. */
    boolean context() {
        return part.startsWith("~");
    }
}
