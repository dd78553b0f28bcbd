package unbo.core.diagnosis;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.HashMap;
import java.util.Map;

import unbo.core.Shipped;
import unbo.core.input.Reading;
import unbo.core.input.UnitSystem;
import unbo.core.tools.diagnosing.DiagnosisFields;

/** Asks as a page or a JSON call does: by texts. */
final class Asked {

    private Asked() {}

    static DiagnosisInput input(String vehicle, String checks, String... more) {
        Reading<DiagnosisInput> reading = read(vehicle, checks, more);
        assertThat(reading.problems()).isEmpty();
        return reading.record();
    }

    static Reading<DiagnosisInput> read(String vehicle, String checks, String... more) {
        Map<String, String> texts = new HashMap<>(Map.of("vehicle", vehicle, "checks", checks));
        for (int i = 0; i < more.length; i += 2) {
            texts.put(more[i], more[i + 1]);
        }
        return Shipped.read(DiagnosisFields.LIST, texts, UnitSystem.METRIC);
    }

    static Diagnosis of(String vehicle, String checks, String... more) {
        return Diagnosis.of(input(vehicle, checks, more));
    }
}
