package unbo.app.browser;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.InputStream;
import java.net.URI;
import java.nio.ByteBuffer;
import java.nio.ByteOrder;
import java.nio.ShortBuffer;
import java.nio.file.Files;
import java.nio.file.Path;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.api.io.TempDir;
import org.openqa.selenium.By;
import org.springframework.boot.test.web.server.LocalServerPort;

import unbo.app.Served;
import unbo.app.demo.LoadedDemo;
import unbo.core.simulation.Recorder;
import unbo.core.simulation.WavWriter;

/** A hub is recorded by the page itself; the microphone hears what the simulated recorder made. */
@Served
@ExtendWith(LoadedDemo.class)
class RecordHereStory {

    private static final String HUB =
            "rpm=600&elements=9&elementMm=7.94&pitchMm=39&fault=outer&severity=1&tyre=0&seconds=30";

    private static final int HEADER = 44;
    private static final float FULL = 32768f;

    @LocalServerPort
    private int port;

    @TempDir
    private Path kept;

    /** Between each two samples their mean: the microphone of the browser hears at twice the recorder's rate. */
    private static float[] doubled(byte[] file) {
        ShortBuffer samples = ByteBuffer.wrap(file, HEADER, file.length - HEADER)
                .slice()
                .order(ByteOrder.LITTLE_ENDIAN)
                .asShortBuffer();
        float[] all = new float[2 * samples.limit()];
        for (int i = 0; i < samples.limit(); i++) {
            all[2 * i] = samples.get(i) / FULL;
            all[2 * i + 1] = (samples.get(i) + samples.get(Math.min(i + 1, samples.limit() - 1))) / 2 / FULL;
        }
        return all;
    }

    @Test
    void aHubIsRecordedAnalysedHeardAndNotedInDiagnose() throws Exception {
        Path heard = kept.resolve("hub.wav");
        try (InputStream sound = URI.create("http://127.0.0.1:" + port + "/bench/noise.wav?" + HUB)
                .toURL()
                .openStream()) {
            Files.write(heard, WavWriter.write(doubled(sound.readAllBytes()), 2 * Recorder.RATE_HZ));
        }
        try (Browser b = new Browser(
                port,
                1280,
                800,
                "--use-fake-device-for-media-stream",
                "--use-fake-ui-for-media-stream",
                "--use-file-for-fake-audio-capture=" + heard)) {
            b.open("/bench/noise?rpm=600&elements=9&elementMm=7.94&pitchMm=39");
            b.click("[data-record=recording] button");
            b.until(d -> d.findElement(By.cssSelector("[data-record=recording] [data-told]"))
                    .getText()
                    .matches("1[6-9] of 60 s.*"));
            b.click("[data-record=recording] button");
            b.untilText("[data-record=recording] [data-told]", "s recorded, loudest");
            assertThat(b.find("[data-heard=recording] audio").getDomProperty("src"))
                    .startsWith("blob:");
            b.untilText("[data-heard=recording] [data-cursor]", "100 Hz:");

            b.click("#noise .go");
            b.untilText("#answer", "outer race");
            assertThat(b.find("[data-heard=recording]").isDisplayed()).isTrue();

            b.click("#answer details.noprint summary");
            b.find("#answer details.noprint a").click();
            b.until(d -> d.getCurrentUrl().contains("/diagnose"));
            b.untilText(".noted", "a bearing line");
        }
    }
}
