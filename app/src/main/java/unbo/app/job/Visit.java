package unbo.app.job;

import java.time.Instant;

import jakarta.persistence.Entity;
import jakarta.persistence.FetchType;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.JoinColumn;
import jakarta.persistence.ManyToOne;

import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;

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
    /** Tells the form that opened it from every other, so that sent twice it opens one; null where there was none. */
    @JdbcTypeCode(SqlTypes.CHAR)
    private String once;

    protected Visit() {}

    Visit(Vehicle vehicle, Instant openedAt, String once) {
        this.once = once;
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
