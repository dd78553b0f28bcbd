package unbo.app.bench;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.test.web.servlet.MockMvc;

import unbo.app.Served;

/** Whole assemblies on the bench. */
@Served
class ApartBenchTest {

    private static final String ALL_TOOLS = "&tool-hammer=yes&tool-drift=yes&tool-press=yes&tool-tube=yes"
            + "&tool-splitter=yes&tool-oven=yes&tool-jaw=yes&tool-slide=yes&tool-expander=yes";

    @Autowired
    private MockMvc mvc;

    private String page(String query) throws Exception {
        return mvc.perform(get("/bench/apart" + query))
                .andExpect(status().isOk())
                .andReturn()
                .getResponse()
                .getContentAsString();
    }

    @Test
    void anExampleStandsThereBeforeAnythingIsAsked() throws Exception {
        assertThat(page(""))
                .contains(
                        "data-part=\"inner-cup\"", "split pin, inner seal", "value=\"30206\"", "How it goes together");
    }

    @Test
    void aStepIsReadFromWhereTheWorkIs() throws Exception {
        String step = page("?page=1&kind=ball-pair&step=7" + ALL_TOOLS);

        assertThat(step).contains("part-now", "Force through", "Done, next: spacer tube");
        assertThat(step.indexOf("hardened punch")).isPositive().isLessThan(step.indexOf("Measure first"));
    }

    @Test
    void onlyWhatDiffersInTheKindIsAsked() throws Exception {
        assertThat(page("?page=1&kind=unit-bolted"))
                .contains("name=\"rust\"", "name=\"number-unit\"")
                .doesNotContain("name=\"notches\"", "name=\"spacerChamferMm\"", "name=\"number-left\"");
    }

    @Test
    void whatIsToBeUsedAgainAndIsLostStops() throws Exception {
        assertThat(page("?page=1&kind=cartridge-knuckle&keep-flange=yes" + ALL_TOOLS))
                .doesNotContain("which is to be used again");
        assertThat(page("?page=1&kind=bicycle-front&keep-left-bearing=yes&keep-right-bearing=yes" + ALL_TOOLS))
                .contains("which is to be used again");
    }

    @Test
    void aToolThatIsNotTickedIsSaidToBeMissing() throws Exception {
        assertThat(page("?page=1&kind=pulley&shoulder=inboard&tool-hammer=yes"))
                .contains("Not at hand, and needed: long drift of mild steel");
    }

    @Test
    void whatCannotComeOutIsSaidAndTheSectionStays() throws Exception {
        assertThat(page("?page=1&kind=pulley&shoulder=both"))
                .contains("A shoulder stands on both sides", "data-part=\"only-bearing\"");
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "?page=1&kind=wheel",
                "?page=1&kind=pulley&step=99",
                "?page=1&kind=pulley&step=x",
                "?page=1&kind=pulley&number-only=%F0%9F%98%80",
                "?page=1&kind=pulley&shoulder=one",
                "?page=1&kind=ball-pair&cornerMm=abc",
                "?kind=pulley&numbers=left+6204",
                "?kind=pulley&keep=spoon"
            })
    void anythingIsAnswered(String query) throws Exception {
        assertThat(page(query)).contains("name=\"kind\"");
    }
}
