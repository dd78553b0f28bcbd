package unbo.core.strip;

import java.util.ArrayList;
import java.util.List;

import unbo.core.table.Table;
import unbo.core.table.TableRow;

/**
 * One way to get a bearing out.
 *
 * @param shock true when it works by blows
 * @param minutes usual
 */
public record Method(
        String code,
        String name,
        List<String> tools,
        Reach reach,
        boolean shock,
        double minutes,
        String says,
        String caution) {
    /**
     * Where it takes hold.
     *
     * @param acts where its force acts: tight, inner, outer, both or none
     * @param tight rings for which it is a way
     * @param access face it needs: own, far or none
     * @param bore through, through-open (no shoulder, no clip), blind or any
     * @param spacer none, grip (a lip for its jaws), tips (the spacer can be tipped) or any
     */
    public record Reach(String acts, List<String> tight, String access, String bore, String spacer) {}

    public static final List<Method> ALL = read();

    private static List<Method> read() {
        List<Method> all = new ArrayList<>();
        for (TableRow row : Table.read(Method.class, "methods.csv")) {
            all.add(new Method(
                    row.get("code"),
                    row.get("name"),
                    row.words("tools"),
                    new Reach(
                            row.get("acts"), row.words("tight"), row.get("access"), row.get("bore"), row.get("spacer")),
                    row.yes("shock"),
                    row.number("minutes"),
                    row.get("says"),
                    row.get("caution")));
        }
        return List.copyOf(all);
    }

    public String acts() {
        return reach.acts();
    }

    public List<String> tight() {
        return reach.tight();
    }

    public String access() {
        return reach.access();
    }

    public String bore() {
        return reach.bore();
    }

    public String spacer() {
        return reach.spacer();
    }
}
