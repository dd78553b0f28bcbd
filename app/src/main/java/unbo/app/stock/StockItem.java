package unbo.app.stock;

import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;

/** Something on the shelf. {@code kind}: shim; more as they are needed. */
@Entity
class StockItem {

    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    private Long id;

    private String kind;
    private String name;
    private Double sizeMm;
    private String unit;
    private double quantity;

    protected StockItem() {}

    StockItem(String kind, String name, Double sizeMm, String unit, double quantity) {
        this.kind = kind;
        this.name = name;
        this.sizeMm = sizeMm;
        this.unit = unit;
        this.quantity = quantity;
    }

    Long id() {
        return id;
    }

    String name() {
        return name;
    }

    Double sizeMm() {
        return sizeMm;
    }

    String unit() {
        return unit;
    }

    double quantity() {
        return quantity;
    }

    void change(double by) {
        quantity += by;
    }
}
