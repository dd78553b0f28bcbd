package unbo.app.demo;

import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.stream.Collectors;
import java.util.stream.Stream;

import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.ApplicationArguments;
import org.springframework.boot.ApplicationRunner;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

import unbo.app.catalogue.OwnCatalogue;
import unbo.app.data.Starting;
import unbo.app.due.FollowUpService;
import unbo.app.job.AnswerService;
import unbo.app.job.JobService;
import unbo.app.stock.GreaseShelf;
import unbo.app.stock.StockService;
import unbo.app.vehicle.VehicleService;
import unbo.app.workshop.WorkshopForm;
import unbo.app.workshop.WorkshopService;
import unbo.core.bearing.BearingKind;
import unbo.core.bearing.Boundary;
import unbo.core.bearing.OwnBearing;
import unbo.core.diagnosis.OwnCases;
import unbo.core.fact.FactKey;
import unbo.core.input.FieldReader;
import unbo.core.input.Typed;
import unbo.core.input.UnitSystem;
import unbo.core.lubrication.Grease;
import unbo.core.lubrication.Gun;
import unbo.core.measure.Show;
import unbo.core.route.Knowledge;
import unbo.core.route.StageRules;
import unbo.core.service.Causes;
import unbo.core.sheet.Sheet;
import unbo.core.stage.RouteStage;
import unbo.core.table.Table;
import unbo.core.table.TableRow;
import unbo.core.tool.Tool;
import unbo.core.tools.running.GreaseFields;
import unbo.core.tools.running.ViscosityTool;
import unbo.core.tools.running.WheelLifeTool;
import unbo.core.vehicle.Place;
import unbo.core.vehicle.VehicleInput;

/**
 * A harbourside workshop with three years behind it. Every job goes through the same service as one typed by hand, so
 * its figures are computed, never written down here. Loaded once, into an empty database, and whole or not at all.
 */
@Component
@Order(0)
public class DemoData implements ApplicationRunner {

    private static final String SMALL = "small";
    private static final String LARGE = "large";
    private static final String METRIC = "metric";

    /** What rests on a wheel of each vehicle of the data file, kg. */
    private static final Map<String, Integer> KILOGRAMS = Map.of("van", 420, "estate", 380, "trail", 90, "cargo", 60);

    private static final String TRACK =
            "track/40 0:50 30:50 60:50 90:50 120:50 150:50 180:50 210:50 240:50 270:50 300:50 330:50";
    private static final String ETCHED = "dark-line/60 6:50 24:50 42:50 60:50 78:50 96:50 114:50 132:50 150:50 168:50 "
            + "186:50 204:50 222:50 240:50 258:50 276:50 294:50 312:50 330:50 348:50";

    private final boolean wanted;
    private final WorkshopService workshops;
    private static final List<String> NUT_STEPS = List.of("support", "cups", "pin", "measure");

    private final VehicleService vehicles;
    private final JobService jobs;
    private final OwnCatalogue own;
    private final StockService stock;
    private final GreaseShelf greases;
    private final AnswerService answers;
    private final FollowUpService followUps;
    private final Clock clock;
    private boolean loaded;

    DemoData(
            @Value("${unbo.demo}") boolean wanted,
            WorkshopService workshops,
            VehicleService vehicles,
            JobService jobs,
            OwnCatalogue own,
            StockService stock,
            GreaseShelf greases,
            AnswerService answers,
            FollowUpService followUps,
            Clock clock) {
        this.wanted = wanted;
        this.workshops = workshops;
        this.vehicles = vehicles;
        this.jobs = jobs;
        this.own = own;
        this.stock = stock;
        this.greases = greases;
        this.answers = answers;
        this.followUps = followUps;
        this.clock = clock;
    }

    @Override
    @Transactional
    public void run(ApplicationArguments arguments) {
        if (wanted && vehicles.none() && !workshops.current().isSetUp()) {
            Starting.now("the demo data are loaded");
            load();
            loaded = true;
        }
    }

    /** True where they were loaded at this start. */
    boolean loaded() {
        return loaded;
    }

