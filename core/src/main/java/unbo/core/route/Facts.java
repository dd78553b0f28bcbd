package unbo.core.route;

import java.util.ArrayList;
import java.util.List;

import org.jspecify.annotations.Nullable;

import unbo.core.fact.FactKey;
import unbo.core.identify.Size;
import unbo.core.sheet.Fact;
import unbo.core.sheet.How;

/** Collects facts; what is empty is not known and is left out. */
final class Facts {

    final List<Fact> list = new ArrayList<>();
    private final RouteStage stage;

    Facts(RouteStage stage) {
        this.stage = stage;
    }

    void number(FactKey key, @Nullable Double value, How how) {
        if (value != null) {
            list.add(Fact.number(key, value, how, stage.code()));
        }
    }

    void words(FactKey key, String text, How how) {
        if (!text.isBlank()) {
            list.add(Fact.words(key, text, how, stage.code()));
        }
    }

    void size(FactKey key, Size size) {
        number(key, size.mm(), size.how());
    }
}
