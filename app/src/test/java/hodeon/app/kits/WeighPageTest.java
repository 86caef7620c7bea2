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

    @Test
    void whatIsWeighedCountsFromThenOnForThisHousehold() throws Exception {
        double before = grams(mine, "fine-tweezers");
        open(mine, "/kits/" + tin + "/weigh").andExpect(says("Fabric plaster", "Fine pointed tweezers"));
        send(
                        mine,
                        "/kits/" + tin + "/weigh",
                        "supply",
                        "plaster-fabric",
                        "pieces",
                        "20",
                        "grams",
                        "23 g",
                        "supply",
                        "fine-tweezers",
                        "pieces",
                        "1",
                        "grams",
                        "")
                .andExpect(redirectedUrl("/kits/" + tin));
        assertThat(grams(mine, "plaster-fabric")).isEqualTo(1.15);
        assertThat(grams(mine, "fine-tweezers")).isEqualTo(before);
        assertThat(grams(others, "plaster-fabric")).isNotEqualTo(1.15);
        open(others, "/kits/" + tin + "/weigh").andExpect(status().isNotFound());
    }

    @Test
    void oneReadingThatIsNoneKeepsNothingAndLosesNothing() throws Exception {
        double before = grams(mine, "plaster-fabric");
        send(
                        mine,
                        "/kits/" + tin + "/weigh",
                        "supply",
                        "plaster-fabric",
                        "pieces",
                        "20",
                        "grams",
                        "23",
                        "supply",
                        "fine-tweezers",
                        "pieces",
                        "0",
                        "grams",
                        "12")
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
