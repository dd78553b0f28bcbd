package unbo.app.web;

import static org.assertj.core.api.Assertions.assertThat;

import java.net.URI;
import java.net.URLEncoder;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.util.Optional;

import org.jsoup.Jsoup;
import org.junit.jupiter.api.Test;
import org.springframework.boot.test.web.server.LocalServerPort;
import org.springframework.test.context.TestPropertySource;

import unbo.app.Served;

/** Who works at a page keeps its token: an answer to what is typed makes no form of it stale. */
@Served
@TestPropertySource(properties = {"unbo.passphrase=low tide at nine", "unbo.of-its-own=kept"})
class KeptTokenTest {

    @LocalServerPort
    private int port;

    private final HttpClient client = HttpClient.newHttpClient();

    private HttpResponse<String> ask(String path, String cookies, String body) throws Exception {
        HttpRequest.Builder request = HttpRequest.newBuilder(URI.create("http://127.0.0.1:" + port + path))
                .header("Cookie", cookies);
        if (body != null) {
            request.header("Content-Type", "application/x-www-form-urlencoded")
                    .POST(HttpRequest.BodyPublishers.ofString(body));
        }
        return client.send(request.build(), HttpResponse.BodyHandlers.ofString());
    }

    private static Optional<String> given(HttpResponse<String> answer, String name) {
        return answer.headers().allValues("Set-Cookie").stream()
                .filter(cookie -> cookie.startsWith(name + "=") && !cookie.startsWith(name + "=;"))
                .reduce((first, last) -> last);
    }

    private static String pair(String cookie) {
        return cookie.replaceFirst(";.*", "");
    }

    private static String token(HttpResponse<String> page) {
        return Jsoup.parse(page.body()).select("input[name=_csrf]").first().val();
    }

    /** What a browser is known by, after somebody came in on it. */
    private String comesIn() throws Exception {
        HttpResponse<String> login = ask("/login", "none=yet", null);
        String password = URLEncoder.encode("low tide at nine", StandardCharsets.UTF_8);
        HttpResponse<String> came = ask(
                "/login",
                pair(given(login, "XSRF-TOKEN").orElseThrow()),
                "_csrf=" + token(login) + "&username=workshop&password=" + password);
        String known = given(came, "remember-me").orElseThrow();
        assertThat(known).contains("HttpOnly", "SameSite=Lax", "Path=/");
        return pair(known);
    }

    @Test
    void aFormStaysGoodWhileItsPageIsAnswered() throws Exception {
        String known = comesIn();
        HttpResponse<String> page = ask("/settings", known, null);
        String token = token(page);
        String cookies = known + "; " + pair(given(page, "XSRF-TOKEN").orElseThrow());
        for (int i = 0; i < 2; i++) {
            HttpResponse<String> answer =
                    ask("/people/me/strength", cookies, "_csrf=" + token + "&password=crane+gravel+lemon");
            assertThat(answer.statusCode()).isEqualTo(200);
            assertThat(answer.body()).contains("This password is");
            assertThat(given(answer, "XSRF-TOKEN")).isEmpty();
        }
        assertThat(token(ask("/settings", cookies, null))).isEqualTo(token);
        String anew = comesIn() + "; XSRF-TOKEN=" + token;
        assertThat(ask("/people/me/strength", anew, "_csrf=" + token + "&password=crane")
                        .body())
                .as("who came in anew has another")
                .doesNotContain("This password")
                .doesNotContain("characters");
    }
}
