package unbo.app.bench;

import org.springframework.web.bind.annotation.GetMapping;

import unbo.app.web.Page;

/** The list of tools that work with no job open. */
@Page
class BenchIndex {

    @GetMapping("/bench")
    String index() {
        return "bench/index";
    }
}