    /** Loads all of it. */
    public void load() {
        workshops.change(new WorkshopForm("Slipway bearings", UnitSystem.METRIC, "A", "yearly"));
        long gig =
                add(new VehicleInput("trailer", "Rowing gig launcher", "HB 214", "M.K.", "none", 900.0, "immersed", 1));
        long dory = add(new VehicleInput("trailer", "Dory trailer", "HB 377", "S.O.", "none", 2500.0, "immersed", 1));
        long cutter = add(new VehicleInput(
                "trailer", "Cutter cradle, two axles", "HB 052", "R.T.", "none", 1400.0, "immersed", 2));
        long cargo =
                add(new VehicleInput("bicycle", "Long-nose cargo bicycle 3", "C3", "L.V.", "km", 4200.0, "wet", 1));
        long scooter = add(new VehicleInput("motorcycle", "Postal scooter 11", "P11", "depot", "km", 9500.0, "wet", 1));
        long trail = add(
                new VehicleInput("motorcycle", "Trail motorcycle, green", "T 808", "J.A.", "h", 120.0, "off-road", 1));
        long van = add(new VehicleInput("van", "Net-loft van", "HB 690", "N.L.", "km", 16000.0, "wet", 1));
        long estate = add(new VehicleInput("car", "Ferry office estate", "HB 118", "F.O.", "mi", 7000.0, "dry", 1));

        LocalDate today = LocalDate.now(clock);
        int n = 0;
        for (int season = 3; season >= 1; season--) {
            LocalDate spring = today.minusDays(200).minusYears(season - 1);
            for (String side : List.of("axle1-left", "axle1-right")) {
                closed(
                        gig,
                        side,
                        SMALL,
                        spring.plusDays(n),
                        n,
                        season == 2 && side.endsWith("right") ? "seal" : "regular-service");
                closed(
                        dory,
                        side,
                        LARGE,
                        spring.plusDays(14 + n),
                        n + 1,
                        season == 2 && side.endsWith("left") ? "wheel-bearing" : "regular-service");
                n++;
            }
        }
        closed(cutter, "axle2-left", METRIC, today.minusMonths(14), 3, "brake-drag");
        for (int week = 1; week <= 23; week++) {
            vehicles.immersed(gig, today.minusWeeks(week), 1, week % 5 == 0 ? "left in overnight" : "");
        }
        for (int week = 2; week <= 9; week++) {
            vehicles.immersed(dory, today.minusWeeks(2L * week), 1, "");
        }
        vehicles.immersed(cutter, today.minusDays(3), 1, "hauled for the winter");
        looked(
                cargo,
                today.minusDays(120),
                1,
                "chain",
                "Grinds when pedalled uphill, silent when coasting.",
                "noise-coasting-neutral=stops drive-removed=stops");
        own.keep(new OwnBearing(
                new Boundary(BearingKind.HUB_CARTRIDGE, "HB 40-74", 40, 74, 42, "own", ""), null, null, 38.5, 1));
        own.keep(new OwnBearing(
                new Boundary(BearingKind.DEEP_GROOVE_BALL, "HB 25-47-14", 25, 47, 14, "own", ""),
                11_200.0,
                5_900.0,
                7.4,
                4));
        Map.of(0.10, 6, 0.15, 4, 0.20, 4, 0.30, 3, 0.50, 2, 1.00, 2)
                .forEach((mm, count) -> stock.put(mm, count, "first count", at(today.minusDays(90))));
        grease(
                Map.of(
                        "name",
                        "tub by the slip",
                        "thickener",
                        "CaS",
                        "hot",
                        "150",
                        "nu40",
                        "220",
                        "nu100",
                        "19.5",
                        "ep",
                        "yes"),
                1450,
                today);
        grease(
                Map.of(
                        "name",
                        "red cartridge",
                        "thickener",
                        "LiX",
                        "hot",
                        "160",
                        "speedFactor",
                        "500000",
                        "nu40",
                        "160",
                        "nu100",
                        "16.5",
                        "ep",
                        "yes"),
                380,
                today);
        grease(
                Map.of("name", "old pail", "thickener", "Li", "hot", "120", "nu40", "100", "nu100", "11", "ep", "no"),
                900,
                today);
        greases.weighed(new Gun("lever gun, green", 1.24, today.minusDays(60)));
        greases.weighed(new Gun("one-hand gun", 0.86, today.minusDays(60)));
        steering(scooter, today.minusDays(75));
        looked(
                van,
                today.minusDays(40),
                3,
                "tyre",
                "Drones on the coast road.",
                "noise-follows=road-speed noise-character=hum noise-turning=no-change "
                        + "noise-surface=changes tread@rear-right=cupped");
        hubs(Map.of("van", van, "estate", estate, "trail", trail, "cargo", cargo), today);
        followUps.open(today.minusDays(1), Integer.MAX_VALUE).forEach(f -> followUps.done(f.id(), at(f.on())));
        open(cutter, today);
        gearbox(trail, today.minusDays(2));
        Run growl = new Run(van, Place.UNKNOWN, today, 4);
        growl.intake("Growls from 50 km/h up, louder in left bends.");
        growl.keep(
                RouteStage.DIAGNOSE,
                Map.of(
                        "checks",
                        "noise-follows=road-speed noise-coasting-neutral=stays "
                                + "noise-turning=louder-left noise-character=growl"));
    }

