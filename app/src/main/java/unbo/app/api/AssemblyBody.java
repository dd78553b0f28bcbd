package unbo.app.api;

import java.util.List;
import java.util.Map;

import com.fasterxml.jackson.annotation.JsonCreator;
import com.fasterxml.jackson.databind.JsonNode;
import io.swagger.v3.oas.annotations.media.Schema;
import org.jspecify.annotations.Nullable;

/**
 * An assembly as it is sent: a kind, or its parts and how each is held.
 *
 * @param kind code of the kind; left out where parts are given
 * @param numbers markings by place
 * @param options what differs in it; by code, with spacerChamferMm, cornerMm and jawMm beside them
 * @param tools codes of what is at hand; left out: all
 * @param keep codes of the parts to be used again
 * @param seats by place, for the clearance that is left; for putting together
 */
record AssemblyBody(
        @Nullable String kind,
        @Nullable List<PartBody> parts,
        @Nullable List<JointBody> joints,
        @Nullable Map<String, String> numbers,

        @Schema(
                description = "notches, spacerMaterial, spacerChamferMm, cornerMm, spacerTips, shoulder, "
                        + "heatAllowed, rust, turns and the others of the kind")
        @Nullable
        Map<String, Amount> options,

        @Nullable List<String> tools,
        @Nullable List<String> keep,
        @Nullable Map<String, SeatsBody> seats) {

    /** @param ring inner, outer, both or drawn, of a bearing; left out: both, a cup outer, a cone inner */
    record PartBody(
            String code,
            String kind,
            @Schema(allowableValues = {"shaft", "housing"}) String on,
            @Nullable Double order,
            @Nullable String ring) {}

    /**
     * @param after parts that are off before it can be opened
     * @param behind what can be reached from the far side: full, lip, notch, inner or none
     * @param material of what it sits in or on; left out: steel
     */
    record JointBody(
            String part,
            String joint,
            @Nullable String exit,
            @Nullable String shoulder,
            @Schema(implementation = Double.class) @Nullable Amount interferenceUm,
            @Nullable List<String> with,
            @Nullable String lock,
            @Nullable String hand,
            @Nullable List<String> after,
            @Nullable String behind,
            @Nullable String material) {}

    /** The seats of both rings of a place. */
    record SeatsBody(@Nullable SeatBody inner, @Nullable SeatBody outer) {}

    /** A seat by its symbol, or as it was measured. */
    record SeatBody(@Nullable String seat, @Nullable MeasuredBody measured) {}

    /** Smallest and largest size of a seat, mm. */
    record MeasuredBody(
            @Schema(implementation = Double.class) Amount minMm,
            @Schema(implementation = Double.class) Amount maxMm) {}

    /** A number or a text, with or without a unit; true and false are texts too. */
    record Amount(String text) {

        @JsonCreator(mode = JsonCreator.Mode.DELEGATING)
        static Amount of(JsonNode sent) {
            if (!sent.isValueNode()) {
                throw new IllegalArgumentException("neither a number nor a text");
            }
            return new Amount(JsonTexts.text(sent));
        }
    }
}
