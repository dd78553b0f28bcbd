package unbo.core.people;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class PeopleTest {

    @ParameterizedTest
    @CsvSource({
        "owner,SIGN REOPEN TAKE_AWAY FILES SETTINGS PEOPLE",
        "mechanic,SIGN REOPEN TAKE_AWAY FILES",
        "apprentice,''",
    })
    void eachMayWhatItsRoleSays(String role, String rights) {
        for (Right right : Right.values()) {
            assertThat(Role.of(role).orElseThrow().may(right))
                    .as("%s %s", role, right)
                    .isEqualTo(rights.contains(right.name()));
        }
    }

    @Test
    void whatIsNoRoleIsNone() {
        assertThat(Role.of("king")).isEmpty();
        assertThat(Role.of(" Owner ")).contains(Role.OWNER);
    }

    @ParameterizedTest
    @CsvSource({
        "low tide 12,at least 12",
        "aaaaaaaaaaaa,over and over",
        "abababababab,over and over",
        "margaretha 12,name itself",
        "low tide at nine,''",
        "ÄÖÜ äöü ß 12,''",
    })
    void aPasswordIsJudgedByItsLength(String password, String refusal) {
        assertThat(Password.refusal(password, "Margaretha")).contains(refusal);
        assertThat(Password.refusal(password, "Margaretha").isEmpty()).isEqualTo(refusal.isEmpty());
    }

    @Test
    void whatIsTooLongIsRefused() {
        assertThat(Password.refusal("ab cde ".repeat(19), "x")).contains("at most 128");
        assertThat(Password.refusal("ab cde ".repeat(18), "x")).isEmpty();
    }
}
