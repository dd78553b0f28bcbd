package unbo.core.signal;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.SequenceInputStream;
import java.nio.ByteBuffer;
import java.nio.ByteOrder;
import java.util.Random;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class WavFileTest {

    private static byte[] header(int form, int channels, int rate, int bits, long dataSize) {
        ByteBuffer b = ByteBuffer.allocate(44).order(ByteOrder.LITTLE_ENDIAN);
        b.put("RIFF".getBytes())
                .putInt((int) (36 + dataSize))
                .put("WAVEfmt ".getBytes())
                .putInt(16)
                .putShort((short) form)
                .putShort((short) channels)
                .putInt(rate)
                .putInt(rate * channels * bits / 8)
                .putShort((short) (channels * bits / 8))
                .putShort((short) bits)
                .put("data".getBytes())
                .putInt((int) dataSize);
        return b.array();
    }

    private static byte[] wav(int form, int channels, int rate, int bits, double... samples) {
        ByteBuffer b = ByteBuffer.allocate(samples.length * bits / 8).order(ByteOrder.LITTLE_ENDIAN);
        for (double s : samples) {
            switch (bits) {
                case 8 -> b.put((byte) Math.round(128 + 127 * s));
                case 16 -> b.putShort((short) Math.round(32767 * s));
                case 24 -> {
                    int v = (int) Math.round(8388607 * s);
                    b.put((byte) v).put((byte) (v >> 8)).put((byte) (v >> 16));
                }
                default -> {
                    if (form == 3) {
                        b.putFloat((float) s);
                    } else {
                        b.putInt((int) Math.round(2147483647 * s));
                    }
                }
            }
        }
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        out.writeBytes(header(form, channels, rate, bits, b.capacity()));
        out.writeBytes(b.array());
        return out.toByteArray();
    }

    private static WavFile read(byte[] file) throws IOException {
        return WavFile.read(new ByteArrayInputStream(file));
    }

    @ParameterizedTest
    @CsvSource({"1,8,0.02", "1,16,0.0001", "1,24,0.000001", "1,32,0.000001", "3,32,0.000001"})
    void everyFormIsRead(int form, int bits, double within) throws IOException {
        Recording r = read(wav(form, 1, 8000, bits, 0, 0.5, -0.5, 1, -1)).recording();
        assertThat(r.rateHz()).isEqualTo(8000);
        assertThat(r.samples()).hasSize(5);
        assertThat((double) r.samples()[1]).isCloseTo(0.5, within(within));
        assertThat((double) r.samples()[2]).isCloseTo(-0.5, within(within));
        assertThat(r.cut()).isFalse();
    }

    @Test
    void theRightChannelIsKeptApart() throws IOException {
        Recording r = read(wav(1, 2, 48_000, 16, 0.1, 0.9, 0.2, 0.8)).recording();
        assertThat((double) r.samples()[1]).isCloseTo(0.2, within(0.001));
        assertThat((double) r.second()[1]).isCloseTo(0.8, within(0.001));
    }

    @Test
    void otherPartsOfTheFileArePassedOver() throws IOException {
        byte[] plain = wav(1, 1, 8000, 16, 0.25, 0.5);
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        out.write(plain, 0, 12);
        out.writeBytes("LIST".getBytes());
        out.writeBytes(new byte[] {3, 0, 0, 0, 'a', 'b', 'c', 0});
        out.write(plain, 12, plain.length - 12);
        assertThat(read(out.toByteArray()).recording().samples()).hasSize(2);
    }

    @Test
    void whatIsNoneIsSaidInASentence() throws IOException {
        assertThat(read(new byte[0]).refusal()).contains("empty");
        assertThat(read("ID3 this is another kind of file altogether".getBytes())
                        .refusal())
                .contains("no WAV file");
        assertThat(read("RIFF".getBytes()).refusal()).contains("no WAV file");
        assertThat(read(wav(1, 1, 8000, 16)).refusal()).contains("no sound");
        assertThat(read(wav(1, 1, 4000, 16, 0.1)).refusal()).contains("4000 samples a second");
        assertThat(read(header(85, 1, 8000, 16, 4)).refusal()).contains("PCM");
        assertThat(read(header(1, 6, 8000, 16, 4)).refusal()).contains("6 channels");
        byte[] plain = wav(1, 1, 8000, 16, 0.25, 0.5);
        assertThat(read(java.util.Arrays.copyOf(plain, 20)).refusal()).contains("cut off");
        assertThat(read(wav(3, 1, 8000, 32, Double.NaN)).refusal()).contains("no numbers");
    }

    @Test
    void aFileThatBreaksOffIsUsedAsFarAsItGoes() throws IOException {
        byte[] plain = wav(1, 1, 8000, 16, new double[8000]);
        Recording r = read(java.util.Arrays.copyOf(plain, plain.length - 4001)).recording();
        assertThat(r.samples()).hasSize(5999);
        assertThat(r.cut()).isTrue();
    }

    @Test
    void aHugeFileIsReadNoFurtherThanAMinute() throws IOException {
        InputStream endless = new InputStream() {
            @Override
            public int read() {
                return 1;
            }

            @Override
            public int read(byte[] b, int off, int len) {
                return len;
            }
        };
        Recording r = WavFile.read(new SequenceInputStream(
                        new ByteArrayInputStream(header(1, 1, 8000, 16, 4_000_000_000L)), endless))
                .recording();
        assertThat(r.samples()).hasSize(8000 * Recording.LONGEST_S);
        assertThat(r.cut()).isTrue();
    }

    @Test
    void randomBytesNeverBreakIt() throws IOException {
        Random random = new Random(6);
        for (int i = 0; i < 3000; i++) {
            byte[] file = wav(1, 1 + random.nextInt(2), 8000, 16, new double[50]);
            for (int k = 0; k < 1 + random.nextInt(12); k++) {
                file[random.nextInt(60)] = (byte) random.nextInt();
            }
            WavFile read = read(java.util.Arrays.copyOf(file, random.nextInt(file.length)));
            assertThat(read.recording() == null).isEqualTo(!read.refusal().isEmpty());
        }
    }
}
