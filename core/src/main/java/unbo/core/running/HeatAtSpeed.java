package unbo.core.running;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

import org.jspecify.annotations.Nullable;

import unbo.core.bearing.Build;
import unbo.core.finding.Level;
import unbo.core.lubrication.Viscosity;
import unbo.core.motion.Friction;
import unbo.core.motion.SpeedGuide;

/**
 * Bearings that fit one place, lubricants and oil levels at one road speed, each run warm: the oil is as thin as its
 * own temperature makes it, and the temperature is where what it drags is what its hub sheds. Speed guides, friction,
 * film and level of a row are all of that one temperature, and its verdict is the worst of them.
 *
 * @param rows candidates in their order, each in every lubricant that reaches it
 * @param helps the one change that helps the first row most; null where none does
 */
public record HeatAtSpeed(
        Input input, List<Row> rows, @Nullable Helps helps) {

    /** Guide: a seal or a usual grease does not stand more for long, °C; over the first it is to be watched. */
    static final double WARM_C = 90;

    static final double HOT_C = 120;
    /** Conductance of a hub and drag of seals are guides, a factor of two either way. */
    private static final double BAND = 2;

    private static final double MOST_C = 400;
    private static final int HALVINGS = 60;
    private static final double NO_FILM = 0.4;
    private static final double FULL_FILM = 1;
    /** A change that cools by less than this is none, K. */
    private static final double COUNTS_K = 3;

    /**
     * A lubricant as typed.
     *
     * @param levelMm of oil over the middle of the lowest element; 0 for grease
     * @param nu40 at 40 °C, mm²/s
     * @param nu100 at 100 °C, mm²/s
     */
    public record Lubricant(String name, boolean grease, double nu40, double nu100, double levelMm) {

        Lubricant level(double mm) {
            return new Lubricant(name, grease, nu40, nu100, mm);
        }
    }

    /**
     * @param rpm of the bearing, over 0
     * @param conductance of a hub of 25 mm bore, W/K; it grows with the bore
     * @param candidates the fitted one first
     * @param lubricants the present one first
     */
    public record Input(
            double speedKmh,
            double rpm,
            BearingDrag.Input.Load load,
            double ambientC,
            double conductance,
            List<Candidate> candidates,
            List<Lubricant> lubricants) {

        public Input {
            candidates = List.copyOf(candidates);
            lubricants = List.copyOf(lubricants);
        }
    }

    /** How warm it gets, °C. @param least where its hub sheds twice as much, @param most half as much */
    public record Warmth(double celsius, double least, double most) {}

    /**
     * A bearing in a lubricant.
     *
     * @param seals that it runs with
     * @param level the worst of its guides
     * @param why what gave that, each in a clause; empty where nothing did
     */
    public record Row(
            Candidate bearing,
            Lubricant lubricant,
            Friction.Seals seals,
            SpeedGuide guide,
            double kappa,
            double watts,
            Warmth warmth,
            Verdict verdict) {

        public Level level() {
            return verdict.level();
        }
    }

    /** How a row is to be taken. @param why what gave it, each in a clause; empty where nothing did */
    public record Verdict(Level level, List<String> why) {

        public Verdict {
            why = List.copyOf(why);
        }
    }

    /** A change and what comes of it. @param words in a clause */
    public record Helps(String words, Row row) {}

    public static HeatAtSpeed of(Input in) {
        List<Row> rows = new ArrayList<>();
        for (Candidate bearing : in.candidates()) {
            for (Lubricant lubricant : in.lubricants()) {
                if (reaches(bearing, lubricant)) {
                    rows.add(row(in, in.rpm(), bearing, lubricant, bearing.seals()));
                }
            }
        }
        return new HeatAtSpeed(in, List.copyOf(rows), rows.isEmpty() ? null : helps(in, rows.get(0), rows));
    }

    /** False for oil outside a bearing that keeps its own grease in. */
    static boolean reaches(Candidate bearing, Lubricant lubricant) {
        return lubricant.grease() || !bearing.bearing().greasedForLife();
    }

    /** The same row at another speed of the bearing, °C: what a chart is drawn of. */
    public double celsiusAt(Row row, double rpm) {
        return rpm <= 0
                ? input.ambientC()
                : celsius(input, rpm, row.bearing(), row.lubricant(), row.seals(), conductance(input, row.bearing()));
    }

    private static Row row(Input in, double rpm, Candidate bearing, Lubricant lubricant, Friction.Seals seals) {
        double sheds = conductance(in, bearing);
        double celsius = celsius(in, rpm, bearing, lubricant, seals, sheds);
        Warmth warmth = new Warmth(
                celsius,
                celsius(in, rpm, bearing, lubricant, seals, sheds * BAND),
                celsius(in, rpm, bearing, lubricant, seals, sheds / BAND));
        double nu = Viscosity.at(lubricant.nu40(), lubricant.nu100(), celsius);
        double kappa = nu / Viscosity.required(rpm, bearing.geometry().pitchMm());
        Build stamped = bearing.build();
        boolean touches = seals != Friction.Seals.NONE && seals != Friction.Seals.LOW_DRAG;
        SpeedGuide guide = SpeedGuide.of(
                new Build(
                        stamped.kind(), touches && stamped.contactSeals(), stamped.fullComplement(), stamped.hybrid()),
                rpm,
                bearing.geometry().pitchMm(),
                bearing.geometry(),
                lubricant.grease() ? SpeedGuide.Lubricant.GREASE : SpeedGuide.Lubricant.OIL);
        double watts = drag(in, rpm, bearing, lubricant, seals, celsius).powerW();
        return new Row(
                bearing,
                lubricant,
                seals,
                guide,
                kappa,
                watts,
                warmth,
                verdict(bearing, lubricant, guide, kappa, celsius));
    }

    private static double conductance(Input in, Candidate bearing) {
        return in.conductance() * bearing.boreMm() / BearingDrag.GUIDE_BORE_MM;
    }

    /** Where what it drags is what its hub sheds: the drag falls as it warms, so there is one such place. */
    private static double celsius(
            Input in, double rpm, Candidate bearing, Lubricant lubricant, Friction.Seals seals, double conductance) {
        double low = in.ambientC();
        double high = MOST_C;
        for (int i = 0; i < HALVINGS; i++) {
            double middle = (low + high) / 2;
            double balance = in.ambientC()
                    + drag(in, rpm, bearing, lubricant, seals, middle).powerW() / conductance;
            if (balance > middle) {
                low = middle;
            } else {
                high = middle;
            }
        }
        return (low + high) / 2;
    }

    private static BearingDrag drag(
            Input in, double rpm, Candidate bearing, Lubricant lubricant, Friction.Seals seals, double celsius) {
        return BearingDrag.of(new BearingDrag.Input(
                bearing,
                lubricant.grease(),
                in.load(),
                rpm,
                Viscosity.at(lubricant.nu40(), lubricant.nu100(), celsius),
                new BearingDrag.Input.Made(seals, bearing.build().hybrid()),
                new BearingDrag.Input.Set(bearing.ratings().c0N(), conductance(in, bearing), lubricant.levelMm())));
    }

    private static Verdict verdict(
            Candidate bearing, Lubricant lubricant, SpeedGuide guide, double kappa, double celsius) {
        Level level = Level.RIGHT;
        List<String> why = new ArrayList<>();
        if (guide.verdict() != SpeedGuide.Verdict.FINE) {
            boolean wrong = guide.verdict() == SpeedGuide.Verdict.WRONG;
            level = wrong ? Level.SOON : Level.WATCH;
            why.add(
                    guide.spinDecides()
                            ? "its elements spin too fast about themselves"
                            : wrong ? "over the guide of n·dm" : "near the guide of n·dm");
        }
        if (celsius > WARM_C) {
            level = Level.worst(List.of(level, celsius > HOT_C ? Level.SOON : Level.WATCH));
            why.add(celsius > HOT_C ? "hotter than seals and greases stand" : "hot for a seal and a usual grease");
        }
        if (kappa < FULL_FILM) {
            level = Level.worst(List.of(level, kappa < NO_FILM ? Level.SOON : Level.WATCH));
            why.add(kappa < NO_FILM ? "no film at its temperature" : "a thin film: EP is advised");
        }
        double half = bearing.geometry().elementMm() / 2;
        if (!lubricant.grease() && lubricant.levelMm() < -half) {
            level = Level.STOP;
            why.add("the oil does not reach the lowest element");
        } else if (!lubricant.grease() && lubricant.levelMm() > half) {
            level = Level.worst(List.of(level, Level.WATCH));
            why.add("it churns");
        }
        return new Verdict(level, why);
    }

    /** Of all single changes the one after which it stands best: by its verdict, then by its warmth. */
    private static @Nullable Helps helps(Input in, Row now, List<Row> rows) {
        List<Helps> changes = new ArrayList<>();
        for (Row row : rows) {
            boolean bearing = !row.bearing().equals(now.bearing());
            boolean lubricant = !row.lubricant().equals(now.lubricant());
            if (bearing && !lubricant) {
                changes.add(new Helps(row.bearing().name() + " in its place", row));
            } else if (lubricant && !bearing) {
                boolean oil = now.lubricant().grease() && !row.lubricant().grease();
                changes.add(new Helps(
                        row.lubricant().name() + " instead" + (oil ? ", where its housing holds oil" : ""), row));
            }
        }
        if (!now.lubricant().grease() && now.lubricant().levelMm() != 0) {
            changes.add(new Helps(
                    "oil at the middle of the lowest element",
                    row(in, in.rpm(), now.bearing(), now.lubricant().level(0), now.seals())));
        }
        if (now.seals() != Friction.Seals.NONE && now.seals() != Friction.Seals.LOW_DRAG) {
            changes.add(new Helps(
                    "seals that do not touch, where water allows it",
                    row(in, in.rpm(), now.bearing(), now.lubricant(), Friction.Seals.LOW_DRAG)));
        }
        Optional<Helps> best = changes.stream()
                .min(Comparator.comparing((Helps change) -> change.row().level())
                        .thenComparingDouble(change -> change.row().warmth().celsius()));
        return best.filter(change -> change.row().level().compareTo(now.level()) < 0
                        || change.row().level() == now.level()
                                && change.row().warmth().celsius()
                                        < now.warmth().celsius() - COUNTS_K)
                .orElse(null);
    }
}
