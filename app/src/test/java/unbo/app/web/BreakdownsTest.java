package unbo.app.web;

import static org.assertj.core.api.Assertions.assertThat;
import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.not;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.header;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import java.net.CookieManager;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.sql.SQLNonTransientConnectionException;
import java.sql.SQLTransientConnectionException;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.test.web.server.LocalServerPort;
import org.springframework.test.web.servlet.MockMvc;

import unbo.app.Served;

/** What breaks is said in a sentence, and what was typed is given back. */
@Served
class BreakdownsTest {

    @LocalServerPort
    private int port;

    @Autowired
    private MockMvc mvc;

    private final HttpClient browser =
            HttpClient.newBuilder().cookieHandler(new CookieManager()).build();

    private HttpResponse<String> open(String address) throws Exception {
        return browser.send(
                HttpRequest.newBuilder(at(address))
                        .header("Accept", "text/html,*/*;q=0.8")
                        .build(),
                HttpResponse.BodyHandlers.ofString());
    }

    private HttpResponse<String> send(String address, String type, String body, String... headers) throws Exception {
        HttpRequest.Builder request = HttpRequest.newBuilder(at(address))
                .header("Accept", "text/html,*/*;q=0.8")
                .header("Content-Type", type)
                .POST(HttpRequest.BodyPublishers.ofString(body));
        if (headers.length > 0) {
            request.headers(headers);
        }
        return browser.send(request.build(), HttpResponse.BodyHandlers.ofString());
    }

    private URI at(String address) {
        return URI.create("http://127.0.0.1:" + port + address);
    }

    private String token() throws Exception {
        Matcher token = Pattern.compile("name=\"_csrf\" value=\"([^\"]+)\"")
                .matcher(open("/vehicles/new").body());
        assertThat(token.find()).isTrue();
        return token.group(1);
    }

    @Test
    void aFullDiskIsSaidAndTheTextsAreGivenBack() throws Exception {
        mvc.perform(post("/test/full").with(csrf()).param("note", "hum & <rumble>"))
                .andExpect(status().is(507))
                .andExpect(content().string(containsString("The disk has no room left")))
                .andExpect(content().string(containsString("hum &amp; &lt;rumble&gt;")))
                .andExpect(content().string(containsString("Send it again")));
    }

    @Test
    void aDatabaseThatEndedForWantOfRoomIsSaidAsAFullDisk() {
        RuntimeException gone = new RuntimeException(new SQLNonTransientConnectionException("gone"));
        assertThat(Breakdown.of(gone, 1L << 20)).isEqualTo(Breakdown.FULL);
        assertThat(Breakdown.of(gone, 1L << 30)).isEqualTo(Breakdown.GONE);
        assertThat(Breakdown.of(new IllegalStateException("ours"), 0)).isNull();
    }

    @Test
    void aBusyPoolIsNoDatabaseThatIsGone() {
        assertThat(Breakdown.of(
                        new RuntimeException(new SQLTransientConnectionException("not available, request timed out")),
                        1L << 30))
                .isEqualTo(Breakdown.BUSY);
        SQLTransientConnectionException gone = new SQLTransientConnectionException(
                "not available, request timed out", "08000", new SQLNonTransientConnectionException("refused"));
        assertThat(Breakdown.of(new RuntimeException(gone), 1L << 30)).isEqualTo(Breakdown.GONE);
        assertThat(Breakdown.BUSY.status()).isEqualTo(503);
    }

    @Test
    void aTextThatDoesNotFitIsNeitherARaceNorAFault() throws Exception {
        mvc.perform(post("/test/unfit").with(csrf()).param("note", "far too long"))
                .andExpect(status().is(422))
                .andExpect(content().string(containsString("longer or larger than there is room for")))
                .andExpect(content().string(containsString("far too long")));
    }

    @Test
    void aConnectionLostInsideATransactionIsADatabaseThatIsGone() throws Exception {
        mvc.perform(post("/test/lost").with(csrf()).param("note", "hum"))
                .andExpect(status().is(503))
                .andExpect(content().string(containsString("The database does not answer")))
                .andExpect(content().string(containsString("hum")));
    }

    @Test
    void aFaultOfOurOwnGivesBackWhatWasTyped() throws Exception {
        HttpResponse<String> answer = send(
                "/test/fault",
                "application/x-www-form-urlencoded",
                "note=rumble+%3Cb%3E&_csrf=" + token(),
                "Origin",
                "http://127.0.0.1:" + port);
        assertThat(answer.statusCode()).isEqualTo(500);
        assertThat(answer.body())
                .contains("<title>This did not work", "value=\"rumble &lt;b&gt;\"", "Send it again")
                .doesNotContain("Exception");
    }

