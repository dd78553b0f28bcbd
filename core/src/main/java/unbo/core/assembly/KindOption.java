package unbo.core.assembly;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;

import unbo.core.input.Field;
import unbo.core.table.Table;
import unbo.core.table.TableRow;

/**
 * A thing that differs from one assembly of a kind to the next, and that the way it comes apart hangs on.
 *
 * @param kind code of the kind; a star stands for all
 * @param values the first is taken while nothing is said
 */
public record KindOption(String kind, String code, String label, List<Field.Choice> values) {

    /** True where the spacer is of soft metal: its end flares under a jaw. */
    public static final String SPACER_MATERIAL = "spacerMaterial";

    private static final List<KindOption> ALL = read();

    public KindOption {
        values = List.copyOf(values);
    }

    /** What was said of an option, or is usual. */
    public record Said(KindOption option, String value) {}

    /** The options of a kind with what some texts say of each. */
    public static List<Said> said(String kind, UnaryOperator<String> texts) {
        return of(kind).stream()
                .map(option -> new Said(
                        option, option.value(texts.apply(option.code())).orElseGet(option::usual)))
                .toList();
    }

    /** What can be said of a kind. */
    public static List<KindOption> of(String kind) {
        return ALL.stream()
                .filter(option -> option.kind.equals("*") || option.kind.equals(kind))
                .toList();
    }

    /** All of them. */
    public static List<KindOption> all() {
        return ALL;
    }

    public static Optional<KindOption> find(String kind, String code) {
        return of(kind).stream().filter(option -> option.code.equals(code)).findFirst();
    }

    /** What is taken while nothing is said. */
    public String usual() {
        return values.get(0).code();
    }

    /** The value that a text means; empty where it means none. A material of a spacer is soft or hard. */
    public Optional<String> value(String text) {
        String said = switch (text) {
            case "true" -> "yes";
            case "false" -> "no";
            case "aluminium", "magnesium" -> code.equals(SPACER_MATERIAL) ? "soft" : text;
            case "steel", "cast-iron" -> code.equals(SPACER_MATERIAL) ? "hard" : text;
            default -> text;
        };
        return values.stream().map(Field.Choice::code).filter(said::equals).findFirst();
    }

    private static List<KindOption> read() {
        List<KindOption> all = new ArrayList<>();
        for (TableRow row : Table.read(KindOption.class, "kind-options.csv")) {
            String[] codes = row.word("values").split("\\|");
            String[] words = row.word("words").split("\\|");
            if (codes.length != words.length) {
                throw row.fault("words", "has not as many entries as values");
            }
            List<Field.Choice> values = new ArrayList<>();
            for (int i = 0; i < codes.length; i++) {
                values.add(new Field.Choice(codes[i], words[i]));
            }
            all.add(new KindOption(row.word("kind"), row.word("option"), row.word("label"), values));
        }
        return List.copyOf(all);
    }
}
