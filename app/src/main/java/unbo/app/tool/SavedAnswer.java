package unbo.app.tool;

import java.io.IOException;
import java.io.StringWriter;
import java.io.UncheckedIOException;
import java.util.List;
import java.util.Map;

import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVPrinter;
import org.springframework.web.util.UriComponentsBuilder;

import unbo.core.drawing.ValueTable;
import unbo.core.tool.Tool;

/**
 * Where an answer's drawings and tables are to be had as files: the same address with the same inputs.
 *
 * @param address of the tool
 * @param texts its inputs
 */
public record SavedAnswer(String address, Map<String, String> texts) {

    /** With those of the texts that the tool asks for. */
    static SavedAnswer of(String address, Tool<?, ?> tool, Map<String, String> texts) {
        return new SavedAnswer(address, ToolAnswers.of(tool, texts));
    }

    /** Address of a drawing. */
    public String svg(String drawing) {
        return of(drawing + ".svg");
    }

    /** Address of a table. */
    public String csv(String table) {
        return of(table + ".csv");
    }

    /** Address of something under it, with the inputs. */
    String of(String file) {
        UriComponentsBuilder builder = UriComponentsBuilder.fromPath(address + "/" + file);
        texts.keySet().stream()
                .filter(name -> !texts.get(name).isBlank())
                .sorted()
                .forEach(name -> builder.queryParam(name, "{" + name + "}"));
        return builder.encode().buildAndExpand(texts).toUriString();
    }

    /** A table as text; minus signs as programs read them. */
    public static String csv(ValueTable table) {
        StringWriter out = new StringWriter();
        try (CSVPrinter printer = new CSVPrinter(out, CSVFormat.RFC4180)) {
            printer.printRecord(table.heads());
            for (List<String> row : table.rows()) {
                printer.printRecord(
                        row.stream().map(cell -> cell.replace('−', '-')).toList());
            }
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return out.toString();
    }
}
