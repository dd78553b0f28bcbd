package unbo.app.vehicle;

import java.time.LocalDate;
import java.util.Locale;

import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Table;

import unbo.core.seal.SealState;
import unbo.core.tools.identify.SealLedgerFields;

/** A seal of a vehicle as it was last looked at. */
@Entity
@Table(name = "vehicle_seal")
class VehicleSeal {

    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    private Long id;

    private long vehicleId;
    private int line;
    private String place;
    private String marking;
    private String lip;
    private Double trackMm;
    private String spring;
    private Double seatMm;
    private LocalDate fitted;

    protected VehicleSeal() {}

    VehicleSeal(long vehicleId, int line, SealLedgerFields.Line seal) {
        this.vehicleId = vehicleId;
        this.line = line;
        place = seal.place();
        marking = seal.marking();
        lip = seal.lip().name().toLowerCase(Locale.ROOT);
        trackMm = seal.trackMm();
        spring = seal.spring();
        seatMm = seal.seatMm();
        fitted = seal.fitted();
    }

    SealLedgerFields.Line seal() {
        return new SealLedgerFields.Line(
                place, marking, SealState.Lip.valueOf(lip.toUpperCase(Locale.ROOT)), trackMm, spring, seatMm, fitted);
    }
}
