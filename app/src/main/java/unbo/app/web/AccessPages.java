package unbo.app.web;

import java.security.Principal;

import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;

/** Coming in, and leaving everywhere at once. */
@Page
class AccessPages {

    private final SentAway away;
    private final Door door;

    AccessPages(SentAway away, Door door) {
        this.away = away;
        this.door = door;
    }

    @GetMapping("/login")
    String login(Model model) {
        model.addAttribute("named", door.named());
        return "login";
    }

    @PostMapping("/settings/leave-everywhere")
    String everywhere(Principal who) {
        if (who != null) {
            away.everywhere(who.getName());
        }
        return "redirect:/login";
    }
}
