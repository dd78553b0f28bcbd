package unbo.core.tools.identify;

import static java.util.Objects.requireNonNull;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;

import unbo.core.answer.Answer;
import unbo.core.bearing.Bearing;
import unbo.core.bearing.BearingKind;
import unbo.core.bearing.Inside;
import unbo.core.drawing.ValueTable;
import unbo.core.duty.Duty;
import unbo.core.finding.Finding;
import unbo.core.finding.Level;
import unbo.core.life.SingleLoad;
import unbo.core.measure.Show;
import unbo.core.worksheet.Worksheet;

/** What would hold in a place, in print. */
public final class DutyWords {

    private static final List<String> HEADS = List.of(
            "number",
            "here",
            "lasts, h",
            "C, kN",
            "static safety",
            "guide, rpm",
            "drags, W",
            "locates",
            "price",
            "sizes, mm",
            "kind");

    private DutyWords() {}

    static Answer answer(Duty duty) {
        Duty.Stand fitted = requireNonNull(duty.fitted());
        Duty.Input in = duty.input();
        Optional<Duty.Stand> better = duty.holds();
        List<Answer.Figure> figures = new ArrayList<>();
        figures.add(new Answer.Figure(
                fitted.of().name() + ", lasts",
                fitted.hours() > 0 ? life(fitted.hours()) : "does not carry it",
                fitted.hours() > 0 ? "h" : "",
                "wanted " + life(in.hours()) + " h"));
        figures.add(Answer.Figure.number(
                "carries from there",
                duty.carriesN(fitted.of(), in.load().angleDeg()) / 1000,
                2,
                "kN",
                "of " + Show.number(in.load().loadN() / 1000, 2) + " kN: "
                        + Show.number(in.load().radialN(), 0) + " N across, "
                        + Show.number(in.load().axialN(), 0) + " N along"));
        if (fitted.holds()) {
            figures.add(Answer.Figure.number(
                    "static safety", fitted.safety(), 1, "", "it dents under " + Show.number(Duty.LEAST_SAFETY, 0)));
        } else {
            better.ifPresent(stand -> figures.add(new Answer.Figure(
                    "holds here", stand.of().name(), "", sizes(stand) + ", " + life(stand.hours()) + " h")));
        }
        return new Answer(
                        figures,
                        List.of(judged(fitted, in, better)),
                        sentences(duty),
                        worksheet(duty),
                        List.of(DutyDrawing.of(duty)))
                .with(table("in-its-place", "With its bore and outside", duty.same(), duty))
                .with(table("ladder", "Larger ones of its kind on its bore", duty.ladder(), duty));
    }

    private static Finding judged(Duty.Stand fitted, Duty.Input in, Optional<Duty.Stand> better) {
        if (fitted.holds()) {
            return new Finding("holds", Level.RIGHT, fitted.of().name() + " holds: it lasts longer than is wanted.");
        }
        String why =
                fitted.faults().stream().map(fault -> fault(fault, fitted, in)).collect(Collectors.joining("; "));
        return new Finding(
                "does-not-hold",
                fitted.faults().contains(Duty.Fault.SHORT) && fitted.faults().size() == 1 ? Level.SOON : Level.STOP,
                fitted.of().name() + " does not hold: " + why + ". "
                        + better.map(stand -> stand.of().name() + " would" + room(stand) + ".")
                                .orElse("Nothing listed on its bore would: another place is needed, or two bearings."));
    }

    /** What the place must give for it, where it is not of the fitted one's size. */
    private static String room(Duty.Stand stand) {
        return stand.asWide() || stand.wider() == null ? "" : ", where the place takes its " + sizes(stand) + " mm";
    }

    /** Why one does not do, in a clause. */
    static String fault(Duty.Fault fault, Duty.Stand stand, Duty.Input in) {
        return switch (fault) {
            case NO_THRUST -> "it takes no thrust, and locates nothing";
            case ONE_WAY -> "a second one must stand against it: it takes thrust one way";
            case RIBS ->
                "its ribs take thrust up to " + Show.number(SingleLoad.RIB_SHARE * 100, 0)
                        + " % of the radial load only";
            case NO_RADIAL -> "it takes thrust alone";
            case NOT_SEALED -> "it is not made with seals";
            case DENTS -> "it dents, static safety " + Show.number(stand.safety(), 2);
            case SHORT -> "it lasts " + life(stand.hours()) + " h of " + life(in.hours());
            case FAST ->
                stand.limitRpm() == null || in.running().rpm() <= stand.limitRpm()
                        ? "its elements spin too fast"
                        : "over its guide of " + Show.rough(stand.limitRpm()) + " rpm";
        };
    }

