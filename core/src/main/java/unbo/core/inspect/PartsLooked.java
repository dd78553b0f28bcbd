package unbo.core.inspect;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Optional;

import org.jspecify.annotations.Nullable;

import unbo.core.assembly.Part;
import unbo.core.assembly.PartKind;
import unbo.core.finding.Finding;
import unbo.core.finding.Level;
import unbo.core.measure.Show;

/**
 * What was found of the parts of an assembly that are no bearing: seals and their tracks, spacers, clips, nuts.
 *
 * @param spacerDifferenceMm how much longer the spacer is than it was recorded; null where one of both is not known
 */
public record PartsLooked(Input input, @Nullable Double spacerDifferenceMm, List<Finding> findings) {

    /** A spacer tube is made to about this, mm; one that has changed by more sets both bearings otherwise. */
    static final double SPACER_MM = 0.05;

    /** What becomes of a part. */
    public enum Verdict {
        AGAIN("used again"),
        RENEW("renewed"),
        RIGHT("put right");

        private final String words;

        Verdict(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }

        public String code() {
            return name().toLowerCase(Locale.ROOT);
        }

        public static Optional<Verdict> of(String code) {
            return Arrays.stream(values())
                    .filter(verdict -> verdict.code().equals(code))
                    .findFirst();
        }
    }

    /** A part that was looked at. @param note what was seen; may be empty */
    public record Looked(Part part, Verdict verdict, String note) {}

    /**
     * @param looked in the order of the assembly
     * @param spacerMm length of the spacer, measured now; null where it was not
     * @param recordedMm as it was measured before; null where it never was
     */
    public record Input(
            List<Looked> looked,
            @Nullable Double spacerMm,
            @Nullable Double recordedMm) {

        public Input {
            looked = List.copyOf(looked);
        }
    }

    public static PartsLooked of(Input in) {
        Double difference = in.spacerMm() == null || in.recordedMm() == null ? null : in.spacerMm() - in.recordedMm();
        return new PartsLooked(in, difference, findings(in, difference));
    }

    /** Those of a verdict. */
    public List<Looked> those(Verdict verdict) {
        return input.looked().stream()
                .filter(looked -> looked.verdict() == verdict)
                .toList();
    }

    private static List<Finding> findings(Input in, @Nullable Double difference) {
        List<Finding> findings = new ArrayList<>();
        for (Looked looked : in.looked()) {
            Part part = looked.part();
            if (looked.verdict() == Verdict.AGAIN && part.upkeep().renewed()) {
                findings.add(new Finding(
                        "never-used-twice",
                        Level.SOON,
                        "The " + part.label() + " is never used twice: renew it, or say in its note why it stays."));
            }
            if (looked.verdict() == Verdict.RIGHT && part.kind() == PartKind.SEAL) {
                findings.add(new Finding(
                        "seal-is-renewed", Level.WATCH, "A seal is not put right, it is renewed; its track can be."));
            }
        }
        if (difference != null && Math.abs(difference) > SPACER_MM) {
            findings.add(new Finding(
                    "spacer-changed",
                    Level.SOON,
                    "The spacer is " + Show.number(Math.abs(difference), 3) + " mm "
                            + (difference < 0 ? "shorter" : "longer") + " than it was: its ends are "
                            + (difference < 0 ? "worn or pressed in" : "flared or not clean")
                            + ", and both bearings are set by it. Dress its ends flat, or renew it."));
        }
        return List.copyOf(findings);
    }
}
