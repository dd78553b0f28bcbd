package unbo.app.vehicle;

import unbo.core.vehicle.VehicleKind;

/** A vehicle by what it is called. @param owner initials @param kind its code */
public record VehicleName(long id, String name, String mark, String owner, String kind) {

    static VehicleName of(Vehicle v) {
        return new VehicleName(v.id(), v.name(), v.mark(), v.owner(), v.kind());
    }

    public String kindWords() {
        return VehicleKind.find(kind).map(VehicleKind::label).orElse(kind);
    }
}
