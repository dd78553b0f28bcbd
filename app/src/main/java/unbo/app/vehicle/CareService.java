package unbo.app.vehicle;

import java.time.LocalDate;
import java.util.List;

import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

import unbo.core.service.Care;

/** What of a vehicle is looked after beside its bearings. */
@Service
@Transactional
public class CareService {

    /** So many are kept of a vehicle. */
    public static final int MOST = 40;

    private final VehicleCares cares;
    private final Vehicles vehicles;

    CareService(VehicleCares cares, Vehicles vehicles) {
        this.cares = cares;
        this.vehicles = vehicles;
    }

    /** Those of a vehicle, the first due first. */
    @Transactional(readOnly = true)
    public List<VehicleCare> of(long vehicleId) {
        return cares.every(vehicleId);
    }

    /** @return false where the vehicle has as many as are kept */
    public boolean add(long vehicleId, Care care) {
        if (cares.every(vehicleId).size() >= MOST) {
            return false;
        }
        cares.save(new VehicleCare(vehicles.withPositions(vehicleId).orElseThrow(), care));
        return true;
    }

    /** Done again on a day. @return false where there is no such */
    public boolean done(long vehicleId, long id, LocalDate day, Double counter) {
        return cares.findById(id)
                .filter(care -> care.vehicle().id() == vehicleId)
                .map(care -> {
                    care.keep(care.care().done(day, counter));
                    return true;
                })
                .orElse(false);
    }

    /** No longer looked after. @return false where there is no such */
    public boolean drop(long vehicleId, long id) {
        return cares.findById(id)
                .filter(care -> care.vehicle().id() == vehicleId)
                .map(care -> {
                    cares.delete(care);
                    return true;
                })
                .orElse(false);
    }
}
