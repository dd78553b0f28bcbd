package unbo.core.catalogue;

import java.util.Collection;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/**
 * Numbers that the tables lack and the numbering gives: NF has the sizes of N; four-point QJ2 and QJ3 those of 62 and
 * 63; double-row deep groove 42 and 43 those of 622 and 623; spherical roller 222, 223 and 213 those of 622, 623 and
 * 63; thrust roller 811 and 812 those of thrust ball 511 and 512. Source: ISO 15 and ISO 104 dimension plans, common
 * numbering.
 */
final class Derived {

    private record Rule(String from, String to, String kind) {}

    private static final List<Rule> RULES = List.of(
            new Rule("N2", "NF2", "cylindrical-roller"),
            new Rule("N3", "NF3", "cylindrical-roller"),
            new Rule("62", "QJ2", "four-point-ball"),
            new Rule("63", "QJ3", "four-point-ball"),
            new Rule("622", "42", "double-row-deep-groove-ball"),
            new Rule("623", "43", "double-row-deep-groove-ball"),
            new Rule("622", "222", "spherical-roller"),
            new Rule("623", "223", "spherical-roller"),
            new Rule("63", "213", "spherical-roller"),
            new Rule("511", "811", "thrust-cylindrical-roller"),
            new Rule("512", "812", "thrust-cylindrical-roller"));

    private Derived() {}

    static Map<String, Boundary> with(Map<String, Boundary> listed) {
        Map<String, Boundary> all = new LinkedHashMap<>(listed);
        Collection<Boundary> rows = listed.values();
        for (Rule rule : RULES) {
            rows.stream()
                    .filter(b -> b.series().equals(rule.from())
                            && b.designation().length() == rule.from().length() + 2)
                    .forEach(b -> {
                        String number = rule.to()
                                + b.designation().substring(rule.from().length());
                        all.putIfAbsent(
                                number,
                                new Boundary(
                                        rule.kind(), number, b.boreMm(), b.outsideMm(), b.widthMm(), rule.to(), ""));
                    });
        }
        return all;
    }
}
