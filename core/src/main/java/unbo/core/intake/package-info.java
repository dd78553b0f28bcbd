/** What was brought, by whom it is complained of, and with which load. */
@NullMarked
package unbo.core.intake;

import org.jspecify.annotations.NullMarked;
