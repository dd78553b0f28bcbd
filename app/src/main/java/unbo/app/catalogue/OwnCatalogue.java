package unbo.app.catalogue;

import java.util.List;

import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;

import unbo.app.data.Changes;
import unbo.app.data.Known;
import unbo.core.bearing.BearingBook;
import unbo.core.bearing.OwnBearing;
import unbo.core.catalogue.OwnBearings;
import unbo.core.designation.Decoder;

/** The workshop's own bearings; one of a number that is there already takes its place. */
@Service
@Transactional
public class OwnCatalogue {

    private final OwnBearingRows rows;

    private final Known<BearingBook> book;

    OwnCatalogue(OwnBearingRows rows, Changes changes) {
        this.rows = rows;
        this.book = new Known<>(
                changes,
                "bearings",
                () -> new Decoder(
                        rows.inOrder().stream().map(OwnBearingRow::bearing).toList()));
    }

    /** The shipped tables with the workshop's own bearings among them. */
    @Transactional(propagation = Propagation.SUPPORTS, readOnly = true)
    public BearingBook book() {
        return book.get();
    }

    @Transactional(readOnly = true)
    public List<OwnBearing> all() {
        return rows.inOrder().stream().map(OwnBearingRow::bearing).toList();
    }

    public void keep(OwnBearing bearing) {
        rows.save(new OwnBearingRow(bearing));
        book.changes();
    }

    public void forget(String designation) {
        rows.forget(OwnBearings.key(designation));
        book.changes();
    }

    /** Takes a table in, all of it or nothing. @return faults, each with its row; empty when all was taken */
    public List<String> take(String csv) {
        OwnBearings.Table table = OwnBearings.read(csv);
        rows.saveAll(table.bearings().stream().map(OwnBearingRow::new).toList());
        book.changes();
        return table.faults();
    }
}
