/** What is drawn and asked of the record: what a vehicle went through, over time. */
@NullMarked
package unbo.core.tools.record;

import org.jspecify.annotations.NullMarked;
