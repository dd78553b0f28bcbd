package unbo.core.apart;

import java.util.Optional;

import org.jspecify.annotations.Nullable;

import unbo.core.assembly.KindPlace;
import unbo.core.assembly.PlaceFit;
import unbo.core.bearing.Bearing;
import unbo.core.bearing.BearingKind;
import unbo.core.bearing.Clearances;
import unbo.core.fit.Fit;
import unbo.core.fit.Interference;

/**
 * The radial clearance that is left in a bearing once both its rings are on their seats and it runs: of its class, less
 * what each seat takes, less what the warmer inner ring takes.
 *
 * @param band µm; null where there is none to speak of
 * @param why what it counts, or why it is null; a code: counted, inner-free, outer-free, both-free, set, made, raceway,
 *     unknown
 */
public record ClearanceLeft(KindPlace place, @Nullable Interference band, String why) {

    static ClearanceLeft of(KindPlace place, @Nullable Bearing bearing, Together.Seats seats) {
        BearingKind kind = bearing == null || bearing.kind() == BearingKind.UNKNOWN
                ? place.usual().kind()
                : bearing.kind();
        if (kind == BearingKind.HUB_CARTRIDGE) {
            return new ClearanceLeft(place, null, "made");
        }
        if (kind.paired() || kind == BearingKind.UNKNOWN) {
            return new ClearanceLeft(place, null, "set");
        }
        if (!place.inner().seat()) {
            return new ClearanceLeft(place, null, "raceway");
        }
        Optional<Fit> inner = fit(place, bearing, true, seats.inner());
        Optional<Fit> outer = fit(place, bearing, false, seats.outer());
        Optional<Fit> any = inner.or(() -> outer)
                .or(() -> PlaceFit.usual(place, true).flatMap(seat -> PlaceFit.of(place, bearing, true, seat, 0)));
        Optional<Clearances.Band> made = any.map(Fit::chosen).map(Fit.Left::made);
        if (made.isEmpty()) {
            return new ClearanceLeft(place, null, "unknown");
        }
        double thermal = any.get().thermalUm();
        Interference in = taken(inner);
        Interference out = taken(outer);
        return new ClearanceLeft(
                place,
                new Interference(
                        made.get().minUm() - in.maxUm() - out.maxUm() - thermal,
                        made.get().meanUm() - in.meanUm() - out.meanUm() - thermal,
                        made.get().maxUm() - in.minUm() - out.minUm() - thermal),
                inner.isPresent() && outer.isPresent()
                        ? "counted"
                        : inner.isPresent() ? "outer-free" : outer.isPresent() ? "inner-free" : "both-free");
    }

    private static Optional<Fit> fit(
            KindPlace place, @Nullable Bearing bearing, boolean inner, PlaceFit.@Nullable Seat seat) {
        return Optional.ofNullable(seat).flatMap(given -> PlaceFit.of(place, bearing, inner, given, 0));
    }

    private static Interference taken(Optional<Fit> fit) {
        return fit.map(Fit::lossUm).orElse(new Interference(0, 0, 0));
    }
}
