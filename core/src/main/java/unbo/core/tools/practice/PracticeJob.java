package unbo.core.tools.practice;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;

import org.jspecify.annotations.Nullable;

import unbo.core.drawing.Drawing;
import unbo.core.fact.FactKey;
import unbo.core.fact.PlaceProperty;
import unbo.core.finding.Finding;
import unbo.core.finding.Level;
import unbo.core.measure.Show;
import unbo.core.sheet.Sheet;
import unbo.core.stage.RouteStage;
import unbo.core.vehicle.VehicleInput;

/**
 * A job on a hidden hub: worked on at the very stages of any job; what is done with hands and instruments is told by
 * the hub, what is said at the stages is judged against its truth at the end.
 */
public final class PracticeJob {

    /** Code of it in the record of who practised what. */
    public static final String CODE = "job";

    public static final String TITLE = "A job on the stages";
    /** So many moves a job has at most. */
    public static final int MOST_MOVES = 300;

    private static final double SEAT_OFF_MM = 0.008;
    private static final double PLAY_OFF_MM = 0.015;

    private final HiddenHub hub;
    private final HubAtStage at;

    private PracticeJob(HiddenHub hub, HubAtStage at) {
        this.hub = hub;
        this.at = at;
    }

    /**
     * As it stands after some moves, each behind its stage's code and a stroke.
     *
     * @param level 1 to {@value Work#LEVELS}
     */
    public static PracticeJob of(long seed, int level, List<String> moves) {
        HiddenHub hub = HiddenHub.of(seed, level);
        return new PracticeJob(hub, HubAtStage.after(hub, moves));
    }

    /** The moves of the best hand. */
    public static List<String> best(long seed, int level) {
        return HubAtStage.best(HiddenHub.of(seed, level));
    }

    /** The vehicle that it is at. */
    public VehicleInput vehicle() {
        return hub.kind().vehicle();
    }

    /** What its owner tells. */
    public String story() {
        String noise = hub.cause().told().complaint();
        return "It makes a noise" + (noise.isEmpty() ? "" : ", a " + noise) + ". "
                + hub.failing().history();
    }

    /** What the vehicle's papers say of the place that practice is about. */
    public String papers() {
        return "By its papers it has " + hub.kind().words() + ".";
    }

    /** True where there is a recording of it. */
    public boolean sounds() {
        return HubSound.inside(hub).isPresent();
    }

    /** How it sounds, a recording (WAV); empty where nothing is known of the inside of its bearing. */
    public Optional<byte[]> sound() {
        return HubSound.of(hub);
    }

    /**
     * A stage of it.
     *
     * @param log what was done here and came of it, the first first
     * @param minutes that all of it took so far, at every stage
     * @param groups what can be done
     * @param boxes what was read, by box of the stage; what has to be understood is not among it
     */
    public record AtStage(
            List<String> log,
            double minutes,
            @Nullable Drawing drawing,
            List<Work.Group> groups,
            Map<String, String> boxes) {

        /** True for something that can be done now. */
        public boolean may(String move) {
            return Work.among(groups, move);
        }
    }

    /** What is seen and can be done at a stage. @param position at which the job is */
    public AtStage at(RouteStage stage, String position) {
        return new AtStage(at.log(stage), at.minutes(), at.drawing(stage), at.groups(stage, position), at.boxes(stage));
    }

    /**
     * The end of it.
     *
     * @param sheet what was said at its stages
     * @param barred why it could not be signed, were it a customer's
     */
    public Work.Marks marks(Sheet sheet, List<String> barred) {
        HubAtStage best = HubAtStage.after(hub, HubAtStage.best(hub));
        List<Finding> findings = new ArrayList<>();
        Work.unsafe(findings, at.unsafe());
        cause(sheet, findings);
        if (hub.own()) {
            number(sheet, findings);
            apart(findings);
            races(sheet, findings);
            seat(sheet, findings);
            set(findings);
            proved(sheet, findings);
        }
        barred.forEach(why -> findings.add(new Finding("practice-open", Level.SOON, why)));
        findings.add(Work.minutes(at.minutes(), best.minutes()));
        boolean passed = Work.inTime(at.minutes(), best.minutes())
                && findings.stream().noneMatch(f -> f.level() == Level.STOP || f.level() == Level.SOON);
        return new Work.Marks(passed, findings, truth(), lines(best), best.minutes());
    }

    /** What was done at all stages and came of it, in their order. */
    public List<String> done() {
        return lines(at);
    }

    private static List<String> lines(HubAtStage best) {
        return Arrays.stream(RouteStage.values())
                .flatMap(stage -> best.log(stage).stream().map(line -> stage.title() + ": " + line))
                .toList();
    }

    private String truth() {
        String vehicle = vehicle().kind();
        String cause = hub.cause().truth().words(vehicle);
        if (!hub.own()) {
            return cause + "; its bearings are sound";
        }
        String place = hub.failing().place();
        return cause + ": the "
                + unbo.core.assembly.KindPlace.find(hub.kind().code(), place)
                        .orElseThrow()
                        .label()
                + ", " + hub.ring(place).number() + ", "
                + hub.failing().mode().name().toLowerCase(java.util.Locale.ROOT);
    }

