package hodeon.app.paper;

import hodeon.app.brief.Progress;
import hodeon.app.brief.TripService;
import hodeon.app.brief.form.StoredTrip;
import hodeon.app.household.Member;
import hodeon.app.paper.pouch.Printed;
import hodeon.app.people.PartyPatients.Going;
import hodeon.app.people.PeopleService;
import hodeon.app.shell.NotHere;
import hodeon.app.shell.Shown;
import hodeon.app.shell.Wording;
import hodeon.core.party.Alike;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;

/** The cards of a trip: looked at as they will lie on the paper, and printed as PDF. */
@Controller
class CardController {

    private final Papers papers;
    private final ContentsCards contents;
    private final AidCards aidCards;
    private final Pdf pdf;
    private final TripService trips;
    private final Progress progress;
    private final PeopleService people;
    private final Printed printed;

    CardController(
            Papers papers,
            ContentsCards contents,
            AidCards aidCards,
            Pdf pdf,
            TripService trips,
            Progress progress,
            PeopleService people,
            Printed printed) {
        this.papers = papers;
        this.contents = contents;
        this.aidCards = aidCards;
        this.pdf = pdf;
        this.trips = trips;
        this.progress = progress;
        this.people = people;
        this.printed = printed;
    }

    /** A card that can be chosen; {@code key} names it in addresses. */
    record Choice(String key, String name) {}

    /** @param card the key of what is shown in {@code cards} */
    record CardsPage(
            Progress.Strip strip,
            List<Choice> choices,
            String card,
            PaperSize size,
            List<PaperSize> sizes,
            List<Card> cards) {}

    @GetMapping("/trips/{id}/cards")
    String page(
            @AuthenticationPrincipal Member member,
            @PathVariable UUID id,
            @RequestParam(defaultValue = "prompt") String card,
            @RequestParam(defaultValue = "a6") String size,
            Model model) {
        StoredTrip trip = trips.find(member.householdId(), id);
        PaperSize paper = card.startsWith("labels") ? PaperSize.full() : PaperSize.of(size);
        CardsPage view = new CardsPage(
                progress.of(member.householdId(), trip, "Cards"),
                choices(trip),
                card,
                paper,
                PaperSize.ofCards(),
                cards(member, trip, card));
        return Shown.page("paper/cards", view, model);
    }

    @GetMapping("/trips/{id}/cards.pdf")
    ResponseEntity<byte[]> print(
            @AuthenticationPrincipal Member member,
            @PathVariable UUID id,
            @RequestParam(defaultValue = "everything") String card,
            @RequestParam(defaultValue = "a6") String size) {
        StoredTrip trip = trips.find(member.householdId(), id);
        PaperSize paper = card.startsWith("labels") ? PaperSize.full() : PaperSize.of(size);
        return Pdf.shown(pdf.of(cards(member, trip, card), paper), "cards");
    }

    /** What stands otherwise on a card than when it was last printed from here; labels are printed by themselves. */
    @PostMapping("/trips/{id}/cards/changed.pdf")
    Object changed(
            @AuthenticationPrincipal Member member,
            @PathVariable UUID id,
            @RequestParam(defaultValue = "a6") String size,
            RedirectAttributes next) {
        StoredTrip trip = trips.find(member.householdId(), id);
        Map<String, List<? extends Card>> all = new LinkedHashMap<>();
        choices(trip).stream()
                .map(Choice::key)
                .filter(k -> !k.startsWith("labels"))
                .forEach(k -> all.put(k, cards(member, trip, k)));
        all.keySet().retainAll(printed.changed(member.householdId(), id, all));
        if (all.isEmpty()) {
            next.addFlashAttribute("said", "Nothing changed since it was printed.");
            return "redirect:/trips/" + id + "/cards";
        }
        byte[] made = pdf.of(all.values().stream().flatMap(List::stream).toList(), PaperSize.of(size));
        printed.keep(member.householdId(), id, all);
        return Pdf.shown(made, "cards");
    }

    private static List<Choice> choices(StoredTrip trip) {
        List<Choice> choices = new ArrayList<>(List.of(
                new Choice("prompt", Wording.says("cardController.firstMinutes")),
                new Choice("aid", Wording.says("cardController.whatToDoByOdds")),
                new Choice("howto", Wording.says("cardController.howToUseWhatIsAlong")),
                new Choice("contents", Wording.says("cardController.contentsByPocket")),
                new Choice("contacts", Wording.says("cardController.whomToCall")),
                new Choice("incident", Wording.says("cardController.whatHappenedForm")),
                new Choice("labels-large", Wording.says("cardController.labelsLarge")),
                new Choice("labels-medium", Wording.says("cardController.labelsMedium")),
                new Choice("labels-small", Wording.says("cardController.labelsSmall"))));
        for (Alike who : Alike.of(trip.trip().party().people())) {
            choices.add(new Choice("person-" + who.first().id(), who.name()));
            choices.add(new Choice("doses-" + who.first().id(), Wording.says("cardController.doses", who.name())));
        }
        return choices;
    }

    private List<Card> cards(Member member, StoredTrip trip, String key) {
        UUID household = member.householdId();
        return switch (key.replaceFirst("-.*", "")) {
            case "prompt" -> List.of(papers.prompt(household, trip));
            case "aid" -> key.equals("aid") ? List.copyOf(aidCards.ofTrip(trip)) : List.of(doNow(trip, key));
            case "howto" -> List.of(aidCards.howTo(trip));
            case "contents" -> List.of(contents.of(household, trip));
            case "contacts" -> {
                papers.party(household, trip).forEach(g -> seen(member, g, "contacts"));
                yield List.of(papers.contacts(household, trip));
            }
            case "incident" -> List.of(papers.incident(trip));
            case "labels" ->
                List.of(ContentsCards.labels(
                        contents.of(household, trip),
                        key.endsWith("-large") ? "large" : key.endsWith("-small") ? "small" : "medium"));
            case "person" -> {
                Going going = going(household, trip, key);
                seen(member, going, "card");
                yield List.of(papers.person(household, trip, going));
            }
            case "doses" -> {
                Going going = going(household, trip, key);
                seen(member, going, "dose card");
                yield List.copyOf(papers.doses(household, trip, going));
            }
            case "everything" -> {
                papers.party(household, trip).forEach(g -> seen(member, g, "all cards"));
                yield papers.everything(household, trip);
            }
            default -> throw new NotHere("card " + key);
        };
    }

    private Card doNow(StoredTrip trip, String key) {
        return aidCards.ofTrip(trip, key.substring(key.indexOf('-') + 1)).orElseThrow(() -> new NotHere("card " + key));
    }

    private Going going(UUID household, StoredTrip trip, String key) {
        String id = key.substring(key.indexOf('-') + 1);
        return papers.party(household, trip).stream()
                .filter(g -> g.id().toString().equals(id))
                .findFirst()
                .orElseThrow(() -> new NotHere("card " + key));
    }

    private void seen(Member member, Going going, String what) {
        if (going.profile().isPresent()) {
            people.seen(member.householdId(), going.id(), member.getUsername(), what);
        }
    }
}
