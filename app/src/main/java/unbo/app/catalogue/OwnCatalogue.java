package unbo.app.catalogue;

import java.util.List;

import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

import unbo.core.bearing.Boundary;
import unbo.core.bearing.OwnBearing;
import unbo.core.catalogue.OwnBearings;

/** The workshop's own bearings; one of a number that is there already takes its place. */
@Service
@Transactional
public class OwnCatalogue {

    private final OwnBearingRows rows;

    OwnCatalogue(OwnBearingRows rows) {
        this.rows = rows;
    }

    @Transactional(readOnly = true)
    public List<OwnBearing> all() {
        return rows.inOrder().stream().map(OwnBearingRow::bearing).toList();
    }

    /** Their sizes, for searches that look through the shipped tables as well. */
    @Transactional(readOnly = true)
    public List<Boundary> boundaries() {
        return all().stream().map(OwnBearing::boundary).toList();
    }

    public void keep(OwnBearing bearing) {
        rows.save(new OwnBearingRow(bearing));
    }

    public void forget(String designation) {
        rows.forget(OwnBearings.key(designation));
    }

    /** Takes a table in, all of it or nothing. @return faults, each with its row; empty when all was taken */
    public List<String> take(String csv) {
        OwnBearings.Table table = OwnBearings.read(csv);
        rows.saveAll(table.bearings().stream().map(OwnBearingRow::new).toList());
        return table.faults();
    }
}
