package unbo.core.tools.identify;

import static java.util.Objects.requireNonNull;

import java.util.ArrayList;
import java.util.List;

import org.jspecify.annotations.Nullable;

import unbo.core.bearing.Bearing;
import unbo.core.designation.SealSize;
import unbo.core.designation.TaperMatch;
import unbo.core.identify.HubInput;
import unbo.core.identify.IdentifiedBearing;
import unbo.core.identify.IdentifiedHub;
import unbo.core.input.Field;
import unbo.core.input.FieldList;
import unbo.core.input.Problem;
import unbo.core.input.Values;
import unbo.core.measure.Quantity;
import unbo.core.measure.Show;

/** What is asked to identify the bearings of a hub: two tapers, two bearings of another kind, or one that does all. */
public final class HubFields {

    public static final FieldList<HubInput> LIST = FieldList.of(
                    List.of(
                            number("outerCone", "Outer bearing").must(),
                            number("outerCup", "Outer cup").hint("inch tapers only: other bearings carry one number"),
                            size("outerBore", "Outer bore"),
                            size("outerOutside", "Outer outside"),
                            size("outerWidth", "Outer width"),
                            number("innerCone", "Inner bearing")
                                    .hint("empty where one bearing does all, as a cartridge does"),
                            number("innerCup", "Inner cup").hint("inch tapers only: other bearings carry one number"),
                            size("innerBore", "Inner bore"),
                            size("innerOutside", "Inner outside"),
                            size("innerWidth", "Inner width"),
                            Field.text("seal", "Seal", 40).hint("shaft × outside × width, for instance 45x65x10"),
                            Field.quantity("betweenCups", "Between the cups", Quantity.LENGTH, "mm", 0, 400)
                                    .usually(10, 150)
                                    .hint("back to back of the cups, in the hub"),
                            Field.quantity("hubBore", "Hub bore between", Quantity.LENGTH, "mm", 10, 400)
                                    .usually(25, 120)
                                    .hint("the hollow between the cups"),
                            Field.quantity("spindle", "Spindle between", Quantity.LENGTH, "mm", 5, 300)
                                    .usually(15, 100)
                                    .hint("diameter between the cones")),
                    HubFields::rules,
                    HubFields::make)
            .asking(HubFields::pairs);

    private HubFields() {}

    private static Field number(String name, String label) {
        return Field.bearing(name, label);
    }

    private static Field size(String name, String label) {
        return Field.quantity(name, label, Quantity.LENGTH, "mm", 4, 400)
                .usually(8, 200)
                .hint("only where the number is unknown or doubtful");
    }

    /** A wrong pair is said as soon as both of its numbers stand there. */
    private static List<Problem> pairs(Values v) {
        List<Problem> problems = new ArrayList<>();
        for (String place : List.of("outer", "inner")) {
            if (!v.text(place + "Cone").isBlank() && !v.text(place + "Cup").isBlank()) {
                TaperMatch match = TaperMatch.of(v.text(place + "Cone"), v.text(place + "Cup"));
                if (Boolean.FALSE.equals(match.match())) {
                    problems.add(Problem.impossible(place + "Cup", match.reason()));
                }
            }
        }
        if (!v.text("outerCone").isBlank()
                && v.text("innerCone").isBlank()
                && IdentifiedBearing.tapered(
                        v.book().find(v.text("outerCone")), !v.text("outerCup").isBlank())) {
            problems.add(new Problem(
                    "innerCone", "A taper never stands alone: write what is stamped on the inner one.", false));
        }
        return problems;
    }

