package unbo.core.catalogue;

import java.util.List;

import unbo.core.bearing.BearingKind;
import unbo.core.input.Field;

/** Kinds of bearings as a choice in a form. */
public final class KindChoices {

    private KindChoices() {}

    /** All that can be named. */
    public static List<Field.Choice> all() {
        return of(BearingKind.named());
    }

    /** These alone. */
    public static List<Field.Choice> of(List<BearingKind> kinds) {
        return kinds.stream()
                .map(kind -> new Field.Choice(kind.code(), kind.words()))
                .toList();
    }
}
