package unbo.core.tools.practice;

import java.util.List;
import java.util.SplittableRandom;
import java.util.stream.Collectors;
import java.util.stream.IntStream;

import unbo.core.input.Field;
import unbo.core.measure.Show;

/** Five housings and what goes into them, measured: which shim leaves the play that is wanted? */
final class ShimLesson extends Lesson<ShimLesson.Stack> {

    private static final int READINGS = 3;
    private static final int SHIM_STEP_UM = 50;
    private static final int SHIMS = 25;
    private static final int LEAST_SHIM_UM = 600;
    private static final int LEAST_PLAY_UM = 50;
    private static final int MOST_PLAY_UM = 150;
    private static final int SLIP_UM = 400;
    private static final int SLIPS_LEVEL = 3;

    private static final List<Field.Choice> CHOICES = IntStream.range(0, SHIMS)
            .map(i -> LEAST_SHIM_UM + i * SHIM_STEP_UM)
            .mapToObj(um -> new Field.Choice(Integer.toString(um), Show.fixed(um / 1000.0, 2) + " mm"))
            .toList();

    /** As it was measured, µm over whole millimetres. */
    record Stack(int depthMm, int depthUm, int highUm, List<Integer> depth, List<Integer> high) {

        /** Room between the two, µm. */
        int roomUm() {
            return depthUm - highUm;
        }
    }

    ShimLesson() {
        super("shim", "Shim a stack", "Which shim leaves 0.05 to 0.15 mm of end play in each of these housings?");
    }

    @Override
    Stack thing(SplittableRandom random, int level) {
        int depthMm = 20 + random.nextInt(40);
        int shim = LEAST_SHIM_UM + SHIM_STEP_UM * random.nextInt(SHIMS);
        int middle = (LEAST_PLAY_UM + MOST_PLAY_UM) / 2;
        int room = shim + middle + random.nextInt(SHIM_STEP_UM / 2) - SHIM_STEP_UM / 4;
        int high = 100 * random.nextInt(10);
        int noise = 4 * level;
        boolean slips = level >= SLIPS_LEVEL;
        return new Stack(
                depthMm,
                high + room,
                high,
                readings(high + room, noise, slips ? random.nextInt(READINGS) : -1, random),
                readings(high, noise, -1, random));
    }

    private static List<Integer> readings(int um, int noise, int slipped, SplittableRandom random) {
        return IntStream.range(0, READINGS)
                .mapToObj(i -> um + random.nextInt(2 * noise + 1) - noise - (i == slipped ? SLIP_UM : 0))
                .toList();
    }

    @Override
    Seen show(Stack s) {
        return new Seen(
                List.of(
                        "depth of the housing " + told(s.depthMm(), s.depth()),
                        "height of the bearing in it " + told(s.depthMm(), s.high())),
                List.of(),
                CHOICES);
    }

    private static String told(int mm, List<Integer> um) {
        return um.stream().map(one -> Show.fixed(mm + one / 1000.0, 3)).collect(Collectors.joining(" · ")) + " mm";
    }

    private static boolean leaves(int roomUm, String shim) {
        if (!shim.matches("\\d{1,5}")) {
            return false;
        }
        int play = roomUm - Integer.parseInt(shim);
        return play >= LEAST_PLAY_UM && play <= MOST_PLAY_UM;
    }

    @Override
    boolean right(Stack s, String answer) {
        return leaves(s.roomUm(), answer);
    }

    @Override
    String truth(Stack s) {
        return "a room of " + Show.fixed(s.roomUm() / 1000.0, 3) + " mm: "
                + CHOICES.stream()
                        .filter(c -> leaves(s.roomUm(), c.code()))
                        .map(Field.Choice::label)
                        .collect(Collectors.joining(" or "));
    }

    @Override
    String why(Stack s) {
        return "Depth less height, each by the middle of its readings, less the play that is wanted.";
    }

    @Override
    String best(Stack s) {
        int room = middle(s.depth()) - middle(s.high());
        int wanted = room - (LEAST_PLAY_UM + MOST_PLAY_UM) / 2;
        return CHOICES.stream()
                .map(Field.Choice::code)
                .min(java.util.Comparator.comparingInt(code -> Math.abs(Integer.parseInt(code) - wanted)))
                .orElseThrow();
    }

    private static int middle(List<Integer> readings) {
        return readings.stream().sorted().skip(1).findFirst().orElseThrow();
    }

    @Override
    String guess(Stack s, SplittableRandom random) {
        return CHOICES.get(random.nextInt(CHOICES.size())).code();
    }

    @Override
    String words(String answer) {
        return label(CHOICES, answer);
    }
}
