package unbo.app.vehicle;

import java.util.List;
import java.util.stream.Collectors;

import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

import unbo.core.tools.identify.SealLedgerFields;

/** The seals of a vehicle, kept whole. */
@Service
@Transactional
public class SealService {

    private final VehicleSeals seals;
    private final Vehicles vehicles;

    SealService(VehicleSeals seals, Vehicles vehicles) {
        this.seals = seals;
        this.vehicles = vehicles;
    }

    /** Those of a vehicle, in the order they were written. */
    @Transactional(readOnly = true)
    public List<SealLedgerFields.Line> of(long vehicleId) {
        return seals.every(vehicleId).stream().map(VehicleSeal::seal).toList();
    }

    /** The same as they are written in their box. */
    @Transactional(readOnly = true)
    public String text(long vehicleId) {
        return text(of(vehicleId));
    }

    private static String text(List<SealLedgerFields.Line> lines) {
        return lines.stream().map(SealLedgerFields.Line::text).collect(Collectors.joining("\n"));
    }

    /**
     * Keeps all of them in place of those before.
     *
     * @param seen what was there when they were written over, as {@link #text}
     * @return false where somebody else has changed them since
     */
    public boolean keep(long vehicleId, List<SealLedgerFields.Line> lines, String seen) {
        vehicles.locked(vehicleId).orElseThrow();
        if (!text(vehicleId).equals(seen)) {
            return false;
        }
        seals.drop(vehicleId);
        for (int i = 0; i < lines.size(); i++) {
            seals.save(new VehicleSeal(vehicleId, i, lines.get(i)));
        }
        return true;
    }
}
