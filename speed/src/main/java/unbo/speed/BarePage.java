package unbo.speed;

import java.util.stream.IntStream;

import org.springframework.boot.SpringApplication;
import org.springframework.boot.autoconfigure.SpringBootApplication;
import org.springframework.boot.autoconfigure.jdbc.DataSourceAutoConfiguration;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;

/** The least that the framework serves of a template: the yardstick of the application's own empty page. */
@SpringBootApplication(exclude = DataSourceAutoConfiguration.class)
public class BarePage {

    public static void main(String[] args) {
        SpringApplication.run(BarePage.class, args);
    }

    /** Its one page. */
    @Controller
    static class Pages {

        private static final int LINKS = 20;

        @GetMapping("/bare")
        String bare(Model model) {
            model.addAttribute("title", "Bare");
            model.addAttribute("numbers", IntStream.range(0, LINKS).boxed().toList());
            return "bare";
        }
    }
}
