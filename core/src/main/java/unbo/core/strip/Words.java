package unbo.core.strip;

import unbo.core.measure.Show;

/** Lengths as this package writes them. */
public final class Words {

    private Words() {}

    public static String mm(double mm) {
        return Show.number(mm, 2) + " mm";
    }
}
