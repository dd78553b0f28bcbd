package unbo.app.practice;

import java.time.Instant;
import java.time.LocalDateTime;
import java.time.ZoneOffset;
import java.util.Comparator;
import java.util.List;

import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

import unbo.core.practice.Skill;

/** What was answered, and what it says of each lesson. */
@Component
@Transactional
class PracticeRecord {

    private final JdbcTemplate rows;

    PracticeRecord(JdbcTemplate rows) {
        this.rows = rows;
    }

    /** A lesson at a level by a person. @param last when it was last done */
    record Line(String lesson, int level, String who, Skill skill, Instant last) {}

    /** A lesson that was answered. @param who initials; empty where nobody said */
    record Done(String lesson, int level, long seed, String who, int right, int asked) {}

    /** Only the first answer to a seed counts: the second has seen the truth. */
    void keep(Done done, Instant now) {
        rows.update(
                "insert ignore into practice_done (lesson, level, seed, who, right_, asked, done) "
                        + "values (?, ?, ?, ?, ?, ?, ?)",
                done.lesson(),
                done.level(),
                done.seed(),
                done.who(),
                done.right(),
                done.asked(),
                LocalDateTime.ofInstant(now, ZoneOffset.UTC));
    }

    /** What is weakest first, and what was done longest ago. */
    @Transactional(readOnly = true)
    List<Line> lines() {
        return rows
                .query(
                        "select lesson, level, who, sum(right_), sum(asked), max(done) from practice_done "
                                + "group by lesson, level, who",
                        (r, n) -> new Line(
                                r.getString(1),
                                r.getInt(2),
                                r.getString(3),
                                Skill.of(r.getInt(4), r.getInt(5)),
                                r.getObject(6, LocalDateTime.class).toInstant(ZoneOffset.UTC)))
                .stream()
                .sorted(Comparator.comparingDouble((Line line) -> line.skill().mean())
                        .thenComparing(Line::last))
                .toList();
    }
}
