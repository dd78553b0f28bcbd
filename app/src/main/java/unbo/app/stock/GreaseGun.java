package unbo.app.stock;

import java.time.LocalDate;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;

import unbo.core.lubrication.Gun;

/** A gun of the workshop, as it was last weighed. */
@Entity
class GreaseGun {

    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    private Long id;

    private String name;

    @Column(name = "stroke_g")
    private double strokeG;

    private LocalDate weighedOn;

    protected GreaseGun() {}

    GreaseGun(String name) {
        this.name = name;
    }

    void take(Gun gun) {
        strokeG = gun.strokeG();
        weighedOn = gun.on();
    }

    Gun gun() {
        return new Gun(name, strokeG, weighedOn);
    }
}
