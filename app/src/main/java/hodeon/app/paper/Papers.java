package hodeon.app.paper;

import hodeon.app.brief.form.StoredTrip;
import hodeon.app.formulary.MedicineShelf;
import hodeon.app.journal.UseLog;
import hodeon.app.mat.MatService;
import hodeon.app.paper.Card.ContactsCard;
import hodeon.app.paper.Card.DoseCard;
import hodeon.app.paper.Card.IncidentForm;
import hodeon.app.paper.Card.PersonCard;
import hodeon.app.paper.Card.Pocket;
import hodeon.app.paper.Card.PromptCard;
import hodeon.app.people.BodyMass;
import hodeon.app.people.PartyPatients;
import hodeon.app.people.PartyPatients.Going;
import hodeon.app.people.Profile;
import hodeon.app.shell.Wording;
import hodeon.app.shell.chart.Qr;
import hodeon.core.medication.formulary.Formulary;
import hodeon.core.medication.formulary.Product;
import hodeon.core.party.Alike;
import java.math.BigDecimal;
import java.time.Clock;
import java.time.LocalDate;
import java.time.format.DateTimeFormatter;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;

/** Makes the cards of a trip out of what the other rooms know. */
@Component
public class Papers {

    private static final DateTimeFormatter MOMENT = DateTimeFormatter.ofPattern("MM-dd HH:mm:ss", Locale.ROOT);
    private static final int MOST_TIMES = 24;

    private final PartyPatients patients;
    private final MedicineShelf medicines;
    private final MatService mats;
    private final DoseCards doseCards;
    private final AidCards aidCards;
    private final ContentsCards contents;
    private final UseLog log;
    private final Clock clock;

    Papers(
            PartyPatients patients,
            MedicineShelf medicines,
            MatService mats,
            DoseCards doseCards,
            AidCards aidCards,
            ContentsCards contents,
            UseLog log,
            Clock clock) {
        this.patients = patients;
        this.medicines = medicines;
        this.mats = mats;
        this.doseCards = doseCards;
        this.aidCards = aidCards;
        this.contents = contents;
        this.log = log;
        this.clock = clock;
    }

    List<Going> party(UUID household, StoredTrip trip) {
        return patients.of(household, trip.trip().party().people());
    }

    /** Of those who are alike the first, who stands for all. */
    private List<Going> once(UUID household, StoredTrip trip) {
        Set<UUID> firsts = Alike.of(trip.trip().party().people()).stream()
                .map(a -> a.first().id())
                .collect(Collectors.toSet());
        return party(household, trip).stream()
                .filter(g -> firsts.contains(g.id()))
                .toList();
    }

    private static String name(StoredTrip trip, Going going) {
        return Alike.of(trip.trip().party().people()).stream()
                .filter(a -> a.first().id().equals(going.id()))
                .map(Alike::name)
                .findFirst()
                .orElse(going.name());
    }

    PersonCard person(UUID household, StoredTrip trip, Going going) {
        return person(household, name(trip, going), going);
    }

    /** Of somebody by themselves, without any outing. */
    public PersonCard person(UUID household, String name, Going going) {
        LocalDate today = LocalDate.now(clock);
        Formulary formulary = medicines.of(household);
        List<String> matters = new ArrayList<>();
        going.patient().allergies().stream()
                .sorted()
                .forEach(a -> matters.add(Wording.says("papers.reactsTo", a.label())));
        going.patient().conditions().stream().sorted().forEach(c -> matters.add(capital(c.label())));
        List<String> rescue = new ArrayList<>();
        List<String> regular = new ArrayList<>();
        List<String> call = new ArrayList<>();
        going.profile().ifPresent(p -> {
            p.rescue()
                    .forEach((r, where) ->
                            rescue.add(capital(r.label()) + ": " + (where.isBlank() ? "where? ____________" : where)));
            p.regular().forEach(r -> regular.add(regular(r, formulary)));
            p.contacts().forEach(c -> call.add(contact(c)));
        });
        String who = age(going, today)
                + going.patient().weighed().map(w -> ", " + BodyMass.said(w)).orElse("");
        String notes = going.profile().map(Profile::notes).orElse("");
        String text = name + ", " + who + "\n"
                + lines("", matters) + lines(Wording.says("papers.rescue") + " ", rescue)
                + lines(Wording.says("papers.takes") + " ", regular) + lines(Wording.says("papers.call") + " ", call)
                + Wording.says("papers.asOf", today);
        return new PersonCard(
                name,
                who,
                matters,
                rescue,
                regular,
                call,
                notes,
                text,
                Qr.of(text).orElse(null));
    }

