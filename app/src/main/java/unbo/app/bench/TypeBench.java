package unbo.app.bench;

import java.util.function.BiFunction;

import org.springframework.http.HttpStatus;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.server.ResponseStatusException;

import unbo.app.web.Page;
import unbo.core.drawing.Drawing;
import unbo.core.identify.TypeFinder;
import unbo.core.tools.identify.TypeDrawing;

/** The type finder: a question of pictures, or what they led to. */
@Page
class TypeBench {

    @GetMapping("/bench/type")
    String type(@RequestParam(defaultValue = TypeFinder.START) String at, Model model) {
        model.addAttribute("found", TypeFinder.found(at).orElse(null));
        model.addAttribute("pictures", (BiFunction<String, String, Drawing>) TypeDrawing::of);
        if (TypeFinder.found(at).isEmpty()) {
            model.addAttribute(
                    "step", TypeFinder.step(at).orElseThrow(() -> new ResponseStatusException(HttpStatus.NOT_FOUND)));
        }
        model.addAttribute("way", TypeFinder.way(at));
        return "bench/type";
    }
}