    private void grease(Map<String, String> sheet, double grams, LocalDate today) {
        Grease grease =
                FieldReader.read(GreaseFields.LIST, sheet, UnitSystem.METRIC).record();
        greases.keep(grease, grams, "first count", at(today.minusDays(90)));
    }

    /** A job that ended at Diagnose: no hub was opened. */
    private void looked(long vehicle, LocalDate day, int variation, String cause, String complaint, String checks) {
        Run run = new Run(vehicle, Place.UNKNOWN, day, variation);
        run.intake(complaint);
        run.keep(RouteStage.DIAGNOSE, Map.of("checks", checks, "initials", "BW", "remedy", "part replaced"));
        String found = jobs.view(run.id).orElseThrow().sheet().text(FactKey.VERDICT_AT);
        if (!found.isEmpty()) {
            jobs.move(run.id, found, at(day));
        }
        jobs.noHubWork(run.id, "no hub work: " + Causes.label(cause), at(day));
        run.keep(RouteStage.LOG, Map.of("cause", cause, "serviceSchool", "yearly", "season", "20", "note", ""));
        List<String> refused = jobs.sign(run.id, at(day.plusDays(1)));
        if (!refused.isEmpty()) {
            throw new IllegalStateException("a demo job is not signed: " + refused);
        }
    }

    /** A steering head with a notch at straight ahead, renewed with tapered bearings and proved as a head is. */
    private void steering(long scooter, LocalDate day) {
        Run run = new Run(scooter, "steering-head", day, 2);
        run.intake("Wanders, will not hold a line.");
        run.keep(RouteStage.DIAGNOSE, Map.of("checks", "steering-notch=centre-notch"));
        run.keep(RouteStage.IDENTIFY, Map.of("outerCone", "32006X", "innerCone", "32005X"));
        run.keep(RouteStage.GREASE, Map.of("kind", "LiX", "oldKind", "LiX"));
        run.keep(RouteStage.SET, Map.of("place", "steering-head", "scale", "6", "radius", "350"));
        run.keep(
                RouteStage.PROVE,
                Map.of(
                        "proof-slack-braking",
                        "right",
                        "proof-notch",
                        "right",
                        "proof-yoke",
                        "right",
                        "initials",
                        "AH"));
        run.keep(RouteStage.LOG, Map.of("cause", "steering-head-bearing", "note", ""));
        List<String> refused = jobs.sign(run.id, at(day.plusDays(1)));
        if (!refused.isEmpty()) {
            throw new IllegalStateException("demo job on a steering head is not signed: " + refused);
        }
    }

    /** A job of each kind of place, as the data file tells them: some signed, the others each at another stage. */
    private void hubs(Map<String, Long> vehicles, LocalDate today) {
        Map<String, List<TableRow>> jobsByName = Table.read(DemoData.class, "hubs.csv").stream()
                .collect(Collectors.groupingBy(row -> row.get("job"), LinkedHashMap::new, Collectors.toList()));
        jobsByName.values().forEach(rows -> {
            TableRow first = rows.get(0);
            LocalDate day = today.minusDays((long) first.number("days"));
            Run run = new Run(vehicles.get(first.get("vehicle")), first.get("position"), day, rows.size());
            run.intake(first.get("boxes"), KILOGRAMS.get(first.get("vehicle")));
            rows.stream().skip(1).forEach(row -> hub(run, row, day));
        });
    }

