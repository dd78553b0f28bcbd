/** What a question comes to: figures, findings, sentences, steps, and the drawings beside them. */
@NullMarked
package unbo.core.answer;

import org.jspecify.annotations.NullMarked;
