package unbo.core.drawing;

/** What a line or area stands for; the one SVG writer gives each its look. */
public enum Role {
    /** Cut material, hatched rising to the right. */
    SOLID,
    /** A neighbouring cut part, hatched rising to the left. */
    SOLID_TWIN,
    /** A part that is not cut, such as a roller or a pin: plain. */
    PART,
    /** A part seen behind. */
    BEHIND,
    /** Grease: dotted. */
    GREASE,
    /** Rubber: filled dark. */
    RUBBER,
    /** A centre line: chain line. */
    CENTRE,
    /** A thin line: extension, leader, scale. */
    THIN,
    /** The accepted band. */
    BAND,
    /** What the answer is. */
    ANSWER,
    /** Outside the limits: marked by colour and shape. */
    OUT,
    /** A neutral mark. */
    MARK,
    /** A sign upon a part: filled, edged by the sheet. */
    SIGN,
    /** The frame of a gauge, over what fills it. */
    FRAME,
    /** The filled part of a gauge: a small share. */
    SHARE_LOW,
    /** The filled part of a gauge: a share worth a look. */
    SHARE_FAIR,
    /** The filled part of a gauge: the larger half and more. */
    SHARE_HIGH,
    /** Empty space over hatching. */
    PAPER,
    /** A race as it is unrolled. */
    RACE,
    /** Polished by running. */
    POLISHED,
    /** A pit or spall: dark. */
    PIT,
    /** A dull dark line or stain. */
    STAIN,
    /** A dent. */
    DENT,
    /** Temper colour, straw. */
    HEAT_STRAW,
    /** Temper colour, brown. */
    HEAT_BROWN,
    /** Temper colour, blue. */
    HEAT_BLUE,
    /** Rust or red powder. */
    RUST,
    /** Grey frosting. */
    FROST
}