    private void hub(Run run, TableRow row, LocalDate day) {
        if (row.get("stage").equals("sign")) {
            List<String> refused = jobs.sign(run.id, at(day.plusDays(1)));
            if (!refused.isEmpty()) {
                throw new IllegalStateException("a demo job is not signed: " + refused);
            }
            return;
        }
        RouteStage stage = RouteStage.of(row.get("stage")).orElseThrow();
        Map<String, String> said = new TreeMap<>();
        Stream.of(row.get("boxes").split(" ~ "))
                .filter(box -> !box.isBlank())
                .forEach(box -> said.put(box.substring(0, box.indexOf('=')), box.substring(box.indexOf('=') + 1)));
        Sheet sheet = jobs.view(run.id).orElseThrow().sheetFor(stage);
        Map<String, String> texts =
                new TreeMap<>(StageRules.of(stage, sheet, said).prefill(sheet, said));
        texts.putAll(said);
        run.keep(stage, texts);
    }

    /** Three open jobs, each at another stage. */
    private void open(long cutter, LocalDate today) {
        Run first = new Run(cutter, "axle1-left", today.minusDays(1), 5);
        first.intake("Humming from the left front hub since it was hauled, milky grease at the cap.");
        first.keep(
                RouteStage.DIAGNOSE,
                Map.of(
                        "checks",
                        "wheel-nuts@axle1-left=tight heat-after-run@axle1-left=warmer-15 "
                                + "brake-drag@axle1-left=no grease-out@axle1-left=milky",
                        "circumstances",
                        "salt-water",
                        "hubType",
                        "adjustable-taper"));
        first.keep(RouteStage.IDENTIFY, hub(METRIC));
        first.keep(
                RouteStage.STRIP,
                Map.of("kind", "adjustable-taper", "notches", "yes", "numbers", "outer 32008X\ninner 32010X"));
        first.keep(
                RouteStage.INSPECT,
                Map.of(
                        "which",
                        "outer",
                        "designation",
                        "32008X",
                        "elements",
                        "20",
                        "turning",
                        "outer",
                        "inner",
                        TRACK,
                        "outer",
                        ETCHED + "|rust/20 60:30 96:70 150:40 204:60",
                        "plane1",
                        "67.995 68.000 68.005",
                        "plane2",
                        "68.000 68.000 68.010",
                        "seatSymbol",
                        "N7",
                        "cureAt",
                        "8"));
        Run second = new Run(cutter, "axle1-right", today.minusDays(1), 6);
        second.intake("Other side of the humming hub, same age.");
        second.keep(RouteStage.IDENTIFY, hub(METRIC));
        second.keep(RouteStage.GREASE, Map.of("kind", "CaS", "oldKind", "Li"));
        second.keep(RouteStage.SET, nut("20", "0 180", "C"));
        second.beside(
                new WheelLifeTool(),
                Map.of(
                        "vehicle",
                        "trailer",
                        "wheelLoadN",
                        "5200",
                        "rollingRadiusM",
                        "0.31",
                        "spreadMm",
                        "96",
                        "offsetMm",
                        "8",
                        "outerDesignation",
                        "32008X",
                        "innerDesignation",
                        "32010X",
                        "kappa",
                        "0.6",
                        "contamination",
                        "0.2",
                        "newOffset",
                        "33"));
        second.beside(
                new ViscosityTool(),
                Map.of("nu40", "220", "nu100", "19.5", "temperature", "60", "rpm", "620", "pitchMm", "54"));
        jobs.keepParts(
                second.id,
                0,
                Map.ofEntries(
                        Map.entry("supplierA", "Quay stores"),
                        Map.entry("supplierB", "Inland bearings"),
                        Map.entry("kind-0", "bearing"),
                        Map.entry("what-0", "32008X"),
                        Map.entry("place-0", "outer bearing"),
                        Map.entry("priceA-0", "21.40"),
                        Map.entry("priceB-0", "18.90"),
                        Map.entry("kind-1", "bearing"),
                        Map.entry("what-1", "32010X"),
                        Map.entry("place-1", "inner bearing"),
                        Map.entry("priceA-1", "24.80"),
                        Map.entry("priceB-1", "26.20"),
                        Map.entry("kind-2", "seal"),
                        Map.entry("what-2", "shaft seal 50x72x10"),
                        Map.entry("place-2", "inboard"),
                        Map.entry("alwaysNew-2", "yes"),
                        Map.entry("priceA-2", "6.10"),
                        Map.entry("priceB-2", "5.60"),
                        Map.entry("from-2", "a"),
                        Map.entry("kind-3", "pin"),
                        Map.entry("what-3", "split pin"),
                        Map.entry("place-3", "spindle nut"),
                        Map.entry("alwaysNew-3", "yes"),
                        Map.entry("priceA-3", "0.35")));
        Run third = new Run(cutter, "axle2-right", today.minusDays(8), 7);
        third.intake("Grease thrown over the rim after the last haul.");
        jobs.await(third.id, "seal 50x72x10", at(today.minusDays(7)));
    }

