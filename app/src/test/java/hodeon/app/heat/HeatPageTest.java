package hodeon.app.heat;

import static hodeon.app.PageText.says;
import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.user;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.multipart;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import hodeon.app.WebTest;
import hodeon.app.household.Member;
import hodeon.app.stock.StockService;
import hodeon.app.stock.ledger.Arrival;
import hodeon.app.stock.ledger.Cause;
import hodeon.app.stock.ledger.StockLedger;
import hodeon.app.stock.place.Place;
import java.nio.charset.StandardCharsets;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.UUID;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.mock.web.MockMultipartFile;
import org.springframework.test.web.servlet.ResultActions;

class HeatPageTest extends WebTest {

    @Autowired
    StockService stock;

    @Autowired
    StockLedger ledger;

    private UUID car;

    @BeforeEach
    void aCar() {
        car = stock.addPlace(mine.householdId(), "Car box", Place.Kind.KIT, Optional.empty(), Optional.empty());
        ledger.receive(
                mine.householdId(), List.of(limited("ibuprofen", 27), limited("paracetamol", 50)), Cause.of("sef", ""));
    }

    private Arrival limited(String supply, int celsius) {
        return new Arrival(
                car,
                supply,
                8,
                "",
                "",
                "",
                "",
                Optional.empty(),
                LocalDate.of(2026, 1, 1),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                OptionalInt.of(celsius),
                "");
    }

    private ResultActions read(Member member, String csv) throws Exception {
        return web.perform(multipart("/stock/heat")
                .file(new MockMultipartFile("file", csv.getBytes(StandardCharsets.UTF_8)))
                .param("place", car.toString())
                .with(user(member))
                .with(csrf()));
    }

    private static final String LOG = """
            time,celsius
            2026-07-01T08:00,15
            2026-07-01T09:00,22
            2026-07-01T10:00,31
            2026-07-01T11:00,38
            2026-07-01T12:00,27
            2026-07-01T13:00,18
            """;

    @Test
    void aLogIsHeldAgainstTheLimitsOfWhatLiesThere() throws Exception {
        read(mine, LOG)
                .andExpect(says("28.4 °C"))
                .andExpect(says("25.2 °C"))
                .andExpect(says("1 time, 1.0 h in all"))
                .andExpect(says("✕ stored too warm"))
                .andExpect(says("○ kept to it"));
        read(others, LOG).andExpect(status().isNotFound());
    }

    @Test
    void theSimulatedLoggerWritesALogThatCanBeRead() throws Exception {
        String csv =
                open(mine, "/simulated/hot-car.csv").andReturn().getResponse().getContentAsString();
        read(mine, csv).andExpect(says("144 readings")).andExpect(says("3 times"));
    }

    @Test
    void everyBadLineIsNamedAndNothingIsShown() throws Exception {
        String answer = read(
                        mine,
                        "time,celsius\n2026-02-29T08:00,20\n2026-07-01T08:00,500\nx\n2026-07-01T09:00,21\n2026-07-01T07:00,21\n")
                .andExpect(status().isUnprocessableContent())
                .andReturn()
                .getResponse()
                .getContentAsString();
        assertThat(answer)
                .contains("Line 2: the time")
                .contains("from -60 to 120")
                .contains("Line 4: a reading")
                .contains("Line 6: readings come in order");
        read(mine, "").andExpect(says("at least one reading"));
    }
}
