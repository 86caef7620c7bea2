package hodeon.app.medicine;

import hodeon.app.medicine.TripMedicines.Answer;
import hodeon.app.medicine.TripMedicines.CannotHave;
import hodeon.app.shell.Wording;
import hodeon.core.brief.Passage;
import hodeon.core.brief.Trip;
import hodeon.core.catalogue.Supply;
import hodeon.core.medication.BorderPapers;
import hodeon.core.party.Alike;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
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

        /** What is not for several for one reason is told once. */
        static List<Cannot> of(List<CannotHave> all) {
            Map<Cannot, List<String>> names = new LinkedHashMap<>();
            for (CannotHave cannot : all) {
                Cannot said = new Cannot(
                        cannot.supply().name(),
                        "",
                        cannot.who().because(),
                        cannot.who().instead().map(Supply::name).orElse(Wording.says("enoughPage.nothingKnownAsk")));
                names.computeIfAbsent(said, s -> new ArrayList<>())
                        .add(cannot.who().person());
            }
            return names.entrySet().stream()
                    .map(e -> new Cannot(
                            e.getKey().supply(),
                            Alike.listed(e.getValue()),
                            e.getKey().because(),
                            e.getKey().instead()))
                    .toList();
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
                Alike.listed(answer.demand().withoutRelief()),
                Cannot.of(answer.cannot()),
                Alike.listed(answer.unknown().stream().map(g -> g.name()).toList()),
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
