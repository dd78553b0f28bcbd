/** What turns how fast inside a bearing. */
@NullMarked
package unbo.core.motion;

import org.jspecify.annotations.NullMarked;
