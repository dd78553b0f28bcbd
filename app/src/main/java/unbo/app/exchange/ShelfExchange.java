package unbo.app.exchange;

import java.time.Clock;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;

import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

import unbo.app.catalogue.OwnCatalogue;
import unbo.app.stock.GreaseShelf;
import unbo.app.stock.StockService;
import unbo.core.bearing.OwnBearing;
import unbo.core.catalogue.OwnBearings;
import unbo.core.input.Field;
import unbo.core.input.FieldList;
import unbo.core.input.FieldReader;
import unbo.core.input.Reading;
import unbo.core.input.UnitSystem;
import unbo.core.lubrication.Grease;
import unbo.core.lubrication.Gun;
import unbo.core.measure.Show;
import unbo.core.stack.StackInput;
import unbo.core.tools.running.GreaseFields;
import unbo.core.tools.running.GunFields;
import unbo.core.tools.setting.LinkFields;

/**
 * What is the workshop's own beside its vehicles: shims, greases, guns, bearings. In a file each is the texts of its
 * form, so that one reader judges both. Taken in, what is here already under the same name stays as it was counted
 * here.
 */
@Service
@Transactional
class ShelfExchange {

    private static final String FROM_FILE = "taken in from a file";
    private static final String GRAMS = "grams";
    private static final String ON = "on";
    private static final Field DAY = Field.date(ON, "The day it was weighed").must();

    private final StockService stock;
    private final GreaseShelf greases;
    private final OwnCatalogue own;
    private final Clock clock;

    ShelfExchange(StockService stock, GreaseShelf greases, OwnCatalogue own, Clock clock) {
        this.stock = stock;
        this.greases = greases;
        this.own = own;
        this.clock = clock;
    }

    @Transactional(readOnly = true)
    UnboFile.ShelfPart part() {
        return new UnboFile.ShelfPart(
                stock.shelf().stream()
                        .map(s -> texts("thickness", s.thicknessMm(), "count", s.count()))
                        .toList(),
                greases.tubs().stream().map(ShelfExchange::texts).toList(),
                greases.guns().stream()
                        .map(g -> texts("gun", g.name(), "strokes", 1, "weighed", g.strokeG(), ON, g.on()))
                        .toList(),
                own.all().stream().map(ShelfExchange::texts).toList());
    }

    private static Map<String, String> texts(GreaseShelf.Tub tub) {
        Grease g = tub.grease();
        return texts(
                "name",
                g.name(),
                "thickener",
                g.thickener(),
                "nlgi",
                g.nlgi(),
                "oil",
                g.oil(),
                "nu40",
                g.nu40(),
                "nu100",
                g.nu100(),
                "cold",
                g.coldC(),
                "hot",
                g.hotC(),
                "speedFactor",
                g.nDm(),
                "ep",
                g.ep() ? "yes" : "no",
                GRAMS,
                tub.grams());
    }

    private static Map<String, String> texts(OwnBearing b) {
        return texts(
                "designation",
                b.boundary().designation(),
                "kind",
                b.boundary().kind(),
                "bore",
                b.boundary().boreMm(),
                "outside",
                b.boundary().outsideMm(),
                "width",
                b.boundary().widthMm(),
                "c",
                b.cN(),
                "c0",
                b.c0N(),
                "price",
                b.price(),
                "shelf",
                b.shelf());
    }

    /** Name, value, name, value …; what is null is left out. */
    private static Map<String, String> texts(Object... pairs) {
        Map<String, String> texts = new LinkedHashMap<>();
        for (int i = 0; i < pairs.length; i += 2) {
            if (pairs[i + 1] != null) {
                texts.put(
                        (String) pairs[i],
                        pairs[i + 1] instanceof Double number
                                ? Show.number(number, 6).replace('−', '-')
                                : String.valueOf(pairs[i + 1]));
            }
        }
        return texts;
    }

    /** What stands against taking it in. */
    static List<String> faults(UnboFile.ShelfPart part) {
        List<String> faults = new ArrayList<>();
        each("shim", LinkFields.SHIM, part.shims(), faults);
        each("grease", GreaseFields.LIST, part.greases(), faults);
        each("gun", GunFields.LIST, part.guns(), faults);
        each("own bearing", OwnBearings.LIST, part.bearings(), faults);
        part.greases().stream()
                .filter(g -> !amount(g.getOrDefault(GRAMS, "0")))
                .forEach(g -> faults.add("grease “" + g.get("name") + "”: grams are a number from 0."));
        for (Map<String, String> gun : part.guns()) {
            FieldReader.readOne(DAY, gun.getOrDefault(ON, ""), UnitSystem.METRIC)
                    .problems()
                    .forEach(p -> faults.add("gun “" + gun.get("gun") + "”: " + p.sentence()));
        }
        return faults;
    }

    private static void each(String what, FieldList<?> list, List<Map<String, String>> all, List<String> faults) {
        for (int i = 0; i < all.size(); i++) {
            int number = i + 1;
            read(list, all.get(i)).problems().forEach(p -> faults.add(what + " " + number + ": " + p.sentence()));
        }
    }

    private static <T> Reading<T> read(FieldList<T> list, Map<String, String> texts) {
        return FieldReader.read(list, texts, UnitSystem.METRIC);
    }

    private static boolean amount(String text) {
        return text.matches("\\d{1,7}(\\.\\d{1,6})?");
    }

    /** Takes in what has no faults. */
    void take(UnboFile.ShelfPart part) {
        Set<Double> shims =
                stock.shelf().stream().map(StackInput.Shim::thicknessMm).collect(Collectors.toSet());
        part.shims().stream()
                .map(s -> read(LinkFields.SHIM, s).record())
                .filter(s -> !shims.contains(s.thicknessMm()))
                .forEach(s -> stock.put(s.thicknessMm(), s.count(), FROM_FILE, clock.instant()));
        Set<String> tubs = greases.tubs().stream().map(t -> t.grease().name()).collect(Collectors.toSet());
        part.greases().stream()
                .filter(g -> !tubs.contains(g.get("name")))
                .forEach(g -> greases.keep(
                        read(GreaseFields.LIST, g).record(),
                        Double.parseDouble(g.getOrDefault(GRAMS, "0")),
                        FROM_FILE,
                        clock.instant()));
        Set<String> guns = greases.guns().stream().map(Gun::name).collect(Collectors.toSet());
        part.guns().stream()
                .filter(g -> !guns.contains(g.get("gun")))
                .forEach(g -> greases.weighed(read(GunFields.LIST, g).record().on(LocalDate.parse(g.get(ON)))));
        Set<String> numbers = own.all().stream()
                .map(b -> OwnBearings.key(b.boundary().designation()))
                .collect(Collectors.toSet());
        part.bearings().stream()
                .map(b -> read(OwnBearings.LIST, b).record())
                .filter(b -> !numbers.contains(OwnBearings.key(b.boundary().designation())))
                .forEach(own::keep);
    }
}
