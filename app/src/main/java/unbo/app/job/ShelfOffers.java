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
import unbo.core.stack.StackLines;

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

    /** @param input of a stage, whichever it is */
    void offer(long jobId, Object input, Model model) {
        if (input instanceof HubGreaseInput || input instanceof StackInput) {
            model.addAttribute("taken", stock.takenFor(jobId));
            model.addAttribute("once", Once.token());
        }
        if (input instanceof HubGreaseInput hub) {
            HubGrease grease = HubGrease.of(hub);
            model.addAttribute("offers", greases.offers(hub.oldKind(), hub.hubC(), hub.immersed()));
            model.addAttribute("guns", greases.guns());
            model.addAttribute(
                    "takeGrams",
                    Show.number(hub.method().equals("gun") ? grease.replenishG() : grease.totalGrams(), 0));
        }
        if (input instanceof StackInput typed) {
            Stack stack = Stack.of(typed);
            model.addAttribute(
                    "take",
                    stack.shimsMm() == null || stack.shimsMm().isEmpty()
                            ? null
                            : stack.shimsMm().stream()
                                    .map(t -> Show.number(t, 3))
                                    .collect(Collectors.joining(" ")));
        }
    }
}
