package hodeon.app.find;

import static hodeon.app.PageText.doesNotSay;
import static hodeon.app.PageText.says;
import static org.assertj.core.api.Assertions.assertThat;
import static org.hamcrest.Matchers.containsString;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import hodeon.app.StockTest;
import hodeon.app.stock.place.Place;
import java.util.Optional;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class FindPageTest extends StockTest {

    @ParameterizedTest
    @CsvSource({
        "skerry, >outing<",
        "blister pad, /mat?about=hydrocolloid-pad",
        "pad blis, /mat?about=hydrocolloid-pad",
        "anaphyl, /mat?problem=anaphylaxis",
        "OTTI, /odds?person=Ottilie%20Brandt",
        "flux, Nothing of that name"
    })
    void anythingIsFoundByTheBeginningsOfItsWords(String typed, String found) throws Exception {
        trip(mine, "Skerry ring");
        open(mine, "/find?q=" + typed)
                .andExpect(status().isOk())
                .andExpect(content().string(containsString(found)));
    }

    @Test
    void whatLiesInStockIsFoundBehindWhatIsOnTheMat() throws Exception {
        trip(mine, "Skerry ring");
        UUID shelf =
                stock.addPlace(mine.householdId(), "Shore shelf", Place.Kind.SHELF, Optional.empty(), Optional.empty());
        UUID lot = put(shelf, "hydrocolloid-pad", 7, "2028-01");
        open(mine, "/find?q=shore").andExpect(content().string(containsString("/stock/places/" + shelf)));
        String found =
                open(mine, "/find?q=blister pad").andReturn().getResponse().getContentAsString();
        assertThat(found).contains("7 in Shore shelf");
        assertThat(found.indexOf("/mat?about=hydrocolloid-pad")).isLessThan(found.indexOf("/stock/lots/" + lot));
        open(others, "/find?q=shore").andExpect(doesNotSay("Shore shelf"));
    }

    @Test
    void nothingOfOthersIsFound() throws Exception {
        trip(mine, "Skerry ring");
        open(others, "/find?q=skerry").andExpect(says("Nothing of that name"));
        open(others, "/find?q=ottilie").andExpect(doesNotSay("Ottilie Brandt"));
    }

    @Test
    void somebodyOfTheHouseholdIsFoundByNameAndByItAlone() throws Exception {
        send(mine, "/people/new", "name", "Tamsin Roe", "years", "40");
        open(mine, "/find?q=tamsin").andExpect(says("/people/"));
        open(others, "/find?q=tamsin").andExpect(doesNotSay("/people/"));
    }
}
