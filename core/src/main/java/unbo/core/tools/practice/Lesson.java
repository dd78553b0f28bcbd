package unbo.core.tools.practice;

import java.util.ArrayList;
import java.util.List;
import java.util.SplittableRandom;
import java.util.stream.IntStream;

import unbo.core.drawing.Drawing;
import unbo.core.input.Field;

/**
 * A lesson of five things, each drawn from the lesson's seed and level with its truth hidden.
 *
 * @param <O> a thing with its truth
 */
public abstract class Lesson<O> {

    public static final int THINGS = 5;
    /** So many right of five are passed. */
    public static final int PASSED = 4;

    public static final int LEVELS = 4;

    private static final long APART = 1_000_003;

    private final String code;
    private final String title;
    private final String asks;

    Lesson(String code, String title, String asks) {
        this.code = code;
        this.title = title;
        this.asks = asks;
    }

    /** All lessons, in the order they are learned. */
    public static List<Lesson<?>> all() {
        return List.of(
                new WornRingLesson(),
                new CaliperLesson(),
                new HearLesson(),
                new RacesLesson(),
                new SeatLesson(),
                new FitLesson(),
                new HeatLesson(),
                new GreaseLesson(),
                new ShimLesson());
    }

    public String code() {
        return code;
    }

    public String title() {
        return title;
    }

    public String asks() {
        return asks;
    }

    /** What is seen of a thing. @param drawings may be empty @param choices empty where the answer is written */
    public record Seen(List<String> says, List<Drawing> drawings, List<Field.Choice> choices) {}

    /**
     * A thing that was answered.
     *
     * @param answered in words
     * @param truth in words
     * @param why what tells it, and what to do
     */
    public record Judged(Seen seen, boolean right, String answered, String truth, String why) {}

    /** The things of a seed and a level, from 1 to {@value #LEVELS}. */
    final List<O> things(long seed, int level) {
        return IntStream.range(0, THINGS)
                .mapToObj(i -> thing(new SplittableRandom(seed * APART + i), level))
                .toList();
    }

    public final List<Seen> seen(long seed, int level) {
        return things(seed, level).stream().map(this::show).toList();
    }

    /** What the machine's best way answers, thing by thing, from what is seen alone. */
    public final List<String> best(long seed, int level) {
        return things(seed, level).stream().map(this::best).toList();
    }

    /** @param answers one for each thing, in order; those that are missing are wrong */
    public final List<Judged> judge(long seed, int level, List<String> answers) {
        List<O> things = things(seed, level);
        List<Judged> judged = new ArrayList<>();
        for (int i = 0; i < things.size(); i++) {
            String answer = i < answers.size() ? answers.get(i).strip() : "";
            O thing = things.get(i);
            judged.add(new Judged(
                    show(thing),
                    right(thing, answer),
                    answer.isEmpty() ? "nothing" : words(answer),
                    truth(thing),
                    why(thing)));
        }
        return judged;
    }

    /** True where each thing is a recording to be played. */
    public boolean sounds() {
        return false;
    }

    /** The recording of a thing, as a WAV file. @param number from 0 */
    public final byte[] sound(long seed, int level, int number) {
        return sound(things(seed, level).get(number));
    }

    /** What a recording is made of, drawn. @param number from 0 */
    public final Drawing spectrum(long seed, int level, int number) {
        return spectrum(things(seed, level).get(number));
    }

    Drawing spectrum(O thing) {
        throw new UnsupportedOperationException(code + " has no recordings");
    }

    byte[] sound(O thing) {
        throw new UnsupportedOperationException(code + " has no recordings");
    }

    abstract O thing(SplittableRandom random, int level);

    abstract Seen show(O thing);

    abstract boolean right(O thing, String answer);

    /** The truth in words. */
    abstract String truth(O thing);

    abstract String why(O thing);

    /** What the machine's best way answers, from what is seen alone. */
    abstract String best(O thing);

    /** What a hand that knows nothing answers. */
    abstract String guess(O thing, SplittableRandom random);

    /** What a choice is called; the code itself where there is none such. */
    static String label(List<Field.Choice> choices, String code) {
        return choices.stream()
                .filter(choice -> choice.code().equals(code))
                .map(Field.Choice::label)
                .findFirst()
                .orElse(code);
    }

    /** An answer as it is printed. */
    String words(String answer) {
        return answer;
    }
}
