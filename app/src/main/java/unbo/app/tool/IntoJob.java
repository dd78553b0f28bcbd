package unbo.app.tool;

import java.util.HashMap;
import java.util.List;
import java.util.Map;

import org.springframework.web.util.UriComponentsBuilder;

import unbo.app.job.OpenLine;
import unbo.app.web.TypedForm;
import unbo.core.route.SetWay;
import unbo.core.route.StageRules;
import unbo.core.sheet.Sheet;
import unbo.core.stage.RouteStage;
import unbo.core.tool.Stand;
import unbo.core.tool.Tool;

/**
 * A way from an answer on the bench into a job that is under way: the stage opens with the same inputs, unkept.
 *
 * @param words which job
 * @param address of its stage, with the inputs that the stage asks for
 */
public record IntoJob(String words, String address) {

    /** So many of the newest jobs are offered. */
    public static final int MOST = 12;

    public static List<IntoJob> links(List<OpenLine> underWay, RouteStage stage, Map<String, String> texts) {
        return underWay.stream()
                .map(view -> new IntoJob(words(view), address(view, stage, texts)))
                .toList();
    }

    /** Into Diagnose of jobs at a wheel, with the result of one check noted. */
    public static List<IntoJob> noting(List<OpenLine> underWay, String check, String result) {
        return underWay.stream()
                .filter(OpenLine::wheel)
                .map(view -> new IntoJob(
                        words(view),
                        UriComponentsBuilder.fromPath("/jobs/{id}/diagnose")
                                .queryParam("note", "{note}")
                                .encode()
                                .buildAndExpand(view.id(), check + "@" + view.code() + "=" + result)
                                .toUriString()))
                .toList();
    }

    /** Into the stage that asks a tool; beside the stages where none does. */
    public static List<IntoJob> links(List<OpenLine> underWay, Tool<?, ?> tool, Map<String, String> texts) {
        return tool.stand().map(stand -> links(underWay, stand, texts)).orElseGet(() -> beside(underWay, tool, texts));
    }

    private static List<IntoJob> links(List<OpenLine> underWay, Stand stand, Map<String, String> texts) {
        Map<String, String> all = new HashMap<>(texts);
        if (!stand.way().isEmpty()) {
            all.put(SetWay.BY, stand.way());
        }
        return links(underWay, stand.stage(), all);
    }

    private static List<IntoJob> beside(List<OpenLine> underWay, Tool<?, ?> tool, Map<String, String> texts) {
        return underWay.stream()
                .map(view -> new IntoJob(
                        words(view),
                        SavedAnswer.of("/jobs/" + view.id() + "/numbers", tool, texts)
                                .of(tool.name())))
                .toList();
    }

    private static String words(OpenLine view) {
        return "#" + view.id() + " " + view.vehicle() + ", " + view.position();
    }

    private static String address(OpenLine view, RouteStage stage, Map<String, String> texts) {
        UriComponentsBuilder address = UriComponentsBuilder.fromPath("/jobs/{id}/{stage}");
        if (texts.containsKey(SetWay.BY)) {
            address.queryParam(SetWay.BY, "{" + SetWay.BY + "}");
        }
        StageRules.of(stage, Sheet.of(List.of()), texts).asked().stream()
                .filter(texts::containsKey)
                .filter(name -> !texts.get(name).isBlank())
                .forEach(name -> address.queryParam(name, "{" + name + "}"));
        if (texts.containsKey(TypedForm.UNITS)) {
            address.queryParam(TypedForm.UNITS, "{" + TypedForm.UNITS + "}");
        }
        Map<String, Object> values = new HashMap<>(texts);
        values.put("id", view.id());
        values.put("stage", stage.code());
        return address.encode().buildAndExpand(values).toUriString();
    }
}
