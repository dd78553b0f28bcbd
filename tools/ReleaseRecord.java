import java.io.IOException;
import java.net.CookieManager;
import java.net.URI;
import java.net.URLEncoder;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.TreeMap;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;

/**
 * Works jobs of many kinds through the pages of a release that runs with demo data, signs them, and writes every page
 * of every job into a folder as that release printed it. Run by tools/release-record, never by hand.
 *
 * <p>Arguments: port, folder.
 */
public final class ReleaseRecord {

    private static final Pattern TOKEN = Pattern.compile("name=\"_csrf\"[^>]* value=\"([^\"]*)\"");
    private static final Pattern VERSION = Pattern.compile("name=\"version\" value=\"(-?\\d+)\"");
    private static final String TRACK =
            "track/40 0:50 30:50 60:50 90:50 120:50 150:50 180:50 210:50 240:50 270:50 300:50 330:50";
    private static final String CLOSED = "stands as it was";
    private static final String[] STAGES = {
        "intake",
        "diagnose",
        "identify",
        "strip",
        "inspect",
        "fit",
        "grease",
        "set",
        "prove",
        "log",
        "numbers",
        "parts",
        "photos",
        "report"
    };

    private final HttpClient client =
            HttpClient.newBuilder().cookieHandler(new CookieManager()).build();
    private final String here;

    private ReleaseRecord(String port) {
        here = "http://127.0.0.1:" + port;
    }

    public static void main(String[] args) throws Exception {
        ReleaseRecord record = new ReleaseRecord(args[0]);
        record.work();
        record.write(Path.of(args[1]));
    }

    private void work() throws Exception {
        long van = vehicle("van", "Ice-house van", "HB 701", "km", "wet");
        long trail = vehicle("motorcycle", "Trail motorcycle, blue", "T 811", "km", "off-road");
        long cargo = vehicle("bicycle", "Cargo bicycle 9", "C9", "none", "wet");
        long trailer = vehicle("trailer", "Skiff trailer", "HB 702", "none", "immersed");
        unit(van);
        head(trail);
        crank(trail);
        gearbox(trail);
        spacer(trail);
        cone(cargo);
        taper(trailer);
    }

    private void unit(long van) throws Exception {
        long job = open(van, "front-left", "Growls in right bends.", "88210");
        keep(
                job,
                "diagnose",
                Map.of("hubType", "unit", "checks", "noise-follows=road-speed noise-turning=louder-right"));
        skip(job, "identify");
        keep(
                job,
                "strip",
                Map.of(
                        "designation",
                        "6205-2RS",
                        "tight",
                        "outer",
                        "access",
                        "own",
                        "nut",
                        "staked",
                        "corrosion",
                        "heavy"));
        skip(job, "grease");
        keep(job, "set", Map.of("by", "axle-nut", "torque", "250", "maker", "250", "newNut", "yes", "turns", "free"));
        sign(job, "0.00 0.01 0.00", "0.02 0.03 0.02", "wheel-bearing");
    }

    private void head(long trail) throws Exception {
        long job = open(trail, "steering-head", "Will not hold a line.", "31800");
        keep(job, "identify", Map.of("outerCone", "32005X", "innerCone", "32006X"));
        keep(job, "fit", Map.of("designation", "32006X", "ring", "outer", "seat", "N7", "clearanceClass", "CN"));
        skip(job, "grease");
        keep(job, "set", Map.of("by", "torque", "scale", "12 N", "radius", "350", "place", "steering-head"));
        sign(job, "0.00 0.00 0.00", "0.03 0.03 0.04", "steering-head-bearing");
    }

    private void crank(long trail) throws Exception {
        long job = open(trail, "crank", "Rumble from the bottom end.", "31800");
        skip(job, "identify");
        keep(
                job,
                "fit",
                Map.of(
                        "designation",
                        "6305/C3",
                        "ring",
                        "inner",
                        "seat",
                        "k5",
                        "bothTight",
                        "yes",
                        "clearanceClass",
                        "C3"));
        skip(job, "grease");
        keep(
                job,
                "set",
                Map.of("by", "crank", "leftTir", "0.018", "leftAngle", "10", "rightTir", "0.02", "rightAngle", "190"));
        sign(job, "0.00 0.00 0.00", "0.03 0.03 0.03", "crank-bearing");
    }

