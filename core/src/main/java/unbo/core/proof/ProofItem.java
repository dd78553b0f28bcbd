package unbo.core.proof;

import java.util.ArrayList;
import java.util.List;

import org.jspecify.annotations.Nullable;

import unbo.core.assembly.AssemblyKind;
import unbo.core.finding.Level;
import unbo.core.table.Table;
import unbo.core.table.TableRow;

/**
 * One proof that a kind of assembly asks for.
 *
 * @param group items of one group stand for each other; empty where it stands alone
 * @param level how bad that is; null where readings tell
 */
public record ProofItem(
        String kind,
        String code,
        String group,
        Need need,
        String label,
        Words words,
        @Nullable Level level,
        String hint) {
    /**
     * What either outcome is called.
     *
     * @param right what is said where it was found right; {@value #MEASURED} where readings tell
     * @param wrong what is said where it was not
     */
    public record Words(String right, String wrong) {}

    /** Whether a job may be signed without it. */
    public enum Need {
        /** Needed before signing, where it applies. */
        YES,
        /** May be left, or not done with a reason. */
        NO,
        /** May be done after the vehicle was handed over: then it falls due. */
        LATER
    }

    /** Code of the end play, which readings or an estimate tell. */
    static final String END_PLAY = "end-play";
    /** Code of the warmth after a run. */
    static final String WARMTH = "warmth";
    /** Code of the lock of an adjusted nut. */
    public static final String NUT_LOCKED = "nut-locked";

    static final String MEASURED = "measured";
    private static final List<ProofItem> ALL = read();

    /** What a kind of assembly asks to be proved, in the order of the data file. */
    public static List<ProofItem> of(AssemblyKind kind) {
        return ALL.stream().filter(item -> item.kind.equals(kind.code())).toList();
    }

    /** True where readings tell, not a look. */
    public boolean measured() {
        return right().equals(MEASURED);
    }

    private static List<ProofItem> read() {
        List<ProofItem> items = new ArrayList<>();
        for (TableRow row : Table.read(ProofItem.class, "proofs.csv")) {
            items.add(new ProofItem(
                    AssemblyKind.find(row.get("kind")).orElseThrow().code(),
                    row.get("code"),
                    row.get("group"),
                    row.one("needed", Need.class),
                    row.get("label"),
                    new Words(row.get("right"), row.get("wrong")),
                    row.get("level").isEmpty() ? null : row.one("level", Level.class),
                    row.get("hint")));
        }
        return List.copyOf(items);
    }

    public String right() {
        return words.right();
    }

    public String wrong() {
        return words.wrong();
    }
}
