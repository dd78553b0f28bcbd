package unbo.core.identify;

import static java.util.Objects.requireNonNull;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

import org.jspecify.annotations.Nullable;

import unbo.core.bearing.Bearing;
import unbo.core.bearing.BearingBook;
import unbo.core.bearing.BearingKind;
import unbo.core.bearing.TaperAngles;
import unbo.core.bearing.TaperSet;
import unbo.core.catalogue.Catalogue;
import unbo.core.designation.SealSize;
import unbo.core.designation.TaperMatch;
import unbo.core.finding.Finding;
import unbo.core.finding.Level;
import unbo.core.measure.Show;
import unbo.core.sheet.How;
import unbo.core.tools.identify.HubFields;

/**
 * The bearings, seal and lengths of an assembly, from the numbers on the rings and what was measured. Table sizes where
 * the table knows the number, measured ones otherwise; a measured size that departs from the table is named. Lengths
 * left unknown between the first two bearings take a stated default: between the cups the sum of both widths; the hub's
 * bore the smaller cup's outside less 8 mm, but never so little that the spindle does not go through with a tenth of
 * the rings' height to spare; the spindle halfway between both cone bores, or as much under a hub bore that was
 * measured. Defaults give way to what was measured and to each other: nothing is refused by them.
 *
 * @param bearings those that are known, along the axis
 * @param betweenCups null, as the other lengths, where fewer than the first two bearings are known
 * @param findings unknown pairs, departures from the table
 */
