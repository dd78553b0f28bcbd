package unbo.core.strip;

import static java.util.Objects.requireNonNull;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

import org.jspecify.annotations.Nullable;

import unbo.core.fit.Fit;
import unbo.core.fit.Material;
import unbo.core.strip.RemovalInput.Access;
import unbo.core.strip.RemovalInput.Spacer;
import unbo.core.strip.RemovalInput.Tight;

/**
 * How a bearing comes out without wrecking what stays: ways ranked for this place and these tools, the path of the
 * force through the bearing, and whether it may run again, decided before the blow. The rule: force goes through the
 * tight ring; force that crosses the rolling elements dents both races, and the bearing is scrap even if it still turns
 * smoothly.
 *
 * @param ways usable ones, best first
 * @param refused the others, each with its reason
 * @param fit of the tight seat; null when it is not known
 * @param heatC housing temperature at which the seat lets go, °C at a bench of 20; null where heat is no way
 */
public record Removal(
        RemovalInput input,
        List<Way> ways,
        List<Refused> refused,
        @Nullable Fit fit,
        @Nullable Double heatC) {

    static final double AMBIENT_C = 20;
    /** Sealed and greased bearings take no more. */
    static final double SEALED_C = 80;

    private static final double MOST_HOUSING_C = 120;

    /**
     * One way for this place.
     *
     * @param crosses true when its force goes through the rolling elements
     */
    public record Way(
            String code, String name, String says, String caution, boolean crosses, boolean shock, double minutes) {}

    /** A way that is none here. */
    public record Refused(String name, String why) {}

    public static Removal of(RemovalInput in) {
        Fit fit = in.fit() == null ? null : Fit.of(in.fit());
        Double heat = heat(in, fit);
        List<Way> ways = new ArrayList<>();
        List<Refused> refused = new ArrayList<>();
        for (Method m : Method.ALL) {
            String why = why(m, in, heat);
            if (why == null) {
                ways.add(new Way(m.code(), m.name(), m.says(), m.caution(), crosses(m, in), m.shock(), m.minutes()));
            } else if (m.tight().contains(in.tight().name().toLowerCase(java.util.Locale.ROOT))) {
                refused.add(new Refused(m.name(), why));
            }
        }
        Comparator<Way> kept = Comparator.comparing(w -> w.crosses() || cooked(w.code(), in, heat));
        Comparator<Way> last = Comparator.comparing(w -> w.code().equals("cut-ring"));
        ways.sort(last.thenComparing(kept).thenComparing(Way::shock).thenComparing(Way::minutes));
        return new Removal(in, List.copyOf(ways), List.copyOf(refused), fit, heat);
    }

    /** The way to take; null when none is left. */
    public @Nullable Way best() {
        return ways.isEmpty() ? null : ways.get(0);
    }

    /** True when the bearing is scrap by the way it comes out. */
    public boolean scrap() {
        return best() == null || best().crosses() || best().code().equals("cut-ring") || overheated();
    }

    /** True when heat that frees the seat cooks a sealed bearing. */
    public boolean overheated() {
        return best() != null && cooked(best().code(), input, heatC);
    }

    public static boolean cooked(String way, RemovalInput in, @Nullable Double heatC) {
        return way.equals("heat-housing") && in.sealed() && requireNonNull(heatC) > SEALED_C;
    }

    private static boolean crosses(Method m, RemovalInput in) {
        if (m.acts().equals("tight") || m.acts().equals("both") || m.acts().equals("none")) {
            return in.tight() == Tight.BOTH && m.acts().equals("tight");
        }
        return in.tight() == Tight.BOTH || !m.acts().equals(in.tight().name().toLowerCase(java.util.Locale.ROOT));
    }

    /** Why a way is none here; null when it is one. */
    private static @Nullable String why(Method m, RemovalInput in, @Nullable Double heat) {
        if (!m.tight().contains(in.tight().name().toLowerCase(java.util.Locale.ROOT))) {
            return "it does not move this ring";
        }
        List<String> missing = m.tools().stream()
                .filter(t -> !in.tools().contains(t))
                .map(Tools::label)
                .toList();
        if (!missing.isEmpty()) {
            return "this workshop has no " + String.join(", no ", missing);
        }
        if (m.access().equals("far") && in.access() != Access.FAR) {
            return "its far face cannot be reached";
        }
        if (m.access().equals("own") && in.access() == Access.NONE) {
            return "neither face can be reached";
        }
        if (m.bore().startsWith("through") && !in.through()) {
            return "the bore is blind";
        }
        if (m.bore().equals("through-open") && (in.shoulder() || in.clip() || in.spacer() != Spacer.NONE)) {
            return in.clip()
                    ? "a clip ring holds it"
                    : in.shoulder() ? "a shoulder stands behind it" : "a spacer stands behind it";
        }
        if (m.bore().equals("blind") && (in.through() || in.sealed())) {
            return in.through() ? "the cavity is open" : "a sealed bearing lets the grease in, not out";
        }
        return whySpacer(m, in, heat);
    }

    private static @Nullable String whySpacer(Method m, RemovalInput in, @Nullable Double heat) {
        if (m.spacer().equals("none") && in.spacer() != Spacer.NONE) {
            return "the spacer is in its way";
        }
        if (m.spacer().equals("tips") && in.spacer() == Spacer.NONE) {
            return "there is no spacer to reach past";
        }
        if (m.spacer().equals("grip") && in.gripMm() < in.jawMm()) {
            return "its jaws find " + Words.mm(in.gripMm()) + " (spacer chamfer " + Words.mm(in.chamferMm())
                    + " + corner " + Words.mm(in.cornerMm()) + ") and need " + Words.mm(in.jawMm())
                    + (in.spacer() == Spacer.SOFT
                            ? ": they would spread against the soft spacer's end and flare it"
                            : ": they would slip off");
        }
        if (m.code().equals("heat-housing")) {
            return !in.heatAllowed()
                    ? "no heat is allowed here"
                    : heat == null
                            ? "the housing opens no faster than the ring: heat does not free it"
                            : heat > Math.min(in.housing().ovenC(), MOST_HOUSING_C)
                                    ? "it would take " + Math.round(heat) + " °C, over the "
                                            + Math.round(Math.min(in.housing().ovenC(), MOST_HOUSING_C))
                                            + " °C of this housing"
                                    : null;
        }
        return null;
    }

    /** Temperature at which a housing that opens faster than the ring inside it lets go, both equally warm. */
    private static @Nullable Double heat(RemovalInput in, @Nullable Fit fit) {
        double opens = in.housing().perK() - Material.STEEL.perK();
        if (in.tight() != Tight.OUTER || opens <= 0) {
            return null;
        }
        return fit == null
                ? MOST_HOUSING_C - 20
                : AMBIENT_C
                        + Math.max(0, fit.interference().maxUm())
                                / 1000
                                / (opens * fit.input().outsideMm());
    }
}
