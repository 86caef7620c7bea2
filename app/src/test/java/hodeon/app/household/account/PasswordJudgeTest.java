package hodeon.app.household.account;

import static org.assertj.core.api.Assertions.assertThat;

import hodeon.app.shell.style.HouseStyle;
import java.util.List;
import java.util.Locale;
import org.junit.jupiter.api.Test;

class PasswordJudgeTest {

    private final PasswordJudge judge = new PasswordJudge();

    @Test
    void whatIsGuessedIsToldWithTheReasonInTheLanguageOfTheHouseWhateverThatOfTheMachine() {
        Locale machine = Locale.getDefault();
        try {
            for (Locale other : List.of(Locale.ENGLISH, Locale.GERMAN)) {
                Locale.setDefault(other);
                assertThat(judge.fault("password", List.of())).hasValueSatisfying(why -> assertThat(why)
                        .startsWith("This password would be guessed: this is a top-10 common password. Add another"));
                assertThat(HouseStyle.METRIC.in(Locale.GERMAN).in(() -> judge.fault("password", List.of())))
                        .hasValueSatisfying(
                                why -> assertThat(why)
                                        .startsWith(
                                                "Dieses Passwort würde erraten: Das ist eines der 10 häufigsten Passwörter. Bitte ein"));
            }
        } finally {
            Locale.setDefault(machine);
        }
    }

    @Test
    void wordsThatHaveNothingToDoWithEachOtherDoAndTheOwnNameDoesNotHelp() {
        assertThat(judge.fault("four plain words here", List.of())).isEmpty();
        assertThat(judge.fault("ottilie1", List.of("Ottilie"))).isPresent();
    }
}
