package unbo.app.api;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;

import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

import unbo.core.apart.ApartInput;
import unbo.core.apart.Together;
import unbo.core.assembly.Assembly;
import unbo.core.assembly.AssemblyKind;
import unbo.core.assembly.Joint;
import unbo.core.assembly.KindOption;
import unbo.core.assembly.KindPlace;
import unbo.core.assembly.Part;
import unbo.core.assembly.PartKind;
import unbo.core.assembly.PlaceFit;
import unbo.core.assembly.Side;
import unbo.core.fit.Band;
import unbo.core.fit.Material;
import unbo.core.fit.SeatBands;
import unbo.core.input.Field;
import unbo.core.input.FieldList;
import unbo.core.input.Problem;
import unbo.core.measure.Quantity;
import unbo.core.strip.Tools;
import unbo.core.tools.strip.ApartFields;

/** Reads an assembly that was sent, with every fault by its path. */
@Component
class AssemblyReader {

    private static final int MOST_PARTS = 40;
    private static final double FREE_MM = 20;
    private static final List<String> NUMBERS = List.of("spacerChamferMm", "cornerMm", "jawMm");

    private static final FieldList<Double> INTERFERENCE = FieldList.of(
            List.of(Field.quantity("interferenceUm", "Interference", Quantity.LENGTH, "µm", -500, 500)
                    .must()),
            v -> v.number("interferenceUm"));
    private static final FieldList<double[]> SIZES = FieldList.of(
            List.of(
                    Field.quantity("minMm", "Smallest", Quantity.LENGTH, "mm", 1, 500)
                            .must(),
                    Field.quantity("maxMm", "Largest", Quantity.LENGTH, "mm", 1, 500)
                            .must()),
            v -> new double[] {v.number("minMm"), v.number("maxMm")});

    private final JsonTexts texts;

    AssemblyReader(JsonTexts texts) {
        this.texts = texts;
    }

    /** What is to come apart. @throws ApiProblem 400 or 422, with all problems */
    ApartInput read(AssemblyBody body) {
        boolean parts = body.parts() != null;
        if (parts == (body.kind() != null)) {
            throw refused("kind", "Write a kind, or parts with their joints: one of the two.");
        }
        Set<String> tools = tools(body.tools());
        if (parts) {
            Assembly assembly = own(body);
            for (String kept : orNone(body.keep())) {
                if (assembly.part(kept).isEmpty()) {
                    throw refused("keep", "“" + kept + "” is no part.");
                }
            }
            return ApartInput.of(assembly, tools, orNone(body.keep()));
        }
        ApartInput read = ofKind(body);
        return ApartInput.of(read.assembly(), tools, read.keep());
    }

    private static List<String> orNone(@Nullable List<String> list) {
        return list == null ? List.of() : list;
    }

    private static Set<String> tools(@Nullable List<String> sent) {
        if (sent == null) {
            return Tools.codes();
        }
        for (int i = 0; i < sent.size(); i++) {
            if (!Tools.codes().contains(sent.get(i))) {
                throw refused(
                        "tools[" + i + "]", "“" + sent.get(i) + "” is no tool: " + String.join(", ", Tools.codes()));
            }
        }
        return Set.copyOf(sent);
    }

    private ApartInput ofKind(AssemblyBody body) {
        String kind = AssemblyKind.find(String.valueOf(body.kind()))
                .map(AssemblyKind::code)
                .orElseThrow(() -> refused("kind", "“" + body.kind() + "” is no kind of assembly."));
        if (body.joints() != null) {
            throw refused("joints", "Joints go with parts, not with a kind.");
        }
        Map<String, String> boxes = new LinkedHashMap<>(Map.of(ApartFields.KIND, kind));
        orEmpty(body.options()).forEach((name, value) -> {
            boolean known =
                    NUMBERS.contains(name) || KindOption.find(kind, name).isPresent();
            if (!known) {
                if (KindOption.all().stream().anyMatch(option -> option.code().equals(name))) {
                    return;
                }
                throw unknown("options." + name);
            }
            boxes.put(name, option(kind, name, value.text()));
        });
        List<String> lines = new ArrayList<>();
        orEmpty(body.numbers()).forEach((place, number) -> {
            if (KindPlace.find(kind, place).isEmpty()) {
                throw unknown("numbers." + place);
            }
            lines.add(new ApartFields.Numbered(place, number).line());
        });
        boxes.put(ApartFields.NUMBERS, String.join("\n", lines));
        boxes.put(ApartFields.KEEP, String.join(" ", orNone(body.keep())));
        boxes.put(ApartFields.TOOLS, "");
        try {
            return texts.read(ApartFields.LIST, boxes);
        } catch (ApiProblem problem) {
            throw ApiProblem.of(problem.problems().stream()
                    .map(p -> new Problem(
                            orEmpty(body.options()).containsKey(p.field()) ? "options." + p.field() : p.field(),
                            p.sentence(),
                            p.readable()))
                    .toList());
        }
    }

