/** What a mechanic may mean by whatever is typed into one box: a number, sizes, a quantity, a complaint, a tool. */
@NullMarked
package unbo.core.seek;

import org.jspecify.annotations.NullMarked;
