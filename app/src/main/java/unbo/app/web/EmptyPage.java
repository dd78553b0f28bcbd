package unbo.app.web;

import org.springframework.boot.autoconfigure.condition.ConditionalOnProperty;
import org.springframework.web.bind.annotation.GetMapping;

/**
 * The layout with nothing in it, through the same filters and without a query: the yardstick of ./unbo speed, served
 * only then.
 */
@Page
@ConditionalOnProperty("unbo.speed")
class EmptyPage {

    @GetMapping("/empty")
    String empty() {
        return "empty";
    }
}
