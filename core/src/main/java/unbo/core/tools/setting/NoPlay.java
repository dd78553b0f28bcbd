package unbo.core.tools.setting;

import unbo.core.fact.FactKey;
import unbo.core.sheet.Facts;
import unbo.core.sheet.How;

/** Hubs that are not adjusted by a nut are proved by having no play to feel. */
final class NoPlay {

    private static final double TO_FEEL_MM = 0.05;

    private NoPlay() {}

    /** Facts with the band of end play that such a hub is proved by. */
    static Facts with(Facts facts) {
        return facts.number(FactKey.BAND_MIN, 0.0, How.DEFAULT).number(FactKey.BAND_MAX, TO_FEEL_MM, How.DEFAULT);
    }
}
