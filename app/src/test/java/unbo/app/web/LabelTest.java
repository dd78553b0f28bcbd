package unbo.app.web;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import javax.imageio.ImageIO;
import javax.xml.parsers.DocumentBuilderFactory;

import com.google.zxing.BinaryBitmap;
import com.google.zxing.RGBLuminanceSource;
import com.google.zxing.common.GlobalHistogramBinarizer;
import com.google.zxing.qrcode.QRCodeReader;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class LabelTest {

    private static String read(byte[] png) throws Exception {
        var image = ImageIO.read(new ByteArrayInputStream(png));
        int[] dots = image.getRGB(0, 0, image.getWidth(), image.getHeight(), null, 0, image.getWidth());
        return new QRCodeReader()
                .decode(new BinaryBitmap(new GlobalHistogramBinarizer(
                        new RGBLuminanceSource(image.getWidth(), image.getHeight(), dots))))
                .getText();
    }

    @ParameterizedTest
    @CsvSource({"'axle 1 left, outer bearing',L44643", "'Möwe, hinten','6205-2RS/C3'", "'<b>&\"',x"})
    void theCodeReadsAsItsWords(String place, String number) throws Exception {
        Label label = new Label(place, number);
        assertThat(read(label.png())).isEqualTo(place + " | " + number);
    }

    @Test
    void theDrawingIsWholeWhateverTheWords() throws Exception {
        String svg = new Label("<script>alert(1)</script>", "a & b \"c\" " + "long ".repeat(40)).svg();
        var document = DocumentBuilderFactory.newInstance()
                .newDocumentBuilder()
                .parse(new ByteArrayInputStream(svg.getBytes(StandardCharsets.UTF_8)));
        assertThat(document.getElementsByTagName("script").getLength()).isZero();
        assertThat(document.getElementsByTagName("text").getLength()).isEqualTo(2);
    }

    @Test
    void longWordsAreCutInTheCode() throws IOException {
        Label label = new Label("x".repeat(400), "6205");
        assertThat(label.content()).hasSize(200);
        assertThat(ImageIO.read(new ByteArrayInputStream(label.png())).getWidth())
                .isGreaterThan(200);
    }
}
