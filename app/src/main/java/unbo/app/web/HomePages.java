package unbo.app.web;

import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;

/** Pages that belong to no capability: the style sheet of the product itself. */
@Page
class HomePages {

    @GetMapping("/style")
    String style(Model model) {
        StyleSamples.fill(model);
        return "style";
    }
}
