package unbo.core.apart;

import java.util.ArrayList;
import java.util.List;

import unbo.core.assembly.Joint;
import unbo.core.table.Table;
import unbo.core.table.TableRow;

/**
 * A way to close a joint.
 *
 * @param of what it works on: targets or kinds of parts; a star for all
 * @param way what it hangs on
 * @param minutes hands-on, usual
 */
record MountMethod(
        String code,
        String name,
        Joint.Kind closes,
        List<String> of,
        Way way,
        double minutes,
        String says,
        String caution) {

    /** What a way of mounting hangs on. */
    enum Way {
        /** Always possible. */
        ANY,
        /** Both rings go on at once. */
        BOTH,
        /** A housing that opens with warmth, within the limits of what sits in it. */
        HOUSING,
        /** A ring that opens with warmth, within its own limit. */
        RING,
        /** A light-alloy case that is warmed. */
        CASE
    }

    static final List<MountMethod> ALL = read();

    private static List<MountMethod> read() {
        List<MountMethod> all = new ArrayList<>();
        for (TableRow row : Table.read(MountMethod.class, "mounting.csv")) {
            all.add(new MountMethod(
                    row.word("code"),
                    row.word("name"),
                    row.one("joint", Joint.Kind::of),
                    row.words("of"),
                    row.one("way", Way.class),
                    row.number("minutes"),
                    row.word("says"),
                    row.get("caution")));
        }
        return List.copyOf(all);
    }

    boolean works(List<String> targets) {
        return of.contains("*") || targets.stream().anyMatch(of::contains);
    }
}
