package unbo.core.catalogue;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

import unbo.core.bearing.BearingBook;
import unbo.core.bearing.BearingKind;
import unbo.core.bearing.Boundary;
import unbo.core.bearing.OwnBearing;
import unbo.core.bearing.Ratings;
import unbo.core.designation.Decoder;
import unbo.core.identify.Interchange;

class OwnBearingsTest {

    private static final String HEAD = "designation,kind,bore,outside,width,c,c0,price,shelf\n";

    @Test
    void whatIsWrittenIsReadAgain() {
        OwnBearings.Table table = OwnBearings.read(
                HEAD + "hb 7720,deep-groove-ball,1 in,52,15,14000 N,7.8 kN,6.40,3\nHB-9,hub-cartridge,42,80,38,,,,\n");
        assertThat(table.faults()).isEmpty();
        assertThat(table.bearings()).extracting(b -> b.boundary().boreMm()).containsExactly(25.4, 42.0);
        assertThat(table.bearings().get(0).c0N()).isEqualTo(7800);
        assertThat(OwnBearings.read(OwnBearings.write(table.bearings())).bearings())
                .isEqualTo(table.bearings());
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "X1,deep-groove-ball,25,52,15,,,,;X2,deep-groove-ball,52,25,15,,,,|Row 3: The outside must be larger",
                "X1,banana,25,52,15,,,,|Row 2: “banana”",
                "X1,deep-groove-ball,wide,52,15,,,,|Row 2: “wide”",
                "X1,deep-groove-ball,25,52|Row 2: it has 4 cells",
                "X1,deep-groove-ball,25,52,15,,,,;x-1,deep-groove-ball,25,52,15,,,,|Row 3: X-1 stands there twice"
            })
    void oneBadRowAndNothingIsTaken(String rows, String fault) {
        OwnBearings.Table table = OwnBearings.read(HEAD + rows.replace(';', '\n'));
        assertThat(table.bearings()).isEmpty();
        assertThat(table.faults()).anyMatch(f -> f.startsWith(fault));
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {"''|name the columns", "number,kind|“number” is none", "designation,kind|no rows"})
    void whatIsNoTableIsSaid(String text, String fault) {
        assertThat(OwnBearings.read(text).faults().get(0)).contains(fault);
        assertThat(OwnBearings.read("designation,kind\n\"open").faults()).isNotEmpty();
    }

    private static OwnBearing own(String number, Double c, Double c0) {
        return new OwnBearing(
                new Boundary(BearingKind.DEEP_GROOVE_BALL, number, 25, 47, 12, "own", ""), c, c0, null, 0);
    }

    @Test
    void searchesCoverBoth() {
        BearingBook book = new Decoder(List.of(own("HB 7720", null, null)));
        assertThat(CaliperFind.of(new CaliperFind.Measured(25.0, 46.98, 12.05, 0.05), book.own())
                        .exact())
                .extracting(f -> f.bearing().designation())
                .startsWith("HB 7720", "6005");
        assertThat(book.decode("hb-7720").warnings()).containsExactly("Of the workshop's own catalogue.");
        assertThat(book.decode("6305").boreMm()).isEqualTo(25);
        assertThat(Interchange.of(book.decode("6005"), book).candidates())
                .extracting(Interchange.Candidate::designation)
                .contains("HB 7720");
    }

    @Test
    void ownRatingsGoBeforeTheRule() {
        BearingBook book = new Decoder(
                List.of(own("HB 1", 11_200.0, 5_900.0), own("HB 2", 11_200.0, null), own("HB 3", null, null)));
        assertThat(book.decode("HB 1").ratings().orElseThrow()).isEqualTo(new Ratings(11_200, 5_900, false, false));
        Ratings byRule = Decoder.SHIPPED.decode("6005").ratings().orElseThrow();
        assertThat(book.decodeSet("HB 2").ratings().orElseThrow())
                .isEqualTo(new Ratings(11_200, byRule.c0N(), false, false));
        assertThat(book.decode("HB 3").ratings()).contains(byRule);
        assertThat(book.decode("6005").ratings()).contains(byRule);
    }
}