public record IdentifiedHub(
        HubInput input,
        List<Placed> bearings,
        Optional<SealSize> seal,
        @Nullable Size betweenCups,
        @Nullable Size hubBore,
        @Nullable Size spindle,
        List<Finding> findings) {

    /** A bearing at its place. */
    public record Placed(HubInput.Placed at, IdentifiedBearing bearing) {}

    private static final double SAME_MM = 0.15;
    private static final double SHOULDER_MM = 8;
    /** Room between spindle and hub bore by default, share of what the rings leave. */
    private static final double ROOM = 0.1;

    public IdentifiedHub {
        bearings = List.copyOf(bearings);
        findings = List.copyOf(findings);
    }

    /** Makes the hub of an input that passed {@link HubFields}. */
    public static IdentifiedHub of(HubInput input, BearingBook book) {
        List<Finding> findings = new ArrayList<>();
        List<Placed> bearings = new ArrayList<>();
        for (HubInput.Placed placed : input.places()) {
            if (!placed.cone().isBlank()) {
                bearings.add(new Placed(placed, bearing(placed, book, findings)));
            }
        }
        Optional<SealSize> seal = SealSize.read(input.seal());
        List<HubInput.Placed> places = input.places();
        boolean both = places.size() > 1
                && bearings.stream().filter(b -> places.indexOf(b.at()) < 2).count() == 2;
        if (!both) {
            return new IdentifiedHub(input, bearings, seal, null, null, null, findings);
        }
        IdentifiedBearing outer = bearings.get(0).bearing();
        IdentifiedBearing inner = bearings.get(1).bearing();
        Double bored = input.lengths().hubBore();
        Size between = measuredOr(
                input.lengths().betweenCups(),
                outer.width().mm() + inner.width().mm());
        double cup = Math.min(outer.outside().mm(), inner.outside().mm());
        double halfway = (outer.bore().mm() + inner.bore().mm()) / 2;
        double room = Math.max(0.5, ROOM * (cup - halfway));
        Size spindle = measuredOr(input.lengths().spindle(), bored == null ? halfway : Math.min(halfway, bored - room));
        Size hubBore = measuredOr(bored, Math.max(cup - SHOULDER_MM, spindle.mm() + room));
        return new IdentifiedHub(input, bearings, seal, between, hubBore, spindle, findings);
    }

    /** The first known bearing. */
    public IdentifiedBearing outer() {
        return bearings.get(0).bearing();
    }

    /** The second of the first two places; null where both are not known. */
    public @Nullable IdentifiedBearing inner() {
        return betweenCups == null ? null : bearings.get(1).bearing();
    }

    /** Labels of the places of which nothing is known yet. */
    public List<String> unknown() {
        return input.places().stream()
                .filter(HubInput.Placed::unknown)
                .map(placed -> placed.place().label())
                .toList();
    }

    /**
     * Code of the kind of hub that its bearings make it: tapers, a ball pair, a cartridge; empty where they do not
     * tell.
     */
    public String hubType() {
        if (bearings.isEmpty()) {
            return "";
        }
        IdentifiedBearing outer = outer();
        IdentifiedBearing inner = inner();
        BearingKind kind = outer.cone().kind();
        if (kind == BearingKind.HUB_CARTRIDGE || inner == null && kind == BearingKind.DOUBLE_ROW_ANGULAR_CONTACT_BALL) {
            return "cartridge";
        }
        boolean balls = inner != null
                && kind == BearingKind.DEEP_GROOVE_BALL
                && inner.cone().kind() == BearingKind.DEEP_GROOVE_BALL;
        return outer.cone().recognised() && outer.taper() ? "adjustable-taper" : balls ? "ball-pair" : "";
    }

    /** Names of lengths that stand on a default. */
    public List<String> defaulted() {
        List<String> names = new ArrayList<>();
        if (betweenCups == null) {
            return names;
        }
        if (betweenCups.how() == How.DEFAULT) {
            names.add("between the cups (sum of both widths)");
        }
        if (requireNonNull(hubBore).how() == How.DEFAULT) {
            names.add("hub bore (smaller cup less " + Show.number(SHOULDER_MM, 0)
                    + " mm, or what lets the spindle through)");
        }
        if (requireNonNull(spindle).how() == How.DEFAULT) {
            names.add("spindle (halfway between the cone bores)");
        }
        return names;
    }

    private static Size measuredOr(@Nullable Double measured, double otherwise) {
        return measured != null ? new Size(measured, How.MEASURED) : new Size(otherwise, How.DEFAULT);
    }

    private static IdentifiedBearing bearing(HubInput.Placed typed, BearingBook book, List<Finding> findings) {
        String place = typed.place().label();
        HubInput.Measured measured = typed.measured();
        Bearing cone = book.find(typed.cone());
        Bearing cup = typed.cup().isBlank() ? cone : book.decode(typed.cup());
        boolean tapered = IdentifiedBearing.tapered(cone, !typed.cup().isBlank());
        TaperMatch match = tapered ? TaperMatch.of(cone.marking(), cup.marking()) : null;
        if (match != null && match.match() == null) {
            findings.add(new Finding("pair-unknown", Level.WATCH, sentence(place) + ": " + match.reason()));
        }
        Double tableBore = cone.boreMm();
        Double tableOutside = cup.outsideMm();
        Double tableWidth = tableWidth(cone, cup);
        depart(place, "bore", measured.boreMm(), tableBore, findings);
        depart(place, "outside", measured.outsideMm(), tableOutside, findings);
        depart(place, "width", measured.widthMm(), tableWidth, findings);
        Size half = !tapered || cone.halfAngleDeg() != null
                ? new Size(cone.contactDeg(), How.ESTIMATED)
                : new Size(TaperAngles.UNKNOWN_DEG, How.DEFAULT);
        return new IdentifiedBearing(
                cone,
                cup,
                match,
                choose(measured.boreMm(), tableBore),
                choose(measured.outsideMm(), tableOutside),
                choose(measured.widthMm(), tableWidth),
                half);
    }

    private static String sentence(String place) {
        return "The " + place;
    }

    /** Width by the table: of the set of an inch taper, of the number otherwise; null when it is not listed. */
    public static @Nullable Double tableWidth(Bearing cone, Bearing cup) {
        if (!cone.cone() && !cone.cup()) {
            return cone.widthMm();
        }
        return Catalogue.taper(cone.marking(), cup.marking())
                .map(TaperSet::widthMm)
                .orElse(null);
    }

    private static Size choose(@Nullable Double measured, @Nullable Double table) {
        if (table != null && (measured == null || Math.abs(measured - table) <= SAME_MM)) {
            return new Size(table, How.TABLE);
        }
        return new Size(requireNonNull(measured), How.MEASURED);
    }

    private static void depart(
            String place, String what, @Nullable Double measured, @Nullable Double table, List<Finding> findings) {
        if (measured != null && table != null && Math.abs(measured - table) > SAME_MM) {
            findings.add(new Finding(
                    "size-departs",
                    Level.WATCH,
                    sentence(place) + "'s " + what + " was measured as "
                            + Show.number(measured, 3) + " mm, its number stands for " + Show.number(table, 3)
                            + " mm: read the number and the caliper again. The measured size is used."));
        }
    }
}
