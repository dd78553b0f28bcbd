package unbo.core.inspect;

import static java.util.Objects.requireNonNull;

import java.util.ArrayList;
import java.util.List;

import org.jspecify.annotations.Nullable;

import unbo.core.bearing.Bearing;
import unbo.core.bearing.BearingKind;
import unbo.core.bearing.Clearances;
import unbo.core.bearing.Inside;

/**
 * Whether a cleaned bearing may go back: washed, dried without spinning, oiled, turned slowly by hand. Some axial shake
 * in a single-row ball bearing is its clearance: the band of its class is shown and the measured shake judged against
 * it, Ga = 2·√(A·Gr − Gr²/4), A = (fi + fe − 1)·Dw with grooves of 0.52 and 0.53.
 *
 * @param leastMm axial shake that the class gives at least; null where the kind has no listed classes
 * @param reasons why it may not, or only here
 */
public record BearingCheck(
        Input input, @Nullable Double leastMm, @Nullable Double mostMm, Verdict verdict, List<String> reasons) {

    /** What becomes of it; LOOK_AGAIN where what was felt or measured does not settle it. */
    public enum Verdict {
        REUSE,
        HERE_ONLY,
        LOOK_AGAIN,
        SCRAP
    }

    private static final double DIAL_MM = 0.01;
    private static final double WORN_SHARE = 1.5;

    /** @param shakeMm measured axial shake; null when only felt @param road true where it works on a public road */
    public record Input(
            Bearing bearing, String clearance, @Nullable Double shakeMm, Looks looks, boolean hurt, boolean road) {
        /** What is felt and seen. */
        public record Looks(String radial, String feel, String colour, String rust, String cage) {}

        public String radial() {
            return looks.radial();
        }

        public String feel() {
            return looks.feel();
        }

        public String colour() {
            return looks.colour();
        }

        public String rust() {
            return looks.rust();
        }

        public String cage() {
            return looks.cage();
        }

        /** True where a sound one can be felt to shake up and down: separable, set against another, or C3 and over. */
        public boolean roomy() {
            BearingKind kind = bearing.kind();
            return kind.separable()
                    || kind.paired()
                    || List.of("C3", "C4", "C5").contains(clearance);
        }
    }

    public static BearingCheck of(Input in) {
        Double least = null;
        Double most = null;
        boolean single = in.bearing().kind() == BearingKind.DEEP_GROOVE_BALL;
        var band = single && in.bearing().boreMm() != null
                ? Clearances.of(in.bearing().kind(), in.bearing().boreMm(), in.clearance())
                : java.util.Optional.<Clearances.Band>empty();
        if (band.isPresent() && in.bearing().inside().isPresent()) {
            double ball =
                    in.bearing().inside().map(Inside::geometry).orElseThrow().elementMm();
            least = Clearances.axialUm(band.get().minUm(), ball) / 1000;
            most = Clearances.axialUm(band.get().maxUm(), ball) / 1000;
        }
        List<String> scrap = new ArrayList<>();
        List<String> here = new ArrayList<>();
        add(scrap, in.hurt(), "a spall, dent or crack: it goes on from there");
        add(scrap, in.rust().equals("felt"), "rust that a fingernail feels");
        add(
                scrap,
                in.colour().equals("brown") || in.colour().equals("blue"),
                in.colour() + " temper colour: its hardness is gone");
        add(scrap, in.colour().equals("straw"), "straw colour that does not wipe off: it has been over 200 °C");
        add(scrap, in.cage().equals("bent"), "a worn or bent cage: scrap always");
        add(scrap, in.feel().equals("rough"), "it turns rough though it is clean");
        BearingKind kind = in.bearing().kind();
        boolean roomy = in.roomy();
        add(scrap, in.radial().equals("felt") && !roomy, "radial shake that can be felt");
        add(
                scrap,
                kind == BearingKind.HUB_CARTRIDGE || kind == BearingKind.DRAWN_CUP_NEEDLE_ROLLER,
                "a hub cartridge or drawn cup never goes back once it was pressed out");
        add(
                scrap,
                most != null && in.shakeMm() != null && in.shakeMm() > most * WORN_SHARE,
                "axial shake well over its class");
        List<String> again = new ArrayList<>();
        add(
                again,
                least != null && in.shakeMm() != null && in.shakeMm() < least - DIAL_MM,
                "axial shake under its class: dirty, preloaded, or of another class; wash and measure again");
        add(
                again,
                in.radial().equals("felt") && roomy,
                "radial shake is felt, which its kind or class may explain: measure it");
        add(here, in.rust().equals("stain"), "fine rust stain that cannot be felt");
        add(here, in.feel().equals("ticks"), "it ticks: wash again; if it stays, slow and light only");
        add(here, in.cage().equals("polished"), "pockets polished by the elements");
        add(
                here,
                most != null
                        && in.shakeMm() != null
                        && in.shakeMm() > most + DIAL_MM
                        && in.shakeMm() <= most * WORN_SHARE,
                "axial shake over its class");
        Verdict verdict = !scrap.isEmpty() || in.road() && !here.isEmpty()
                ? Verdict.SCRAP
                : !again.isEmpty() ? Verdict.LOOK_AGAIN : here.isEmpty() ? Verdict.REUSE : Verdict.HERE_ONLY;
        List<String> reasons = new ArrayList<>(scrap);
        reasons.addAll(here);
        if (verdict == Verdict.LOOK_AGAIN) {
            reasons.addAll(again);
        }
        return new BearingCheck(in, least, most, verdict, List.copyOf(reasons));
    }

    private static void add(List<String> list, boolean when, String words) {
        if (when) {
            list.add(words);
        }
    }

    /** True when the shake is inside the class's band, as far as a dial tells; null where either is not known. */
    public @Nullable Boolean shakeInside() {
        return leastMm == null || input.shakeMm() == null
                ? null
                : !shakeUnder() && input.shakeMm() <= requireNonNull(mostMm) + DIAL_MM;
    }

    /** True when it shakes less than its class leaves, by more than a dial may err. */
    public boolean shakeUnder() {
        return leastMm != null && input.shakeMm() != null && input.shakeMm() < leastMm - DIAL_MM;
    }
}
