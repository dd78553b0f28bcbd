/** Ways to get a bearing out, by the path of the force. */
@NullMarked
package unbo.core.strip;

import org.jspecify.annotations.NullMarked;
