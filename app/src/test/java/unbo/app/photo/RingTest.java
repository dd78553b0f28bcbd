package unbo.app.photo;

import static org.assertj.core.api.Assertions.assertThat;
import static org.hamcrest.Matchers.allOf;
import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.not;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.time.Instant;
import javax.imageio.ImageIO;

import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.test.web.servlet.MockMvc;
import org.springframework.test.web.servlet.request.MockHttpServletRequestBuilder;
import org.springframework.transaction.annotation.Transactional;

import unbo.app.Served;
import unbo.app.demo.LoadedDemo;
import unbo.app.job.JobLine;
import unbo.app.job.JobService;
import unbo.app.job.JobState;
import unbo.app.vehicle.VehicleService;
import unbo.core.geometry.RingUnroll;
import unbo.core.stage.RouteStage;

/** A ring on a photo is unrolled where it was touched, and lies under the race of its place. */
@Served
@ExtendWith(LoadedDemo.class)
@Transactional
class RingTest {

    private static final int SIDE = 400;

    @Autowired
    private MockMvc web;

    @Autowired
    private PhotoService photos;

    @Autowired
    private JobService jobs;

    @Autowired
    private VehicleService vehicles;

    private long job;
    private long photo;

    @BeforeEach
    void aPhoto() throws IOException {
        job = job(JobState.OPEN);
        photos.add(job, RouteStage.INSPECT, "a ring", new Pictures.Picture(SIDE, SIDE, jpeg(ring())), Instant.EPOCH);
        photo = photos.of(job).get(0).id();
    }

    private long job(JobState state) {
        return vehicles.all().stream()
                .flatMap(v -> jobs.ofVehicle(v.id(), 0).lines().stream())
                .filter(line -> line.state() == state)
                .map(JobLine::id)
                .findFirst()
                .orElseThrow();
    }

    /** A grey ring from 100 to 150 dots about its middle, with a black mark a quarter round, near the outer edge. */
    private static BufferedImage ring() {
        BufferedImage image = new BufferedImage(SIDE, SIDE, BufferedImage.TYPE_INT_RGB);
        Graphics2D pen = image.createGraphics();
        pen.setColor(Color.WHITE);
        pen.fillRect(0, 0, SIDE, SIDE);
        pen.setColor(Color.LIGHT_GRAY);
        pen.fillOval(50, 50, 300, 300);
        pen.setColor(Color.WHITE);
        pen.fillOval(100, 100, 200, 200);
        pen.setColor(Color.BLACK);
        pen.fillOval(332, 192, 16, 16);
        pen.dispose();
        return image;
    }

    private static byte[] jpeg(BufferedImage image) throws IOException {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        ImageIO.write(image, "jpeg", out);
        return out.toByteArray();
    }

    private MockHttpServletRequestBuilder lay(long at, String inboardX) {
        return post("/jobs/" + at + "/photos/" + photo + "/ring")
                .with(csrf())
                .param("which", "outer")
                .param("ring", "outer")
                .param("centreX", "50")
                .param("centreY", "50")
                .param("outboardX", "87.5")
                .param("outboardY", "50")
                .param("inboardX", inboardX)
                .param("inboardY", "50")
                .param("edgeMm", "60");
    }

    private static int grey(BufferedImage strip, int x, int y) {
        return strip.getRGB(x, y) & 0xFF;
    }

    /** A quarter of a turn is a quarter of the strip: the mark lies there, at a fifth of its height. */
    @Test
    void aMarkLiesWhereItWasOnTheRing() {
        BufferedImage strip = Unrolled.strip(ring(), new RingUnroll(0.5, 0.5, 0.375, 0.25, false));
        assertThat(grey(strip, Unrolled.WIDE / 4, Unrolled.HIGH / 5)).isLessThan(20);
        assertThat(grey(strip, Unrolled.WIDE / 2, Unrolled.HIGH / 5)).isGreaterThan(150);
        BufferedImage mirrored = Unrolled.strip(ring(), new RingUnroll(0.5, 0.5, 0.375, 0.25, true));
        assertThat(grey(mirrored, Unrolled.WIDE * 3 / 4, Unrolled.HIGH / 5)).isLessThan(20);
    }

    @Test
    void itLiesUnderTheRaceOfItsPlace() throws Exception {
        web.perform(get("/jobs/" + job + "/photos/" + photo + "/ring?which=outer"))
                .andExpect(status().isOk())
                .andExpect(content().string(containsString("data-touch")));
        web.perform(lay(job, "75"))
                .andExpect(status().isOk())
                .andExpect(content()
                        .string(allOf(
                                containsString("It lies under the outer race now."), containsString("10 mm wide"))));
        web.perform(lay(job, "74")).andExpect(status().isOk());
        String under = web.perform(get("/jobs/" + job + "/photos/under?which=outer"))
                .andExpect(content().string(containsString("data-under=\"outer\"")))
                .andReturn()
                .getResponse()
                .getContentAsString();
        String address = under.replaceAll("(?s).*data-src=\"([^\"]*)\".*", "$1");
        byte[] strip = web.perform(get(address)).andReturn().getResponse().getContentAsByteArray();
        assertThat(ImageIO.read(new ByteArrayInputStream(strip)).getWidth()).isEqualTo(Unrolled.WIDE);
        web.perform(get("/jobs/" + job + "/photos/under?which=inner"))
                .andExpect(content().string(not(containsString("data-under"))));
    }

    @Test
    void oneCircleIsNoRing() throws Exception {
        web.perform(lay(job, "87.5"))
                .andExpect(status().isOk())
                .andExpect(content().string(containsString("one and the same circle")));
        assertThat(photos.under(job, "outer")).isEmpty();
    }

    @Test
    void aClosedJobAndAnotherJobsPhotoTakeNothing() throws Exception {
        web.perform(lay(job(JobState.SIGNED), "75")).andExpect(status().isConflict());
        web.perform(get("/jobs/" + job + "/photos/999999/ring")).andExpect(status().isNotFound());
    }
}
