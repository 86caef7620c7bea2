package hodeon.app.brief.form;

import static hodeon.app.PageText.doesNotSay;
import static hodeon.app.PageText.says;
import static org.hamcrest.Matchers.allOf;
import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.not;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import hodeon.app.WebTest;
import java.time.LocalDate;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

class DraftTest extends WebTest {

    @Test
    void whatIsTypedIsKeptAsADraftUntilItIsSavedOrDropped() throws Exception {
        String trip = trip(mine, "Skerry ring");
        String[] typed =
                with(with(with(brief("Skerry ring"), "version", "0"), "massLimit", "12,5 kilos"), "do", "draft");
        send(mine, trip + "/brief", typed).andExpect(says("Kept as a draft"));
        open(mine, trip + "/brief").andExpect(says("12,5 kilos", "did not save"));
        send(mine, trip + "/draft/drop");
        open(mine, trip + "/brief").andExpect(doesNotSay("12,5 kilos"));
        send(mine, trip + "/brief", typed);
        send(mine, trip + "/brief", with(with(brief("Skerry ring"), "version", "0"), "massLimit", "1250"));
        open(mine, trip + "/brief")
                .andExpect(content().string(allOf(containsString("1250"), not(containsString("did not save")))));
    }

    @Test
    void aDraftOverAnOlderVersionDoesNotHideWhatWasSavedSince() throws Exception {
        String trip = trip(mine, "Skerry ring");
        send(mine, trip + "/brief", with(with(brief("Skerry ring"), "version", "0"), "massLimit", "1250"));
        send(
                mine,
                trip + "/brief",
                with(with(with(brief("Old typing"), "version", "0"), "massLimit", "9"), "do", "draft"));
        open(mine, trip + "/brief").andExpect(doesNotSay("Old typing"));
    }

    @Test
    void aNewTripHasADraftOfItsOwnAndNobodyElseSeesIt() throws Exception {
        send(mine, "/trips/new", with(brief("Half a plan"), "do", "draft"));
        open(mine, "/trips/new").andExpect(says("Half a plan"));
        open(others, "/trips/new").andExpect(doesNotSay("Half a plan"));
        send(mine, "/trips/new", brief("Half a plan, whole"));
        open(mine, "/trips/new").andExpect(doesNotSay("Half a plan"));
    }

    @ParameterizedTest
    @EnumSource(Preset.class)
    void aCommonStartLacksOnlyItsDatesAndPeople(Preset preset) throws Exception {
        open(mine, "/trips/new?preset=" + preset.name())
                .andExpect(status().isOk())
                .andExpect(content().string(containsString("value=\"" + preset.label() + "\"")));
        BriefConverter converter = new BriefConverter(preset.form(), LocalDate.of(2027, 5, 2));
        converter.convert();
        org.assertj.core.api.Assertions.assertThat(converter.faults())
                .allSatisfy(f -> org.assertj.core.api.Assertions.assertThat(f.field())
                        .matches("start|end|people.*|standing.adults"));
    }

    @Test
    void theBriefSaysWhatEachStanceChanges() throws Exception {
        open(mine, trip(mine, "Skerry ring") + "/brief").andExpect(says("of threats to life"));
    }
}
