package unbo.app.exchange;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.stream.Collectors;

import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Component;

/** Reads and writes what a file of everything holds besides vehicles, jobs, photos and the shelf. */
@Component
class MoreRows {

    private final JdbcTemplate rows;

    MoreRows(JdbcTemplate rows) {
        this.rows = rows;
    }

    /** One of them as it stands in the database. @param of number of its job or photo; 0 for none */
    record Row(More what, long of, Map<String, String> texts) {}

    /** Hands over all there are of a kind, one at a time. */
    void each(More what, Consumer<Row> reader) {
        boolean owned = what.owner().isPresent();
        String columns = what.names().stream()
                .map(name -> "cast(" + name + " as char) as " + name) // the driver's own text of a time drops zeros
                .collect(Collectors.joining(", "));
        rows.query("select " + columns + " from " + what.table(), row -> {
            Map<String, String> texts = new LinkedHashMap<>();
            for (More.Column column : what.columns()) {
                String text = row.getString(column.name());
                if (text != null) {
                    texts.put(column.name(), text);
                }
            }
            reader.accept(new Row(what, owned ? row.getLong(1) : 0, texts));
        });
    }

    /** What stands against taking one in; empty where nothing does. */
    static Optional<String> fault(More what, Map<String, String> texts) {
        List<String> wrong = what.columns().stream()
                .filter(column -> !column.fits(texts.get(column.name())))
                .map(More.Column::name)
                .toList();
        return wrong.isEmpty()
                ? Optional.empty()
                : Optional.of("“" + String.join("”, “", wrong) + "” cannot be used as it stands.");
    }

    /**
     * Takes one in. People stay behind: who may come in here is said here.
     *
     * @param of the new number of its job or photo; 0 for none
     */
    void take(More what, long of, Map<String, String> texts) {
        if (what == More.PERSON) {
            return;
        }
        List<Object> values = new ArrayList<>();
        List<String> columns = new ArrayList<>(what.names());
        what.owner().ifPresent(owner -> values.add(of));
        what.columns().forEach(column -> values.add(texts.get(column.name())));
        if (what == More.RING) {
            columns.add("job_id");
            values.add(rows.queryForObject("select job_id from photo where id = ?", Long.class, of));
        }
        String names = String.join(", ", columns);
        String last = columns.get(columns.size() - 1);
        rows.update(
                "insert into " + what.table() + " (" + names + ") values ("
                        + columns.stream().map(n -> "?").collect(Collectors.joining(", "))
                        + ") on duplicate key update " + last + " = values(" + last + ")", // told twice: once
                values.toArray());
    }
}
