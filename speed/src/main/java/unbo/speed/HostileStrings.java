package unbo.speed;

import java.util.Random;

import unbo.core.designation.Decoder;

/** Ten thousand random and hostile markings: letters of every alphabet, control characters, whole books. */
final class HostileStrings {

    private static final int COUNT = 10_000;
    private static final String NEARLY = "62030ZCNUJKHX?_-/ .LM8905";

    private HostileStrings() {}

    /** What each took to be decoded. */
    static Times decode() {
        Random random = new Random(42);
        long[] took = new long[COUNT];
        for (int round = 0; round < 2; round++) {
            for (int i = 0; i < COUNT; i++) {
                String marking = marking(random, i);
                long begin = System.nanoTime();
                Decoder.SHIPPED.decode(marking);
                took[i] = System.nanoTime() - begin;
            }
        }
        return new Times(took);
    }

    private static String marking(Random random, int i) {
        int length = i % 500 == 0 ? 100_000 : 1 + random.nextInt(40);
        StringBuilder text = new StringBuilder(length);
        for (int k = 0; k < length; k++) {
            text.append(
                    i % 3 == 0
                            ? NEARLY.charAt(random.nextInt(NEARLY.length()))
                            : i % 3 == 1 ? (char) random.nextInt(0xD800) : (char) random.nextInt(128));
        }
        return text.toString();
    }
}
