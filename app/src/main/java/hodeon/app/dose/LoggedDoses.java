package hodeon.app.dose;

import hodeon.app.evidence.HouseholdEvidence;
import hodeon.app.formulary.MedicineShelf;
import hodeon.app.people.PeopleService;
import hodeon.app.shell.Wording;
import hodeon.core.catalogue.Catalogue;
import hodeon.core.medication.formulary.Formulary;
import hodeon.core.medication.formulary.Product;
import hodeon.core.medication.gate.DoseVerdict;
import hodeon.core.medication.gate.LoggedUse;
import hodeon.core.medication.gate.Moments;
import java.math.BigDecimal;
import java.time.ZonedDateTime;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Doses that come from the log: what it says somebody was given, as far as a piece is a dose that somebody swallows. */
@Service
@Transactional
public class LoggedDoses {

    private final DoseBook book;
    private final PeopleService people;
    private final MedicineShelf medicines;
    private final HouseholdEvidence knowledge;

    LoggedDoses(DoseBook book, PeopleService people, MedicineShelf medicines, HouseholdEvidence knowledge) {
        this.book = book;
        this.people = people;
        this.medicines = medicines;
        this.knowledge = knowledge;
    }

    /**
     * A note in the log.
     *
     * @param who as the note calls them
     * @param person who it is; empty for somebody who is not of the party
     * @param used pieces by supply id
     * @param at when, on the clock on the wall there
     * @param over why it was given although something speaks against it; empty if nobody said so
     */
    public record Note(
            UUID id,
            String who,
            Optional<UUID> person,
            Map<String, Integer> used,
            ZonedDateTime at,
            String by,
            String over) {}

    /**
     * What came of it.
     *
     * @param counted each a sentence
     * @param against what speaks against it, each a sentence; then nothing of the note may be kept
     */
    public record Outcome(List<String> counted, List<String> against) {}

    /** A note that is no longer in the log was written by mistake, and so were its doses. */
    public void removed(UUID household, UUID note) {
        book.removed(household, note);
    }

    /** Whoever is not written down has no clock; that is told. */
    public Outcome take(UUID household, Note note) {
        List<String> counted = new ArrayList<>();
        List<String> against = new ArrayList<>();
        Optional<PeopleService.Known> person = note.person().flatMap(id -> people.maybe(household, id));
        Formulary formulary = medicines.of(household);
        Catalogue catalogue = knowledge.of(household).catalogue();
        note.used().forEach((supply, pieces) -> catalogue
                .supply(supply)
                .flatMap(s -> LoggedUse.of(formulary, s, pieces))
                .ifPresent(use -> {
                    Product product = use.product();
                    BigDecimal units = use.units();
                    String says = Wording.says("clockController.of", product.says(units), product.name());
                    if (person.isEmpty()) {
                        counted.add(Wording.says("loggedDoses.isOnNobodysDoseClockIsNot", says, note.who()));
                        return;
                    }
                    DoseVerdict verdict = book.note(
                            household,
                            person.get().id(),
                            new DoseBook.Given(
                                    product.id(), units, note.at(), note.by(), note.over(), Optional.of(note.id())));
                    ObjectionWords words = new ObjectionWords(note.at().getZone());
                    switch (verdict) {
                        case DoseVerdict.Allowed allowed ->
                            counted.add(Wording.says(
                                    "loggedDoses.isOnTheDoseClockOfGiven",
                                    says,
                                    note.who(),
                                    Moments.said(
                                            note.at().toInstant(), note.at().getZone())));
                        case DoseVerdict.Stopped stopped -> against.addAll(words.say(stopped.objections()));
                        case DoseVerdict.Refused refused
                        when note.over().isBlank() -> against.add(words.say(refused.objection()));
                        case DoseVerdict.Refused refused ->
                            counted.add(
                                    Wording.says("loggedDoses.isOnNoDoseClock", says, words.say(refused.objection())));
                    }
                }));
        return new Outcome(counted, against);
    }
}