    private static List<Problem> rules(Values v) {
        List<Problem> problems = new ArrayList<>();
        bearing(v, "outer", problems);
        if (!v.text("innerCone").isBlank() || !v.text("innerCup").isBlank()) {
            bearing(v, "inner", problems);
        }
        if (!v.text("seal").isBlank() && SealSize.read(v.text("seal")).isEmpty()) {
            problems.add(Problem.impossible(
                    "seal",
                    "“" + v.text("seal") + "” is no seal size: write shaft × outside × width, for instance 45x65x10."));
        }
        if (!problems.isEmpty()) {
            return problems;
        }
        IdentifiedHub hub = IdentifiedHub.of(make(v), v.book());
        if (hub.inner() == null) {
            return problems;
        }
        double cup = Math.min(hub.outer().outside().mm(), hub.inner().outside().mm());
        if (v.has("hubBore") && requireNonNull(hub.hubBore()).mm() >= cup) {
            problems.add(Problem.impossible(
                    "hubBore",
                    "The hub bore between the cups, "
                            + Show.number(hub.hubBore().mm(), 3) + " mm, must be under the smaller cup's outside, "
                            + Show.number(cup, 3) + " mm: the cups stand on its shoulders."));
        }
        if (v.has("spindle")
                && v.has("hubBore")
                && requireNonNull(hub.spindle()).mm()
                        >= requireNonNull(hub.hubBore()).mm()) {
            problems.add(Problem.impossible(
                    "spindle",
                    "The spindle, " + Show.number(hub.spindle().mm(), 3) + " mm, does not go through a hub bore of "
                            + Show.number(hub.hubBore().mm(), 3) + " mm: measure both again."));
        }
        return problems;
    }

    private static void bearing(Values v, String place, List<Problem> problems) {
        HubInput.Taper taper = taper(v, place);
        Bearing cone = v.book().find(taper.cone());
        Bearing cup = taper.cup().isBlank() ? cone : v.book().decode(taper.cup());
        if (cone.marking().isEmpty()) {
            problems.add(new Problem(place + "Cone", "Write what is stamped on the cone as well.", false));
            return;
        }
        if (!taper.cup().isBlank() && !IdentifiedBearing.tapered(cone, true)) {
            problems.add(Problem.impossible(
                    place + "Cup",
                    cone.designation()
                            + " is no taper: it carries one number, and has no cup of its own. Leave this empty."));
            return;
        }
        if (taper.cup().isBlank() && !cone.metricTaper() && (cone.cone() || cone.cup())) {
            problems.add(new Problem(
                    place + "Cup",
                    "An inch cone has a cup of another number: write what is stamped on the cup.",
                    false));
        }
        need(taper.boreMm(), cone.boreMm(), place, "Bore", problems);
        need(taper.outsideMm(), cup.outsideMm(), place, "Outside", problems);
        need(taper.widthMm(), IdentifiedHub.tableWidth(cone, cup), place, "Width", problems);
        Double bore = taper.boreMm() != null ? taper.boreMm() : cone.boreMm();
        Double outside = taper.outsideMm() != null ? taper.outsideMm() : cup.outsideMm();
        if (bore != null && outside != null && outside <= bore + 6) {
            problems.add(Problem.impossible(
                    place + "Outside",
                    "An outside of " + Show.number(outside, 3) + " mm leaves no room for rollers over a bore of "
                            + Show.number(bore, 3) + " mm."));
        }
    }

    private static void need(
            @Nullable Double typed, @Nullable Double table, String place, String what, List<Problem> problems) {
        if (typed == null && table == null) {
            problems.add(new Problem(
                    place + what,
                    "The numbers do not tell the " + place + " bearing's " + what.toLowerCase(java.util.Locale.ROOT)
                            + ": measure it and write it here.",
                    false));
        }
    }

    private static HubInput.Taper taper(Values v, String place) {
        return new HubInput.Taper(
                v.text(place + "Cone"),
                v.text(place + "Cup"),
                v.maybe(place + "Bore"),
                v.maybe(place + "Outside"),
                v.maybe(place + "Width"));
    }

    private static HubInput make(Values v) {
        return new HubInput(
                taper(v, "outer"),
                taper(v, "inner"),
                v.text("seal"),
                v.maybe("betweenCups"),
                v.maybe("hubBore"),
                v.maybe("spindle"));
    }
}
