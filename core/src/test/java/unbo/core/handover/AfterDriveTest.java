package unbo.core.handover;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

import unbo.core.finding.Level;

class AfterDriveTest {

    @ParameterizedTest
    @CsvSource({
        "COOL,false,false,false,RIGHT,false",
        "WARM,false,false,false,WATCH,false",
        "HOT,false,false,false,STOP,true",
        "COOL,true,false,false,SOON,true",
        "COOL,false,true,false,STOP,true",
        "WARM,false,false,true,SOON,true"
    })
    void whatIsHotOrLooseIsNotDrivenOn(
            AfterDrive.Heat heat, boolean noise, boolean loose, boolean leaks, Level level, boolean look) {
        AfterDrive told = new AfterDrive(10, heat, noise, loose, leaks, "");
        assertThat(told.level()).isEqualTo(level);
        assertThat(told.wantsALook()).isEqualTo(look);
    }

    @Test
    void theWorstStandsFirst() {
        assertThat(new AfterDrive(100, AfterDrive.Heat.WARM, true, true, true, "").findings())
                .extracting(f -> f.level().rank())
                .containsExactly(4, 3, 3, 2);
    }
}
