package unbo.core.tools.school;

import java.util.ArrayList;
import java.util.Collection;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

import org.jspecify.annotations.Nullable;

import unbo.core.assembly.AssemblyKind;
import unbo.core.service.ServiceSchool;
import unbo.core.setting.School;
import unbo.core.stage.RouteStage;
import unbo.core.table.Table;
import unbo.core.table.TableRow;
import unbo.core.tools.setting.SchoolWords;

/**
 * A question in which practitioners disagree. It is shown where the choice is made; the side that was taken is kept
 * there.
 *
 * @param stages codes of the stations of a job at which it is decided
 * @param tools names of the tools whose answer hangs on it
 * @param kinds codes of the kinds of assembly that it is about; empty for all
 * @param box name of the box that takes a side; empty where a side is kept by itself
 * @param sides the default first
 */
public record Dispute(
        String code,
        String question,
        List<String> stages,
        List<String> tools,
        List<String> kinds,
        String box,
        List<Side> sides) {

    private static final String KEPT = "side-";

    /**
     * One school.
     *
     * @param text what it says in the box of its question; empty where the box stays empty, or there is none
     * @param why why it is the default; empty for every other
     */
    public record Side(String code, String name, String assumes, String suits, String text, String why) {

        public boolean usual() {
            return !why.isEmpty();
        }
    }

    private static final List<Dispute> ALL = read();

    public static List<Dispute> all() {
        return ALL;
    }

    /**
     * What is decided at a station of a job about a kind of assembly.
     *
     * @param kind null while it is not known
     * @param asked names of the boxes that stand there: a side that has none of them cannot be taken
     */
    public static List<Dispute> at(RouteStage stage, @Nullable AssemblyKind kind, Collection<String> asked) {
        return ALL.stream()
                .filter(dispute -> dispute.stages.contains(stage.code()))
                .filter(dispute -> dispute.box.isEmpty() || asked.contains(dispute.box))
                .filter(dispute -> dispute.kinds.isEmpty() || kind != null && dispute.kinds.contains(kind.code()))
                .toList();
    }

    /** What the answer of a tool hangs on. */
    public static List<Dispute> of(String tool) {
        return ALL.stream().filter(dispute -> dispute.tools.contains(tool)).toList();
    }

    /** Name under which the side that was taken is kept: its own, or its box. */
    public String name() {
        return box.isEmpty() ? KEPT + code : box;
    }

    /** True for the name of a side that is kept by itself, with one of its sides. */
    public static boolean keeps(String name, String side) {
        return kept(name)
                .filter(dispute -> dispute.sides.stream().anyMatch(one -> one.code.equals(side)))
                .isPresent();
    }

    /** The dispute of which a side is kept by itself under a name; empty where there is none. */
    public static Optional<Dispute> kept(String name) {
        return ALL.stream()
                .filter(dispute -> dispute.box.isEmpty() && dispute.name().equals(name))
                .findFirst();
    }

    /** The side that some texts take; empty where they take none. */
    public Optional<Side> taken(Map<String, String> texts) {
        String said = texts.getOrDefault(name(), "");
        return sides.stream()
                .filter(side -> !said.isEmpty() && said.equals(box.isEmpty() ? side.code : side.text))
                .findFirst();
    }

    /** The default. */
    public Side usual() {
        return sides.get(0);
    }

    /** What was taken at a station, by the question; a side that stands in a box is told by that. */
    public static Map<String, String> told(RouteStage stage, Map<String, String> texts) {
        Map<String, String> told = new LinkedHashMap<>();
        for (Dispute dispute : ALL) {
            if (dispute.box.isEmpty() && dispute.stages.contains(stage.code())) {
                dispute.taken(texts).ifPresent(side -> told.put(dispute.question, side.name));
            }
        }
        return told;
    }

    private static List<Dispute> read() {
        List<TableRow> sides = Table.read(Dispute.class, "sides.csv");
        List<Dispute> all = new ArrayList<>();
        for (TableRow row : Table.read(Dispute.class, "disputes.csv")) {
            String code = row.word("dispute");
            List<Side> own = sides.stream()
                    .filter(side -> side.get("dispute").equals(code))
                    .map(side -> new Side(
                            side.word("side"),
                            side.word("name"),
                            side.word("assumes"),
                            side.word("suits"),
                            side.get("text"),
                            side.get("default")))
                    .toList();
            if (own.size() < 2
                    || !own.get(0).usual()
                    || own.stream().filter(Side::usual).count() != 1) {
                throw row.fault("dispute", "has not two sides or more of which the first is the default");
            }
            row.words("stages").forEach(stage -> row.one("stages", any -> RouteStage.of(stage)));
            row.words("kinds").forEach(kind -> row.one("kinds", any -> AssemblyKind.find(kind)));
            all.add(new Dispute(
                    code,
                    row.word("question"),
                    row.words("stages"),
                    row.words("tools"),
                    row.words("kinds"),
                    row.get("box"),
                    own));
        }
        all.add(setting());
        all.add(interval());
        return List.copyOf(all);
    }

    /** How a tapered pair is set: the schools of the nut. */
    private static Dispute setting() {
        List<Side> sides = SchoolWords.all().stream()
                .map(told -> new Side(
                        told.school().name(),
                        told.name(),
                        told.assumes(),
                        told.suits() + " " + told.warning(),
                        told.school().name(),
                        told.school() == School.A ? SchoolWords.whyDefault() : ""))
                .toList();
        return new Dispute(
                "setting",
                "How is the nut set?",
                List.of("set"),
                List.of("nut"),
                List.of("adjustable-taper"),
                "school",
                sides);
    }

    /** How often a place is serviced: the schools of the interval. */
    private static Dispute interval() {
        List<Side> sides = ServiceSchool.all().stream()
                .map(school -> new Side(
                        school.code(),
                        school.name(),
                        "",
                        school.suits(),
                        school.code(),
                        school.equals(ServiceSchool.all().get(0)) ? school.suits() : ""))
                .toList();
        return new Dispute(
                "interval",
                "How often is it serviced?",
                List.of("log"),
                List.of("service-due"),
                bySchool(),
                "serviceSchool",
                sides);
    }

    /** Kinds that are serviced by a school: the others go by season, or on condition. */
    private static List<String> bySchool() {
        return AssemblyKind.all().stream()
                .filter(kind -> ServiceSchool.usual(kind, "").isEmpty())
                .map(AssemblyKind::code)
                .toList();
    }
}
