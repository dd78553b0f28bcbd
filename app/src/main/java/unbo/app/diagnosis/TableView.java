package unbo.app.diagnosis;

import java.util.List;

import unbo.core.diagnosis.OwnCases;
import unbo.core.diagnosis.ShippedTable;
import unbo.core.measure.Show;

/** The shipped table beside what the workshop's own jobs make of it. */
public record TableView(String vehicle, int cases, List<Prior> priors, List<CheckRows> checks) {

    /** How likely a cause is before any check. */
    public record Prior(String words, String shipped, String moved, int cases) {}

    /** The rows of one check. */
    public record CheckRows(String question, List<String> results, List<Row> rows) {}

    /** Chances of the results under a cause. @param cases own cases that moved it */
    public record Row(String words, List<String> shipped, List<String> moved, int cases) {}

    public static TableView of(String vehicle, OwnCases own) {
        ShippedTable table = ShippedTable.of(vehicle, own);
        return new TableView(
                vehicle,
                own.truths(vehicle),
                table.priors().stream()
                        .map(p -> new Prior(
                                p.hypothesis().words(vehicle), percent(p.shipped()), percent(p.moved()), p.cases()))
                        .toList(),
                table.checks().stream()
                        .map(c -> new CheckRows(
                                c.check().question(),
                                c.check().results().stream().map(r -> r.label()).toList(),
                                c.rows().stream()
                                        .map(r -> new Row(
                                                r.words(), percents(r.shipped()), percents(r.moved()), r.cases()))
                                        .toList()))
                        .toList());
    }

    private static List<String> percents(List<Double> shares) {
        return shares.stream().map(TableView::percent).toList();
    }

    private static String percent(double share) {
        return Show.number(100 * share, share < 0.1 ? 1 : 0);
    }
}
