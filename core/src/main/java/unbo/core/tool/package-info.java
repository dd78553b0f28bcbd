/** One description of a calculator, from which pages, calls and descriptions of calls are made. */
@NullMarked
package unbo.core.tool;

import org.jspecify.annotations.NullMarked;
