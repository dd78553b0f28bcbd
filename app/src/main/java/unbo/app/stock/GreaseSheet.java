package unbo.app.stock;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;

import unbo.core.lubrication.Grease;

/** What the sheet of a grease on the shelf says; its grams are the stock item's. */
@Entity
@Table(name = "grease")
class GreaseSheet {

    @Id
    private Long itemId;

    private String thickener;
    private String nlgi;
    private String oil;

    @Column(name = "nu40")
    private Double thickAt40;

    @Column(name = "nu100")
    private Double thickAt100;

    @Column(name = "cold_c")
    private double coldC;

    @Column(name = "hot_c")
    private double hotC;

    @Column(name = "ndm")
    private Double speedFactor;

    private boolean ep;

    protected GreaseSheet() {}

    GreaseSheet(Long itemId) {
        this.itemId = itemId;
    }

    Long itemId() {
        return itemId;
    }

    void take(Grease grease) {
        thickener = grease.thickener();
        nlgi = grease.nlgi();
        oil = grease.oil();
        thickAt40 = grease.nu40();
        thickAt100 = grease.nu100();
        coldC = grease.coldC();
        hotC = grease.hotC();
        speedFactor = grease.nDm();
        ep = grease.ep();
    }

    Grease grease(String name) {
        return new Grease(
                name,
                thickener,
                nlgi,
                new Grease.BaseOil(oil, thickAt40, thickAt100),
                new Grease.Range(coldC, hotC, speedFactor),
                ep);
    }
}