    /** A gearbox shaft that is shimmed: its Set is a stack. */
    private void gearbox(long trail, LocalDate day) {
        Run shaft = new Run(trail, "gearbox", day, 8);
        shaft.intake("Whines in the lower gears; shaft can be rocked by the sprocket.");
        shaft.keep(
                RouteStage.FIT,
                Map.of(
                        "designation",
                        "6305/C3",
                        "ring",
                        "inner",
                        "seat",
                        "k5",
                        "bothTight",
                        "yes",
                        "arrangement",
                        "two-tight",
                        "leftBearing",
                        "6305/C3",
                        "rightBearing",
                        "NU305",
                        "between",
                        "148"));
        shaft.keep(
                RouteStage.SET,
                Map.of(
                        "outer",
                        "face to face in the case; 182.62; depth; aluminium\ngasket when crushed; "
                                + "0.30; table; aluminium",
                        "inner",
                        "left bearing; 17.00; table\nshoulder to shoulder; 147.80; micrometer\nright "
                                + "bearing; 17.00; table",
                        "min",
                        "0.10",
                        "max",
                        "0.20",
                        "workingTemperature",
                        "80",
                        "shims",
                        "0.10 x 6\n0.15 x 4\n0.20 x 4\n0.30 x 3\n0.50 x 2\n1.00 x 2"));
    }

    /** A job through all its stages, signed. */
    private void closed(long vehicle, String side, String size, LocalDate day, int variation, String cause) {
        Run run = new Run(vehicle, side, day, variation);
        run.intake(
                switch (cause) {
                    case "seal" -> "Milky grease at the cap, seal lip loose.";
                    case "wheel-bearing" -> "Rumble on the coast road, louder when loaded.";
                    case "brake-drag" -> "Hub hot after the run to the yard.";
                    default -> "Season service, nothing to complain of.";
                });
        String checks = switch (cause) {
            case "seal" ->
                "grease-out@" + side + "=milky seal-lip@" + side + "=loose spin-by-hand@" + side + "=smooth-stiff";
            case "wheel-bearing" ->
                "noise-follows=road-speed noise-character=growl spin-by-hand@" + side + "=rough grease-out@" + side
                        + "=milky";
            case "brake-drag" -> "heat-after-run@" + side + "=warmer-15 brake-drag@" + side + "=yes";
            default -> "";
        };
        if (!checks.isEmpty()) {
            run.keep(
                    RouteStage.DIAGNOSE,
                    Map.of("checks", checks, "circumstances", "salt-water", "hubType", "adjustable-taper"));
        }
        run.keep(RouteStage.IDENTIFY, hub(size));
        if (cause.equals("wheel-bearing")) {
            run.keep(
                    RouteStage.INSPECT,
                    Map.of(
                            "designation",
                            "LM67048",
                            "elements",
                            "20",
                            "turning",
                            "outer",
                            "inner",
                            TRACK,
                            "outer",
                            ETCHED));
        }
        run.keep(RouteStage.GREASE, Map.of("kind", "CaS", "oldKind", variation < 2 ? "Li" : "CaS"));
        run.keep(
                RouteStage.SET,
                nut(String.valueOf(2 + variation % 4 * 3), "0 90 180 270", variation % 3 == 0 ? "D" : "A"));
        run.keep(
                RouteStage.PROVE,
                Map.of(
                        "push",
                        "0.00 0.00 0.01",
                        "pull",
                        pulls(0.05 + variation % 5 * 0.01),
                        "hubTemperature",
                        String.valueOf(31 + variation % 4),
                        "twinTemperature",
                        String.valueOf(30 + variation % 3),
                        "run",
                        "10",
                        "proof-nut-locked",
                        "right",
                        "proof-turns-free",
                        "right",
                        "initials",
                        variation % 2 == 0 ? "AH" : "BW"));
        run.keep(RouteStage.LOG, Map.of("cause", cause, "serviceSchool", "yearly", "season", "20", "note", ""));
        List<String> refused = jobs.sign(run.id, at(day.plusDays(1)));
        if (!refused.isEmpty()) {
            throw new IllegalStateException("demo job is not signed: " + refused);
        }
    }

