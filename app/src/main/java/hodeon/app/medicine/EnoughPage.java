package hodeon.app.medicine;

import hodeon.app.medicine.TripMedicines.Answer;
import hodeon.app.medicine.TripMedicines.CannotHave;
import hodeon.core.brief.Passage;
import hodeon.core.brief.Trip;
import hodeon.core.catalogue.Supply;
import hodeon.core.medication.BorderPapers;
import java.time.LocalDate;
import java.util.Comparator;
import java.util.List;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/**
 * The page of a trip's medicines.
 *
 * @param lines what is asked for, what is short first
 * @param shorts names of what is short; empty if nothing is
 * @param spare what is there though hardly asked for
 * @param withoutRelief for whom no pain relief is said
 * @param unknown who is not written down among the people
 * @param reserve days of delay that regular medicine is counted for
 * @param version of the mat
 */
record EnoughPage(
        List<EnoughLine> lines,
        String shorts,
        String spare,
        String withoutRelief,
        List<Cannot> cannot,
        String unknown,
        int reserve,
        long version,
        List<String> passage,
        BorderPapers papers,
        List<CountryNotes.Note> notes,
        LocalDate today) {

    /** What somebody must not have, and what they can have instead. */
    record Cannot(String supply, String people, String because, String instead) {

        static Cannot of(CannotHave cannot) {
            return new Cannot(
                    cannot.supply().name(),
                    cannot.who().person(),
                    cannot.who().because(),
                    cannot.who().instead().map(Supply::name).orElse("nothing known: ask"));
        }
    }

    static EnoughPage of(Trip trip, Answer answer, List<CountryNotes.Note> notes, LocalDate today) {
        List<EnoughLine> lines = Stream.concat(
                        answer.demand().regular().stream().map(r -> EnoughLine.regular(r, answer.onMat())),
                        answer.demand().asNeeded().stream()
                                .filter(a -> a.asked() > 0)
                                .map(a -> EnoughLine.asNeeded(a, trip.hoursToCare(), answer.onMat())))
                .sorted(Comparator.comparing(EnoughLine::enough))
                .toList();
        return new EnoughPage(
                lines,
                lines.stream().filter(l -> !l.enough()).map(EnoughLine::name).collect(Collectors.joining("; ")),
                answer.demand().asNeeded().stream()
                        .filter(a -> a.asked() == 0)
                        .map(EnoughLine::there)
                        .collect(Collectors.joining(", ")),
                String.join(", ", answer.demand().withoutRelief()),
                answer.cannot().stream().map(Cannot::of).toList(),
                answer.unknown().stream().map(g -> g.name()).collect(Collectors.joining(", ")),
                answer.reserveDays(),
                answer.matVersion(),
                trip.passage().stream().map(Passage::label).toList(),
                BorderPapers.of(
                        trip.passage(),
                        answer.catalogue().supplies(),
                        answer.onMat().keySet()),
                notes,
                today);
    }
}
