package unbo.app.report;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.io.Reader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;

import com.openhtmltopdf.extend.FSStream;
import com.openhtmltopdf.outputdevice.helper.ExternalResourceControlPriority;
import com.openhtmltopdf.pdfboxout.PdfRendererBuilder;
import com.openhtmltopdf.svgsupport.BatikSVGDrawer;
import com.openhtmltopdf.util.XRLog;
import org.jsoup.Jsoup;
import org.jsoup.helper.W3CDom;
import org.jsoup.nodes.Document;
import org.springframework.core.io.ClassPathResource;
import org.springframework.stereotype.Component;

/**
 * Sets a page of ours on paper, with the print stylesheet and the fonts that ship inside. Nothing else is ever fetched.
 */
@Component
public class PdfWriter {

    private static final String ASSETS = "/assets/";
    private static final String INSIDE = "inside";
    /** Photos stand in the page itself. */
    private static final String EMBEDDED = "data:image/jpeg;base64,";

    /** An asset as the writer reads it. */
    private record Inside(String address) implements FSStream {

        @Override
        public InputStream getStream() {
            return open(address.substring(address.indexOf(ASSETS) + ASSETS.length()));
        }

        @Override
        public Reader getReader() {
            return new InputStreamReader(getStream(), StandardCharsets.UTF_8);
        }
    }

    PdfWriter() {
        XRLog.setLoggingEnabled(false);
    }

    /** @param html a whole page; its own stylesheets are passed over */
    public byte[] write(String html) {
        Document page = Jsoup.parse(html);
        page.select("link").remove();
        page.head().appendElement("style").appendText(read("print.css"));
        ByteArrayOutputStream out = new ByteArrayOutputStream(64 * 1024);
        PdfRendererBuilder builder = new PdfRendererBuilder();
        builder.withW3cDocument(new W3CDom().fromJsoup(page), "");
        builder.useUriResolver((base, address) -> address.startsWith(ASSETS)
                ? INSIDE + ":" + address
                : address.startsWith(INSIDE + ":") || address.startsWith(EMBEDDED) ? address : null);
        builder.useProtocolsStreamImplementation(Inside::new, INSIDE);
        builder.useExternalResourceAccessControl(
                (address, type) -> address.startsWith(INSIDE + ":") || address.startsWith(EMBEDDED),
                ExternalResourceControlPriority.RUN_AFTER_RESOLVING_URI);
        builder.useExternalResourceAccessControl(
                (address, type) -> true, ExternalResourceControlPriority.RUN_BEFORE_RESOLVING_URI);
        builder.useSVGDrawer(new BatikSVGDrawer());
        builder.toStream(out);
        try {
            builder.run();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return out.toByteArray();
    }

    private static String read(String asset) {
        try (InputStream in = open(asset)) {
            return new String(in.readAllBytes(), StandardCharsets.UTF_8);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private static InputStream open(String asset) {
        try {
            return new ClassPathResource("static/assets/" + asset).getInputStream();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
