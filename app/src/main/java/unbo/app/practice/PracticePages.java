package unbo.app.practice;

import java.time.Clock;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.stream.IntStream;

import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.server.ResponseStatusException;

import unbo.app.web.Page;
import unbo.core.finding.Level;
import unbo.core.tools.practice.Lesson;
import unbo.core.tools.practice.PracticeJob;
import unbo.core.tools.practice.Work;

/** Lessons: five things with their truth hidden, answered, opened. */
@Page
class PracticePages {

    private static final MediaType CSV = MediaType.parseMediaType("text/csv;charset=UTF-8");
    private static final MediaType WAV = MediaType.parseMediaType("audio/wav");
    private static final long MOST_SEED = 999_999_999L;

    private final PracticeRecord record;
    private final Clock clock;

    PracticePages(PracticeRecord record, Clock clock) {
        this.record = record;
        this.clock = clock;
    }

    /** A line of the record as it is printed. */
    public record Line(
            String code, String lesson, int level, String who, String mean, String band, int asked, LocalDate last) {

        /** True for work, which begins by a button and has no address of its own. */
        public boolean work() {
            return code.equals(PracticeJob.CODE) || WorkRecord.work(code).isPresent();
        }
    }

    @GetMapping("/practice")
    String all(Model model) {
        model.addAttribute("lessons", Lesson.all());
        model.addAttribute("works", Work.all());
        model.addAttribute(
                "levels", IntStream.rangeClosed(1, Lesson.LEVELS).boxed().toList());
        model.addAttribute("seed", seedOfNow());
        model.addAttribute("lines", lines());
        return "practice/all";
    }

    private List<Line> lines() {
        return record.lines().stream()
                .map(line -> new Line(
                        line.lesson(),
                        title(line.lesson()),
                        line.level(),
                        line.who(),
                        percent(line.skill().mean()),
                        percent(line.skill().low()) + " to "
                                + percent(line.skill().high()),
                        line.skill().asked(),
                        LocalDate.ofInstant(line.last(), ZoneId.systemDefault())))
                .toList();
    }

    private static String title(String code) {
        if (code.equals(PracticeJob.CODE)) {
            return PracticeJob.TITLE;
        }
        return WorkRecord.work(code)
                .map(Work::title)
                .orElseGet(() -> Lesson.all().stream()
                        .filter(lesson -> lesson.code().equals(code))
                        .findFirst()
                        .map(Lesson::title)
                        .orElse(code));
    }

    private static String percent(double share) {
        return String.format(Locale.ROOT, "%.0f %%", 100 * share);
    }

    @GetMapping("/practice.csv")
    ResponseEntity<String> sheet() {
        StringBuilder csv = new StringBuilder("who,lesson,level,asked,right,mean,low,high,last\n");
        record.lines()
                .forEach(line -> csv.append(String.format(
                        Locale.ROOT,
                        "%s,%s,%d,%d,%d,%.3f,%.3f,%.3f,%s%n",
                        line.who(),
                        line.lesson(),
                        line.level(),
                        line.skill().asked(),
                        line.skill().right(),
                        line.skill().mean(),
                        line.skill().low(),
                        line.skill().high(),
                        LocalDate.ofInstant(line.last(), ZoneId.systemDefault()))));
        return ResponseEntity.ok()
                .contentType(CSV)
                .header(HttpHeaders.CONTENT_DISPOSITION, "attachment; filename=\"practice.csv\"")
                .body(csv.toString());
    }

    @GetMapping("/practice/{code}")
    String lesson(
            @PathVariable String code,
            @RequestParam(defaultValue = "1") int level,
            @RequestParam(required = false) Long seed,
            Model model) {
        if (seed == null) {
            return "redirect:/practice/" + lesson(code).code() + "?level=" + sound(level) + "&seed=" + seedOfNow();
        }
        return page(lesson(code), sound(level), sound(seed), model);
    }

    private String page(Lesson<?> lesson, int level, long seed, Model model) {
        model.addAttribute("lesson", lesson);
        model.addAttribute("level", level);
        model.addAttribute("seed", seed);
        model.addAttribute("passed", Lesson.PASSED);
        model.addAttribute("good", Level.RIGHT);
        model.addAttribute("poor", Level.WATCH);
        if (!model.containsAttribute("judged")) {
            model.addAttribute("things", lesson.seen(seed, level));
        }
        return "practice/lesson";
    }

    /** A recording of a lesson, by its number from 0. */
    @GetMapping("/practice/{code}/{level}/{seed}/{number}.wav")
    ResponseEntity<byte[]> sound(
            @PathVariable String code, @PathVariable int level, @PathVariable long seed, @PathVariable int number) {
        Lesson<?> lesson = lesson(code);
        if (!lesson.sounds() || number < 0 || number >= Lesson.THINGS) {
            throw new ResponseStatusException(HttpStatus.NOT_FOUND);
        }
        return ResponseEntity.ok().contentType(WAV).body(lesson.sound(sound(seed), sound(level), number));
    }

    /** What a recording is made of, shown when it is asked for; that it was is sent with the answers. */
    @GetMapping("/practice/{code}/{level}/{seed}/{number}/spectrum")
    String spectrum(
            @PathVariable String code,
            @PathVariable int level,
            @PathVariable long seed,
            @PathVariable int number,
            Model model) {
        Lesson<?> lesson = lesson(code);
        if (!lesson.sounds() || number < 0 || number >= Lesson.THINGS) {
            throw new ResponseStatusException(HttpStatus.NOT_FOUND);
        }
        model.addAttribute("number", number);
        model.addAttribute("drawing", lesson.spectrum(sound(seed), sound(level), number));
        return "practice/spectrum :: section";
    }

    @PostMapping("/practice/{code}")
    String answered(
            @PathVariable String code,
            @RequestParam int level,
            @RequestParam long seed,
            @RequestParam(required = false) List<Integer> spectrum,
            @RequestParam Map<String, String> texts,
            Model model) {
        Lesson<?> lesson = lesson(code);
        model.addAttribute("spectra", spectrum == null ? 0 : spectrum.size());
        List<String> answers = IntStream.range(0, Lesson.THINGS)
                .mapToObj(i -> texts.getOrDefault("answer-" + i, ""))
                .toList();
        List<Lesson.Judged> judged = lesson.judge(sound(seed), sound(level), answers);
        int right = (int) judged.stream().filter(Lesson.Judged::right).count();
        String who = Who.of(texts.getOrDefault("who", ""));
        record.keep(
                new PracticeRecord.Done(lesson.code(), sound(level), sound(seed), who, right, judged.size()),
                clock.instant());
        model.addAttribute("judged", judged);
        model.addAttribute("right", right);
        model.addAttribute("who", who);
        model.addAttribute("next", sound(seed) % MOST_SEED + 1);
        return page(lesson, sound(level), sound(seed), model);
    }

    private static Lesson<?> lesson(String code) {
        return Lesson.all().stream()
                .filter(lesson -> lesson.code().equals(code))
                .findFirst()
                .orElseThrow(() -> new ResponseStatusException(HttpStatus.NOT_FOUND));
    }

    private static int sound(int level) {
        return Math.max(1, Math.min(Lesson.LEVELS, level));
    }

    private static long sound(long seed) {
        return Math.floorMod(seed, MOST_SEED + 1);
    }

    /** A seed that nobody has chosen; two who want the same lesson share its address. */
    private long seedOfNow() {
        return sound(clock.instant().toEpochMilli());
    }
}
