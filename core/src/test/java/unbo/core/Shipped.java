package unbo.core;

import java.util.Map;

import unbo.core.bearing.Bearing;
import unbo.core.designation.Decoder;
import unbo.core.input.FieldList;
import unbo.core.input.FieldReader;
import unbo.core.input.Reading;
import unbo.core.input.Typed;
import unbo.core.input.UnitSystem;

/** Reads with the shipped tables alone, as a workshop does that has added nothing. */
public final class Shipped {

    private Shipped() {}

    public static <T> Reading<T> read(FieldList<T> list, Map<String, String> texts, UnitSystem units) {
        return FieldReader.read(list, texts, units, Decoder.SHIPPED);
    }

    public static <T> Reading<T> read(FieldList<T> list, Typed typed) {
        return FieldReader.read(list, typed, Decoder.SHIPPED);
    }

    /** As the shipped tables know it. */
    public static Bearing decode(String marking) {
        return Decoder.SHIPPED.decode(marking);
    }
}
