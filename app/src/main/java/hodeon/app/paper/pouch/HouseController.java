package hodeon.app.paper.pouch;

import hodeon.app.household.Member;
import hodeon.app.paper.Card;
import hodeon.app.paper.PaperSize;
import hodeon.app.paper.Pdf;
import hodeon.app.people.PeopleService;
import hodeon.app.people.PeopleService.Known;
import hodeon.app.shell.Shown;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestParam;

/** The sheet for the wall, and the papers of one person. */
@Controller
class HouseController {

    private final HouseCards cards;
    private final PeopleService people;
    private final Pdf pdf;

    HouseController(HouseCards cards, PeopleService people, Pdf pdf) {
        this.cards = cards;
        this.people = people;
        this.pdf = pdf;
    }

    /** @param known whose paper it is; null for the house's @param address of the page, without its size */
    record PaperPage(
            String name,
            @Nullable Known known,
            String address,
            PaperSize size,
            List<PaperSize> sizes,
            List<Card> cards) {}

    @GetMapping("/house-sheet")
    String house(
            @AuthenticationPrincipal Member member, @RequestParam(defaultValue = "full") String size, Model model) {
        return page(
                "For the wall",
                null,
                "/house-sheet",
                size,
                cards.house(member.householdId(), member.householdName()),
                model);
    }

    @GetMapping("/house-sheet.pdf")
    ResponseEntity<byte[]> housePdf(
            @AuthenticationPrincipal Member member, @RequestParam(defaultValue = "full") String size) {
        return pdf(cards.house(member.householdId(), member.householdName()), size);
    }

    @GetMapping("/people/{id}/card")
    String person(
            @AuthenticationPrincipal Member member,
            @PathVariable UUID id,
            @RequestParam(defaultValue = "a6") String size,
            Model model) {
        Known known = seen(member, id, "card");
        return page(
                known.profile().name(),
                known,
                "/people/" + id + "/card",
                size,
                cards.person(member.householdId(), known),
                model);
    }

    @GetMapping("/people/{id}/card.pdf")
    ResponseEntity<byte[]> personPdf(
            @AuthenticationPrincipal Member member,
            @PathVariable UUID id,
            @RequestParam(defaultValue = "a6") String size) {
        return pdf(cards.person(member.householdId(), seen(member, id, "card")), size);
    }

    @GetMapping("/people/{id}/care.pdf")
    ResponseEntity<byte[]> carePdf(
            @AuthenticationPrincipal Member member,
            @PathVariable UUID id,
            @RequestParam(defaultValue = "full") String size) {
        return pdf(cards.care(member.householdId(), seen(member, id, "care diary")), size);
    }

    private Known seen(Member member, UUID id, String what) {
        Known known = people.find(member.householdId(), id);
        people.seen(member.householdId(), id, member.getUsername(), what);
        return known;
    }

    private static String page(
            String name, @Nullable Known known, String address, String size, Card card, Model model) {
        return Shown.page(
                "paper/one",
                new PaperPage(name, known, address, PaperSize.of(size), PaperSize.ofCards(), List.of(card)),
                model);
    }

    private ResponseEntity<byte[]> pdf(Card card, String size) {
        return Pdf.shown(pdf.of(List.of(card), PaperSize.of(size)), "paper");
    }
}
