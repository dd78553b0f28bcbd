package unbo.core.bearing;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;

import org.jspecify.annotations.Nullable;

import unbo.core.measure.Show;

/**
 * A rolling bearing as far as it is known: by its marking, from the tables, from the workshop's own list, or by sizes
 * alone.
 *
 * @param kind unknown where neither number nor table tells
 * @param angleDeg contact angle that was measured, or half the included cup angle of a taper, estimated; null when
 *     neither is known
 * @param suffixes what stands behind the number
 * @param rated ratings from its maker's list; null where none are known
 * @param counted its inside as counted or measured; null where it was not
 */
public record Bearing(
        Imprint imprint,
        BearingKind kind,
        Sizes sizes,
        @Nullable Double angleDeg,
        Suffixes suffixes,
        @Nullable Ratings rated,
        @Nullable Inside counted) {

    /**
     * Boundary dimensions, mm, each null where nothing tells it. @param widthMm assembled width of a taper @param
     * listed true when they are of a table, or all of the number itself
     */
    public record Sizes(
            @Nullable Double boreMm,
            @Nullable Double outsideMm,
            @Nullable Double widthMm,
            boolean listed) {

        static final Sizes NONE = new Sizes(null, null, null, false);

        /** True when these are the sizes of a listed bearing. */
        boolean are(Boundary b) {
            return boreMm != null
                    && outsideMm != null
                    && widthMm != null
                    && boreMm == b.boreMm()
                    && outsideMm == b.outsideMm()
                    && widthMm == b.widthMm();
        }
    }

    /** Starts a bearing that is known by its marking. */
    public static Builder marked(String text) {
        return new Builder(text);
    }

    /** As stamped, tidied. */
    public String marking() {
        return imprint.text();
    }

    public boolean recognised() {
        return imprint.recognised();
    }

    public String designation() {
        return imprint.designation();
    }

    public String series() {
        return imprint.series();
    }

    public List<Part> parts() {
        return imprint.parts();
    }

    public List<String> warnings() {
        return imprint.warnings();
    }

    public List<String> completions() {
        return imprint.completions();
    }

    public @Nullable Double boreMm() {
        return sizes.boreMm();
    }

    public @Nullable Double outsideMm() {
        return sizes.outsideMm();
    }

    public @Nullable Double widthMm() {
        return sizes.widthMm();
    }

    /** True when its sizes are of a table, or all of the number itself. */
    public boolean boundaryKnown() {
        return sizes.listed();
    }

    /** What it is, in words: kind and sizes as far as they are known. */
    public String words() {
        if (boreMm() == null || outsideMm() == null || widthMm() == null) {
            return kind.words();
        }
        return kind.words() + ", " + Show.number(boreMm(), 3) + " × " + Show.number(outsideMm(), 3) + " × "
                + Show.number(widthMm(), 3) + " mm";
    }

    /** The number without its suffix: type, series and bore code of a metric taper, the whole marking otherwise. */
    public String number() {
        return metricTaper()
                ? parts().stream()
                        .filter(p -> !List.of("suffix", "unknown").contains(p.role()))
                        .map(Part::text)
                        .collect(Collectors.joining())
                : marking();
    }

    /** The same with warnings before its own. */
    public Bearing noting(List<String> first) {
        List<String> all = new ArrayList<>(first);
        all.addAll(warnings());
        return new Bearing(
                new Imprint(marking(), recognised(), designation(), series(), parts(), all, completions()),
                kind,
                sizes,
                angleDeg,
                suffixes,
                rated,
                counted);
    }

    /** The same with a part before its own, for what stands before its number. */
    public Bearing after(Part first) {
        List<Part> all = new ArrayList<>(List.of(first));
        all.addAll(parts());
        return new Bearing(
                new Imprint(marking(), recognised(), designation(), series(), all, warnings(), completions()),
                kind,
                sizes,
                angleDeg,
                suffixes,
                rated,
                counted);
    }

    /** The same as another kind, where its marking does not tell. */
    public Bearing as(BearingKind other) {
        return new Bearing(imprint, other, sizes, angleDeg, suffixes, rated, counted);
    }

    /** The same with sizes as measured, mm; null where not known. */
    public Bearing sized(@Nullable Double boreMm, @Nullable Double outsideMm, @Nullable Double widthMm) {
        return new Bearing(
                imprint,
                kind,
                new Sizes(boreMm, outsideMm, widthMm, sizes.listed()),
                angleDeg,
                suffixes,
                rated,
                counted);
    }

    /** The same with a contact angle that was measured, degrees. */
    public Bearing at(double contactDeg) {
        return new Bearing(imprint, kind, sizes, contactDeg, suffixes, rated, counted);
    }

    /** The same with an inside that was counted. */
    public Bearing counted(Inside inside) {
        return new Bearing(imprint, kind, sizes, angleDeg, suffixes, rated, inside);
    }

    /** True where the marking is a size and nothing else. */
    public boolean bySizes() {
        return recognised() && kind == BearingKind.UNKNOWN && boundaryKnown();
    }

    /** Half the included cup angle of a taper; null where it is not known. */
    public @Nullable Double halfAngleDeg() {
        return kind.taper() ? angleDeg : null;
    }

    /** The same with ratings of its maker's list. */
    public Bearing rated(@Nullable Ratings ratings) {
        return new Bearing(imprint, kind, sizes, angleDeg, suffixes, ratings, counted);
    }

    /** Its inside: counted, or estimated from its boundary and its contact angle; empty where neither is possible. */
    public Optional<Inside> inside() {
        if (counted != null) {
            return Optional.of(counted);
        }
        return Inside.estimated(this);
    }

    /** What it carries: of its maker's list where that is known, else by the rule for its inside. */
    public Optional<Ratings> ratings() {
        return rated != null ? Optional.of(rated) : inside().map(Ratings::of);
    }

    /**
     * Contact angle, degrees: as measured or marked, half the cup angle of a taper, else that of its kind (15° as a
     * guess for a taper, 30° for an angular contact bearing without a mark, 36° for a hub cartridge, 90° for a thrust
     * bearing).
     */
    public double contactDeg() {
        if (angleDeg != null) {
            return angleDeg;
        }
        if (suffixes.contactDeg() != null) {
            return suffixes.contactDeg();
        }
        return Inside.proportions(kind).map(Inside.Proportions::angleDeg).orElse(0.0);
    }

    /** How it is built, as far as speed goes. */
    public Build build() {
        return new Build(
                kind,
                suffixes.rubbing(),
                suffixes.fullComplement() || suffixes.fillingSlot(),
                parts().stream().anyMatch(p -> p.meaning().contains("ceramic")));
    }

    /** True where its grease stays in it for life: shields or seals, and every hub cartridge. */
    public boolean greasedForLife() {
        return suffixes.sealed() || kind == BearingKind.HUB_CARTRIDGE;
    }

    /** True where heat may cook a seal or its grease; also where a mark may be a seal's. */
    public boolean mindsHeat() {
        return greasedForLife() || suffixes.maybeSealed();
    }

    /** True where the inner ring comes off alone and without elements: cylindrical rollers but NUP, needles. */
    public boolean ringAlone() {
        return kind == BearingKind.CYLINDRICAL_ROLLER && !series().startsWith("NUP") && !series().matches("NF?\\d.*")
                || kind == BearingKind.MACHINED_NEEDLE_ROLLER && innerRing();
    }

    /** False where its elements roll on the shaft itself. */
    public boolean innerRing() {
        return kind.innerRing() && !series().startsWith("RNA") && !series().equals("NK");
    }

    /** True where its rings are made larger than their size: inch tapers, but for those with a J before the number. */
    public boolean plusTolerances() {
        return kind.taper()
                && (kind.inch() || designation().contains("/") && series().matches("\\D.*|"))
                && !designation().startsWith("J");
    }

    public boolean cone() {
        return kind == BearingKind.INCH_TAPERED_CONE;
    }

    public boolean cup() {
        return kind == BearingKind.INCH_TAPERED_CUP;
    }

    public boolean metricTaper() {
        return kind == BearingKind.TAPERED_ROLLER;
    }

    /** Puts a bearing together; what is left out is not known. */
    public static final class Builder {

        private final String text;
        private boolean recognised = true;
        private String designation;
        private String series = "";
        private List<Part> parts = List.of();
        private List<String> warnings = List.of();
        private List<String> completions = List.of();
        private BearingKind kind = BearingKind.UNKNOWN;
        private Sizes sizes = Sizes.NONE;
        private @Nullable Double halfAngleDeg;
        private Suffixes suffixes = Suffixes.NONE;

        private Builder(String text) {
            this.text = text;
            this.designation = text;
        }

        /** Of no numbering that is known. */
        public Builder unread() {
            recognised = false;
            return this;
        }

        public Builder kind(BearingKind known) {
            kind = known;
            return this;
        }

        /** Boundary dimensions, mm; null where not known. */
        public Builder sizes(@Nullable Double boreMm, @Nullable Double outsideMm, @Nullable Double widthMm) {
            sizes = new Sizes(boreMm, outsideMm, widthMm, sizes.listed());
            return this;
        }

        /** Its sizes are of a table, or all of the number itself. */
        public Builder listed() {
            return listed(true);
        }

        public Builder listed(boolean all) {
            sizes = new Sizes(sizes.boreMm(), sizes.outsideMm(), sizes.widthMm(), all);
            return this;
        }

        public Builder halfAngle(@Nullable Double degrees) {
            halfAngleDeg = degrees;
            return this;
        }

        public Builder series(String code) {
            series = code;
            return this;
        }

        public Builder parts(List<Part> inOrder) {
            parts = inOrder;
            return this;
        }

        public Builder warnings(List<String> sentences) {
            warnings = sentences;
            return this;
        }

        public Builder completions(List<String> designations) {
            completions = designations;
            return this;
        }

        public Builder designation(String printed) {
            designation = printed;
            return this;
        }

        public Builder suffixes(Suffixes read) {
            suffixes = read;
            return this;
        }

        public Bearing made() {
            return new Bearing(
                    new Imprint(text, recognised, designation, series, parts, warnings, completions),
                    kind,
                    sizes,
                    halfAngleDeg,
                    suffixes,
                    null,
                    null);
        }
    }
}
