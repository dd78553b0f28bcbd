package unbo.app.data;

/** A cell of a table that goes out. */
public final class Cell {

    private Cell() {}

    /** A text that a spreadsheet would take for a formula is marked as text. */
    public static String of(String text) {
        return text.isEmpty() || "=+-@\t\r".indexOf(text.charAt(0)) < 0 ? text : "'" + text;
    }
}
