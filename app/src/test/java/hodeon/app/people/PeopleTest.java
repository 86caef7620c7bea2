package hodeon.app.people;

import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import hodeon.app.WebTest;
import hodeon.app.brief.TripService;
import hodeon.app.journal.UseLog;
import java.util.UUID;
import org.springframework.beans.factory.annotation.Autowired;

/** Somebody written down with everything that doses hang on, and what trips and logs say of them. */
abstract class PeopleTest extends WebTest {

    static final String NAME = "Quillonwave Ferrymander";

    static final String[] BECK = {
        "name",
        NAME,
        "born",
        "2017-03-09",
        "kilograms",
        "29",
        "weighedOn",
        "2026-11-01",
        "training",
        "UNTRAINED",
        "allergies",
        "NSAID",
        "conditions",
        "ASTHMA",
        "rescue",
        "RELIEVER_INHALER",
        "where[RELIEVER_INHALER]",
        "Hollowpine pocket",
        "regular[0].product",
        "cetirizine-syrup",
        "regular[0].units",
        "5",
        "regular[0].times",
        "8:00 20:00",
        "direction[0].ingredient",
        "paracetamol",
        "direction[0].perKilogram",
        "15",
        "direction[0].most",
        "500",
        "direction[0].hours",
        "6",
        "direction[0].day",
        "1740",
        "direction[0].by",
        "the harbour practice",
        "direction[0].on",
        "2026-05-02",
        "contact[0].name",
        "Zephyrine Oldbank",
        "contact[0].phone",
        "0000 555 0199",
        "notes",
        "Afraid of Thunderspoons."
    };

    @Autowired
    PeopleService people;

    @Autowired
    TripService trips;

    @Autowired
    UseLog log;

    UUID beck() throws Exception {
        String to = send(mine, "/people/new", BECK)
                .andExpect(status().is3xxRedirection())
                .andReturn()
                .getResponse()
                .getRedirectedUrl();
        return UUID.fromString(String.valueOf(to).replace("/people/", ""));
    }

    UUID trip(String[] brief) throws Exception {
        return UUID.fromString(String.valueOf(send(mine, "/trips/new", brief)
                        .andReturn()
                        .getResponse()
                        .getRedirectedUrl())
                .replaceAll("/trips/|/odds", ""));
    }
}
