package hodeon.app.kits;

import static hodeon.app.PageText.field;
import static hodeon.app.PageText.says;
import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.redirectedUrl;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import hodeon.app.WebTest;
import hodeon.app.catalogue.OwnCatalogue;
import hodeon.app.household.Member;
import hodeon.app.stock.StockService;
import hodeon.app.stock.place.Place;
import java.util.Optional;
import java.util.UUID;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.test.web.servlet.ResultActions;

/** All of a kit is weighed in one round: so many on the scale together, what it shows. */
class WeighPageTest extends WebTest {

    @Autowired
    StockService stock;

    @Autowired
    OwnCatalogue catalogues;

    private UUID tin = new UUID(0, 0);

    @BeforeEach
    void aTin() throws Exception {
        tin = stock.addPlace(mine.householdId(), "Day tin", Place.Kind.KIT, Optional.empty(), Optional.empty());
        send(mine, "/stock/enter", "place", "Day tin", "supply", "Fabric plaster", "pieces", "20");
        send(mine, "/stock/enter", "place", "Day tin", "supply", "Fine pointed tweezers", "pieces", "1");
    }

    private double grams(Member member, String supply) {
        return catalogues
                .of(member.householdId())
                .catalogue()
                .supply(supply)
                .orElseThrow()
                .mass()
                .grams();
    }

    /** What the scale shows for 20 plasters, and for so many tweezers. */
    private ResultActions weighed(String plasters, String tweezers, String shown) throws Exception {
        String[] lines = {
            "supply",
            "plaster-fabric",
            "pieces",
            "20",
            "grams",
            plasters,
            "supply",
            "fine-tweezers",
            "pieces",
            tweezers,
            "grams",
            shown
        };
        return send(mine, "/kits/" + tin + "/weigh", lines);
    }

    @Test
    void whatIsWeighedCountsFromThenOnForThisHousehold() throws Exception {
        double before = grams(mine, "fine-tweezers");
        open(mine, "/kits/" + tin + "/weigh").andExpect(says("Fabric plaster", "Fine pointed tweezers"));
        weighed("23 g", "1", "").andExpect(redirectedUrl("/kits/" + tin));
        assertThat(grams(mine, "plaster-fabric")).isEqualTo(1.15);
        assertThat(grams(mine, "fine-tweezers")).isEqualTo(before);
        assertThat(grams(others, "plaster-fabric")).isNotEqualTo(1.15);
        open(others, "/kits/" + tin + "/weigh").andExpect(status().isNotFound());
    }

    @Test
    void oneReadingThatIsNoneKeepsNothingAndLosesNothing() throws Exception {
        double before = grams(mine, "plaster-fabric");
        weighed("23", "0", "12")
                .andExpect(status().isUnprocessableContent())
                .andExpect(says("Fine pointed tweezers: the number on the scale"))
                .andExpect(field("grams", "23"));
        assertThat(grams(mine, "plaster-fabric")).isEqualTo(before);
    }

    @Test
    void theSimulatedScaleShowsWholeGramsNearTheTruth() throws Exception {
        String shown = open(mine, "/simulated/scale/reading?supply=plaster-fabric&pieces=20")
                .andExpect(status().isOk())
                .andReturn()
                .getResponse()
                .getContentAsString();
        assertThat(Double.parseDouble(shown))
                .isBetween(20 * grams(mine, "plaster-fabric") - 1, 20 * grams(mine, "plaster-fabric") + 1);
        open(mine, "/simulated/scale/reading?supply=never-seen").andExpect(status().isOk());
    }
}
