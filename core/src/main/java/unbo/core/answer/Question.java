package unbo.core.answer;

import java.util.Map;
import java.util.function.Function;

import unbo.core.input.FieldList;

/**
 * A question of the trade that can be asked by itself: its inputs, and how an input becomes a printed answer.
 *
 * @param name stable, for addresses
 * @param title what the tool is called
 * @param asks the question in a sentence
 * @param sample inputs of an example, shown when nothing has been typed yet
 */
public record Question<I>(
        String name,
        String title,
        String asks,
        FieldList<I> fields,
        Map<String, String> sample,
        Function<I, Answer> answer) {}
