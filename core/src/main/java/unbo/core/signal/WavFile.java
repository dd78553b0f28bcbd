package unbo.core.signal;

import java.io.BufferedInputStream;
import java.io.EOFException;
import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;

import org.jspecify.annotations.Nullable;

/**
 * Reads a WAV file: PCM of 8, 16, 24 or 32 bits or float of 32 bits, mono or stereo, 8 to 96 kHz. Reads no further than
 * {@value Recording#LONGEST_S} s, so that memory is bounded however long the file says it is; sizes written in the file
 * are not believed. Format: RIFF WAVE, Microsoft/IBM Multimedia Programming Interface, 1991, and
 * WAVE_FORMAT_EXTENSIBLE.
 *
 * @param recording null when it cannot be used
 * @param refusal why not, as a sentence; empty when it can
 */
public record WavFile(@Nullable Recording recording, String refusal) {

    private static final int PCM = 1;
    private static final int FLOAT = 3;
    private static final int EXTENSIBLE = 0xFFFE;
    private static final int LEAST_RATE = 8_000;
    private static final int MOST_RATE = 96_000;
    private static final int BLOCK = 1 << 16;
    private static final int MOST_CHUNKS = 64;

    private record Format(int code, int channels, int rate, int bits) {

        int frame() {
            return channels * bits / 8;
        }
    }

    /** @throws IOException when the stream itself breaks */
    public static WavFile read(InputStream in) throws IOException {
        try {
            return chunks(new BufferedInputStream(in, BLOCK));
        } catch (EOFException e) {
            return refused("The file ends before any sound begins: it is damaged or was cut off. Record "
                    + "again, or save it again as WAV.");
        }
    }

    private static WavFile refused(String sentence) {
        return new WavFile(null, sentence);
    }

    private static WavFile chunks(InputStream in) throws IOException {
        byte[] head = new byte[12];
        int read = in.readNBytes(head, 0, 12);
        if (read == 0) {
            return refused("The file is empty. Choose a recording saved as WAV.");
        }
        if (read < 12 || !word(head, 0).equals("RIFF") || !word(head, 8).equals("WAVE")) {
            return refused("This is no WAV file: it does not begin as one. Save the recording as WAV "
                    + "(PCM) and send it again.");
        }
        Format format = null;
        for (int i = 0; i < MOST_CHUNKS; i++) {
            byte[] chunk = exactly(in, 8);
            long size = number(chunk, 4, 4);
            if (word(chunk, 0).equals("data")) {
                return format == null
                        ? refused("The file has sound but does not say in what form: it is damaged.")
                        : sound(in, format, size);
            }
            if (word(chunk, 0).equals("fmt ")) {
                format = format(exactly(in, (int) Math.min(size, 64)));
                skip(in, size - Math.min(size, 64));
            } else {
                skip(in, size);
            }
            skip(in, size % 2);
        }
        return refused("The file has no sound in its first " + MOST_CHUNKS + " parts: it is damaged.");
    }

    private static Format format(byte[] fmt) {
        if (fmt.length < 16) {
            return new Format(0, 0, 0, 0);
        }
        int code = (int) number(fmt, 0, 2);
        return new Format(
                code == EXTENSIBLE && fmt.length >= 26 ? (int) number(fmt, 24, 2) : code,
                (int) number(fmt, 2, 2),
                (int) number(fmt, 4, 4),
                (int) number(fmt, 14, 2));
    }

    private static WavFile sound(InputStream in, Format f, long size) throws IOException {
        boolean known = f.code() == PCM && (f.bits() == 8 || f.bits() == 16 || f.bits() == 24 || f.bits() == 32)
                || f.code() == FLOAT && f.bits() == 32;
        if (!known) {
            return refused("This WAV is coded in a way that is not read here (form " + f.code() + ", " + f.bits()
                    + " bits): save it as PCM of 8, 16, 24 or 32 bits, or float of 32.");
        }
        if (f.channels() < 1 || f.channels() > 2) {
            return refused("The recording has " + f.channels() + " channels: mono and stereo are read.");
        }
        if (f.rate() < LEAST_RATE || f.rate() > MOST_RATE) {
            return refused("The recording has " + f.rate() + " samples a second: 8000 to 96 000 are read.");
        }
        int most = f.rate() * Recording.LONGEST_S;
        float[] first = new float[Math.min(most, (int) Math.min(Integer.MAX_VALUE, Math.max(BLOCK, size / f.frame())))];
        float[] second = f.channels() == 2 ? new float[first.length] : null;
        byte[] block = new byte[BLOCK / f.frame() * f.frame()];
        int n = 0;
        long left = size == 0 || size == 0xFFFFFFFFL ? Long.MAX_VALUE : size;
        while (n < first.length && left >= f.frame()) {
            int got = in.readNBytes(block, 0, (int) Math.min(block.length, left / f.frame() * f.frame()));
            int frames = Math.min(got / f.frame(), first.length - n);
            for (int i = 0; i < frames; i++) {
                first[n] = sample(block, i * f.frame(), f);
                if (second != null) {
                    second[n] = sample(block, i * f.frame() + f.bits() / 8, f);
                }
                n++;
            }
            left -= got;
            if (got < block.length) {
                break;
            }
        }
        boolean cut = n == first.length && left >= f.frame() && left != Long.MAX_VALUE
                || n < first.length && left > 0 && left != Long.MAX_VALUE;
        return heard(new Recording(
                f.rate(), Arrays.copyOf(first, n), second == null ? null : Arrays.copyOf(second, n), cut));
    }

    private static WavFile heard(Recording r) {
        if (r.samples().length == 0) {
            return refused("The file holds no sound. Record again: " + Recording.SHORTEST_S + " s or more.");
        }
        for (float s : r.samples()) {
            if (!Float.isFinite(s)) {
                return refused("The recording holds values that are no numbers: it is damaged. Record again, "
                        + "or save it as PCM.");
            }
        }
        return new WavFile(r, "");
    }

    private static float sample(byte[] b, int at, Format f) {
        return switch (f.bits()) {
            case 8 -> ((b[at] & 0xFF) - 128) / 128f;
            case 16 -> (short) number(b, at, 2) / 32768f;
            case 24 -> ((int) (number(b, at, 3) << 8) >> 8) / 8388608f;
            default ->
                f.code() == FLOAT ? Float.intBitsToFloat((int) number(b, at, 4)) : (int) number(b, at, 4) / 2147483648f;
        };
    }

    private static long number(byte[] b, int at, int bytes) {
        long value = 0;
        for (int i = bytes - 1; i >= 0; i--) {
            value = value << 8 | b[at + i] & 0xFF;
        }
        return value;
    }

    private static String word(byte[] b, int at) {
        return new String(b, at, 4, StandardCharsets.ISO_8859_1);
    }

    private static byte[] exactly(InputStream in, int count) throws IOException {
        byte[] bytes = in.readNBytes(count);
        if (bytes.length < count) {
            throw new EOFException();
        }
        return bytes;
    }

    private static void skip(InputStream in, long count) throws IOException {
        long left = count;
        while (left > 0) {
            long skipped = in.skip(left);
            if (skipped == 0) {
                if (in.read() < 0) {
                    throw new EOFException();
                }
                skipped = 1;
            }
            left -= skipped;
        }
    }
}
