package unbo.core.tools.running;

import java.util.List;

import unbo.core.input.Field;
import unbo.core.input.FieldList;
import unbo.core.lubrication.Mixing;
import unbo.core.lubrication.Mixture;

/** What is asked of mixing two greases. */
public final class MixtureFields {

    public static final FieldList<Mixture.Pair> LIST = FieldList.of(
            List.of(
                    Field.choice("a", "New grease", Mixing.choices()).must(),
                    Field.choice("b", "Grease that is in", Mixing.choices()).must()),
            v -> new Mixture.Pair(v.text("a"), v.text("b")));

    private MixtureFields() {}
}
