package unbo.core.strip;

import unbo.core.measure.Show;

/** Lengths as this package writes them. */
final class Words {

    private Words() {}

    static String mm(double mm) {
        return Show.number(mm, 2) + " mm";
    }
}
