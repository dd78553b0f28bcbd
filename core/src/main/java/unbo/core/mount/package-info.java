/** How a bearing goes in, step by step. */
@NullMarked
package unbo.core.mount;

import org.jspecify.annotations.NullMarked;
