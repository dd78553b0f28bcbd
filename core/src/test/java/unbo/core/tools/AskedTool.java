package unbo.core.tools;

import java.util.HashMap;
import java.util.List;
import java.util.Map;

import unbo.core.Shipped;
import unbo.core.answer.Answer;
import unbo.core.finding.Finding;
import unbo.core.input.Reading;
import unbo.core.input.UnitSystem;
import unbo.core.tool.Tool;

/** A tool asked with its sample, some boxes of it written over. */
record AskedTool<I, R>(Tool<I, R> tool) {

    private Reading<I> read(String... pairs) {
        Map<String, String> texts = new HashMap<>(tool.sample());
        for (int i = 0; i < pairs.length; i += 2) {
            texts.put(pairs[i], pairs[i + 1]);
        }
        return Shipped.read(tool.fields(), texts, UnitSystem.METRIC);
    }

    /** Codes of its findings. */
    List<String> codes(String... pairs) {
        return tool.findings(result(pairs)).stream().map(Finding::code).toList();
    }

    R result(String... pairs) {
        Reading<I> reading = read(pairs);
        if (reading.record() == null) {
            throw new AssertionError(reading.problems().toString());
        }
        return tool.compute(reading.record());
    }

    Answer answer(String... pairs) {
        return tool.print(result(pairs));
    }

    /** What is refused. */
    List<String> refused(String... pairs) {
        Reading<I> reading = read(pairs);
        return reading.problems().stream()
                .map(p -> p.field() + ": " + p.sentence())
                .toList();
    }
}
