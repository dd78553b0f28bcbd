package unbo.app.job;

import java.util.stream.Collectors;

import org.springframework.stereotype.Component;
import org.springframework.ui.Model;

import unbo.app.stock.GreaseShelf;
import unbo.app.stock.StockService;
import unbo.app.web.Once;
import unbo.core.lubrication.HubGrease;
import unbo.core.lubrication.HubGreaseInput;
import unbo.core.measure.Show;
import unbo.core.stack.Stack;
import unbo.core.stack.StackInput;
import unbo.core.tools.setting.StackLines;

/**
 * What the workshop's shelf has for a stage: shims to choose from and to take, greases judged for the place, guns as
 * weighed.
 */
@Component
class ShelfOffers {

    private final StockService stock;
    private final GreaseShelf greases;

    ShelfOffers(StockService stock, GreaseShelf greases) {
        this.stock = stock;
        this.greases = greases;
    }

    /** The shims that are here, one to a line. */
    String shims() {
        return StackLines.shimLines(stock.shelf());
    }

    /** Greases judged for a hub, and what has been taken. */
    void greases(long jobId, HubGreaseInput hub, Model model) {
        taken(jobId, model);
        HubGrease grease = HubGrease.of(hub);
        model.addAttribute("offers", greases.offers(hub.oldKind(), hub.hubC(), hub.immersed()));
        model.addAttribute("guns", greases.guns());
        model.addAttribute(
                "takeGrams", Show.number(hub.method().equals("gun") ? grease.replenishG() : grease.totalGrams(), 0));
    }

    /** The shims that a stack asks for, and what has been taken. */
    void shims(long jobId, StackInput typed, Model model) {
        taken(jobId, model);
        Stack stack = Stack.of(typed);
        model.addAttribute(
                "take",
                stack.shimsMm() == null || stack.shimsMm().isEmpty()
                        ? null
                        : stack.shimsMm().stream().map(t -> Show.number(t, 3)).collect(Collectors.joining(" ")));
    }

    private void taken(long jobId, Model model) {
        model.addAttribute("taken", stock.takenFor(jobId));
        model.addAttribute("once", Once.token());
    }
}
