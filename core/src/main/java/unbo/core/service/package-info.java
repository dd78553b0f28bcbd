/** What a job came to, and when its place is due again. */
@NullMarked
package unbo.core.service;

import org.jspecify.annotations.NullMarked;