    /** What an option means, as its box takes it. */
    private static String option(String kind, String name, String text) {
        return KindOption.find(kind, name)
                .flatMap(option -> option.value(meant(option, text)))
                .orElse(text);
    }

    /** A shoulder that is only said to be there stands on the engine's side; none is none. */
    private static String meant(KindOption option, String text) {
        boolean sided = option.code().equals("shoulder") && option.value("none").isPresent();
        return sided
                ? Map.of("true", "inboard", "false", "none", "one", "inboard").getOrDefault(text, text)
                : text;
    }

    private static <V> Map<String, V> orEmpty(@Nullable Map<String, V> map) {
        return map == null ? Map.of() : map;
    }

    /** An assembly whose parts were named one by one. */
    private Assembly own(AssemblyBody body) {
        List<AssemblyBody.PartBody> sent = body.parts() == null ? List.of() : body.parts();
        if (sent.isEmpty() || sent.size() > MOST_PARTS) {
            throw refused("parts", "Write 1 to " + MOST_PARTS + " parts.");
        }
        Map<String, Part> parts = new LinkedHashMap<>();
        for (int i = 0; i < sent.size(); i++) {
            Part part = part(sent.get(i), "parts[" + i + "]");
            if (parts.put(part.code(), part) != null) {
                throw refused("parts[" + i + "].code", "“" + part.code() + "” is there twice.");
            }
        }
        Map<String, String> options = new HashMap<>();
        orEmpty(body.options()).forEach((name, value) -> options.put(name, value.text()));
        boolean notches = List.of("true", "yes").contains(options.getOrDefault("notches", ""));
        List<Joint> joints = new ArrayList<>();
        List<AssemblyBody.JointBody> held = body.joints() == null ? List.of() : body.joints();
        for (int i = 0; i < held.size(); i++) {
            joints.add(joint(held.get(i), "joints[" + i + "]", parts, notches));
        }
        if (joints.isEmpty() || joints.size() > MOST_PARTS) {
            throw refused("joints", "Write 1 to " + MOST_PARTS + " joints: how each part is held.");
        }
        options.computeIfPresent("heatAllowed", (name, value) -> value.equals("false") ? "no" : value);
        options.computeIfPresent("spacerTips", (name, value) -> value.equals("false") ? "no" : value);
        return new Assembly("", List.copyOf(parts.values()), joints, options, grip(options), Map.of());
    }

    private Assembly.Grip grip(Map<String, String> options) {
        Assembly.Grip usual = Assembly.Grip.USUAL;
        return new Assembly.Grip(
                number(options, "spacerChamferMm", usual.chamferMm()),
                number(options, "cornerMm", usual.cornerMm()),
                number(options, "jawMm", usual.jawMm()));
    }

    private double number(Map<String, String> options, String name, double usual) {
        FieldList<Double> one =
                FieldList.of(List.of(ApartFields.LIST.field(name).orElseThrow()), v -> v.number(name));
        return options.containsKey(name) ? texts.read(one, Map.of(name, options.get(name))) : usual;
    }

    private static Part part(AssemblyBody.PartBody sent, String path) {
        PartKind kind = one(sent.kind(), PartKind::of, path + ".kind");
        boolean shaft = one(
                        sent.on(),
                        on -> Optional.of(on).filter(o -> o.equals("shaft") || o.equals("housing")),
                        path + ".on")
                .equals("shaft");
        if (sent.code() == null || !sent.code().matches("[a-z][a-z0-9-]{0,39}")) {
            throw refused(path + ".code", "A code has small letters, figures and hyphens, 40 at most.");
        }
        if (sent.order() == null) {
            throw refused(path + ".order", "It is missing: where it stands on the axis, inboard first.");
        }
        return new Part(
                sent.code(),
                sent.code().replace('-', ' '),
                kind,
                new Part.Stand(shaft, shaft ? "shaft" : "housing", sent.order(), ""),
                kind == PartKind.BEARING ? ring(sent, path) : Part.Ring.NONE,
                null,
                new Part.Upkeep(kind.alwaysNew(), List.of()));
    }

    private static Part.Ring ring(AssemblyBody.PartBody sent, String path) {
        if (sent.ring() == null) {
            return sent.code().endsWith("cup")
                    ? Part.Ring.OUTER
                    : sent.code().endsWith("cone") ? Part.Ring.INNER : Part.Ring.WHOLE;
        }
        return switch (sent.ring()) {
            case "both" -> Part.Ring.WHOLE;
            case "outer" -> Part.Ring.OUTER;
            case "inner" -> Part.Ring.INNER;
            case "drawn" -> Part.Ring.DRAWN;
            case "balls" -> Part.Ring.BALLS;
            default -> throw refused(path + ".ring", "Write both, outer, inner, drawn or balls.");
        };
    }

