package unbo.core.route;

import java.util.List;

import unbo.core.fact.FactKey;

/**
 * What a sheet puts into one box of a stage.
 *
 * @param keys facts it hangs on, the one that gave the text last; empty for what is usual at the place
 */
record Fill(String field, String text, List<FactKey> keys) {}
