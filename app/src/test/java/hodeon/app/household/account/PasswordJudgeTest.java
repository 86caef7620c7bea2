package hodeon.app.household.account;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Locale;
import org.junit.jupiter.api.Test;

class PasswordJudgeTest {

    private final PasswordJudge judge = new PasswordJudge();

    @Test
    void whatIsGuessedIsToldWithTheReasonInEnglishWhateverTheMachineSpeaks() {
        Locale machine = Locale.getDefault();
        try {
            Locale.setDefault(Locale.GERMAN);
            assertThat(judge.fault("password", List.of())).hasValueSatisfying(why -> assertThat(why)
                    .startsWith("This password would be guessed: this is a top-10 common password. Add another"));
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
