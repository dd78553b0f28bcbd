package unbo.app.report;

import java.util.Map;

import org.springframework.boot.autoconfigure.condition.ConditionalOnProperty;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;

import unbo.core.diagnosis.Diagnosis;
import unbo.core.input.FieldReader;
import unbo.core.input.UnitSystem;
import unbo.core.tools.diagnosing.DiagnosisFields;

/**
 * Once pages are served, does aside what the first who asks would have to wait for: a PDF, whose fonts are read once,
 * and a diagnosis, whose tables are.
 */
@Component
@ConditionalOnProperty("unbo.warm")
class WarmUp {

    private static final String PAGE = "<html><body><h1>Warm</h1><p>0.05 mm, 20 °C, Δ</p>"
            + "<svg width=\"20\" height=\"20\"><circle cx=\"10\" cy=\"10\" r=\"9\"/></svg></body></html>";

    private final PdfWriter papers;

    WarmUp(PdfWriter papers) {
        this.papers = papers;
    }

    @EventListener(ApplicationReadyEvent.class)
    void begin() {
        Thread aside = new Thread(this::warm, "warm-up");
        aside.setDaemon(true);
        aside.setPriority(Thread.MIN_PRIORITY);
        aside.start();
    }

    private void warm() {
        papers.write(PAGE);
        Map<String, String> texts = Map.of("vehicle", "car", "checks", "noise-follows=road-speed");
        FieldReader.read(DiagnosisFields.LIST, texts, UnitSystem.METRIC).get().ifPresent(Diagnosis::of);
    }
}
