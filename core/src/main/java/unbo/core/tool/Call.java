package unbo.core.tool;

import java.util.function.Function;

/**
 * How a tool is called from outside.
 *
 * @param path behind the common beginning of all calls; may hold a slash
 * @param posted true where the inputs come as a body, false where they come in the address
 * @param summary what it answers, in a sentence for its description
 * @param shape what the inputs are made of
 * @param answer the record that is answered, without what is judged: level and findings are put to every answer
 * @param json how a result becomes that record
 * @param <R> the tool's result
 */
public record Call<R>(String path, boolean posted, String summary, Shape shape, Class<?> answer, Function<R, ?> json) {

    /** A call whose body has the fields of a tool. */
    public static <R, J> Call<R> post(String path, String summary, Shape shape, Class<J> answer, Function<R, J> json) {
        return new Call<>(path, true, summary, shape, answer, json);
    }

    /** A call whose fields stand in the address. */
    public static <R, J> Call<R> get(String path, String summary, Shape shape, Class<J> answer, Function<R, J> json) {
        return new Call<>(path, false, summary, shape, answer, json);
    }
}
