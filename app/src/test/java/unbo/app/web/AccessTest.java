package unbo.app.web;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.io.OutputStream;
import java.net.Socket;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

import org.junit.jupiter.api.Test;
import org.springframework.boot.test.web.server.LocalServerPort;
import org.springframework.test.context.TestPropertySource;

import unbo.app.Served;

/** What goes over the line itself: cookies behind TLS, tokens of forms, slow senders, and whether it serves. */
@Served
@TestPropertySource(properties = "unbo.of-its-own=true") // what other tests set of form tokens stays in theirs
class AccessTest {

    private static final Pattern TOKEN = Pattern.compile("name=\"_csrf\" value=\"([^\"]+)\"");

    @LocalServerPort
    private int port;

    private final HttpClient client = HttpClient.newHttpClient();

    private HttpResponse<String> get(String path, String... headers) throws Exception {
        HttpRequest.Builder request = HttpRequest.newBuilder(URI.create("http://127.0.0.1:" + port + path));
        if (headers.length > 0) {
            request.headers(headers);
        }
        return client.send(request.build(), HttpResponse.BodyHandlers.ofString());
    }

    private int post(String path, String cookie, String token) throws Exception {
        HttpRequest request = HttpRequest.newBuilder(URI.create("http://127.0.0.1:" + port + path))
                .headers("Cookie", cookie, "Content-Type", "application/x-www-form-urlencoded")
                .POST(HttpRequest.BodyPublishers.ofString("_csrf=" + token + "&begin=nut-1&seed=1"))
                .build();
        return client.send(request, HttpResponse.BodyHandlers.ofString()).statusCode();
    }

    private static String cookie(HttpResponse<String> page) {
        return page.headers().allValues("Set-Cookie").stream()
                .filter(cookie -> cookie.replaceFirst("^__Host-", "").startsWith("XSRF-TOKEN="))
                .findFirst()
                .orElseThrow();
    }

    private static String token(HttpResponse<String> page) {
        Matcher found = TOKEN.matcher(page.body());
        assertThat(found.find()).isTrue();
        return found.group(1);
    }

    @Test
    void itSaysWhetherItServes() throws Exception {
        HttpResponse<String> health = get("/health");
        assertThat(health.statusCode()).isEqualTo(200);
        assertThat(health.body()).isEqualTo("ok\n");
    }

    /** Behind a proxy that speaks TLS cookies are for TLS alone; a page asked for plainly has them for both. */
    @Test
    void cookiesBehindTlsAreForTlsAlone() throws Exception {
        assertThat(cookie(get("/practice", "X-Forwarded-Proto", "https")))
                .startsWith("__Host-")
                .contains("Secure", "HttpOnly", "Path=/;")
                .doesNotContain("Domain");
        assertThat(cookie(get("/practice")))
                .startsWith("XSRF-TOKEN=")
                .doesNotContain("Secure")
                .contains("HttpOnly");
        assertThat(get("/practice", "X-Forwarded-Proto", "https").headers().firstValue("Strict-Transport-Security"))
                .isPresent();
    }

    /** A token that somebody made up, though its cookie says the same, and one of another browser, are none. */
    @Test
    void aTokenIsOfOneBrowser() throws Exception {
        HttpResponse<String> page = get("/practice");
        String cookie = cookie(page).replaceFirst(";.*", "");
        String token = token(page);
        assertThat(post("/practice/work", cookie, token)).isEqualTo(302);
        String made = "0123456789abcdef0123456789abcdef." + "0".repeat(64);
        assertThat(post("/practice/work", "XSRF-TOKEN=" + made, made)).isEqualTo(403);
        assertThat(post("/practice/work", "XSRF-TOKEN=plain", "plain")).isEqualTo(403);
        assertThat(post("/practice/work", cookie + "; remember-me=another", token))
                .isEqualTo(403);
    }

    /** 250 that send a byte and wait: pages come all the same, and who sends too is told to wait. */
    @Test
    void slowSendersDoNotStopThePages() throws Exception {
        List<Socket> slow = new ArrayList<>();
        try {
            for (int i = 0; i < 250; i++) {
                Socket one = new Socket("127.0.0.1", port);
                slow.add(one);
                OutputStream out = one.getOutputStream();
                out.write(begins().getBytes(StandardCharsets.US_ASCII));
                out.flush();
            }
            long refused = 0;
            for (int i = 0; i < 200 && refused == 0; i++) {
                assertThat(get("/practice").statusCode()).isEqualTo(200);
                refused = post("/practice/work", "XSRF-TOKEN=plain", "plain") == 503 ? 1 : 0;
            }
            assertThat(refused).isEqualTo(1);
            assertThat(get("/health").body()).isEqualTo("ok\n");
        } finally {
            for (Socket one : slow) {
                close(one);
            }
        }
        // once they are gone everybody sends again
        HttpResponse<String> page = get("/practice");
        int sent = 503;
        for (int i = 0; i < 400 && sent == 503; i++) {
            sent = post("/practice/work", cookie(page).replaceFirst(";.*", ""), token(page));
        }
        assertThat(sent).isEqualTo(302);
    }

    private String begins() {
        return "POST /practice/work HTTP/1.1\r\nHost: 127.0.0.1:" + port
                + "\r\nContent-Type: application/x-www-form-urlencoded\r\nContent-Length: 50000\r\n\r\na";
    }

    private static void close(Socket one) {
        try {
            one.close();
        } catch (IOException none) {
            // it was gone already
        }
    }

    /** What a browser may do with a page, and what it says of it elsewhere. */
    @Test
    void everyPageTellsWhatItMay() throws Exception {
        Map<String, List<String>> headers = get("/vehicles").headers().map();
        assertThat(headers.get("content-security-policy").get(0))
                .contains("default-src 'self'", "frame-ancestors 'none'");
        assertThat(headers.get("x-content-type-options")).containsExactly("nosniff");
        assertThat(headers.get("referrer-policy")).isNotEmpty();
    }
}
