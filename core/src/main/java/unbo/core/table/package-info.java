/** Data files that ship with the product, read once and checked cell by cell. */
@NullMarked
package unbo.core.table;

import org.jspecify.annotations.NullMarked;
