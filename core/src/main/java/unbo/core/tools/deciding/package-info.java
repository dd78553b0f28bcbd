/** What the record tells, and what follows from it: lives, ages, intervals, run or replace, spares. */
@NullMarked
package unbo.core.tools.deciding;

import org.jspecify.annotations.NullMarked;
