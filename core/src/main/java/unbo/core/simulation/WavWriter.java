package unbo.core.simulation;

import java.nio.ByteBuffer;
import java.nio.ByteOrder;
import java.nio.charset.StandardCharsets;

/** Writes a recording as a WAV file: PCM, 16 bits, mono. */
public final class WavWriter {

    private static final int HEADER = 44;

    private WavWriter() {}

    /** @param samples between −1 and 1; what is beyond is held at the end */
    public static byte[] write(float[] samples, int rateHz) {
        int size = samples.length * 2;
        ByteBuffer out = ByteBuffer.allocate(HEADER + size).order(ByteOrder.LITTLE_ENDIAN);
        out.put(word("RIFF"))
                .putInt(HEADER - 8 + size)
                .put(word("WAVE"))
                .put(word("fmt "))
                .putInt(16)
                .putShort((short) 1)
                .putShort((short) 1)
                .putInt(rateHz)
                .putInt(rateHz * 2)
                .putShort((short) 2)
                .putShort((short) 16)
                .put(word("data"))
                .putInt(size);
        for (float s : samples) {
            out.putShort((short) Math.round(Math.max(-1, Math.min(1, s)) * 32767));
        }
        return out.array();
    }

    private static byte[] word(String text) {
        return text.getBytes(StandardCharsets.US_ASCII);
    }
}
