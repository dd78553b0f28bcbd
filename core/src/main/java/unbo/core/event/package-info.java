/** What a vehicle goes through between two services. */
@NullMarked
package unbo.core.event;

import org.jspecify.annotations.NullMarked;
