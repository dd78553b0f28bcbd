package unbo.app.instrument;

import java.io.IOException;
import java.io.InputStream;
import java.util.concurrent.Semaphore;
import java.util.concurrent.TimeUnit;

import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.stereotype.Service;

import unbo.core.signal.Noise;
import unbo.core.signal.NoiseInput;
import unbo.core.signal.Recording;
import unbo.core.signal.WavFile;
import unbo.core.simulation.Recorder;

/** Analyses recordings, one at a time, so that memory is bounded however many are sent. */
@Service
public class NoiseService {

    private static final int LONGEST_WAIT_MS = 30_000;

    /** Others are being analysed for so long that this one was not begun. */
    public static final class Busy extends RuntimeException {

        private static final long serialVersionUID = 1L;

        Busy() {
            super("Other recordings are being analysed just now: send it again in half a minute.");
        }
    }

    private final Semaphore one = new Semaphore(1, true);
    private final int longestWaitMs;

    @Autowired
    NoiseService() {
        this(LONGEST_WAIT_MS);
    }

    /** @param longestWaitMs so long others are waited for */
    NoiseService(int longestWaitMs) {
        this.longestWaitMs = longestWaitMs;
    }

    /** What may go wrong while a recording is read. */
    @FunctionalInterface
    private interface Source {
        WavFile read() throws IOException;
    }

    /** A recording sent as a file. @throws IOException when it breaks off while it is being sent */
    public Noise.Outcome analyse(NoiseInput in, InputStream file) throws IOException {
        return inTurn(in, () -> WavFile.read(file));
    }

    /** A recording from the simulated recorder, held to this very bearing. */
    public Noise.Outcome recorded(NoiseInput in, Recorder recorder) throws IOException {
        return inTurn(in, () -> new WavFile(Recording.mono(Recorder.RATE_HZ, sound(in, recorder)), ""));
    }

    /** The sound of the simulated recorder, at the speed that was typed. */
    public float[] sound(NoiseInput in, Recorder recorder) {
        boolean typed = in.speed().rpm() > 0;
        return recorder.record(
                in.geometry(),
                in.turning(),
                typed ? in.speed().rpm() : Recorder.UNTOLD_RPM,
                typed ? in.speed().endRpm() : Recorder.UNTOLD_RPM);
    }

    private Noise.Outcome inTurn(NoiseInput in, Source source) throws IOException {
        try {
            if (!one.tryAcquire(longestWaitMs, TimeUnit.MILLISECONDS)) {
                throw new Busy();
            }
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            throw new Busy();
        }
        try {
            WavFile file = source.read();
            return file.recording() == null ? new Noise.Outcome(null, file.refusal()) : Noise.of(in, file.recording());
        } finally {
            one.release();
        }
    }
}
