/** Recordings: bands, envelopes, and a bearing's lines held against chance. */
@NullMarked
package unbo.core.signal;

import org.jspecify.annotations.NullMarked;