    private static void judged(List<Finding> findings, boolean right, String words) {
        findings.add(new Finding(right ? "practice-right" : "practice-wrong", right ? Level.RIGHT : Level.SOON, words));
    }

    private void cause(Sheet sheet, List<Finding> findings) {
        String cause = hub.cause().truth().cause().code();
        boolean found = sheet.text(FactKey.VERDICT_CAUSE).equals(cause)
                && (hub.position().isEmpty() || sheet.text(FactKey.VERDICT_AT).equals(hub.position()));
        String truth = hub.cause().truth().words(vehicle().kind());
        String said = sheet.text(FactKey.VERDICT);
        judged(findings, found, found ? "Diagnose: " + truth + "." : "Diagnose: it was " + truth + but(said));
        boolean logged = sheet.text(FactKey.CAUSE).equals(cause);
        judged(findings, logged, logged ? "Log tells the cause." : "Log does not tell that cause.");
    }

    private static String but(String said) {
        return said.isEmpty() ? "; it was left open." : ", not " + said + ".";
    }

    private void number(Sheet sheet, List<Finding> findings) {
        boolean kind = sheet.kind()
                .filter(there -> there.code().equals(hub.kind().code()))
                .isPresent();
        judged(
                findings,
                kind,
                kind
                        ? "Identify: the kind of place is right."
                        : "Identify: it is " + hub.kind().words() + ".");
        for (String place : hub.rings().keySet()) {
            String said = sheet.found(place);
            boolean right = !said.isEmpty() && hub.isNumber(place, said);
            String number = hub.ring(place).number();
            judged(
                    findings,
                    right,
                    right ? "Identify: " + said + " is right." : "Identify: it was " + number + but(said));
        }
    }

    private void apart(List<Finding> findings) {
        if (!at.apart()) {
            judged(findings, false, "Strip: it was never apart.");
            return;
        }
        List<String> lost = at.lost();
        judged(
                findings,
                lost.isEmpty(),
                lost.isEmpty()
                        ? "Strip: nothing was spoiled without need."
                        : "Strip: spoiled without need: " + String.join(", ", lost) + ".");
    }

    private void races(Sheet sheet, List<Finding> findings) {
        String place = hub.failing().place();
        String mode = hub.failing().mode().id();
        String said = sheet.text(PlaceProperty.DAMAGE.at(place));
        boolean right = Arrays.asList(said.split("[,\\s]+")).contains(mode);
        String name = hub.failing().mode().name();
        judged(
                findings,
                right,
                right ? "Inspect: " + name + ". " + hub.failing().mode().cause() : "Inspect: it was " + name + ".");
    }

    private void seat(Sheet sheet, List<Finding> findings) {
        HiddenHub.Seat seat = hub.seat();
        if (seat == null) {
            return;
        }
        String place = hub.failing().place();
        Double least = sheet.number(PlaceProperty.HOUSING_MIN.at(place));
        Double most = sheet.number(PlaceProperty.HOUSING_MAX.at(place));
        String truth = Show.fixed(seat.mm(), 3) + " mm";
        if (least == null || most == null || !at.gauged()) {
            findings.add(new Finding(
                    "practice-unmeasured", Level.WATCH, "Inspect: nobody measured the seat; it was " + truth + "."));
            return;
        }
        boolean right = Math.abs((least + most) / 2 - seat.mm()) <= SEAT_OFF_MM;
        judged(
                findings,
                right,
                right
                        ? "Inspect: the seat is " + truth + "."
                        : "Inspect: the seat is " + truth + "; the gauge was off in its ring by "
                                + Show.number(seat.zeroUm(), 0) + " µm.");
    }

    private void set(List<Finding> findings) {
        if (!at.nutted()) {
            return;
        }
        double play = Math.max(0, at.playUm()) / 1000.0;
        boolean right = at.locked() && at.settled() && at.playUm() >= 0 && NutWork.BAND.holds(play);
        judged(
                findings,
                right,
                !at.locked()
                        ? "Set: the nut was never locked."
                        : at.playUm() < 0
                                ? "Set: it is preloaded: it runs hot and fails."
                                : "Set: end play " + Show.fixed(play, 3) + " mm once all has settled"
                                        + (at.settled() ? "." : "; the hub was never turned while its nut was tight."));
    }

    private void proved(Sheet sheet, List<Finding> findings) {
        if (!at.measured()) {
            judged(findings, false, "Prove: the run, both temperatures and the play belong to it.");
            return;
        }
        Double said = sheet.number(FactKey.END_PLAY);
        double play = Math.max(0, at.playUm()) / 1000.0;
        boolean right = said == null || Math.abs(said - play) <= PLAY_OFF_MM;
        judged(
                findings,
                right,
                said == null || right
                        ? "Prove: run and measured."
                        : "Prove: end play is " + Show.fixed(play, 3) + " mm, not " + Show.fixed(said, 3) + " mm.");
    }
}
