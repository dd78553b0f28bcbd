package unbo.core.answer;

import java.util.Comparator;
import java.util.List;
import java.util.regex.Pattern;
import java.util.stream.Stream;

import org.jspecify.annotations.Nullable;

import unbo.core.drawing.Chart;
import unbo.core.drawing.Drawing;
import unbo.core.drawing.ValueTable;
import unbo.core.finding.Finding;
import unbo.core.finding.Level;
import unbo.core.input.UnitSystem;
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
        return new Answer(figures, findings, sentences, worksheet, List.of(), steps, alone());
    }

    /**
     * One number of an answer.
     *
     * @param what what it is, in a few words
     * @param value the number as printed
     * @param unit its unit; empty when it has none
     * @param other the same in the other system, or the limit beside it
     */
    public record Figure(String what, String value, String unit, String other) {

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

        /** The same with the inches large and the millimetres beside them, where the workshop works in inches. */
        public Figure in(UnitSystem system) {
            boolean swaps = system == UnitSystem.INCH && unit.equals("mm") && other.endsWith(" in");
            return swaps ? new Figure(what, other.substring(0, other.length() - 3), "in", value + " mm") : this;
        }
    }

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
