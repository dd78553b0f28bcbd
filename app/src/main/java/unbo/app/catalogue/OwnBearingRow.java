package unbo.app.catalogue;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;

import unbo.core.bearing.BearingKind;
import unbo.core.bearing.Boundary;
import unbo.core.bearing.OwnBearing;
import unbo.core.catalogue.OwnBearings;

/** A bearing of the workshop's own catalogue, as it stands in the database. */
@Entity
@Table(name = "own_bearing")
class OwnBearingRow {

    @Id
    private String numberKey;

    private String designation;
    private String kind;
    private double bore;
    private double outside;
    private double width;

    @Column(name = "c_n")
    private Double dynamicN;

    @Column(name = "c0_n")
    private Double staticN;

    private Double price;
    private int shelf;

    protected OwnBearingRow() {}

    OwnBearingRow(OwnBearing of) {
        numberKey = OwnBearings.key(of.boundary().designation());
        designation = of.boundary().designation();
        kind = of.boundary().kind().code();
        bore = of.boundary().boreMm();
        outside = of.boundary().outsideMm();
        width = of.boundary().widthMm();
        dynamicN = of.cN();
        staticN = of.c0N();
        price = of.price();
        shelf = of.shelf();
    }

    OwnBearing bearing() {
        return new OwnBearing(
                new Boundary(
                        BearingKind.of(kind).orElse(BearingKind.UNKNOWN), designation, bore, outside, width, "own", ""),
                dynamicN,
                staticN,
                price,
                shelf);
    }
}
