package hodeon.app.remind;

import static hodeon.app.PageText.doesNotSay;
import static org.assertj.core.api.Assertions.assertThat;
import static org.hamcrest.Matchers.hasSize;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.flash;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import biweekly.Biweekly;
import biweekly.ICalVersion;
import biweekly.ICalendar;
import biweekly.component.VEvent;
import hodeon.app.WebTest;
import hodeon.app.stock.StockService;
import hodeon.app.stock.ledger.Arrival;
import hodeon.app.stock.ledger.Cause;
import hodeon.app.stock.ledger.StockLedger;
import hodeon.app.stock.place.Place;
import hodeon.core.stock.PrintedExpiry;
import java.net.URI;
import java.time.Clock;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;

class RemindersTest extends WebTest {

    @Autowired
    StockService stock;

    @Autowired
    StockLedger ledger;

    @Autowired
    Digests digests;

    @Autowired
    Clock clock;

    private LocalDate today;

    @BeforeEach
    void somethingThatExpires() throws Exception {
        today = LocalDate.now(clock);
        UUID pouch = stock.addPlace(
                mine.householdId(), "Deck pouch; \"blue\", big", Place.Kind.KIT, Optional.empty(), Optional.empty());
        ledger.receive(
                mine.householdId(),
                List.of(
                        arrival(pouch, "antiseptic-wipe", today.plusDays(20)),
                        arrival(pouch, "paracetamol", today.plusDays(20)),
                        arrival(pouch, "ibuprofen", today.minusDays(3)),
                        arrival(pouch, "auto-injector", today.plusMonths(8))),
                Cause.of("sef", ""));
        trip(mine, "Skerry ring");
    }

    private static Arrival arrival(UUID place, String supply, LocalDate until) {
        return Arrival.of(place, supply, 4, Optional.of(PrintedExpiry.of(until)), LocalDate.of(2026, 1, 1));
    }

    private static ICalendar calendar(String text) {
        ICalendar calendar = Biweekly.parse(text).first();
        assertThat(calendar.validate(ICalVersion.V2_0).isEmpty())
                .as(() -> calendar.validate(ICalVersion.V2_0).toString())
                .isTrue();
        return calendar;
    }

    @Test
    void aSecondLibraryReadsTheCalendar() throws Exception {
        String text =
                open(mine, "/reminders/calendar.ics").andReturn().getResponse().getContentAsString();
        List<VEvent> events = calendar(text).getEvents();
        assertThat(events)
                .extracting(e -> e.getSummary().getValue())
                .contains(
                        "Last good day of 2 lots, Deck pouch; \"blue\", big",
                        "Last good day: Adrenaline auto-injector (prescribed): 4 auto-injectors, Deck pouch; \"blue\", big",
                        "Check Deck pouch; \"blue\", big: Everything",
                        "Skerry ring");
        VEvent pair = events.stream()
                .filter(e -> e.getSummary().getValue().startsWith("Last good day of 2"))
                .findFirst()
                .orElseThrow();
        assertThat(new java.sql.Date(pair.getDateStart().getValue().getTime()).toLocalDate())
                .isEqualTo(today.plusDays(20));
        assertThat(pair.getDescription().getValue()).contains("Paracetamol 500 mg: 4 tablets");
        assertThat(pair.getAlarms()).hasSize(1);
        String again =
                open(mine, "/reminders/calendar.ics").andReturn().getResponse().getContentAsString();
        assertThat(calendar(again).getEvents())
                .extracting(e -> e.getUid().getValue())
                .isEqualTo(events.stream().map(e -> e.getUid().getValue()).toList())
                .doesNotHaveDuplicates();
    }

    @Test
    void aFeedIsOpenedByItsAddressAloneUntilItIsRevoked() throws Exception {
        String first = address();
        String text = web.perform(get(URI.create(first)))
                .andExpect(status().isOk())
                .andReturn()
                .getResponse()
                .getContentAsString();
        assertThat(calendar(text).getEvents()).isNotEmpty();
        String second = address();
        web.perform(get(URI.create(first))).andExpect(status().isNotFound());
        web.perform(get(URI.create(second))).andExpect(status().isOk());
        send(mine, "/reminders/feed/revoke");
        web.perform(get(URI.create(second))).andExpect(status().isNotFound());
        web.perform(get("/feeds/x/calendar.ics")).andExpect(status().isNotFound());
    }

    private String address() throws Exception {
        return String.valueOf(
                send(mine, "/reminders/feed").andReturn().getFlashMap().get("address"));
    }

    @Test
    void aDigestGoesToTheSimulatedOutboxWhenItIsDueAndNotBefore() throws Exception {
        send(mine, "/reminders/digest", "address", "ottilie@tidewrack.example\nBcc: all@x.example", "days", "0")
                .andExpect(flash().attribute("faults", hasSize(2)));
        send(mine, "/reminders/digest", "address", "ottilie@tidewrack.example", "days", "7");
        digests.sendDue();
        digests.sendDue();
        String outbox =
                open(mine, "/simulated/outbox").andReturn().getResponse().getContentAsString();
        assertThat(outbox)
                .contains("due in six weeks, 1 overdue")
                .contains("(overdue) Last good day: Ibuprofen 200 mg: 4 tablets");
        assertThat(outbox.split("to ottilie@tidewrack.example")).hasSize(2);
        open(others, "/simulated/outbox").andExpect(doesNotSay("ottilie"));
        send(mine, "/reminders/digest/now").andExpect(flash().attribute("said", "Sent."));
        send(mine, "/reminders/digest", "address", "");
        assertThat(digests.wish(mine.householdId())).isEmpty();
        open(mine, "/reminders").andExpect(status().isOk());
    }
}
