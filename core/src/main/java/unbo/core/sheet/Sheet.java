package unbo.core.sheet;

import java.util.Collection;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

import org.jspecify.annotations.Nullable;

import unbo.core.assembly.AssemblyKind;
import unbo.core.assembly.KindPlace;
import unbo.core.fact.FactKey;
import unbo.core.fact.PlaceProperty;

/**
 * What a job knows: its facts by key, later ones over earlier ones. It knows the kind of its assembly, and so finds
 * what is asked of its first or second place, or of the one that is asked about, under the place's own code; what was
 * kept before the kind was known lies there too. Immutable.
 */
public final class Sheet {

    /** As laid, the last at the end. */
    private final Map<FactKey, Fact> laid;
    /** The place that is asked about; empty for the first. */
    private final String here;

    private @Nullable Map<FactKey, Fact> facts;
    private @Nullable List<Fact> inOrder;
    private @Nullable Optional<AssemblyKind> kind;
    private @Nullable List<KindPlace> places;
    private @Nullable List<String> codes;

    private Sheet(Map<FactKey, Fact> laid, String here) {
        this.laid = laid;
        this.here = here;
    }

    public static Sheet of(Collection<Fact> facts) {
        return new Sheet(Map.of(), "").with(facts);
    }

    /** This sheet with {@code more} laid over it. */
    public Sheet with(Collection<Fact> more) {
        Map<FactKey, Fact> map = new LinkedHashMap<>(laid);
        more.forEach(fact -> {
            map.remove(fact.key());
            map.put(fact.key(), fact);
        });
        return new Sheet(map, here);
    }

    /** The same, asked about a place. @param place its code; empty for the first */
    public Sheet at(String place) {
        return place.equals(here) ? this : new Sheet(laid, place);
    }

    /** The kind of its assembly: chosen, or by vehicle, position and hub; empty where nothing tells. */
    public Optional<AssemblyKind> kind() {
        if (kind == null) {
            kind = AssemblyKind.find(raw(FactKey.ASSEMBLY))
                    .or(() -> AssemblyKind.at(raw(FactKey.VEHICLE_KIND), raw(FactKey.WHERE), raw(FactKey.HUB_TYPE)));
        }
        return kind;
    }

    /** True where its kind is only what such a vehicle mostly has: its numbers may tell another. */
    public boolean guessed() {
        return raw(FactKey.ASSEMBLY).isEmpty()
                && AssemblyKind.guessed(raw(FactKey.VEHICLE_KIND), raw(FactKey.WHERE), raw(FactKey.HUB_TYPE));
    }

    /** The places of its assembly; of an adjustable hub where the kind is not known. */
    public List<KindPlace> places() {
        if (places == null) {
            places = KindPlace.of(
                    kind().orElseGet(() -> AssemblyKind.all().get(0)).code());
        }
        return places;
    }

    /** The place that is asked about. */
    public KindPlace place() {
        List<KindPlace> places = places();
        String wanted = own(here.isEmpty() ? FactKey.FIRST : here);
        return places.stream()
                .filter(place -> place.code().equals(wanted))
                .findFirst()
                .orElse(places.get(0));
    }

    /** True where every bearing that is in it, or goes in, is known to be greased for life. */
    public boolean greasedForLife() {
        return kind().isPresent()
                && places().stream().allMatch(place -> {
                    String now = text(PlaceProperty.FITTED_GREASED.at(place.code()));
                    return (now.isEmpty() ? text(PlaceProperty.GREASED.at(place.code())) : now).equals("yes");
                });
    }

    private String raw(FactKey key) {
        Fact fact = laid.get(key);
        return fact == null ? "" : fact.text();
    }

    private List<String> codes() {
        if (codes == null) {
            codes = places().stream().map(KindPlace::code).toList();
        }
        return codes;
    }

    /** The code of a place in this assembly. */
    private String own(String place) {
        String asked = !place.equals(FactKey.HERE) ? place : here.isEmpty() ? FactKey.FIRST : here;
        List<String> there = codes();
        if (there.contains(asked)) {
            return asked;
        }
        int nth = FactKey.IN_ORDER.indexOf(asked);
        return nth >= 0 && nth < there.size() ? there.get(nth) : asked;
    }

    /** A key under its place's own code in this assembly. */
    public FactKey own(FactKey key) {
        return key.place().map(place -> key.at(own(place))).orElse(key);
    }

    /** By their own keys, for looking up. */
    private Map<FactKey, Fact> facts() {
        if (facts == null) {
            Map<FactKey, Fact> found = new HashMap<>(laid.size() * 2);
            laid.values().forEach(fact -> {
                FactKey own = own(fact.key());
                found.put(own, own.equals(fact.key()) ? fact : fact.at(own));
            });
            facts = found;
        }
        return facts;
    }

    private List<Fact> inOrder() {
        if (inOrder == null) {
            inOrder = facts().values().stream()
                    .sorted(Comparator.comparing(
                            Fact::key,
                            Comparator.comparingInt((FactKey key) -> key.place()
                                            .map(place -> place(codes(), place))
                                            .orElse(Integer.MAX_VALUE))
                                    .thenComparingInt(FactKey::rank)
                                    .thenComparing(FactKey::name)))
                    .toList();
        }
        return inOrder;
    }

    private static int place(List<String> codes, String place) {
        int index = codes.indexOf(place);
        return index < 0 ? codes.size() : index;
    }

    private @Nullable Fact fact(FactKey key) {
        return facts().get(own(key));
    }

    public Optional<Fact> get(FactKey key) {
        return Optional.ofNullable(fact(key));
    }

    /** A number in the unit of its key, or null. */
    public @Nullable Double number(FactKey key) {
        Fact fact = fact(key);
        return fact == null ? null : fact.value();
    }

    /** A text; empty when unknown. */
    public String text(FactKey key) {
        Fact fact = fact(key);
        return fact == null ? "" : fact.value() == null ? fact.text() : fact.shown();
    }

    /** As typed into a box again; empty when unknown. */
    public String typed(@Nullable FactKey key) {
        Fact fact = key == null ? null : fact(key);
        return fact == null ? "" : fact.typed();
    }

    public boolean has(FactKey key) {
        return fact(key) != null;
    }

    /** The number found at a place, a taper of two numbers as CONE/CUP; empty where none is known. */
    public String found(String place) {
        String cone = text(PlaceProperty.CONE.at(place));
        String cup = text(PlaceProperty.CUP.at(place));
        return cup.isEmpty() || cone.equals(cup) ? cone : cone.isEmpty() ? cup : cone + "/" + cup;
    }

    /** The number that is at a place when the work is done: of what goes in, else of what was found. */
    public String now(String place) {
        String fitted = text(PlaceProperty.FITTED.at(place));
        return fitted.isEmpty() ? found(place) : fitted;
    }

    /** A property of every place of which it is known, along the axis. */
    public List<Fact> each(PlaceProperty property) {
        return inOrder().stream().filter(fact -> fact.key().is(property)).toList();
    }

    /** All, by place along the axis, and behind them what is known of the job as a whole. */
    public List<Fact> all() {
        return inOrder();
    }
}