    private static List<String> sentences(Duty duty) {
        List<String> sentences = new ArrayList<>();
        if (duty.input().load().paired()) {
            sentences.add("Its kind stands against a second one: thrust that it cannot take, that one takes. Both are "
                    + "changed together, and set.");
        }
        for (Duty.Stand stand : duty.same()) {
            if (stand.wider() != null && Math.abs(stand.wider()) > 1e-6 && stand.holds()) {
                sentences.add(stand.of().name() + " is " + Show.number(Math.abs(stand.wider()), 2) + " mm "
                        + (stand.wider() > 0 ? "wider" : "narrower") + ": seat, clip and spacer must allow it.");
            }
        }
        if (!duty.ladder().isEmpty()) {
            sentences.add("A larger outside asks for another housing, or a sleeve out of it.");
        }
        sentences.add("Turn the load with its slider: what carries it from there is drawn thick.");
        return sentences;
    }

    private static String sizes(Duty.Stand stand) {
        Bearing b = stand.bearing();
        return Show.number(stand.of().boreMm(), 3) + " × "
                + Show.number(stand.of().outsideMm(), 3) + " × "
                + (b.widthMm() == null ? "?" : Show.number(b.widthMm(), 3));
    }

    /** Two figures, thousands apart. */
    static String life(double value) {
        if (value >= Duty.MOST_HOURS) {
            return "over 1\u00a0000\u00a0000";
        }
        return Show.rough(value);
    }

    private static String locates(Duty.Stand stand) {
        return switch (Duty.loads(stand.of()).thrust()) {
            case NONE -> "no";
            case ONE_WAY -> "one way";
            case BOTH_WAYS -> "both ways";
        };
    }

    private static ValueTable table(String name, String title, List<Duty.Stand> stands, Duty duty) {
        return new ValueTable(
                name,
                title,
                HEADS,
                stands.stream()
                        .map(stand -> List.of(
                                stand.of().name(),
                                stand.holds()
                                        ? "holds"
                                        : stand.faults().stream()
                                                .map(fault -> fault(fault, stand, duty.input()))
                                                .collect(Collectors.joining("; ")),
                                stand.hours() > 0 ? life(stand.hours()) : "–",
                                Show.number(stand.of().ratings().cN() / 1000, 1),
                                stand.safety() > 0 ? Show.number(stand.safety(), 1) : "–",
                                stand.limitRpm() == null ? "–" : Show.rough(stand.limitRpm()),
                                Show.number(stand.watts(), 1),
                                locates(stand),
                                stand.price() == null ? "–" : Show.fixed(stand.price(), 2),
                                sizes(stand),
                                stand.of().kind().words()))
                        .toList());
    }

    private static Worksheet worksheet(Duty duty) {
        Duty.Stand fitted = requireNonNull(duty.fitted());
        Duty.Input in = duty.input();
        List<Worksheet.Line> lines = new ArrayList<>(List.of(
                Worksheet.given(
                        "F, β",
                        "load and its direction",
                        Show.number(in.load().loadN(), 0) + " N, "
                                + Show.number(in.load().angleDeg(), 1) + "°"),
                Worksheet.computed(
                        "Fr",
                        "across the shaft",
                        "F·cos β",
                        Show.number(in.load().radialN(), 0) + " N"),
                Worksheet.computed(
                        "Fa",
                        "along the shaft",
                        "F·sin β",
                        Show.number(in.load().axialN(), 0) + " N"),
                Worksheet.given("n", "speed", Show.number(in.running().rpm(), 0) + " rpm"),
                Worksheet.given(
                        "κ, ec",
                        "film and cleanliness",
                        Show.number(in.running().kappa(), 2) + ", "
                                + Show.number(in.running().contamination(), 2))));
        double p =
                Duty.loads(fitted.of()).dynamicN(in.load().radialN(), in.load().axialN());
        lines.add(Worksheet.computed(
                "P",
                fitted.of().name() + " counts as",
                "X·Fr + Y·Fa of its kind",
                Show.number(p, 0) + " N of C "
                        + Show.number(fitted.of().ratings().cN(), 0)));
        lines.add(Worksheet.computed(
                "Lnmh",
                "its life",
                "a_ISO·(C/P)^p·10⁶/(60·n)",
                fitted.hours() > 0 ? life(fitted.hours()) + " h" : "none"));
        BearingKind kind = fitted.of().kind();
        String band = fitted.of().ratings().estimated()
                ? Inside.proportions(kind)
                        .map(rule -> " Ratings by the rule of the kind are within " + Show.number(rule.bandPercent(), 0)
                                + " % of a catalogue's.")
                        .orElse("")
                : "";
        return new Worksheet(
                "What would hold here?",
                lines,
                List.of(
                        "ISO 281:2007 (equivalent load by kind, a_ISO), ISO 76; ribs of rollers: a guide of "
                                + "catalogues." + band,
                        "Speed by n·dm, drag after Palmgren; both are guides. Life is a statistic: one in ten ends "
                                + "earlier."));
    }
}
