package unbo.app.photo;

import static org.assertj.core.api.Assertions.assertThat;

import java.awt.Color;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import javax.imageio.ImageIO;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class PicturesTest {

    private static byte[] file(int width, int height, int type, String format) throws IOException {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        BufferedImage image = new BufferedImage(width, height, type);
        for (int x = 0; x < width; x += 7) {
            image.setRGB(x, height / 2, Color.ORANGE.getRGB());
        }
        ImageIO.write(image, format, out);
        return out.toByteArray();
    }

    private static Pictures.Outcome read(byte[] bytes) throws IOException {
        Path file = Files.createTempFile("picture", "");
        try {
            Files.write(file, bytes);
            return Pictures.read(file);
        } finally {
            Files.delete(file);
        }
    }

    @ParameterizedTest
    @CsvSource({"4000,3000,1600,1200", "3000,4000,1200,1600", "800,600,800,600", "1601,20,1600,20", "7000,3000,1600,686"
    })
    void largePicturesAreScaledAndSmallOnesLeft(int width, int height, int toWidth, int toHeight) throws IOException {
        Pictures.Picture picture =
                read(file(width, height, BufferedImage.TYPE_INT_RGB, "jpeg")).picture();
        assertThat(picture.width()).isEqualTo(toWidth);
        assertThat(picture.height()).isEqualTo(toHeight);
        BufferedImage read = ImageIO.read(new ByteArrayInputStream(picture.jpeg()));
        assertThat(read.getWidth()).isEqualTo(toWidth);
    }

    @Test
    void aTransparentPngComesOutOnWhite() throws IOException {
        Pictures.Picture picture =
                read(file(100, 100, BufferedImage.TYPE_INT_ARGB, "png")).picture();
        assertThat(new Color(ImageIO.read(new ByteArrayInputStream(picture.jpeg()))
                                .getRGB(3, 3))
                        .getRed())
                .isGreaterThan(245);
    }

    /** A comment that the camera wrote between the head of the file and the picture is not in what is stored. */
    @Test
    void whatTheCameraWroteBesideItIsGone() throws IOException {
        byte[] plain = file(200, 150, BufferedImage.TYPE_INT_RGB, "jpeg");
        byte[] secret = "taken at the owner's house".getBytes(StandardCharsets.US_ASCII);
        ByteArrayOutputStream told = new ByteArrayOutputStream();
        told.write(plain, 0, 2);
        told.write(new byte[] {(byte) 0xFF, (byte) 0xFE, 0, (byte) (secret.length + 2)});
        told.write(secret);
        told.write(plain, 2, plain.length - 2);
        assertThat(new String(told.toByteArray(), StandardCharsets.ISO_8859_1)).contains("owner's house");
        Pictures.Picture stored = read(told.toByteArray()).picture();
        assertThat(stored).isNotNull();
        assertThat(new String(stored.jpeg(), StandardCharsets.ISO_8859_1)).doesNotContain("owner's house");
    }

    @Test
    void whatIsNoPictureIsRefusedInASentence() throws IOException {
        assertThat(read(new byte[0]).refusal()).contains("empty");
        assertThat(read("%PDF-1.4".getBytes(StandardCharsets.US_ASCII)).refusal())
                .contains("neither PNG nor JPEG");
        assertThat(read(Arrays.copyOf(file(300, 300, BufferedImage.TYPE_INT_RGB, "jpeg"), 30))
                        .refusal())
                .contains("damaged");
        assertThat(read(file(8, 8, BufferedImage.TYPE_INT_RGB, "png")).refusal())
                .contains("nothing can be seen");
        assertThat(read(new byte[(int) Pictures.LARGEST_BYTES + 1]).refusal()).contains("24 MB");
    }

    /** A head that claims more dots than any camera has is refused before a dot is read. */
    @Test
    void aPictureThatClaimsToBeHugeIsNotUnpacked() throws IOException {
        byte[] bomb = file(20, 20, BufferedImage.TYPE_INT_RGB, "png");
        bomb[17] = 1;
        bomb[21] = 1;
        java.util.zip.CRC32 crc = new java.util.zip.CRC32();
        crc.update(bomb, 12, 17);
        for (int i = 0; i < 4; i++) {
            bomb[29 + i] = (byte) (crc.getValue() >> 8 * (3 - i));
        }
        assertThat(read(bomb).refusal()).contains("megapixels");
    }

    /** A JPEG with the camera's note how it was held (EXIF 2.3, tag 0x0112), before the picture. */
    private static byte[] held(int orientation, int width, int height) throws IOException {
        BufferedImage image = new BufferedImage(width, height, BufferedImage.TYPE_INT_RGB);
        java.awt.Graphics2D g = image.createGraphics();
        g.setColor(Color.WHITE);
        g.fillRect(0, 0, width, height);
        g.setColor(Color.RED);
        g.fillRect(0, 0, width / 2, height / 2);
        g.dispose();
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        ImageIO.write(image, "jpeg", out);
        byte[] plain = out.toByteArray();
        byte[] exif = {
            (byte) 0xFF,
            (byte) 0xE1,
            0,
            34,
            'E',
            'x',
            'i',
            'f',
            0,
            0,
            'M',
            'M',
            0,
            42,
            0,
            0,
            0,
            8,
            0,
            1,
            1,
            18,
            0,
            3,
            0,
            0,
            0,
            1,
            0,
            (byte) orientation,
            0,
            0,
            0,
            0,
            0,
            0
        };
        ByteArrayOutputStream told = new ByteArrayOutputStream();
        told.write(plain, 0, 2);
        told.write(exif);
        told.write(plain, 2, plain.length - 2);
        return told.toByteArray();
    }

    /** Where the red corner of the stored picture is: what was up left before the camera turned it. */
    @ParameterizedTest
    @CsvSource({
        "1,400,200,left,top",
        "2,400,200,right,top",
        "3,400,200,right,bottom",
        "4,400,200,left,bottom",
        "5,200,400,left,top",
        "6,200,400,right,top",
        "7,200,400,right,bottom",
        "8,200,400,left,bottom"
    })
    void aPhotoStandsUprightHoweverTheCameraWasHeld(int orientation, int width, int height, String side, String edge)
            throws IOException {
        Pictures.Picture picture = read(held(orientation, 400, 200)).picture();
        assertThat(picture.width()).isEqualTo(width);
        assertThat(picture.height()).isEqualTo(height);
        BufferedImage shown = ImageIO.read(new ByteArrayInputStream(picture.jpeg()));
        int x = side.equals("left") ? width / 4 : width * 3 / 4;
        int y = edge.equals("top") ? height / 4 : height * 3 / 4;
        Color corner = new Color(shown.getRGB(x, y));
        assertThat(corner.getRed() - corner.getGreen()).isGreaterThan(150);
        Color across = new Color(shown.getRGB(width - x, height - y));
        assertThat(across.getGreen()).isGreaterThan(200);
        assertThat(new String(picture.jpeg(), StandardCharsets.ISO_8859_1)).doesNotContain("Exif");
    }

    /** Six of 24 megapixels at once, in a heap that one of them would fill if it were unpacked whole. */
    @Test
    void sixLargePhotosAtOnceFitIntoASmallHeap(@TempDir Path folder) throws Exception {
        Path photo = Files.write(folder.resolve("large.jpg"), file(6000, 4000, BufferedImage.TYPE_INT_RGB, "jpeg"));
        Process small = new ProcessBuilder(
                        Path.of(System.getProperty("java.home"), "bin", "java").toString(),
                        "-Xmx64m",
                        "-Djava.awt.headless=true",
                        "-cp",
                        System.getProperty("java.class.path"),
                        SixAtOnce.class.getName(),
                        photo.toString())
                .redirectErrorStream(true)
                .start();
        String said = new String(small.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
        assertThat(small.waitFor()).as(said).isZero();
        assertThat(said.lines()).hasSize(6).containsOnly("1600");
    }
}
