package unbo.core.strip;

import java.util.ArrayList;
import java.util.List;

import unbo.core.table.Table;
import unbo.core.table.TableRow;

/**
 * One way to get a bearing out.
 *
 * @param acts where its force acts: tight, inner, outer, both or none
 * @param tight rings for which it is a way
 * @param access face it needs: own, far or none
 * @param bore through, through-open (no shoulder, no clip), blind or any
 * @param spacer none, grip (a lip for its jaws), tips (the spacer can be tipped) or any
 * @param shock true when it works by blows
 * @param minutes usual
 */
record Method(
        String code,
        String name,
        List<String> tools,
        String acts,
        List<String> tight,
        String access,
        String bore,
        String spacer,
        boolean shock,
        double minutes,
        String says,
        String caution) {

    static final List<Method> ALL = read();

    private static List<Method> read() {
        List<Method> all = new ArrayList<>();
        for (TableRow row : Table.read(Method.class, "methods.csv")) {
            all.add(new Method(
                    row.get("code"),
                    row.get("name"),
                    row.words("tools"),
                    row.get("acts"),
                    row.words("tight"),
                    row.get("access"),
                    row.get("bore"),
                    row.get("spacer"),
                    row.yes("shock"),
                    row.number("minutes"),
                    row.get("says"),
                    row.get("caution")));
        }
        return List.copyOf(all);
    }
}