    @Test
    void aDatabaseThatIsGoneIsSaidAndThePageTriesAgain() throws Exception {
        mvc.perform(get("/test/gone"))
                .andExpect(status().is(503))
                .andExpect(header().string("Retry-After", "5"))
                .andExpect(content().string(containsString("The database does not answer just now")))
                .andExpect(content().string(containsString("http-equiv=\"refresh\"")));
        mvc.perform(post("/test/gone").with(csrf()).param("note", "hum"))
                .andExpect(status().is(503))
                .andExpect(content().string(containsString("Send it again")))
                .andExpect(content().string(not(containsString("http-equiv=\"refresh\""))));
    }

    @Test
    void aFileThatIsTooLargeIsSaid() throws Exception {
        String body = "--b\r\nContent-Disposition: form-data; name=\"_csrf\"\r\n\r\n" + token()
                + "\r\n--b\r\nContent-Disposition: form-data; name=\"file\"; filename=\"x.json\"\r\n\r\n"
                + "x".repeat(33 << 20) + "\r\n--b--\r\n";
        HttpResponse<String> answer =
                send("/jobs/1/photos", "multipart/form-data; boundary=b", body, "Origin", "http://127.0.0.1:" + port);
        assertThat(answer.statusCode()).isEqualTo(413);
        assertThat(answer.body())
                .contains("a photo may have 24 MB", "<title>This is too large")
                .doesNotContain("xxxxx");
    }

    @Test
    void aFileOfJobsMayBeLargerThanAnyMemory() throws Exception {
        String body = "--b\r\nContent-Disposition: form-data; name=\"_csrf\"\r\n\r\n" + token()
                + "\r\n--b\r\nContent-Disposition: form-data; name=\"file\"; filename=\"x.json\"\r\n\r\n"
                + " ".repeat(40 << 20) + "[]\r\n--b--\r\n";
        HttpResponse<String> answer =
                send("/take-in", "multipart/form-data; boundary=b", body, "Origin", "http://127.0.0.1:" + port);
        assertThat(answer.statusCode()).isEqualTo(200);
        assertThat(answer.body()).contains("Nothing was taken in");
    }

    @Test
    void aBodyOfJsonIsLimitedWithAndWithoutALength() throws Exception {
        String members = java.util.stream.IntStream.range(0, 200_000)
                .mapToObj(i -> "\"m" + i + "\":" + i)
                .collect(java.util.stream.Collectors.joining(",", "{", "}"));
        assertThat(members.length()).isGreaterThan(2 << 20);
        HttpResponse<String> said = send("/api/v1/end-play", "application/json", members);
        assertThat(said.statusCode()).isEqualTo(413);
        assertThat(said.body()).contains("a JSON call may have 1 MB", "\"errors\":[]");
        HttpResponse<String> unsaid = browser.send(
                HttpRequest.newBuilder(at("/api/v1/end-play"))
                        .header("Content-Type", "application/json")
                        .POST(HttpRequest.BodyPublishers.ofInputStream(() -> new java.io.ByteArrayInputStream(
                                members.getBytes(java.nio.charset.StandardCharsets.UTF_8))))
                        .build(),
                HttpResponse.BodyHandlers.ofString());
        assertThat(unsaid.statusCode()).isEqualTo(413);
        assertThat(unsaid.body()).contains("a JSON call may have 1 MB");
    }

    @Test
    void membersThatAreNoFieldsAreAnsweredOnce() throws Exception {
        String members = java.util.stream.IntStream.range(0, 50_000)
                .mapToObj(i -> "\"m" + i + "\":" + i)
                .collect(java.util.stream.Collectors.joining(",", "{", "}"));
        HttpResponse<String> answer = send("/api/v1/end-play", "application/json", members);
        assertThat(answer.statusCode()).isEqualTo(400);
        assertThat(answer.body())
                .contains("There are no fields m0, m1, m2, m3, m4 and 49995 more here")
                .hasSizeLessThan(10_000);
    }

    @Test
    void aFileThatDoesNotSayHowLongItIsIsNotRead() throws Exception {
        HttpResponse<String> answer = browser.send(
                HttpRequest.newBuilder(at("/take-in"))
                        .header("Accept", "text/html")
                        .header("Content-Type", "multipart/form-data; boundary=b")
                        .POST(HttpRequest.BodyPublishers.ofInputStream(() -> new java.io.ByteArrayInputStream(
                                "--b--".getBytes(java.nio.charset.StandardCharsets.UTF_8))))
                        .build(),
                HttpResponse.BodyHandlers.ofString());
        assertThat(answer.statusCode()).isEqualTo(411);
        assertThat(answer.body()).contains("does not say how long it is");
    }

