package unbo.app.practice;

import java.sql.PreparedStatement;
import java.sql.Statement;
import java.time.Instant;
import java.time.LocalDateTime;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.Optional;

import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.jdbc.support.GeneratedKeyHolder;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

import unbo.core.tools.practice.Work;

/** Work on something hidden, as far as it went. */
@Component
@Transactional
class WorkRecord {

    private final JdbcTemplate rows;
    private final PracticeRecord record;

    WorkRecord(JdbcTemplate rows, PracticeRecord record) {
        this.rows = rows;
        this.record = record;
    }

    /** @param who initials; empty where nobody said */
    record Begun(long id, Work work, int level, long seed, String who, List<String> moves) {

        Work.Turn turn() {
            return work.turn(seed, level, moves);
        }
    }

    static Optional<Work> work(String code) {
        return Work.all().stream().filter(work -> work.code().equals(code)).findFirst();
    }

    long begin(Work work, int level, long seed, String who, Instant now) {
        GeneratedKeyHolder key = new GeneratedKeyHolder();
        rows.update(
                connection -> {
                    PreparedStatement insert = connection.prepareStatement(
                            "insert into practice_work (work, level, seed, who, moves, began) "
                                    + "values (?, ?, ?, ?, '', ?)",
                            Statement.RETURN_GENERATED_KEYS);
                    insert.setString(1, work.code());
                    insert.setInt(2, level);
                    insert.setLong(3, seed);
                    insert.setString(4, who);
                    insert.setObject(5, LocalDateTime.ofInstant(now, ZoneOffset.UTC));
                    return insert;
                },
                key);
        return Objects.requireNonNull(key.getKey()).longValue();
    }

    @Transactional(readOnly = true)
    Optional<Begun> find(long id) {
        return read(id, "");
    }

    private Optional<Begun> read(long id, String lock) {
        return rows
                .query(
                        "select work, level, seed, who, moves from practice_work where id = ?" + lock,
                        (r, n) -> new Begun(
                                id,
                                work(r.getString(1)).orElseThrow(),
                                r.getInt(2),
                                r.getLong(3),
                                r.getString(4),
                                moves(r.getString(5))),
                        id)
                .stream()
                .findFirst();
    }

    static List<String> moves(String text) {
        return text.isEmpty() ? List.of() : List.of(text.split("\n"));
    }

    /** Makes a move where it can be made; at the end it counts for the record. */
    Optional<Begun> move(long id, String move, Instant now) {
        Optional<Begun> found = read(id, " for update");
        if (found.isEmpty()) {
            return found;
        }
        Begun begun = found.get();
        Work.Turn turn = begun.turn();
        if (turn.over() || begun.moves().size() >= Work.MOST_MOVES || !turn.may(move)) {
            return found;
        }
        List<String> moves = new ArrayList<>(begun.moves());
        moves.add(move);
        rows.update("update practice_work set moves = ? where id = ?", String.join("\n", moves), id);
        Begun after = new Begun(id, begun.work(), begun.level(), begun.seed(), begun.who(), moves);
        Work.Turn then = after.turn();
        if (then.over()) {
            int right = then.marks().passed() ? 1 : 0;
            record.keep(
                    new PracticeRecord.Done(begun.work().code(), begun.level(), begun.seed(), begun.who(), right, 1),
                    now);
        }
        return Optional.of(after);
    }
}
