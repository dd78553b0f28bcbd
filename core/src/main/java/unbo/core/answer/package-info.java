/** What a question comes to: figures, findings, sentences, steps, and the drawings beside them. */
package unbo.core.answer;
