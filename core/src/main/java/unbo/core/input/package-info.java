/** Fields, lists of fields, and the one reader that turns texts into input records. */
@NullMarked
package unbo.core.input;

import org.jspecify.annotations.NullMarked;
