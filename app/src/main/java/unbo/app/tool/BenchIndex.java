package unbo.app.tool;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.ConcurrentHashMap;

import unbo.app.web.SvgWriter;
import unbo.core.seek.Meanings;
import unbo.core.tool.Tools;
import unbo.core.tool.Work;
import unbo.core.tools.Pictures;

/** What the bench lists: every tool, and the pages that are none. */
final class BenchIndex {

    /**
     * A line of the index.
     *
     * @param keys that open it; empty where none do
     */
    record Entry(Work work, int rank, String name, String address, String title, String asks, String keys) {

        /** What it is found by. */
        public String words() {
            return (title + " " + asks + " " + Meanings.words(name)).replace(";", " ");
        }

        /** A small drawing of it; null where there is none. */
        public String picture(SvgWriter svg) {
            return PICTURES.computeIfAbsent(
                            name,
                            n -> Tools.named(n)
                                    .flatMap(Pictures::of)
                                    .or(() -> Pictures.page(n))
                                    .map(svg::small))
                    .orElse(null);
        }
    }

    /** Entries of one part of the work. */
    record Group(String title, List<Entry> entries) {}

    private static final Map<String, String> KEYS = Map.of("race-map", "g r", "nut", "g c", "stack", "g s");

    /** Drawn once: examples do not change while it runs. */
    private static final Map<String, Optional<String>> PICTURES = new ConcurrentHashMap<>();

    private static final List<Entry> PAGES = List.of(
            new Entry(
                    Work.TELL,
                    1,
                    "diagnose",
                    "/bench/diagnose",
                    "Diagnose",
                    "Is it the bearing, which one, how urgent, and what to check next?",
                    "g d"),
            new Entry(
                    Work.TELL,
                    2,
                    "noise",
                    "/bench/noise",
                    "Noise recording",
                    "Do a bearing's lines stand in this recording, and whose?",
                    ""),
            new Entry(
                    Work.IDENTIFY,
                    1,
                    "type",
                    "/bench/type",
                    "What kind of bearing is it?",
                    "By pictures, with only the wheel, arm or fork in hand",
                    ""),
            new Entry(
                    Work.IDENTIFY,
                    2,
                    "catalogue",
                    "/catalogue",
                    "Own catalogue",
                    "Bearings of this workshop's own, with ratings, price and shelf",
                    ""),
            new Entry(
                    Work.STRIP,
                    6,
                    "plates",
                    "/bench/race-map/plates",
                    "Reference plates",
                    "What each kind of damage looks like, where it comes from, what to change",
                    ""),
            new Entry(
                    Work.SET, 6, "stock", "/stock", "Stock", "Shims on the shelf, counted down as they are taken", ""),
            new Entry(
                    Work.RUN,
                    1,
                    "grease-shelf",
                    "/stock/grease",
                    "Grease on the shelf",
                    "Which greases are here, how much of each, and what does a stroke of each gun give?",
                    ""));

    static final List<Group> GROUPS = Arrays.stream(Work.values())
            .map(work -> new Group(work.title(), entries(work)))
            .filter(group -> !group.entries().isEmpty())
            .toList();

    private BenchIndex() {}

    private static List<Entry> entries(Work work) {
        List<Entry> entries = new ArrayList<>();
        PAGES.stream().filter(page -> page.work() == work).forEach(entries::add);
        Tools.of(work)
                .forEach(tool -> entries.add(new Entry(
                        work,
                        tool.about().rank(),
                        tool.name(),
                        "/bench/" + tool.name(),
                        tool.title(),
                        tool.asks(),
                        KEYS.getOrDefault(tool.name(), ""))));
        entries.sort(Comparator.comparingInt(Entry::rank));
        return List.copyOf(entries);
    }
}
