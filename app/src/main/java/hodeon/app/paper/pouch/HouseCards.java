package hodeon.app.paper.pouch;

import hodeon.app.care.CareBook;
import hodeon.app.care.CareNote;
import hodeon.app.formulary.MedicineShelf;
import hodeon.app.paper.Card.CareDiary;
import hodeon.app.paper.Card.CareLine;
import hodeon.app.paper.Card.HouseSheet;
import hodeon.app.paper.Card.PersonCard;
import hodeon.app.paper.Card.Pocket;
import hodeon.app.paper.Papers;
import hodeon.app.people.PartyPatients;
import hodeon.app.people.PeopleService;
import hodeon.app.people.PeopleService.Known;
import hodeon.app.shell.Wording;
import hodeon.app.stock.StockService;
import hodeon.app.stock.ledger.Stock;
import hodeon.app.stock.place.Place;
import hodeon.core.party.Training;
import java.time.format.DateTimeFormatter;
import java.util.List;
import java.util.Locale;
import java.util.UUID;
import java.util.stream.Stream;
import org.springframework.stereotype.Component;

/** Papers that need no kit and no outing: the sheet on the wall, somebody's card, somebody's care diary. */
@Component
class HouseCards {

    private static final int LINES_SHOWN = 18;
    private static final DateTimeFormatter MOMENT = DateTimeFormatter.ofPattern("MM-dd HH:mm", Locale.ROOT);

    private final StockService stock;
    private final PeopleService people;
    private final PartyPatients patients;
    private final MedicineShelf medicines;
    private final Papers papers;
    private final CareBook care;

    HouseCards(
            StockService stock,
            PeopleService people,
            PartyPatients patients,
            MedicineShelf medicines,
            Papers papers,
            CareBook care) {
        this.stock = stock;
        this.people = people;
        this.patients = patients;
        this.medicines = medicines;
        this.papers = papers;
        this.care = care;
    }

    /** Nothing stands on it about anybody's health: it hangs where visitors read it. */
    HouseSheet house(UUID household, String name) {
        Stock all = stock.of(household);
        List<Known> known = people.all(household);
        return new HouseSheet(
                Wording.says("houseCards.firstAidAt", name),
                all.kits().stream().map(k -> kit(k, all)).toList(),
                known.stream()
                        .filter(k -> !k.profile().dog() && k.profile().training() != Training.UNTRAINED)
                        .map(k -> k.profile().name() + ": "
                                + k.profile().training().label())
                        .toList(),
                known.stream()
                        .flatMap(k -> k.profile().contacts().stream())
                        .map(c -> c.name() + ": " + c.phone())
                        .distinct()
                        .toList(),
                medicines.rules(household).poisonAdvice());
    }

    private static Pocket kit(Place kit, Stock all) {
        Place.Facts facts = kit.facts();
        return new Pocket(
                kit.name(),
                Stream.of(
                                facts.stands().isBlank() ? "where? ______________" : facts.stands(),
                                facts.knownBy().isBlank() ? "" : Wording.says("houseCards.knownBy", facts.knownBy()),
                                String.join(
                                        ", ",
                                        all.modules(kit.id()).stream()
                                                .map(Place::name)
                                                .toList()))
                        .filter(l -> !l.isBlank())
                        .toList());
    }

    PersonCard person(UUID household, Known known) {
        return papers.person(household, known.profile().name(), patients.of(household, known));
    }

    CareDiary care(UUID household, Known known) {
        List<CareLine> noted = care.of(household, known.id()).stream()
                .map(n -> new CareLine(
                        MOMENT.format(n.at()),
                        n.note().found(),
                        n.note().given(),
                        n.note().helped() == CareNote.Helped.NOT_KNOWN
                                ? ""
                                : n.note().helped().label()))
                .toList();
        return new CareDiary(
                Wording.says("houseCards.careDiary", known.profile().name()),
                person(household, known).who(),
                care.before(household, known.id()).stream()
                        .map(b -> b.what() + ": " + b.says())
                        .toList(),
                noted,
                Math.max(4, LINES_SHOWN - noted.size()));
    }
}
