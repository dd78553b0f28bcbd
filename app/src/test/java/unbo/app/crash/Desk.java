package unbo.app.crash;

import java.io.IOException;
import java.net.CookieManager;
import java.net.URI;
import java.net.URLEncoder;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;

import org.springframework.web.util.HtmlUtils;

/** A browser without a window: keeps its cookies, reads the hidden fields of forms, sends forms. */
final class Desk {

    private final HttpClient client = HttpClient.newBuilder()
            .cookieHandler(new CookieManager())
            .connectTimeout(Duration.ofSeconds(5))
            .build();
    private final String root;

    Desk(int port) {
        root = "http://127.0.0.1:" + port;
    }

    String page(String address) throws IOException, InterruptedException {
        HttpResponse<String> answer = client.send(request(address).build(), HttpResponse.BodyHandlers.ofString());
        if (answer.statusCode() != 200) {
            throw new IOException(address + " answers " + answer.statusCode());
        }
        return answer.body();
    }

    HttpResponse<String> send(String address, Map<String, String> texts) throws IOException, InterruptedException {
        String body = texts.entrySet().stream()
                .map(e -> URLEncoder.encode(e.getKey(), StandardCharsets.UTF_8) + "="
                        + URLEncoder.encode(e.getValue(), StandardCharsets.UTF_8))
                .collect(Collectors.joining("&"));
        return client.send(
                request(address)
                        .header("Content-Type", "application/x-www-form-urlencoded")
                        .POST(HttpRequest.BodyPublishers.ofString(body))
                        .build(),
                HttpResponse.BodyHandlers.ofString());
    }

    HttpResponse<String> sendFile(String address, String token, String file) throws IOException, InterruptedException {
        String body = "--crash\r\nContent-Disposition: form-data; name=\"_csrf\"\r\n\r\n" + token
                + "\r\n--crash\r\nContent-Disposition: form-data; name=\"file\"; "
                + "filename=\"job.json\"\r\nContent-Type: application/json\r\n\r\n"
                + file + "\r\n--crash--\r\n";
        return client.send(
                request(address)
                        .header("Content-Type", "multipart/form-data; boundary=crash")
                        .POST(HttpRequest.BodyPublishers.ofString(body))
                        .build(),
                HttpResponse.BodyHandlers.ofString());
    }

    private HttpRequest.Builder request(String address) {
        return HttpRequest.newBuilder(URI.create(root + address))
                .timeout(Duration.ofSeconds(60))
                .header("Accept", "text/html");
    }

    /** The value of the first input of this name. */
    static String value(String page, String name) {
        Matcher input = Pattern.compile("name=\"" + Pattern.quote(name) + "\"[^>]*? value=\"([^\"]*)\"")
                .matcher(page);
        if (!input.find()) {
            throw new AssertionError("there is no " + name + " on the page");
        }
        return HtmlUtils.htmlUnescape(input.group(1));
    }
}