    private void gearbox(long trail) throws Exception {
        long job = open(trail, "gearbox", "Whines in the lower gears.", "31800");
        skip(job, "identify");
        keep(
                job,
                "fit",
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
        skip(job, "grease");
        keep(
                job,
                "set",
                Map.of(
                        "by",
                        "stack",
                        "outer",
                        "case; 182.62; depth; aluminium\ngasket; 0.30; table; aluminium",
                        "inner",
                        "left bearing; 17.00; table\nshoulders; 147.80; micrometer\nright bearing; 17.00; table",
                        "min",
                        "0.10",
                        "max",
                        "0.20",
                        "workingTemperature",
                        "80",
                        "shims",
                        "0.10 x 6\n0.15 x 4\n0.30 x 3\n0.50 x 2"));
        number(
                job,
                "viscosity",
                Map.of("nu40", "100", "nu100", "11", "temperature", "80", "rpm", "3000", "pitchMm", "43"));
        sign(job, "0.00 0.00 0.00", "0.10 0.12 0.11", "driveline-bearing");
    }

    private void spacer(long trail) throws Exception {
        long job = open(trail, "rear", "Rear wheel rocks.", "31800");
        keep(job, "identify", Map.of("outerCone", "6303-2RS", "innerCone", "6303-2RS", "seal", "28x47x7"));
        keep(
                job,
                "inspect",
                Map.of(
                        "designation",
                        "6303-2RS",
                        "elements",
                        "7",
                        "turning",
                        "outer",
                        "inner",
                        TRACK,
                        "outer",
                        "dent/5 0:50 51:50 103:50 154:50 206:50 257:50 309:50"));
        keep(job, "fit", Map.of("designation", "6303-2RS", "ring", "outer", "seat", "N7", "material", "aluminium"));
        skip(job, "grease");
        keep(
                job,
                "set",
                Map.of(
                        "by",
                        "spacer",
                        "designation",
                        "6303",
                        "layout",
                        "both",
                        "spacer",
                        "60.02",
                        "shoulders",
                        "60.00"));
        sign(job, "0.00 0.00 0.00", "0.02 0.02 0.03", "wheel-bearing");
    }

    private void cone(long cargo) throws Exception {
        long job = open(cargo, "front", "Gritty front hub.", "");
        keep(job, "diagnose", Map.of("hubType", "cup-and-cone", "checks", "spin-by-hand@front=rough"));
        skip(job, "identify");
        skip(job, "grease");
        keep(job, "set", Map.of("by", "cone", "pitch", "M10x1", "back", "15"));
        sign(job, "0.00 0.00 0.00", "0.03 0.04 0.03", "wheel-bearing");
    }

    private void taper(long trailer) throws Exception {
        long job = open(trailer, "axle1-left", "Milky grease at the cap.", "");
        keep(
                job,
                "identify",
                Map.of(
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
        keep(job, "strip", Map.of("designation", "L44643", "tight", "outer", "access", "far", "nut", "castle"));
        keep(
                job,
                "inspect",
                Map.of(
                        "designation",
                        "L44643",
                        "elements",
                        "20",
                        "turning",
                        "outer",
                        "inner",
                        TRACK,
                        "plane1",
                        "50.29 50.30 50.31",
                        "plane2",
                        "50.30 50.31 50.30",
                        "cureAt",
                        "8"));
        keep(job, "grease", Map.of("kind", "CaS", "oldKind", "Li"));
        keep(
                job,
                "set",
                Map.of(
                        "by",
                        "nut",
                        "pitch",
                        "1.5",
                        "slots",
                        "6",
                        "pinHolesDeg",
                        "0 90 180 270",
                        "freeAngleDeg",
                        "20",
                        "school",
                        "D",
                        "tick-support",
                        "yes",
                        "tick-pin",
                        "yes"));
        number(
                job,
                "wheel-life",
                Map.of(
                        "vehicle",
                        "trailer",
                        "wheelLoadN",
                        "4200",
                        "rollingRadiusM",
                        "0.31",
                        "spreadMm",
                        "60",
                        "outerDesignation",
                        "L44643/L44610",
                        "innerDesignation",
                        "L68149/L68110"));
        sign(job, "0.00 0.00 0.01", "0.07 0.075 0.075", "seal");
    }

    private long vehicle(String kind, String name, String mark, String counter, String use) throws Exception {
        HttpResponse<String> answer = post(
                "/vehicles/new",
                "/vehicles",
                Map.of(
                        "kind",
                        kind,
                        "name",
                        name,
                        "mark",
                        mark,
                        "owner",
                        "H.B.",
                        "counterUnit",
                        counter,
                        "yearly",
                        "6000",
                        "use",
                        use,
                        "axles",
                        "1"));
        return number(answer, "/vehicles/(\\d+)$");
    }

    private long open(long vehicle, String position, String complaint, String counter) throws Exception {
        HttpResponse<String> answer = post(
                "/visits/new?vehicle=" + vehicle,
                "/visits",
                Map.of("vehicle", String.valueOf(vehicle), "position", position));
        long job = number(answer, "/jobs/(\\d+)/");
        keep(job, "intake", Map.of("complaint", complaint, "counter", counter, "load", "320"));
        return job;
    }

    /** What the page shows, with some of its boxes typed over, kept. */
    private void keep(long job, String stage, Map<String, String> texts) throws Exception {
        String by = texts.containsKey("by") ? "?by=" + texts.get("by") : "";
        String address = "/jobs/" + job + "/" + stage;
        String page = get(address + by);
        Map<String, String> form = new TreeMap<>(boxes(page));
        form.putAll(texts);
        form.put("version", find(VERSION, page));
        form.put("stay", "yes");
        HttpResponse<String> answer = post(address + by, address, form);
        if (!answer.body().contains("is kept.")) {
            throw new IllegalStateException(address + " was not kept with " + texts + ": " + said(answer.body()));
        }
    }

    private void skip(long job, String stage) throws Exception {
        post("/jobs/" + job + "/" + stage, "/jobs/" + job + "/" + stage + "/skip", Map.of("why", "not needed here"));
    }

    private void number(long job, String question, Map<String, String> texts) throws Exception {
        String address = "/jobs/" + job + "/numbers/" + question;
        post("/jobs/" + job + "/log", address, texts);
        if (!get("/jobs/" + job + "/numbers").contains("kept ")) {
            throw new IllegalStateException(address + " was not kept");
        }
    }

    private void sign(long job, String push, String pull, String cause) throws Exception {
        keep(
                job,
                "prove",
                Map.of(
                        "push",
                        push,
                        "pull",
                        pull,
                        "hubTemperature",
                        "34",
                        "twinTemperature",
                        "31",
                        "run",
                        "10",
                        "splitPin",
                        "yes",
                        "initials",
                        "AH"));
        keep(job, "log", Map.of("cause", cause, "note", "Worked for the record of this release."));
        post("/jobs/" + job + "/log", "/jobs/" + job + "/do/sign", Map.of());
        if (!get("/jobs/" + job + "/intake").contains(CLOSED)) {
            throw new IllegalStateException("job " + job + " was not signed: " + said(get("/jobs/" + job + "/log")));
        }
    }

    /** Every page of every job, as it was printed. */
    private void write(Path folder) throws Exception {
        int written = 0;
        for (int job = 1; get("/jobs/" + job + "/report", 404) != null; job++) {
            Files.createDirectories(folder.resolve(String.valueOf(job)));
            for (String stage : STAGES) {
                Files.writeString(
                        folder.resolve(String.valueOf(job)).resolve(stage + ".html"),
                        main(get("/jobs/" + job + "/" + stage)));
                written++;
            }
        }
        System.out.println(written + " pages written");
    }

    /** What stands between head and foot, without tokens that differ from look to look. */
    private static String main(String page) {
        return page.substring(page.indexOf("<main"), page.indexOf("</main>") + 7)
                .replaceAll("<input[^>]*name=\"_csrf\"[^>]*>", "");
    }

    private static Map<String, String> boxes(String page) {
        Map<String, String> boxes = new LinkedHashMap<>();
        String form = page.substring(
                page.indexOf("id=\"stage-form\""), page.indexOf("</form>", page.indexOf("id=\"stage-form\"")));
        Matcher input = Pattern.compile(
                        "<input (?![^>]*type=\"(?:checkbox|radio)\")[^>]*name=\"([^\"]+)\"[^>]* value=\"([^\"]*)\"")
                .matcher(form);
        while (input.find()) {
            boxes.put(input.group(1), plain(input.group(2)));
        }
        Matcher select =
                Pattern.compile("(?s)<select[^>]*name=\"([^\"]+)\".*?</select>").matcher(form);
        while (select.find()) {
            Matcher chosen =
                    Pattern.compile("<option value=\"([^\"]*)\" selected").matcher(select.group());
            if (chosen.find()) {
                boxes.put(select.group(1), chosen.group(1));
            }
        }
        Matcher area = Pattern.compile("(?s)<textarea[^>]*name=\"([^\"]+)\"[^>]*>(.*?)</textarea>")
                .matcher(form);
        while (area.find()) {
            boxes.put(area.group(1), plain(area.group(2)));
        }
        return boxes;
    }

    private static String plain(String html) {
        return html.replace("&quot;", "\"")
                .replace("&#39;", "'")
                .replace("&lt;", "<")
                .replace("&gt;", ">")
                .replace("&amp;", "&");
    }

    private static String said(String page) {
        return Pattern.compile("class=\"(?:refusal|notice bad)\"[^>]*>([^<]{3,200})")
                .matcher(page)
                .results()
                .map(m -> m.group(1))
                .collect(Collectors.joining(" | "));
    }

    private HttpResponse<String> post(String from, String to, Map<String, String> texts) throws Exception {
        Map<String, String> form = new TreeMap<>(texts);
        form.put("_csrf", find(TOKEN, get(from)));
        String body = form.entrySet().stream()
                .map(e -> e.getKey() + "=" + URLEncoder.encode(e.getValue(), StandardCharsets.UTF_8))
                .collect(Collectors.joining("&"));
        HttpResponse<String> answer = client.send(
                HttpRequest.newBuilder(URI.create(here + to))
                        .header("Content-Type", "application/x-www-form-urlencoded")
                        .POST(HttpRequest.BodyPublishers.ofString(body))
                        .build(),
                HttpResponse.BodyHandlers.ofString());
        if (answer.statusCode() == 302) {
            String onward = answer.headers().firstValue("location").orElseThrow();
            return client.send(
                    HttpRequest.newBuilder(URI.create(here).resolve(onward)).build(),
                    HttpResponse.BodyHandlers.ofString());
        }
        return answer;
    }

    private String get(String address) throws Exception {
        String page = get(address, 0);
        if (page == null) {
            throw new IOException(address + " was not answered");
        }
        return page;
    }

    /** @return null where the answer has the status that is borne */
    private String get(String address, int borne) throws Exception {
        HttpResponse<String> answer = client.send(
                HttpRequest.newBuilder(URI.create(here + address)).build(), HttpResponse.BodyHandlers.ofString());
        if (answer.statusCode() != 200 && answer.statusCode() != borne) {
            throw new IOException(address + ": " + answer.statusCode());
        }
        return answer.statusCode() == 200 ? answer.body() : null;
    }

    private static long number(HttpResponse<String> answer, String pattern) {
        Matcher m = Pattern.compile(pattern).matcher(answer.uri().getPath());
        if (!m.find()) {
            throw new IllegalStateException(answer.uri() + ": " + said(answer.body()));
        }
        return Long.parseLong(m.group(1));
    }

    private static String find(Pattern pattern, String page) {
        Matcher m = pattern.matcher(page);
        if (!m.find()) {
            throw new IllegalStateException(pattern + " is not on the page");
        }
        return m.group(1);
    }
}
