package unbo.app.web;

import static org.assertj.core.api.Assertions.assertThat;
import static org.hamcrest.Matchers.containsString;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.header;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import org.jsoup.Jsoup;
import org.jsoup.nodes.Document;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.test.web.servlet.MockMvc;

import unbo.app.Served;

/** Pages name styles and scripts by what stands in them; a browser keeps those for good, and no others. */
@Served
class AssetsTest {

    @Autowired
    private MockMvc web;

    private String named(String page, String selector, String attribute) throws Exception {
        Document read =
                Jsoup.parse(web.perform(get(page)).andReturn().getResponse().getContentAsString());
        return read.select(selector).attr(attribute);
    }

    @Test
    void whatAPageNamesIsKeptForGood() throws Exception {
        for (String[] one : new String[][] {
            {"script[type=module]", "src"},
            {"link[rel=stylesheet][media=screen]", "href"},
            {"link[rel=preload]", "href"}
        }) {
            String address = named("/bench", one[0], one[1]);
            assertThat(address).matches("/assets/v-[0-9a-f]{12}/.+");
            web.perform(get(address))
                    .andExpect(status().isOk())
                    .andExpect(header().string("Cache-Control", containsString("immutable")));
            web.perform(get(address.replaceFirst("v-[0-9a-f]{12}", "v-000000000000")))
                    .andExpect(status().isOk())
                    .andExpect(header().string("Cache-Control", "no-store"));
        }
    }

    /** What is fetched with a page: the page, its two styles, two scripts, one font, its mark. */
    @Test
    void aPageNamesSixFiles() throws Exception {
        Document page =
                Jsoup.parse(web.perform(get("/bench")).andReturn().getResponse().getContentAsString());
        assertThat(page.select("head link[href], head script[src]")).hasSize(6);
        String main = web.perform(get(page.select("script[type=module]").attr("src")))
                .andReturn()
                .getResponse()
                .getContentAsString();
        assertThat(main).as("one file of script").doesNotContain("import\"./", "from\"./");
    }
}
