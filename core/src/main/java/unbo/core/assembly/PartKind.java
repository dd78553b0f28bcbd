package unbo.core.assembly;

import java.util.Arrays;
import java.util.Locale;
import java.util.Optional;

/** What a part of an assembly is. */
public enum PartKind {
    SPINDLE(Trait.FILLS),
    AXLE(Trait.FILLS),
    SHAFT(Trait.FILLS),
    STEM(Trait.FILLS),
    FORK_STEERER(Trait.FILLS),
    HUB,
    KNUCKLE,
    CASE,
    CASE_HALF,
    HOUSING,
    PULLEY,
    ARM,
    SHELL,
    SEAL(Trait.ALWAYS_NEW),
    CAP,
    CLIP(Trait.ALWAYS_NEW),
    PIN(Trait.ALWAYS_NEW),
    TAB_WASHER(Trait.ALWAYS_NEW),
    NUT,
    BOLT,
    WASHER,
    SHIM,
    SPACER,
    CRUSH_SLEEVE(Trait.ALWAYS_NEW),
    SLEEVE,
    WEAR_RING,
    GASKET(Trait.ALWAYS_NEW),
    ENCODER,
    GEAR,
    BEARING;

    private enum Trait {
        NONE,
        /** Fills the bores that it stands in. */
        FILLS,
        /** Never used twice. */
        ALWAYS_NEW
    }

    private final Trait trait;

    PartKind() {
        this(Trait.NONE);
    }

    PartKind(Trait trait) {
        this.trait = trait;
    }

    /** As it stands in data files and documents: small letters and hyphens. */
    public String code() {
        return name().toLowerCase(Locale.ROOT).replace('_', '-');
    }

    public static Optional<PartKind> of(String code) {
        return Arrays.stream(values()).filter(kind -> kind.code().equals(code)).findFirst();
    }

    /** True for what is never used twice. */
    public boolean alwaysNew() {
        return trait == Trait.ALWAYS_NEW;
    }

    /** True for what stands in the bores of an assembly: nothing is reached through them while it is there. */
    public boolean fillsBores() {
        return trait == Trait.FILLS;
    }
}
