package unbo.core.catalogue;

import java.util.Collection;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

import unbo.core.bearing.BearingKind;
import unbo.core.bearing.Boundary;

/**
 * Numbers that the tables lack and the numbering gives: NF has the sizes of N; four-point QJ2 and QJ3 those of 62 and
 * 63; double-row deep groove 42 and 43 those of 622 and 623; spherical roller 222, 223 and 213 those of 622, 623 and
 * 63; thrust roller 811 and 812 those of thrust ball 511 and 512. Small ones that nobody makes are left out; the rest
 * may not exist either, and says so. Source: ISO 15 and ISO 104 dimension plans, common numbering.
 */
final class Derived {

    /** @param least smallest bore code that is made */
    private record Rule(String from, String to, BearingKind kind, int least) {

        boolean gives(Boundary b) {
            return b.series().equals(from)
                    && b.designation().length() == from.length() + 2
                    && Integer.parseInt(b.designation().substring(from.length())) >= least;
        }
    }

    private static final List<Rule> RULES = List.of(
            new Rule("N2", "NF2", BearingKind.CYLINDRICAL_ROLLER, 0),
            new Rule("N3", "NF3", BearingKind.CYLINDRICAL_ROLLER, 0),
            new Rule("62", "QJ2", BearingKind.FOUR_POINT_BALL, 2),
            new Rule("63", "QJ3", BearingKind.FOUR_POINT_BALL, 3),
            new Rule("622", "42", BearingKind.DOUBLE_ROW_DEEP_GROOVE_BALL, 0),
            new Rule("623", "43", BearingKind.DOUBLE_ROW_DEEP_GROOVE_BALL, 0),
            new Rule("622", "222", BearingKind.SPHERICAL_ROLLER, 5),
            new Rule("623", "223", BearingKind.SPHERICAL_ROLLER, 8),
            new Rule("63", "213", BearingKind.SPHERICAL_ROLLER, 4),
            new Rule("511", "811", BearingKind.THRUST_CYLINDRICAL_ROLLER, 0),
            new Rule("512", "812", BearingKind.THRUST_CYLINDRICAL_ROLLER, 0));

    private static final String BY_RULE = "by rule of the numbering: it may not exist";

    private Derived() {}

    static Map<String, Boundary> with(Map<String, Boundary> listed) {
        Map<String, Boundary> all = new LinkedHashMap<>(listed);
        Collection<Boundary> rows = listed.values();
        for (Rule rule : RULES) {
            rows.stream().filter(rule::gives).forEach(b -> {
                String number =
                        rule.to() + b.designation().substring(rule.from().length());
                all.putIfAbsent(
                        number,
                        new Boundary(rule.kind(), number, b.boreMm(), b.outsideMm(), b.widthMm(), rule.to(), BY_RULE));
            });
        }
        return all;
    }
}
