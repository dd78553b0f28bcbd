/** Numbers on rings and seals, read part by part. */
@NullMarked
package unbo.core.designation;

import org.jspecify.annotations.NullMarked;
