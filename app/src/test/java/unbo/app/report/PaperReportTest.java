package unbo.app.report;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import org.apache.pdfbox.Loader;
import org.apache.pdfbox.cos.COSName;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.http.MediaType;
import org.springframework.test.web.servlet.MockMvc;
import org.springframework.transaction.annotation.Transactional;

import unbo.app.Served;
import unbo.app.demo.DemoData;
import unbo.app.job.JobLine;
import unbo.app.job.JobService;
import unbo.app.job.JobState;
import unbo.app.vehicle.VehicleService;

@Served
@Transactional
class PaperReportTest {

    @Autowired
    private MockMvc mvc;

    @Autowired
    private DemoData demo;

    @Autowired
    private JobService jobs;

    @Autowired
    private VehicleService vehicles;

    @Autowired
    private PdfWriter writer;

    @Test
    void theReportOnPaperSaysWhatThePageSaysInOurOwnFont() throws Exception {
        demo.load();
        long job = vehicles.all().stream()
                .flatMap(v -> jobs.ofVehicle(v.id(), 0).lines().stream())
                .filter(l -> l.state() == JobState.SIGNED)
                .map(JobLine::id)
                .findFirst()
                .orElseThrow();
        byte[] pdf = mvc.perform(get("/jobs/" + job + "/report.pdf"))
                .andExpect(status().isOk())
                .andExpect(content().contentType(MediaType.APPLICATION_PDF))
                .andReturn()
                .getResponse()
                .getContentAsByteArray();
        try (PDDocument document = Loader.loadPDF(pdf)) {
            String text = new PDFTextStripper().getText(document);
            assertThat(text)
                    .contains(
                            "Report of job #" + job,
                            "Intake",
                            "Prove",
                            "Worksheets",
                            "Judged by",
                            "end play",
                            "It turned out to be")
                    .doesNotContain("Skip to the sheet");
            assertThat(text).as("every sign has its glyph").contains("π", "α").doesNotContain("#/4");
            for (PDPage page : document.getPages()) {
                for (COSName name : page.getResources().getFontNames()) {
                    assertThat(page.getResources().getFont(name).isEmbedded())
                            .as(page.getResources().getFont(name).getName())
                            .isTrue();
                }
            }
        }
    }

    @Test
    void paperFetchesNothingFromElsewhere() throws Exception {
        byte[] pdf = writer.write("<html><body><img src='http://127.0.0.1:1/x.png'><img "
                + "src='file:///etc/hostname'><p>Still there</p></body></html>");
        try (PDDocument document = Loader.loadPDF(pdf)) {
            assertThat(new PDFTextStripper().getText(document)).contains("Still there");
            assertThat(document.getPage(0).getResources().getXObjectNames()).isEmpty();
        }
    }
}
