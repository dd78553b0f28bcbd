package unbo.core.identify;

import unbo.core.sheet.How;

/** A length in mm and how it is known. */
public record Size(double mm, How how) {}
