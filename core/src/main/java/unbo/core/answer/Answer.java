package unbo.core.answer;

import java.util.Comparator;
import java.util.List;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;

import org.jspecify.annotations.Nullable;

import unbo.core.drawing.Chart;
import unbo.core.drawing.Drawing;
import unbo.core.drawing.ValueTable;
import unbo.core.finding.Finding;
import unbo.core.finding.Level;
import unbo.core.input.UnitSystem;
import unbo.core.measure.Show;
import unbo.core.worksheet.Worksheet;

/**
 * A result as it is printed: on a page, in a job's stage, in the report. Made on demand from a result record; what a
 * closed job froze is this.
 *
 * @param figures the biggest first
 * @param findings what was judged; may be empty
 * @param sentences what to do, in order
 * @param worksheet the derivation, behind "why"
 * @param drawings pictures beside the figures; not kept with the job
 * @param steps a procedure, in order; empty where there is none
 * @param tables values behind the charts, by their drawings' names, and tables that stand by themselves
 */
public record Answer(
        List<Figure> figures,
        List<Finding> findings,
        List<String> sentences,
        Worksheet worksheet,
        List<Drawing> drawings,
        List<Step> steps,
        List<ValueTable> tables) {

    /** An answer without a table. */
    public Answer(
            List<Figure> figures,
            List<Finding> findings,
            List<String> sentences,
            Worksheet worksheet,
            List<Drawing> drawings,
            List<Step> steps) {
        this(figures, findings, sentences, worksheet, drawings, steps, List.of());
    }

    /** An answer without a procedure. */
    public Answer(
            List<Figure> figures,
            List<Finding> findings,
            List<String> sentences,
            Worksheet worksheet,
            List<Drawing> drawings) {
        this(figures, findings, sentences, worksheet, drawings, List.of());
    }

    public Answer {
        figures = copy(figures);
        findings = copy(findings);
        sentences = copy(sentences);
        drawings = copy(drawings);
        steps = copy(steps);
        tables = copy(tables);
    }

    /** An answer kept by an older release may lack a list: that reads as an empty one. */
    private static <T> List<T> copy(List<T> list) {
        return list == null ? List.of() : List.copyOf(list);
    }

    /**
     * This answer, then another to the same title: figures, findings, sentences, derivation, drawings and steps, one
     * behind the other.
     */
    public Answer and(Answer other) {
        return new Answer(
                joined(figures, other.figures),
                joined(findings, other.findings),
                joined(sentences, other.sentences),
                new Worksheet(
                        worksheet.title(),
                        joined(worksheet.lines(), other.worksheet.lines()),
                        joined(worksheet.sources(), other.worksheet.sources())),
                joined(drawings, other.drawings),
                joined(steps, other.steps),
                joined(tables, other.tables));
    }

    private static <T> List<T> joined(List<T> first, List<T> second) {
        return Stream.concat(first.stream(), second.stream()).distinct().toList();
    }

    /** The same with a drawing beside it. */
    public Answer with(Drawing drawing) {
        return new Answer(figures, findings, sentences, worksheet, List.of(drawing), steps, tables);
    }

    /** The same with a chart and the values behind it, after what is drawn already. */
    public Answer with(Chart chart) {
        return new Answer(
                figures,
                findings,
                sentences,
                worksheet,
                joined(drawings, List.of(chart.drawing())),
                steps,
                joined(tables, List.of(chart.table())));
    }

    /** The same with a table, after those it has already. */
    public Answer with(ValueTable table) {
        return new Answer(figures, findings, sentences, worksheet, drawings, steps, joined(tables, List.of(table)));
    }

    /** The same with a procedure. */
    public Answer with(List<Step> procedure) {
        return new Answer(figures, findings, sentences, worksheet, drawings, procedure, tables);
    }

    /** The table behind a drawing; null where there is none. */
    public @Nullable ValueTable behind(Drawing drawing) {
        return tables.stream()
                .filter(t -> t.name().equals(drawing.name()))
                .findFirst()
                .orElse(null);
    }

    /** Tables that stand by themselves. */
    public List<ValueTable> alone() {
        return tables.stream()
                .filter(t -> drawings.stream().noneMatch(d -> d.name().equals(t.name())))
                .toList();
    }

    /** The same without its drawings and what is behind them, as a job keeps it. */
    public Answer printed() {
        return new Answer(
                figures.stream()
                        .map(f -> new Figure(f.what(), f.value(), f.unit(), f.other(), null, f.within()))
                        .toList(),
                findings,
                sentences,
                worksheet,
                List.of(),
                steps,
                alone());
    }

    /**
     * One number of an answer.
     *
     * @param what what it is, in a few words
     * @param value the number as printed
     * @param unit its unit; empty when it has none
     * @param other the same in the other system, or the limit beside it
     * @param exact the number before it was rounded, in {@code unit}; null where it is a word, or is kept
     * @param within what it may be where inputs were typed with ±; null where none was
     */
    public record Figure(
            String what,
            String value,
            String unit,
            String other,
            @Nullable Double exact,
            @Nullable Within within) {

        /** A figure that is a word, or a number of which only the print is known. */
        public Figure(String what, String value, String unit, String other) {
            this(what, value, unit, other, null, null);
        }

        /** A number with at most so many decimals. */
        public static Figure number(String what, double exact, int decimals, String unit, String other) {
            return new Figure(what, Show.number(exact, decimals), unit, other, exact, null);
        }

        /** A number with exactly so many decimals. */
        public static Figure fixed(String what, double exact, int decimals, String unit, String other) {
            return new Figure(what, Show.fixed(exact, decimals), unit, other, exact, null);
        }

        /** The same where its number before rounding is known, in its unit. */
        public Figure of(double number) {
            return new Figure(what, value, unit, other, number, within);
        }

        /** The same with what it may be. */
        public Figure within(Within range) {
            return new Figure(what, value, unit, other, exact, range);
        }

        /** Its number as exactly as it is known; null where it is a word or a range. */
        public @Nullable Double known() {
            if (exact != null) {
                return Double.isFinite(exact) ? exact : null;
            }
            List<Double> numbers = numbers();
            return numbers.size() == 1 ? numbers.get(0) : null;
        }

        /** What it may be, in a few words with its unit; empty where no input was typed with ±. */
        public String range() {
            return within == null ? "" : new Figure(what, within.told(within.low(), within.high()), unit, "").printed();
        }

        /** A number as it is printed: with a true minus, and spaces between its thousands. */
        private static final Pattern NUMBER = Pattern.compile("−?\\d+([ \u00a0\u202f]\\d{3})*(\\.\\d+)?");

        /** Its numbers, in its unit: two where it is a range, none where it is a word. */
        public List<Double> numbers() {
            return NUMBER.matcher(value)
                    .results()
                    .map(found -> Double.valueOf(found.group().replace('−', '-').replaceAll("[ \u00a0\u202f]", "")))
                    .toList();
        }

        /** The number with its unit. */
        public String printed() {
            return unit.isEmpty() || unit.equals("°") ? value + unit : value + " " + unit;
        }

        /** What stands beside it in a line: what it may be, and the other system or limit. */
        public String beside() {
            return Stream.of(range(), other).filter(text -> !text.isEmpty()).collect(Collectors.joining("; "));
        }

        /** The same with the inches large and the millimetres beside them, where the workshop works in inches. */
        public Figure in(UnitSystem system) {
            boolean swaps = system == UnitSystem.INCH && unit.equals("mm") && other.endsWith(" in");
            return swaps
                    ? new Figure(
                            what,
                            other.substring(0, other.length() - 3),
                            "in",
                            value + " mm",
                            null,
                            within == null ? null : within.times(1 / 25.4))
                    : this;
        }
    }

    /**
     * What a number may be, by what was typed with ±, in the unit of its figure: to first order about what was typed.
     *
     * @param low, high by the root of the sum of squares: the inputs are off by chance, not all one way
     * @param worstLow, worstHigh where all inputs are off the same way
     * @param shares what each input has of the range, the largest first; they come to 1
     */
    public record Within(double low, double high, double worstLow, double worstHigh, List<Share> shares) {

        public Within {
            shares = copy(shares);
        }

        private Within times(double factor) {
            return new Within(low * factor, high * factor, worstLow * factor, worstHigh * factor, shares);
        }

        /** Two of its numbers with as many decimals as two figures of the range want. */
        public String told(double from, double to) {
            double half = Math.max((high - low) / 2, 1e-12);
            int decimals = (int) Math.max(0, Math.min(6, 1 - Math.floor(Math.log10(half))));
            return Show.fixed(from, decimals) + " to " + Show.fixed(to, decimals);
        }
    }

    /**
     * What one input has of a range.
     *
     * @param input its name
     * @param label as printed
     * @param share of the square of the range, 0 to 1
     */
    public record Share(String input, String label, double share) {}

    /** The findings, the worst first; those of one level as they stand. */
    public List<Finding> worst() {
        return findings.stream()
                .sorted(Comparator.comparingInt((Finding finding) -> rank(finding.level()))
                        .reversed())
                .toList();
    }

    private static int rank(@Nullable Level level) {
        return level == null ? -1 : level.rank();
    }

    /** The worst of all findings; not known where nothing was judged. */
    public Level level() {
        return Level.worst(findings.stream().map(Finding::level).toList());
    }
}