    @Test
    void aRecordingOfTwoHundredMegabytesIsSaidAsASentence() throws Exception {
        byte[] head = "--b\r\nContent-Disposition: form-data; name=\"recording\"; filename=\"x.wav\"\r\n\r\n"
                .getBytes(java.nio.charset.StandardCharsets.US_ASCII);
        java.util.function.Supplier<java.io.InputStream> body = () ->
                new java.io.SequenceInputStream(new java.io.ByteArrayInputStream(head), new java.io.InputStream() {
                    private long left = 200L << 20;

                    @Override
                    public int read() {
                        return left-- > 0 ? 'x' : -1;
                    }

                    @Override
                    public int read(byte[] bytes, int off, int len) {
                        int n = (int) Math.min(len, left);
                        left -= n;
                        return n == 0 ? -1 : n;
                    }
                });
        HttpResponse<String> answer = java.net.http.HttpClient.newHttpClient()
                .send(
                        java.net.http.HttpRequest.newBuilder(
                                        java.net.URI.create("http://127.0.0.1:" + port + "/api/v1/noise"))
                                .header("Content-Type", "multipart/form-data; boundary=b")
                                .POST(java.net.http.HttpRequest.BodyPublishers.fromPublisher(
                                        java.net.http.HttpRequest.BodyPublishers.ofInputStream(body),
                                        head.length + (200L << 20)))
                                .build(),
                        HttpResponse.BodyHandlers.ofString());
        assertThat(answer.statusCode()).isEqualTo(413);
        assertThat(answer.body()).contains("a recording may have 64 MB", "\"errors\":[]");
    }

    @Test
    void aFormThatIsTooLargeIsSaid() throws Exception {
        HttpResponse<String> answer = send(
                "/vehicles",
                "application/x-www-form-urlencoded",
                "name=" + "x".repeat(300 << 10) + "&_csrf=" + token(),
                "Origin",
                "http://127.0.0.1:" + port);
        assertThat(answer.statusCode()).isEqualTo(413);
        assertThat(answer.body()).contains("a form may have 256 kB");
    }

    @Test
    void aFormWhoseTokenIsStaleComesBackWithItsTextsAndGoesThroughTheSecondTime() throws Exception {
        String form = "kind=trailer&name=Stale+%3Cb%3E&counterUnit=none&use=wet&axles=1&_csrf=";
        HttpResponse<String> answer = send(
                "/vehicles", "application/x-www-form-urlencoded", form + "old", "Origin", "http://127.0.0.1:" + port);
        assertThat(answer.statusCode()).isEqualTo(403);
        assertThat(answer.body()).contains("no longer fits", "value=\"Stale &lt;b&gt;\"", "action=\"/vehicles\"");
        Matcher token = Pattern.compile("name=\"_csrf\" value=\"([^\"]+)\"").matcher(answer.body());
        assertThat(token.find()).isTrue();
        assertThat(send("/vehicles", "application/x-www-form-urlencoded", form + token.group(1))
                        .statusCode())
                .isEqualTo(302);
    }

    @Test
    void aFormThatAnotherSiteSendsIsRefusedAndNotOfferedAgain() throws Exception {
        for (String[] from : new String[][] {
            {"Origin", "http://127.0.0.1:1"}, {"Sec-Fetch-Site", "same-site"}, {"Sec-Fetch-Site", "cross-site"}
        }) {
            HttpResponse<String> answer =
                    send("/vehicles", "application/x-www-form-urlencoded", "kind=trailer&name=Foreign", from);
            assertThat(answer.statusCode()).isEqualTo(403);
            assertThat(answer.body())
                    .contains("did not come from a page of this Unbo")
                    .doesNotContain("Foreign");
        }
    }

    @Test
    void faultsShowNoTraceAndWrongAddressesAreSaid() throws Exception {
        assertThat(open("/nowhere/<script>".replace("<", "%3C").replace(">", "%3E"))
                        .body())
                .contains("leads nowhere")
                .doesNotContain("<script>");
        assertThat(open("/jobs/abc/intake").body())
                .contains("cannot be read", "<title>This cannot be read")
                .doesNotContain("Exception");
        assertThat(open(Breakdowns.TOO_LATE).statusCode()).isEqualTo(404);
        assertThat(open("/vehicles/1/immersions").body()).contains("cannot be used in that way");
        assertThat(open("/api/v1/nowhere").body()).contains("There is no such call", "\"status\":404");
        assertThat(send("/api/v1/match", "application/json", "{}").body()).contains("not made by POST");
    }

    @Test
    void cookiesAreOutOfReachOfScriptsAndOfOtherSites() throws Exception {
        long job = 1;
        assertThat(open("/vehicles/new").headers().allValues("Set-Cookie"))
                .isNotEmpty()
                .allSatisfy(cookie -> assertThat(cookie).contains("HttpOnly", "SameSite=Lax"));
        assertThat(open("/jobs/" + job + "/intake").headers().allValues("Set-Cookie"))
                .allSatisfy(cookie -> assertThat(cookie).contains("HttpOnly", "SameSite=Lax"));
    }
}
