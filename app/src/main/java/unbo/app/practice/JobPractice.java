package unbo.app.practice;

import java.time.Instant;
import java.time.LocalDateTime;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

import unbo.app.job.JobService;
import unbo.app.job.JobView;
import unbo.app.vehicle.Vehicle;
import unbo.app.vehicle.VehicleService;
import unbo.core.stage.RouteStage;
import unbo.core.tools.practice.PracticeJob;
import unbo.core.tools.practice.Work;
import unbo.core.vehicle.Place;

/** Jobs on hidden hubs: a vehicle and a job of their own, and what was done on the hub. */
@Component
@Transactional
class JobPractice {

    private final JdbcTemplate rows;
    private final PracticeRecord record;
    private final VehicleService vehicles;
    private final JobService jobs;

    JobPractice(JdbcTemplate rows, PracticeRecord record, VehicleService vehicles, JobService jobs) {
        this.rows = rows;
        this.record = record;
        this.vehicles = vehicles;
        this.jobs = jobs;
    }

    /**
     * A job that was begun.
     *
     * @param who initials; empty where nobody said
     * @param moves what was done on the hub, each behind its stage's code
     * @param handedIn false while it is worked on
     * @param barred why it could not have been signed when it was handed in
     */
    record Begun(long id, int level, long seed, String who, List<String> moves, boolean handedIn, List<String> barred) {

        PracticeJob job() {
            return PracticeJob.of(seed, level, moves);
        }
    }

    /** Begins one: with a vehicle of its own, which no list shows, and a job whose position nobody has found yet. */
    long begin(int level, long seed, String who, Instant now) {
        Vehicle vehicle =
                vehicles.addForPractice(PracticeJob.of(seed, level, List.of()).vehicle());
        long id = jobs.open(vehicle.id(), Place.UNKNOWN, now);
        rows.update(
                "insert into practice_job (job_id, level, seed, who, moves, began) values (?, ?, ?, ?, '', ?)",
                id,
                level,
                seed,
                who,
                LocalDateTime.ofInstant(now, ZoneOffset.UTC));
        return id;
    }

    @Transactional(readOnly = true)
    Optional<Begun> find(long id) {
        return read(id, "");
    }

    private Optional<Begun> read(long id, String lock) {
        return rows
                .query(
                        "select level, seed, who, moves, handed_in is not null, barred from practice_job "
                                + "where job_id = ?" + lock,
                        (r, n) -> new Begun(
                                id,
                                r.getInt(1),
                                r.getLong(2),
                                r.getString(3),
                                WorkRecord.moves(r.getString(4)),
                                r.getBoolean(5),
                                WorkRecord.moves(r.getString(6))),
                        id)
                .stream()
                .findFirst();
    }

    /** Does something on the hub, where it can be done at that stage now. */
    void move(long id, RouteStage stage, String move) {
        Begun begun = read(id, " for update").orElseThrow();
        if (begun.handedIn()
                || begun.moves().size() >= PracticeJob.MOST_MOVES
                || !begun.job().at(stage, position(id)).may(move)) {
            return;
        }
        List<String> moves = new ArrayList<>(begun.moves());
        moves.add(stage.code() + "/" + move);
        rows.update("update practice_job set moves = ? where job_id = ?", String.join("\n", moves), id);
    }

    private String position(long id) {
        return jobs.view(id).orElseThrow().position().code();
    }

    /** Ends it: the first time it counts for the record. The job is closed as it stands, unsigned. */
    void handIn(long id, Instant now) {
        Begun begun = read(id, " for update").orElseThrow();
        if (begun.handedIn()) {
            return;
        }
        JobView view = jobs.view(id).orElseThrow();
        List<String> barred = view.signOff().reasons();
        boolean passed = begun.job().marks(view.sheet(), barred).passed();
        rows.update(
                "update practice_job set handed_in = ?, barred = ? where job_id = ?",
                LocalDateTime.ofInstant(now, ZoneOffset.UTC),
                String.join("\n", barred),
                id);
        record.keep(
                new PracticeRecord.Done(PracticeJob.CODE, begun.level(), begun.seed(), begun.who(), passed ? 1 : 0, 1),
                now);
        jobs.abandon(id, "handed in", now);
    }

    /** What is judged of what was done and said, once it is handed in. */
    @Transactional(readOnly = true)
    Work.Marks marks(Begun begun) {
        return begun.job().marks(jobs.view(begun.id()).orElseThrow().sheet(), begun.barred());
    }
}
