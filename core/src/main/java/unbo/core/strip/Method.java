package unbo.core.strip;

import java.util.ArrayList;
import java.util.List;

import org.apache.commons.csv.CSVRecord;

import unbo.core.measure.Table;

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
        for (CSVRecord row : Table.read(Method.class, "methods.csv")) {
            all.add(new Method(
                    row.get("code"),
                    row.get("name"),
                    List.of(row.get("tools").split(" ")),
                    row.get("acts"),
                    List.of(row.get("tight").split(" ")),
                    row.get("access"),
                    row.get("bore"),
                    row.get("spacer"),
                    row.get("shock").equals("yes"),
                    Double.parseDouble(row.get("minutes")),
                    row.get("says"),
                    row.get("caution")));
        }
        return List.copyOf(all);
    }
}
