package unbo.core.running;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

import org.jspecify.annotations.Nullable;

/**
 * What stands between a wheel and a bearing: final drive, gearbox, chain, pulleys, in the order from the wheel. Each is
 * written driven : driving (teeth or diameters), or as one number, and multiplies the speed.
 */
public record DriveLine(List<Step> steps) {

    private static final Pattern PAIR = Pattern.compile("(\\d+(?:[.,]\\d+)?)\\s*[:/]\\s*(\\d+(?:[.,]\\d+)?)\\s*(.*)");
    private static final Pattern ONE = Pattern.compile("(\\d+(?:[.,]\\d+)?)\\s*(?:mm)?\\s*(.*)");
    private static final double LEAST = 0.01;
    private static final double MOST = 100;

    /** One of them. @param ratio turns nearer the bearing in a turn nearer the wheel */
    public record Step(String words, double ratio) {}

    /** Why a text is no drive line; empty when it is one. */
    public static Optional<String> refusal(String text) {
        for (String part : parts(text)) {
            Step step = step(part);
            if (step == null) {
                return Optional.of(
                        "“" + part + "” is no ratio: write teeth or diameters, driven:driving, for instance 43:15.");
            }
            if (!(step.ratio() >= LEAST) || step.ratio() > MOST) {
                return Optional.of("“" + part + "” makes a ratio that cannot be: 0.01 to 100 is possible here.");
            }
        }
        return Optional.empty();
    }

    /** @param text that was not refused; empty for none */
    public static DriveLine of(String text) {
        return new DriveLine(parts(text).stream().map(DriveLine::step).toList());
    }

    private static List<String> parts(String text) {
        List<String> parts = new ArrayList<>();
        for (String part : text.split("[;\\n]")) {
            if (!part.isBlank()) {
                parts.add(part.strip());
            }
        }
        return parts;
    }

    private static @Nullable Step step(String part) {
        Matcher pair = PAIR.matcher(part);
        if (pair.matches()) {
            return new Step(part, number(pair.group(1)) / number(pair.group(2)));
        }
        Matcher one = ONE.matcher(part);
        return one.matches() ? new Step(part, number(one.group(1))) : null;
    }

    private static double number(String text) {
        return Double.parseDouble(text.replace(',', '.'));
    }

    /** All of them together. */
    public double ratio() {
        return steps.stream().mapToDouble(Step::ratio).reduce(1, (a, b) -> a * b);
    }
}
