package unbo.app.catalogue;

import java.util.List;

import org.springframework.data.jpa.repository.Modifying;
import org.springframework.data.jpa.repository.Query;
import org.springframework.data.repository.Repository;

interface OwnBearingRows extends Repository<OwnBearingRow, String> {

    @Query("select b from OwnBearingRow b order by b.bore, b.outside, b.width, b.designation")
    List<OwnBearingRow> inOrder();

    OwnBearingRow save(OwnBearingRow row);

    List<OwnBearingRow> saveAll(Iterable<OwnBearingRow> rows);

    @Modifying
    @Query("delete from OwnBearingRow b where b.numberKey = :key")
    void forget(String key);
}
