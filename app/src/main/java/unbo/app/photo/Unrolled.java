package unbo.app.photo;

import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import javax.imageio.ImageIO;

import unbo.core.geometry.RingUnroll;

/** A photographed ring unrolled into a strip: a turn from left to right, the outboard edge at the top. */
final class Unrolled {

    static final int WIDE = 1440;
    static final int HIGH = 160;

    private Unrolled() {}

    /** @param ring lengths in shares of the photo's width @return a JPEG of {@value #WIDE} by {@value #HIGH} dots */
    static byte[] of(byte[] photo, RingUnroll ring) {
        try {
            BufferedImage from = ImageIO.read(new ByteArrayInputStream(photo));
            ByteArrayOutputStream out = new ByteArrayOutputStream();
            ImageIO.write(strip(from, ring), "jpeg", out);
            return out.toByteArray();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    static BufferedImage strip(BufferedImage from, RingUnroll ring) {
        BufferedImage to = new BufferedImage(WIDE, HIGH, BufferedImage.TYPE_INT_RGB);
        for (int x = 0; x < WIDE; x++) {
            for (int y = 0; y < HIGH; y++) {
                RingUnroll.Spot spot = ring.at((x + 0.5) * 360 / WIDE, (y + 0.5) / HIGH);
                to.setRGB(x, y, dot(from, spot.x() * from.getWidth() - 0.5, spot.y() * from.getWidth() - 0.5));
            }
        }
        return to;
    }

    /** Between four dots by their distance; grey beyond the picture. */
    private static int dot(BufferedImage from, double x, double y) {
        int left = (int) Math.floor(x);
        int top = (int) Math.floor(y);
        if (left < 0 || top < 0 || left + 1 >= from.getWidth() || top + 1 >= from.getHeight()) {
            return 0x808080;
        }
        double right = x - left;
        double down = y - top;
        int rgb = 0;
        for (int shift = 16; shift >= 0; shift -= 8) {
            double upper =
                    part(from.getRGB(left, top), shift) * (1 - right) + part(from.getRGB(left + 1, top), shift) * right;
            double lower = part(from.getRGB(left, top + 1), shift) * (1 - right)
                    + part(from.getRGB(left + 1, top + 1), shift) * right;
            rgb |= (int) Math.round(upper * (1 - down) + lower * down) << shift;
        }
        return rgb;
    }

    private static int part(int rgb, int shift) {
        return rgb >> shift & 0xFF;
    }
}
