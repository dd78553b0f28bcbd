/** What a job needs, priced at two suppliers, and whether the whole assembly is the better buy. */
@NullMarked
package unbo.core.parts;

import org.jspecify.annotations.NullMarked;
