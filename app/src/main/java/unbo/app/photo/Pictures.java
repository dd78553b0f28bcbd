package unbo.app.photo;

import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.geom.AffineTransform;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Optional;
import java.util.concurrent.Semaphore;
import javax.imageio.IIOImage;
import javax.imageio.ImageIO;
import javax.imageio.ImageReadParam;
import javax.imageio.ImageReader;
import javax.imageio.ImageWriteParam;
import javax.imageio.ImageWriter;
import javax.imageio.stream.FileImageInputStream;
import javax.imageio.stream.ImageInputStream;
import javax.imageio.stream.ImageOutputStream;

import com.drew.imaging.ImageMetadataReader;
import com.drew.imaging.ImageProcessingException;
import com.drew.metadata.Directory;
import com.drew.metadata.exif.ExifDirectoryBase;
import com.drew.metadata.exif.ExifIFD0Directory;

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
    /** Pictures are decoded one after the other. */
    private static final Semaphore ONE = new Semaphore(1, true);

    /** A picture as it is stored. */
    record Picture(int width, int height, byte[] jpeg) {}

    /** What came of a file: a picture, or why there is none. */
    record Outcome(Picture picture, String refusal) {

        static Outcome refused(String why) {
            return new Outcome(null, why);
        }
    }

    private Pictures() {}

    /** Reads a file that stands on the disk, one after the other: memory is bounded however many are sent at once. */
    static Outcome read(Path file) throws IOException {
        long size = Files.size(file);
        if (size == 0) {
            return Outcome.refused("No file was chosen, or it is empty: choose a PNG or JPEG.");
        }
        if (size > LARGEST_BYTES) {
            return Outcome.refused("The file has " + (size >> 20) + " MB: photos of up to " + (LARGEST_BYTES >> 20)
                    + " MB are taken.");
        }
        byte[] first = new byte[16];
        try (InputStream in = Files.newInputStream(file)) {
            first = in.readNBytes(first.length);
        }
        if (!jpeg(first) && !png(first)) {
            return Outcome.refused("The file is neither PNG nor JPEG, whatever its name says: save it as one of them.");
        }
        ONE.acquireUninterruptibly();
        try (ImageInputStream in = new FileImageInputStream(file.toFile())) {
            return read(in, jpeg(first) ? "jpeg" : "png", orientation(file));
        } catch (IOException | RuntimeException damaged) {
            return Outcome.refused("The picture is damaged and cannot be read: take it again, or save it anew.");
        } finally {
            ONE.release();
        }
    }

    private static Outcome read(ImageInputStream in, String format, int orientation) throws IOException {
        ImageReader reader = ImageIO.getImageReadersByFormatName(format).next();
        try {
            reader.setInput(in, true, true);
            long width = reader.getWidth(0);
            long height = reader.getHeight(0);
            if (width * height > MOST_PIXELS) {
                return Outcome.refused("The picture has " + width * height / 1_000_000 + " megapixels: up to "
                        + MOST_PIXELS / 1_000_000 + " are taken.");
            }
            if (Math.min(width, height) < FEWEST_SIDE) {
                return Outcome.refused(
                        "The picture is " + width + " by " + height + " dots: nothing can be seen on it.");
            }
            ImageReadParam param = reader.getDefaultReadParam();
            int step = (int) Math.max(1, Math.max(width, height) / LONGEST_SIDE);
            param.setSourceSubsampling(step, step, 0, 0);
            return new Outcome(written(upright(scaled(reader.read(0, param)), orientation)), "");
        } finally {
            reader.dispose();
        }
    }

    /** A picture that this application wrote, as it is; empty where it is none, or larger than it writes. */
    static Optional<Picture> kept(byte[] jpeg) {
        if (!jpeg(jpeg)) {
            return Optional.empty();
        }
        try (ImageInputStream in = ImageIO.createImageInputStream(new ByteArrayInputStream(jpeg))) {
            ImageReader reader = ImageIO.getImageReadersByFormatName("jpeg").next();
            try {
                reader.setInput(in, true, true);
                Picture picture = new Picture(reader.getWidth(0), reader.getHeight(0), jpeg);
                return Math.max(picture.width, picture.height) > LONGEST_SIDE ? Optional.empty() : Optional.of(picture);
            } finally {
                reader.dispose();
            }
        } catch (IOException | RuntimeException damaged) {
            return Optional.empty();
        }
    }

    /** How the camera was held, by what it wrote beside the picture (EXIF 2.3, tag 0x0112): 1 upright to 8. */
    private static int orientation(Path file) {
        try {
            Directory exif =
                    ImageMetadataReader.readMetadata(file.toFile()).getFirstDirectoryOfType(ExifIFD0Directory.class);
            Integer held = exif == null ? null : exif.getInteger(ExifDirectoryBase.TAG_ORIENTATION);
            return held == null || held < 1 || held > 8 ? 1 : held;
        } catch (ImageProcessingException | IOException | RuntimeException unknown) {
            return 1;
        }
    }

    /** The picture as it was seen: turned, and mirrored where the camera says so. */
    private static BufferedImage upright(BufferedImage from, int orientation) {
        if (orientation == 1) {
            return from;
        }
        boolean lying = orientation >= 5;
        BufferedImage to = new BufferedImage(
                lying ? from.getHeight() : from.getWidth(),
                lying ? from.getWidth() : from.getHeight(),
                BufferedImage.TYPE_INT_RGB);
        Graphics2D g = to.createGraphics();
        AffineTransform turn = new AffineTransform();
        turn.translate(to.getWidth() / 2.0, to.getHeight() / 2.0);
        turn.rotate(Math.toRadians(
                switch (orientation) {
                    case 3, 4 -> 180;
                    case 5, 6 -> 90;
                    case 7, 8 -> 270;
                    default -> 0;
                }));
        if (orientation == 2 || orientation == 4 || orientation == 5 || orientation == 7) {
            turn.scale(orientation == 5 || orientation == 7 ? 1 : -1, orientation == 5 || orientation == 7 ? -1 : 1);
        }
        turn.translate(-from.getWidth() / 2.0, -from.getHeight() / 2.0);
        g.drawImage(from, turn, null);
        g.dispose();
        return to;
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
