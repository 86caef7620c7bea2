package hodeon.app.check;

import hodeon.app.people.PeopleService;
import hodeon.app.people.WholeWords;
import java.util.regex.Pattern;
import org.springframework.context.event.EventListener;
import org.springframework.data.domain.Limit;
import org.springframework.stereotype.Component;

/** Those who were said to have something that a check round did not find. */
@Component
class Borrowers {

    private final RoundRepository rounds;

    Borrowers(RoundRepository rounds) {
        this.rounds = rounds;
    }

    /** Who was erased is no longer named. */
    @EventListener
    void erased(PeopleService.Erased gone) {
        Pattern name = WholeWords.of(gone.name());
        rounds.findByHouseholdIdOrderByStartedAtDesc(gone.householdId(), Limit.unlimited()).stream()
                .flatMap(round -> round.lines.stream())
                .forEach(line -> line.lentTo = name.matcher(line.lentTo).replaceAll("somebody"));
    }
}
