package unbo.core.table;

/** A data file that cannot be used, in a sentence that names it, the row and the column. */
public final class TableFault extends IllegalStateException {

    private static final long serialVersionUID = 1L;

    TableFault(String sentence) {
        super(sentence);
    }
}
