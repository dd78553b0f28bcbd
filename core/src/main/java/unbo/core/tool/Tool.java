package unbo.core.tool;

import java.util.List;
import java.util.Map;
import java.util.Optional;

import org.jspecify.annotations.Nullable;

import unbo.core.answer.Answer;
import unbo.core.answer.Step;
import unbo.core.drawing.Drawing;
import unbo.core.finding.Finding;
import unbo.core.input.FieldList;
import unbo.core.input.Typed;
import unbo.core.sheet.Fact;

/**
 * One calculator, whole: what it asks, its kernel, how its result is printed, where it stands and how it is called from
 * outside. Bench, pages beside a job, JSON, their description, prefill and the tests over all tools are made from this;
 * a class that implements it and is named as a service ({@code @AutoService(Offered.class)}) is all there is to add.
 *
 * @param <I> the input record
 * @param <R> the result record
 */
public non-sealed interface Tool<I, R> extends Offered {

    About about();

    /** What it asks for, and how the input is made of it; which facts fill which box stands at each field. */
    FieldList<I> fields();

    /** Inputs of an example in metric units, shown when nothing has been typed yet. */
    Map<String, String> sample();

    /** The kernel: no text, no drawing. */
    R compute(I input);

    /** The result as it is printed everywhere: figures, findings, steps with their cautions, derivation, pictures. */
    Answer print(R result);

    /** What is judged of a result; a tool whose printing is costly says it without. */
    default List<Finding> findings(R result) {
        return print(result).findings();
    }

    /** How it is called from outside; empty where nobody does. */
    default List<Call<R>> calls() {
        return List.of();
    }

    /** The stage that asks it; empty where none does, and it is asked beside the stages. */
    default Optional<Stand> stand() {
        return Optional.empty();
    }

    /** What a stage that asks it learns from a result. */
    default List<Fact> gives(R result) {
        return List.of();
    }

    /** False while a stage that asks it lacks something that it cannot do without. */
    default boolean complete(R result) {
        return true;
    }

    /** Steps that stand in a stage whatever is typed yet; most procedures come with the answer. */
    default List<Step> procedure(Typed typed) {
        return List.of();
    }

    /** What it looks like in an index; empty where the first drawing of its example tells best. */
    default Optional<Drawing> picture() {
        return Optional.empty();
    }

    /** The result as a stage prints it, which draws the place itself. */
    default Answer printInStage(R result) {
        return print(result);
    }

    /** Seconds that there are once the step begins; null where nothing runs out. */
    default @Nullable Double seconds(R result) {
        return null;
    }

    /** What its readings can be taken from. */
    default Instrument instrument() {
        return Instrument.NONE;
    }

    default String name() {
        return about().name();
    }

    default String title() {
        return about().title();
    }

    /** The question in a sentence. */
    default String asks() {
        return about().asks();
    }

    /** What an input comes to, printed. */
    default Answer answer(I input) {
        return print(compute(input));
    }
}
