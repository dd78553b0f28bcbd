package unbo.app.job;

import java.time.Instant;

import jakarta.persistence.Entity;
import jakarta.persistence.FetchType;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.JoinColumn;
import jakarta.persistence.ManyToOne;

import unbo.app.vehicle.Vehicle;

/** A vehicle's stay: holds one or more jobs. */
@Entity
class Visit {

    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    private Long id;
    @ManyToOne(fetch = FetchType.LAZY, optional = false)
    @JoinColumn(name = "vehicle_id")
    private Vehicle vehicle;
    private Instant openedAt;

    protected Visit() {
    }

    Visit(Vehicle vehicle, Instant openedAt) {
        this.vehicle = vehicle;
        this.openedAt = openedAt;
    }

    Long id() {
        return id;
    }

    Vehicle vehicle() {
        return vehicle;
    }

    Instant openedAt() {
        return openedAt;
    }
}
