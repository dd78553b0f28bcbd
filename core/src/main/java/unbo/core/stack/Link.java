package unbo.core.stack;

import static java.util.Objects.requireNonNull;

import org.jspecify.annotations.Nullable;

import unbo.core.fit.Material;

/**
 * One link of a chain.
 *
 * @param lengthMm null where it is to be solved for
 * @param plusMinusMm how far off it may be, by how it was measured
 */
public record Link(String name, @Nullable Double lengthMm, double plusMinusMm, Material material) {

    public boolean unknown() {
        return lengthMm == null;
    }

    /** Its length at a temperature, mm; measured at 20 °C. */
    double atMm(double celsius) {
        return requireNonNull(lengthMm) * (1 + material.perK() * (celsius - StackInput.MEASURED_C));
    }
}