    private Joint joint(AssemblyBody.JointBody sent, String path, Map<String, Part> parts, boolean notches) {
        Part part = parts.get(sent.part());
        if (part == null) {
            throw refused(path + ".part", "“" + sent.part() + "” is no part.");
        }
        Side exit = sent.exit() == null ? Side.BOTH : one(sent.exit(), Side::of, path + ".exit");
        Side shoulder = sent.shoulder() == null ? Side.NONE : one(sent.shoulder(), Side::of, path + ".shoulder");
        List<String> all = new ArrayList<>(orNone(sent.after()));
        all.addAll(orNone(sent.with()));
        for (String other : all) {
            if (!parts.containsKey(other)) {
                throw refused(path, "“" + other + "” is no part.");
            }
        }
        Double um = sent.interferenceUm() == null
                ? null
                : texts.read(
                        INTERFERENCE,
                        Map.of("interferenceUm", sent.interferenceUm().text()));
        String material = sent.material() == null ? "steel" : sent.material();
        if (Material.choices().stream().noneMatch(choice -> choice.code().equals(material))) {
            throw refused(path + ".material", "“" + material + "” is no material here.");
        }
        return new Joint(
                part.code(),
                one(sent.joint(), Joint.Kind::of, path + ".joint"),
                new Joint.Way(
                        exit,
                        shoulder,
                        behind(sent, part, shoulder, notches, path),
                        shoulder == Side.NONE ? FREE_MM : 0),
                new Joint.Turn(sent.lock() == null ? "" : sent.lock(), sent.hand() == null ? "" : sent.hand()),
                new Joint.Order(orNone(sent.after()), orNone(sent.with()), Map.of(), List.of()),
                new Joint.Hold(material, null, um, null),
                Joint.Words.NONE);
    }

    private static Joint.Behind behind(
            AssemblyBody.JointBody sent, Part part, Side shoulder, boolean notches, String path) {
        if (sent.behind() != null) {
            return one(sent.behind(), Joint.Behind::of, path + ".behind");
        }
        if (shoulder == Side.NONE) {
            return Joint.Behind.FULL;
        }
        return part.ring() == Part.Ring.WHOLE ? Joint.Behind.INNER : notches ? Joint.Behind.NOTCH : Joint.Behind.NONE;
    }

    /** Seats by place. @throws ApiProblem 400 or 422, with the member by its path */
    Map<String, Together.Seats> seats(AssemblyBody body, Assembly assembly) {
        Map<String, Together.Seats> seats = new HashMap<>();
        Set<String> places = new HashSet<>();
        KindPlace.of(assembly.kind()).forEach(place -> places.add(place.code()));
        orEmpty(body.seats()).forEach((place, sent) -> {
            if (!places.contains(place)) {
                throw unknown("seats." + place);
            }
            KindPlace at = KindPlace.find(assembly.kind(), place).orElseThrow();
            seats.put(
                    place,
                    new Together.Seats(
                            seat(sent.inner(), at, assembly, true), seat(sent.outer(), at, assembly, false)));
        });
        return seats;
    }

    private PlaceFit.@Nullable Seat seat(
            AssemblyBody.@Nullable SeatBody sent, KindPlace place, Assembly assembly, boolean inner) {
        if (sent == null) {
            return null;
        }
        String path = "seats." + place.code() + (inner ? ".inner" : ".outer");
        double size = PlaceFit.sizeMm(place, assembly.bearings().get(place.code()), inner);
        if (sent.measured() != null) {
            double[] sizes = texts.read(
                    SIZES,
                    Map.of(
                            "minMm", text(sent.measured().minMm()),
                            "maxMm", text(sent.measured().maxMm())));
            if (sizes[0] > sizes[1] || Math.abs(sizes[0] - size) > 1 || Math.abs(sizes[1] - size) > 1) {
                throw refused(path + ".measured", "The seat is within 1 mm of the bearing, the smallest size first.");
            }
            return new PlaceFit.Seat("", new Band((sizes[0] - size) * 1000, (sizes[1] - size) * 1000));
        }
        String symbol = sent.seat() == null ? "" : sent.seat();
        boolean listed = (inner ? SeatBands.shaft(symbol, size) : SeatBands.hole(symbol, size)).isPresent();
        if (!listed) {
            throw refused(
                    path + ".seat", "“" + symbol + "” is no seat here: a shaft's letter is small, a hole's large.");
        }
        return new PlaceFit.Seat(symbol, null);
    }

    private static String text(AssemblyBody.@Nullable Amount sent) {
        return sent == null ? "" : sent.text();
    }

    private static <T> T one(@Nullable String text, Function<String, Optional<T>> of, String path) {
        return Optional.ofNullable(text)
                .flatMap(of)
                .orElseThrow(
                        () -> refused(path, text == null ? "It is missing." : "“" + text + "” is not known here."));
    }

    private static ApiProblem unknown(String path) {
        return ApiProblem.of(List.of(new Problem(path, path + ": there is no such member for this kind.", false)));
    }

    private static ApiProblem refused(String path, String sentence) {
        return ApiProblem.of(List.of(Problem.impossible(path, sentence)));
    }

    /** Unused members of a body that only putting together takes. */
    static void without(@Nullable Object member, String name) {
        if (member != null) {
            throw unknown(name);
        }
    }
}
