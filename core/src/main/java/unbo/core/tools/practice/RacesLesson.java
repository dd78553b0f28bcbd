package unbo.core.tools.practice;

import java.util.List;
import java.util.SplittableRandom;

import unbo.core.damage.Mode;
import unbo.core.input.Field;
import unbo.core.practice.Painter;
import unbo.core.practice.ReaderTable;
import unbo.core.tools.strip.RaceMapDrawing;

/** Five removed bearings: why did each fail? */
final class RacesLesson extends Lesson<Painter.Painted> {

    RacesLesson() {
        super("races", "Read the races", "Why did each of these fail?");
    }

    @Override
    Painter.Painted thing(SplittableRandom random, int level) {
        return Painter.any(random, level);
    }

    @Override
    Seen show(Painter.Painted painted) {
        return new Seen(
                List.of(painted.elements() + " balls, the inner ring turns. Outboard edge up."),
                List.of(RaceMapDrawing.bare(ReaderTable.input(painted))),
                Mode.all().stream().map(m -> new Field.Choice(m.id(), m.name())).toList());
    }

    @Override
    boolean right(Painter.Painted painted, String answer) {
        Mode second = painted.second();
        return answer.equals(painted.mode().id()) || second != null && answer.equals(second.id());
    }

    @Override
    String truth(Painter.Painted painted) {
        Mode second = painted.second();
        return painted.mode().name() + (second == null ? "" : ", and " + second.name());
    }

    @Override
    String why(Painter.Painted painted) {
        return painted.mode().cause() + " Change: " + painted.mode().remedy();
    }

    @Override
    String best(Painter.Painted painted) {
        return ReaderTable.named(painted).stream().findFirst().orElse("");
    }

    @Override
    String guess(Painter.Painted painted, SplittableRandom random) {
        return Mode.all().get(random.nextInt(Mode.all().size())).id();
    }

    @Override
    String words(String answer) {
        return Mode.find(answer).map(Mode::name).orElse(answer);
    }
}
