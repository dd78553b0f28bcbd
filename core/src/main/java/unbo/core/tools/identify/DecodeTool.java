package unbo.core.tools.identify;

import java.util.List;
import java.util.Map;

import com.google.auto.service.AutoService;
import org.jspecify.annotations.Nullable;

import unbo.core.answer.Answer;
import unbo.core.bearing.Bearing;
import unbo.core.bearing.Part;
import unbo.core.input.FieldList;
import unbo.core.tool.About;
import unbo.core.tool.Call;
import unbo.core.tool.Offered;
import unbo.core.tool.Shape;
import unbo.core.tool.Tool;
import unbo.core.tool.Work;

/** What is it, how large, and what does each group of its number fix? */
@AutoService(Offered.class)
public final class DecodeTool implements Tool<List<Bearing>, List<Bearing>> {

    /** A marking as it is answered. */
    public record Decoding(
            String marking,
            boolean recognised,
            String kind,
            @Nullable Double boreMm,
            @Nullable Double outsideMm,
            @Nullable Double widthMm,
            boolean boundaryKnown,
            @Nullable String toleranceClass,
            @Nullable String clearanceClass,
            @Nullable String sealing,
            List<Part> parts,
            List<String> warnings,
            List<String> completions,
            String designation) {

        private static Decoding of(Bearing d) {
            return new Decoding(
                    d.marking(),
                    d.recognised(),
                    d.kind().code(),
                    d.boreMm(),
                    d.outsideMm(),
                    d.widthMm(),
                    d.boundaryKnown(),
                    d.suffixes().tolerance(),
                    d.suffixes().clearance(),
                    d.recognised() ? d.suffixes().sealing() : null,
                    d.parts(),
                    d.warnings(),
                    d.completions(),
                    d.designation());
        }
    }

    @Override
    public About about() {
        return new About(
                "decode",
                "Number on a ring",
                "What is it, how large, and what does each group of its number fix?",
                Work.IDENTIFY,
                10);
    }

    @Override
    public FieldList<List<Bearing>> fields() {
        return MarkingFields.MARKINGS;
    }

    @Override
    public Map<String, String> sample() {
        return Map.of("marking", "6305-2RS1/C3");
    }

    @Override
    public List<Bearing> compute(List<Bearing> in) {
        return in;
    }

    @Override
    public Answer print(List<Bearing> result) {
        return MarkingWords.answers(result);
    }

    @Override
    public List<Call<List<Bearing>>> calls() {
        return List.of(Call.get(
                "decode",
                "What a marking says: type, series, bore, seals, clearance, tolerance, and its sizes",
                Shape.of(MarkingFields.MARKINGS),
                Decoding.class,
                all -> Decoding.of(all.get(0))));
    }
}
