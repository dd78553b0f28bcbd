/** What forms ask for that is more than one box: a bearing, told in whichever way it is known. */
@NullMarked
package unbo.core.form;

import org.jspecify.annotations.NullMarked;
