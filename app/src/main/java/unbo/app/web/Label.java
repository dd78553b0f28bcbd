package unbo.app.web;

import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.Map;
import javax.imageio.ImageIO;

import com.google.zxing.BarcodeFormat;
import com.google.zxing.EncodeHintType;
import com.google.zxing.WriterException;
import com.google.zxing.common.BitMatrix;
import com.google.zxing.qrcode.QRCodeWriter;
import com.google.zxing.qrcode.decoder.ErrorCorrectionLevel;
import org.springframework.web.util.HtmlUtils;

/**
 * A label for a part's bag or shelf: its square code (ISO/IEC 18004) and the same in words beside it.
 *
 * @param first position
 * @param second designation
 * @param link what the code opens; empty where it holds the words themselves
 */
public record Label(String first, String second, String link) {

    private static final int MARGIN = 2;
    private static final int DOTS_A_CELL = 8;
    private static final int LONGEST = 200;

    public Label(String first, String second) {
        this(first, second, "");
    }

    /** What the code holds. */
    public String content() {
        if (!link.isEmpty()) {
            return link;
        }
        String text = first + " | " + second;
        return text.substring(0, Math.min(LONGEST, text.length()));
    }

    public byte[] png() {
        BitMatrix cells = cells();
        int size = cells.getWidth() * DOTS_A_CELL;
        BufferedImage image = new BufferedImage(size, size, BufferedImage.TYPE_BYTE_BINARY);
        for (int y = 0; y < size; y++) {
            for (int x = 0; x < size; x++) {
                image.setRGB(x, y, cells.get(x / DOTS_A_CELL, y / DOTS_A_CELL) ? 0xFF000000 : 0xFFFFFFFF);
            }
        }
        try (ByteArrayOutputStream out = new ByteArrayOutputStream()) {
            ImageIO.write(image, "png", out);
            return out.toByteArray();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /** It drawn, to be printed. */
    public String svg() {
        int size = cells().getWidth();
        return drawn(
                3,
                line(second, size, size * 0.36, size * 0.17, "bold")
                        + line(first, size, size * 0.62, size * 0.1, "normal"));
    }

    /** Its code alone, drawn. */
    public String square() {
        return drawn(1, "");
    }

    /** @param wide so many codes wide @param beside what stands beside the code */
    private String drawn(int wide, String beside) {
        BitMatrix cells = cells();
        int size = cells.getWidth();
        StringBuilder path = new StringBuilder();
        for (int y = 0; y < size; y++) {
            for (int x = 0; x < size; x++) {
                if (cells.get(x, y)) {
                    path.append('M').append(x).append(' ').append(y).append("h1v1h-1z");
                }
            }
        }
        int width = size * wide;
        return "<svg xmlns=\"http://www.w3.org/2000/svg\" viewBox=\"0 0 " + width + " " + size + "\" width=\""
                + width * 4 + "\" height=\"" + size * 4 + "\" role=\"img\"><title>"
                + HtmlUtils.htmlEscape(content(), "UTF-8") + "</title><rect width=\"" + width + "\" height=\"" + size
                + "\" fill=\"#fff\"/><path d=\"" + path + "\" fill=\"#000\"/>" + beside + "</svg>";
    }

    /** A line of words beside the code, squeezed where it is long. */
    private static String line(String words, int left, double base, double high, String weight) {
        double room = left * 1.9;
        double size = Math.min(high, room / Math.max(1, words.length() * 0.56));
        return "<text x=\"" + left + "\" y=\"" + Math.round(base * 10) / 10.0
                + "\" font-family=\"sans-serif\" font-weight=\"" + weight + "\" font-size=\""
                + Math.round(size * 100) / 100.0 + "\">" + HtmlUtils.htmlEscape(words, "UTF-8") + "</text>";
    }

    private BitMatrix cells() {
        try {
            return new QRCodeWriter()
                    .encode(
                            content(),
                            BarcodeFormat.QR_CODE,
                            0,
                            0,
                            Map.of(
                                    EncodeHintType.MARGIN,
                                    MARGIN,
                                    EncodeHintType.CHARACTER_SET,
                                    "UTF-8",
                                    EncodeHintType.ERROR_CORRECTION,
                                    ErrorCorrectionLevel.M));
        } catch (WriterException e) {
            throw new IllegalStateException("a label of " + content().length() + " characters", e);
        }
    }
}
