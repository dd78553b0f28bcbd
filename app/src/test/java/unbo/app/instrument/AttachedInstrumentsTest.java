package unbo.app.instrument;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.io.OutputStream;
import java.net.InetAddress;
import java.net.Socket;
import java.nio.charset.StandardCharsets;
import java.util.concurrent.BlockingQueue;
import java.util.concurrent.LinkedBlockingQueue;
import java.util.concurrent.TimeUnit;

import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class AttachedInstrumentsTest {

    private final AttachedInstruments instruments = new AttachedInstruments(0);

    @BeforeEach
    void open() {
        instruments.start();
    }

    @AfterEach
    void close() {
        instruments.stop();
    }

    private final class Called implements AutoCloseable {

        private final Socket socket;
        private final BufferedReader in;

        Called() throws IOException {
            socket = new Socket(InetAddress.getLoopbackAddress(), instruments.port());
            socket.setSoTimeout(10_000);
            in = new BufferedReader(new InputStreamReader(socket.getInputStream(), StandardCharsets.UTF_8));
        }

        void say(String line) throws IOException {
            OutputStream out = socket.getOutputStream();
            out.write((line + "\n").getBytes(StandardCharsets.UTF_8));
            out.flush();
        }

        String ask(String line) throws IOException {
            say(line);
            return in.readLine();
        }

        @Override
        public void close() throws IOException {
            socket.close();
        }
    }

    @Test
    void anInstrumentGreetsAndItsReadingsAreHeard() throws Exception {
        try (Called indicator = new Called()) {
            assertThat(indicator.ask("unbo 1 indicator bench-1")).isEqualTo("ok");
            assertThat(instruments.names()).containsEntry("bench-1", "dial indicator");
            BlockingQueue<InstrumentLine.Shown> heard = new LinkedBlockingQueue<>();
            Runnable leave = instruments.listen("bench-1", heard::add);
            indicator.say("r 0.031");
            indicator.say("c 2 thou");
            assertThat(heard.poll(10, TimeUnit.SECONDS))
                    .isEqualTo(new InstrumentLine.Shown("0.031 mm", "0.031mm", false));
            assertThat(heard.poll(10, TimeUnit.SECONDS))
                    .isEqualTo(new InstrumentLine.Shown("0.051 mm", "0.051mm", true));
            leave.run();
            assertThat(indicator.ask("r loud")).startsWith("no ");
            assertThat(heard).isEmpty();
        }
    }

    @Test
    void twoOfOneNameAreNotAttached() throws Exception {
        try (Called one = new Called();
                Called other = new Called()) {
            assertThat(one.ask("unbo 1 thermometer warm")).isEqualTo("ok");
            assertThat(other.ask("unbo 1 thermometer warm")).startsWith("no ").contains("attached already");
        }
        assertThat(instruments.listen("nobody", r -> {})).isNull();
    }

    @Test
    void whoCallsAndSaysNothingDoesNotKeepOthersOutForEver() throws Exception {
        java.util.List<Called> silent = new java.util.ArrayList<>();
        for (int i = 0; i < 16; i++) {
            silent.add(new Called());
        }
        try (Called late = new Called()) {
            assertThat(ended(late)).isTrue();
        }
        for (Called called : silent) {
            called.close();
        }
        long until = System.nanoTime() + TimeUnit.SECONDS.toNanos(20);
        String answer = null;
        while (answer == null && System.nanoTime() < until) {
            try (Called again = new Called()) {
                answer = again.ask("unbo 1 indicator after");
            } catch (IOException e) {
                answer = null;
            }
        }
        assertThat(answer).isEqualTo("ok");
    }

    @ParameterizedTest
    @CsvSource({"hello", "unbo 2 indicator a", "unbo 1 scale a", "unbo 1 indicator a b", "GET / HTTP/1.1"})
    void whoDoesNotGreetIsLetGo(String line) throws Exception {
        try (Called called = new Called()) {
            assertThat(called.ask(line)).startsWith("no begin with");
            assertThat(called.in.readLine()).isNull();
        }
    }

    @Test
    void anEndlessLineIsCutOff() throws Exception {
        try (Called called = new Called()) {
            assertThat(called.ask("unbo 1 indicator endless")).isEqualTo("ok");
            called.socket.getOutputStream().write(new byte[2000]);
            called.socket.getOutputStream().flush();
            assertThat(ended(called)).isTrue();
        }
    }

    private static boolean ended(Called called) {
        try {
            return called.in.readLine() == null;
        } catch (IOException e) {
            return true;
        }
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {"r 1|1.000 mm", "c -0.5 mm|−0.500 mm", "r 1/8\"|3.175 mm"})
    void valuesAreReadAsMechanicsWriteThem(String line, String shown) {
        assertThat(InstrumentLine.reading(line, InstrumentLine.Kind.INDICATOR)
                        .reading()
                        .shown())
                .isEqualTo(shown);
    }

    @ParameterizedTest
    @CsvSource({"x 1", "r", "r 40 C", "r 5 m", "r NaN"})
    void whatIsNoReadingIsSaid(String line) {
        InstrumentLine.Read read = InstrumentLine.reading(line, InstrumentLine.Kind.INDICATOR);
        assertThat(read.reading()).isNull();
        assertThat(read.refusal()).isNotBlank();
    }

    @Test
    void whoDoesNotGreetIsLetGoSoon() throws Exception {
        AttachedInstruments impatient = new AttachedInstruments(0, 150);
        impatient.start();
        try (Socket silent = new Socket(InetAddress.getLoopbackAddress(), impatient.port());
                Socket slow = new Socket(InetAddress.getLoopbackAddress(), impatient.port())) {
            silent.setSoTimeout(10_000);
            slow.setSoTimeout(10_000);
            slow.getOutputStream().write('u');
            assertThat(silent.getInputStream().read())
                    .as("the end of the stream")
                    .isEqualTo(-1);
            assertThat(slow.getInputStream().read()).isEqualTo(-1);
        } finally {
            impatient.stop();
        }
    }
}
