package unbo.app.owner;

import java.util.List;
import java.util.Locale;

import unbo.core.handover.AfterDrive;
import unbo.core.input.Field;
import unbo.core.input.FieldList;

/** What an owner is asked. */
final class OwnerForm {

    private static final int LONGEST = 300;

    private static final List<Field.Choice> HEATS = List.of(
            new Field.Choice("cool", "cool, like the other side"),
            new Field.Choice("warm", "warm"),
            new Field.Choice("hot", "too hot to keep a hand near"));

    private static final List<Field.Choice> NO_YES =
            List.of(new Field.Choice("no", "no"), new Field.Choice("yes", "yes"));

    static final FieldList<AfterDrive> LIST = FieldList.of(
            List.of(
                    Field.whole("km", "After km", 1, 1000).must(),
                    Field.choice("heat", "The hub is", HEATS).must(),
                    Field.choice("noise", "A noise that was not there before", NO_YES)
                            .must(),
                    Field.choice("loose", "Anything loose, a wobble, a cap or pin missing", NO_YES)
                            .must(),
                    Field.choice("leaks", "Grease or oil on wheel or hub", NO_YES)
                            .must(),
                    Field.text("note", "Anything else", LONGEST)),
            v -> new AfterDrive(
                    v.whole("km"),
                    AfterDrive.Heat.valueOf(v.text("heat").toUpperCase(Locale.ROOT)),
                    v.text("noise").equals("yes"),
                    v.text("loose").equals("yes"),
                    v.text("leaks").equals("yes"),
                    v.text("note")));

    private OwnerForm() {}
}
