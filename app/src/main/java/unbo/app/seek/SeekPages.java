package unbo.app.seek;

import java.util.List;
import java.util.Optional;

import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.util.UriComponentsBuilder;

import unbo.app.data.Words;
import unbo.app.web.Page;

/** What do you have? The readings under the box, and the page of them all. */
@Page
class SeekPages {

    /** So many stand under the box; the page has them all. */
    private static final int SHORT = 5;

    private final SeekService seek;

    SeekPages(SeekService seek) {
        this.seek = seek;
    }

    @GetMapping("/ask")
    String page(
            @RequestParam(name = "q", defaultValue = "") String query,
            @RequestParam(required = false) Long in,
            Model model) {
        model.addAttribute("query", query);
        if (!query.isBlank()) {
            RecordSeek.Held held = seek.held(query);
            model.addAttribute("readings", seek.of(query, held, Optional.ofNullable(in)));
            model.addAttribute("vehicles", held.vehicles());
            model.addAttribute("positions", held.positions());
            model.addAttribute("jobs", held.jobs());
            model.addAttribute("most", Words.LISTED);
        }
        return "board/ask";
    }

    /** The same under the box, while it is typed. */
    @GetMapping("/ask/found")
    String found(
            @RequestParam(name = "q", defaultValue = "") String query,
            @RequestParam(required = false) Long in,
            Model model) {
        List<Reading> all = seek.of(query, Optional.ofNullable(in));
        model.addAttribute("query", query);
        model.addAttribute("readings", all.stream().limit(SHORT).toList());
        model.addAttribute("more", all.size() > SHORT);
        return "board/found :: list";
    }

    /** The address that it had before. */
    @GetMapping("/search")
    String search(@RequestParam(name = "q", defaultValue = "") String query) {
        return "redirect:"
                + UriComponentsBuilder.fromPath("/ask")
                        .queryParam("q", "{q}")
                        .encode()
                        .build(query);
    }
}
