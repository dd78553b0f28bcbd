package unbo.app.photo;

import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.Iterator;

import javax.imageio.IIOImage;
import javax.imageio.ImageIO;
import javax.imageio.ImageReadParam;
import javax.imageio.ImageReader;
import javax.imageio.ImageWriteParam;
import javax.imageio.ImageWriter;
import javax.imageio.stream.ImageInputStream;
import javax.imageio.stream.ImageOutputStream;

/**
 * Reads a photo and writes it anew: scaled, as JPEG, without what the camera wrote beside it. Large ones are read with
 * pixels left out, so that memory stays bounded whatever the file claims.
 */
final class Pictures {

    static final int LONGEST_SIDE = 1600;
    static final long LARGEST_BYTES = 24L << 20;
    private static final long MOST_PIXELS = 60_000_000;
    private static final int FEWEST_SIDE = 16;
    private static final float QUALITY = 0.85f;

    /** A picture as it is stored. */
    record Picture(int width, int height, byte[] jpeg) {
    }

    /** What came of a file: a picture, or why there is none. */
    record Outcome(Picture picture, String refusal) {

        static Outcome refused(String why) {
            return new Outcome(null, why);
        }
    }

    private Pictures() {
    }

    static Outcome read(byte[] file) {
        if (file.length == 0) {
            return Outcome.refused("No file was chosen, or it is empty: choose a PNG or JPEG.");
        }
        if (file.length > LARGEST_BYTES) {
            return Outcome.refused("The file has " + (file.length >> 20) + " MB: photos of up to " + (LARGEST_BYTES >> 20) + " MB are taken.");
        }
        if (!jpeg(file) && !png(file)) {
            return Outcome.refused("The file is neither PNG nor JPEG, whatever its name says: save it as one of them.");
        }
        try (ImageInputStream in = ImageIO.createImageInputStream(new ByteArrayInputStream(file))) {
            Iterator<ImageReader> readers = ImageIO.getImageReadersByFormatName(jpeg(file) ? "jpeg" : "png");
            ImageReader reader = readers.next();
            try {
                reader.setInput(in, true, true);
                long width = reader.getWidth(0);
                long height = reader.getHeight(0);
                if (width * height > MOST_PIXELS) {
                    return Outcome.refused("The picture has " + width * height / 1_000_000 + " megapixels: up to " + MOST_PIXELS / 1_000_000 + " are taken.");
                }
                if (Math.min(width, height) < FEWEST_SIDE) {
                    return Outcome.refused("The picture is " + width + " by " + height + " dots: nothing can be seen on it.");
                }
                ImageReadParam param = reader.getDefaultReadParam();
                int step = (int) Math.max(1, Math.max(width, height) / (2L * LONGEST_SIDE));
                param.setSourceSubsampling(step, step, 0, 0);
                return new Outcome(written(scaled(reader.read(0, param))), "");
            } finally {
                reader.dispose();
            }
        } catch (IOException | RuntimeException damaged) {
            return Outcome.refused("The picture is damaged and cannot be read: take it again, or save it anew.");
        }
    }

    private static boolean jpeg(byte[] file) {
        return file.length > 3 && (file[0] & 0xFF) == 0xFF && (file[1] & 0xFF) == 0xD8 && (file[2] & 0xFF) == 0xFF;
    }

    private static boolean png(byte[] file) {
        return file.length > 8 && (file[0] & 0xFF) == 0x89 && file[1] == 'P' && file[2] == 'N' && file[3] == 'G';
    }

    private static BufferedImage scaled(BufferedImage from) {
        double scale = Math.min(1, LONGEST_SIDE / (double) Math.max(from.getWidth(), from.getHeight()));
        int width = Math.max(1, (int) Math.round(from.getWidth() * scale));
        int height = Math.max(1, (int) Math.round(from.getHeight() * scale));
        BufferedImage to = new BufferedImage(width, height, BufferedImage.TYPE_INT_RGB);
        Graphics2D g = to.createGraphics();
        g.setColor(Color.WHITE);
        g.fillRect(0, 0, width, height);
        g.setRenderingHint(RenderingHints.KEY_INTERPOLATION, RenderingHints.VALUE_INTERPOLATION_BICUBIC);
        g.drawImage(from, 0, 0, width, height, null);
        g.dispose();
        return to;
    }

    private static Picture written(BufferedImage image) throws IOException {
        ImageWriter writer = ImageIO.getImageWritersByFormatName("jpeg").next();
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        try (ImageOutputStream out = ImageIO.createImageOutputStream(bytes)) {
            writer.setOutput(out);
            ImageWriteParam param = writer.getDefaultWriteParam();
            param.setCompressionMode(ImageWriteParam.MODE_EXPLICIT);
            param.setCompressionQuality(QUALITY);
            writer.write(null, new IIOImage(image, null, null), param);
        } finally {
            writer.dispose();
        }
        return new Picture(image.getWidth(), image.getHeight(), bytes.toByteArray());
    }
}