    /** Three readings of an indicator that is pulled, as they are written down, mm. */
    private static String pulls(double play) {
        String more = Show.fixed(play + 0.005, 3);
        return Show.fixed(play, 3) + " " + more + " " + more;
    }

    private static Map<String, String> hub(String size) {
        Map<String, String> texts = new TreeMap<>();
        if (size.equals(METRIC)) {
            texts.putAll(Map.of(
                    "outerCone",
                    "32008X",
                    "innerCone",
                    "32010X",
                    "seal",
                    "50x72x10",
                    "betweenCups",
                    "58",
                    "hubBore",
                    "62"));
        } else if (size.equals(LARGE)) {
            texts.putAll(Map.of(
                    "outerCone",
                    "LM67048",
                    "outerCup",
                    "LM67010",
                    "innerCone",
                    "LM501349",
                    "innerCup",
                    "LM501310",
                    "seal",
                    "50x76x10",
                    "betweenCups",
                    "46.5",
                    "hubBore",
                    "53",
                    "spindle",
                    "36"));
        } else {
            texts.putAll(Map.of(
                    "outerCone",
                    "L44643",
                    "outerCup",
                    "L44610",
                    "innerCone",
                    "L68149",
                    "innerCup",
                    "L68110",
                    "seal",
                    "38x59x9",
                    "betweenCups",
                    "1-5/8\"",
                    "hubBore",
                    "43",
                    "spindle",
                    "30"));
        }
        return texts;
    }

    private static Map<String, String> nut(String free, String holes, String school) {
        Map<String, String> texts = new TreeMap<>(
                Map.of("pitch", "1.5", "slots", "6", "pinHolesDeg", holes, "freeAngleDeg", free, "school", school));
        NUT_STEPS.forEach(step -> texts.put("tick-" + step, "yes"));
        return texts;
    }

    private long add(VehicleInput vehicle) {
        return vehicles.add(vehicle).id();
    }

    private Instant at(LocalDate day) {
        return day.atTime(9, 30).atZone(clock.getZone()).toInstant();
    }

    /** One job being worked through. */
    private final class Run {

        private final long id;
        private final Instant at;
        private final LocalDate day;
        private final int variation;

        Run(long vehicle, String position, LocalDate day, int variation) {
            this.at = at(day);
            this.day = day;
            this.variation = variation;
            this.id = jobs.open(vehicle, position, at);
        }

        void intake(String complaint) {
            intake(complaint, 280 + 40 * (variation % 4));
        }

        void intake(String complaint, int kilograms) {
            keep(
                    RouteStage.INTAKE,
                    Map.of(
                            "complaint",
                            complaint,
                            "day",
                            day.toString(),
                            "counter",
                            "",
                            "load",
                            String.valueOf(kilograms)));
        }

        <I> void beside(Tool<I, ?> tool, Map<String, String> texts) {
            I record = FieldReader.read(tool.fields(), texts, UnitSystem.METRIC, own.book())
                    .record();
            answers.keep(
                    id,
                    new AnswerService.Kept(
                            tool.name(),
                            tool.title(),
                            Typed.of(texts, UnitSystem.METRIC),
                            Map.of(),
                            tool.answer(record),
                            at));
        }

        private int version(RouteStage stage) {
            return jobs.view(id).orElseThrow().station(stage).version();
        }

        /** The ticks of a procedure with the minutes in which they were set, in the order of its steps. */
        private Map<String, String> stamped(Map<String, String> texts) {
            Map<String, String> stamped = new TreeMap<>(texts);
            LocalDateTime done = day.atTime(11, 0);
            for (String step : NUT_STEPS) {
                done = done.plusMinutes(5 + variation % 4);
                String minute = done.toString();
                stamped.computeIfPresent("tick-" + step, (tick, yes) -> minute);
            }
            return stamped;
        }

        void keep(RouteStage stage, Map<String, String> said) {
            Map<String, String> texts = stamped(said);
            JobService.Kept kept = jobs.keep(id, stage, version(stage), texts, at);
            if (kept != JobService.Kept.DONE) {
                throw new IllegalStateException("demo stage " + stage + " is " + kept + ": "
                        + jobs.view(id)
                                .map(v -> StageRules.of(stage, v.sheetFor(stage))
                                        .work(
                                                Typed.of(texts, UnitSystem.METRIC),
                                                v.sheetFor(stage),
                                                new Knowledge(own.book(), () -> OwnCases.NONE))
                                        .reading()
                                        .problems())
                                .orElse(null));
            }
        }
    }
}