    private static String lines(String before, List<String> lines) {
        return lines.stream().map(l -> before + l + "\n").collect(Collectors.joining());
    }

    private static String age(Going going, LocalDate today) {
        return going.patient().age().toString();
    }

    static String regular(Profile.Regular regular, Formulary formulary) {
        Optional<Product> product = formulary.product(regular.product());
        return Wording.says(
                "papers.at",
                product.map(p -> Wording.says("clockController.of", p.form().says(plain(regular.units())), p.name()))
                        .orElse(regular.product()),
                regular.times().stream().map(String::valueOf).collect(Collectors.joining(", ")),
                (regular.note().isBlank() ? "" : ", " + regular.note()));
    }

    private static String contact(Profile.Contact contact) {
        return contact.name() + (contact.relation().isBlank() ? "" : " (" + contact.relation() + ")") + ": "
                + contact.phone();
    }

    /** For what is on the mat and swallowed; two strengths of one syrup never share a card. */
    List<DoseCard> doses(UUID household, StoredTrip trip, Going going) {
        return doseCards.of(
                household, going, mats.onMat(household, trip).pieces().keySet());
    }

    PromptCard prompt(UUID household, StoredTrip trip) {
        List<String> call = new ArrayList<>();
        party(household, trip).forEach(g -> g.profile().stream()
                .flatMap(p -> p.contacts().stream())
                .map(Papers::contact)
                .filter(c -> !call.contains(c))
                .forEach(call::add));
        List<String> where = new ArrayList<>();
        party(household, trip).forEach(g -> g.profile().ifPresent(p -> p.rescue()
                .forEach((r, at) ->
                        where.add(g.name() + ": " + r.label() + ", " + (at.isBlank() ? "where? ____________" : at)))));
        return new PromptCard(
                Wording.says("cardController.firstMinutes"),
                aidCards.firstMinutes(trip).stream()
                        .map(s -> new Card.Step(s.name(), s.says()))
                        .toList(),
                where,
                call);
    }

    IncidentForm incident(StoredTrip trip) {
        List<String> times = log.of(trip.householdId(), trip.id()).stream()
                .flatMap(k -> k.detail().moments().stream()
                        .map(m -> MOMENT.format(m.at()) + " " + m.what()
                                + (k.detail().zone().isEmpty()
                                        ? ""
                                        : " (" + k.detail().zone() + ")")))
                .toList();
        return new IncidentForm(
                Wording.says("papers.whatHappened", trip.trip().name()),
                Alike.of(trip.trip().party().people()).stream().map(Alike::name).toList(),
                times.subList(Math.max(0, times.size() - MOST_TIMES), times.size()));
    }

    ContactsCard contacts(UUID household, StoredTrip trip) {
        return new ContactsCard(
                Wording.says("papers.whomToCall", trip.trip().name()),
                once(household, trip).stream()
                        .map(g -> new Pocket(
                                name(trip, g),
                                g.profile().map(Profile::contacts).orElse(List.of()).stream()
                                        .map(Papers::contact)
                                        .toList()))
                        .toList());
    }

    /** Everything for this trip, in the order it is handed out. */
    List<Card> everything(UUID household, StoredTrip trip) {
        List<Card> all = new ArrayList<>();
        all.add(prompt(household, trip));
        all.addAll(aidCards.ofTrip(trip));
        all.add(aidCards.howTo(trip));
        all.add(contents.of(household, trip));
        for (Going going : once(household, trip)) {
            all.add(person(household, trip, going));
            all.addAll(doses(household, trip, going));
        }
        all.add(contacts(household, trip));
        all.add(incident(trip));
        return all;
    }

    static String capital(String words) {
        return words.isEmpty() ? words : Character.toUpperCase(words.charAt(0)) + words.substring(1);
    }

    private static String plain(BigDecimal number) {
        return number.stripTrailingZeros().toPlainString();
    }
}
