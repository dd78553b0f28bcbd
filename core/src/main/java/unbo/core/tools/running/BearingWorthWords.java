package unbo.core.tools.running;

import static java.util.Objects.requireNonNull;

import java.util.ArrayList;
import java.util.List;

import unbo.core.answer.Answer;
import unbo.core.decide.RunOrReplace;
import unbo.core.drawing.Drawing;
import unbo.core.drawing.ValueTable;
import unbo.core.finding.Finding;
import unbo.core.finding.Level;
import unbo.core.measure.Show;
import unbo.core.running.BearingDrag;
import unbo.core.running.BearingWorth;
import unbo.core.tools.deciding.RunOrReplaceWords;
import unbo.core.worksheet.Worksheet;

/** What an upgrade is worth, in print. */
public final class BearingWorthWords {

    private BearingWorthWords() {}

    /** The candidate that saves most; the fitted one where none saves. */
    private static BearingWorth.Cost best(BearingWorth worth) {
        return worth.costs().stream()
                .reduce((a, b) -> b.savedW() > a.savedW() + 1e-12 ? b : a)
                .orElseThrow();
    }

    public static Answer answer(BearingWorth worth) {
        BearingWorth.Cost best = best(worth);
        List<Answer.Figure> figures = new ArrayList<>();
        List<Finding> findings = new ArrayList<>();
        if (best.savedW() <= 0) {
            figures.add(new Answer.Figure("saves", "nothing", "", "the fitted one drags least"));
            findings.add(new Finding(
                    "worth-not", Level.WATCH, "None of the others drags less than the fitted one at this duty."));
        } else {
            figures.add(Answer.Figure.number(
                    "saves at most", best.savedW(), 2, "W", best.choice().name()));
            figures.add(new Answer.Figure(
                    "a watt costs",
                    requireNonNull(best.perWatt()) <= 0
                            ? "nothing"
                            : Show.number(best.perWatt(), best.perWatt() < 100 ? 1 : 0),
                    "",
                    "over " + Show.number(worth.input().years(), 1) + " years, price and service"));
            figures.add(new Answer.Figure(
                    "pays for itself",
                    best.yearsToPay() == null ? "never" : Show.number(best.yearsToPay(), 1),
                    best.yearsToPay() == null ? "" : "years",
                    "by service and energy"));
            worth.input().alternatives().stream()
                    .filter(a -> a.savedW() > 0)
                    .min((a, b) -> Double.compare(a.price() / a.savedW(), b.price() / b.savedW()))
                    .ifPresent(a -> {
                        double each = a.price() / a.savedW();
                        boolean cheaper = requireNonNull(best.perWatt()) > each;
                        findings.add(new Finding(
                                cheaper ? "worth-elsewhere" : "worth-here",
                                cheaper ? Level.WATCH : Level.RIGHT,
                                cheaper
                                        ? "“" + a.name() + "” saves a watt for " + Show.number(each, 1)
                                                + ": do that first."
                                        : "No alternative that is listed saves a watt for less."));
                    });
        }
        RunOrReplace.Sum least = worth.decision().best();
        figures.add(new Answer.Figure(
                "costs least",
                least.option().name(),
                "",
                RunOrReplaceWords.money(least.present()) + " in all, over "
                        + Show.number(worth.input().years(), 1) + " years"));
        if (worth.costs().stream().anyMatch(c -> c.choice().hybrid())) {
            findings.add(new Finding(
                    "hybrid",
                    Level.WATCH,
                    "Ceramic balls are harder, lighter and rounder, and brittle under a blow; "
                            + "their races are still steel and still wear: they want clean, serviced running."));
        }
        return new Answer(
                        figures,
                        findings,
                        List.of(
                                "Watts by the friction model: seals are a guide, a factor of two either way. A "
                                        + "coast-down or a spin-down on the bench tells more than any list.",
                                "Water and dirt decide more than watts: seals that drag less let more in."),
                        worksheet(worth),
                        drawings(worth.decision()))
                .with(table(worth))
                .with(others(worth));
    }

    private static List<Drawing> drawings(RunOrReplace r) {
        return r.tornado().isEmpty()
                ? List.of(RunOrReplaceWords.costs(r))
                : List.of(RunOrReplaceWords.costs(r), RunOrReplaceWords.tornado(r));
    }

    private static ValueTable table(BearingWorth worth) {
        List<List<String>> rows = new ArrayList<>();
        for (BearingWorth.Cost c : worth.costs()) {
            rows.add(List.of(
                    c.choice().name(),
                    Show.number(c.watts(), 3),
                    c == worth.costs().get(0) ? "–" : Show.number(c.savedW(), 3),
                    Show.number(c.choice().price() * worth.input().bearings(), 2),
                    Show.number(c.choice().hours(), 1),
                    Show.number(c.yearly(), 2),
                    Show.number(c.per1000Km(), 2),
                    c.perWatt() == null ? "–" : Show.number(c.perWatt(), 1),
                    c.yearsToPay() == null ? "–" : Show.number(c.yearsToPay(), 1)));
        }
        return new ValueTable(
                "worth-candidates",
                "Candidates",
                List.of(
                        "candidate",
                        "takes, W",
                        "saves, W",
                        "price",
                        "service, h a year",
                        "service and energy a year",
                        "per 1000 km",
                        "for each W",
                        "years to pay"),
                rows);
    }

    private static ValueTable others(BearingWorth worth) {
        return new ValueTable(
                "worth-alternatives",
                "Instead of it",
                List.of("alternative", "saves, W", "price", "for each W"),
                worth.input().alternatives().stream()
                        .map(a -> List.of(
                                a.name(),
                                Show.number(a.savedW(), 2),
                                Show.number(a.price(), 2),
                                a.savedW() > 0 ? Show.number(a.price() / a.savedW(), 1) : "–"))
                        .toList());
    }

    private static Worksheet worksheet(BearingWorth worth) {
        List<Worksheet.Line> lines = new ArrayList<>();
        for (BearingWorth.Cost c : worth.costs()) {
            BearingDrag f = BearingDrag.of(
                    worth.input().duty().with(c.choice().seals(), c.choice().hybrid()));
            lines.add(Worksheet.computed(
                    "P",
                    c.choice().name(),
                    worth.input().bearings() + " · (M0 "
                            + Show.number(f.friction().lubricantNmm(), 2) + " + M1 "
                            + Show.number(f.friction().loadNmm(), 2) + " + seals "
                            + Show.number(f.friction().sealsNmm(), 2) + " N·mm) · ω",
                    Show.number(c.watts(), 3) + " W"));
        }
        Double perWatt = best(worth).perWatt();
        lines.add(Worksheet.computed(
                "",
                "for each watt",
                "(extra price + extra a year · years) / watts saved",
                perWatt == null ? "–" : Show.number(perWatt, 2)));
        return new Worksheet(
                "What does an upgrade save, and what does a watt cost?",
                lines,
                List.of("Palmgren, Ball and Roller Bearing Engineering. Seals and ceramic balls "
                        + "(load's part times 0.7) are guides."));
    }
}
