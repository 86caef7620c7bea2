package hodeon.app.formulary;

import static hodeon.app.PageText.doesNotSay;
import static hodeon.app.PageText.says;
import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.flash;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import hodeon.app.WebTest;
import hodeon.core.medication.formulary.Product;
import hodeon.core.notice.Fault;
import java.util.List;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.beans.factory.annotation.Autowired;

class MedicinePageTest extends WebTest {

    @Autowired
    MedicineShelf shelf;

    private static final String[] OWN = {
        "name",
        "Acetaminophen 80 mg chews",
        "ingredient",
        "Acetaminophen",
        "form",
        "CHEWABLE",
        "strength",
        "80",
        "step",
        "1",
        "perPiece",
        "1",
        "supply",
        "",
        "bands",
        "age 6y-12y dose 160 every 6h times 4 most 640\nage 12y- dose 320-480 every 6h times 4 most 1920"
    };

    @Test
    void whatTheOwnPackSaysWinsAndIsTheHouseholdsAlone() throws Exception {
        send(mine, "/medicines", OWN).andExpect(flash().attribute("said", "Acetaminophen 80 mg chews added."));
        open(mine, "/medicines").andExpect(says("Acetaminophen 80 mg chews"));
        open(others, "/medicines").andExpect(doesNotSay("Acetaminophen 80 mg chews"));
        Product own = shelf.own(mine.householdId()).getFirst().product();
        // The same substance by another name: counted together with every paracetamol product.
        assertThat(own.strengths()).containsOnlyKeys("paracetamol");
        String to = send(mine, "/people/new", "name", "Beck", "years", "9", "kilograms", "29")
                .andReturn()
                .getResponse()
                .getRedirectedUrl();
        open(mine, to + "/doses?q=chews").andExpect(says("2 chewable tablets", "at least 6 h apart"));
        UUID row = shelf.own(mine.householdId()).getFirst().row();
        send(others, "/medicines/" + row + "/remove").andExpect(status().isNotFound());
        send(mine, "/medicines/" + row + "/remove");
        assertThat(shelf.own(mine.householdId())).isEmpty();
    }

    @Test
    @SuppressWarnings("unchecked")
    void everyFaultIsToldAndNothingIsKept() throws Exception {
        String[] bad = with(
                with(with(with(with(OWN, "name", ""), "strength", "much"), "form", "POTION"), "supply", "moon"),
                "bands",
                "two a day");
        List<Fault> faults = (List<Fault>)
                send(mine, "/medicines", bad).andReturn().getFlashMap().get("faults");
        assertThat(faults).map(Fault::field).containsExactly("name", "form", "strength", "supply", "bands");
        send(mine, "/medicines/rules", "tradition", "ROMAN", "reserve", "-3")
                .andExpect(flash().attributeExists("faults"));
        assertThat(shelf.own(mine.householdId())).isEmpty();
    }

    /** What was prescribed and mixes several: each is counted, and the direction for one of them says how much. */
    /** Five milligrams are not five millilitres: a unit that was not asked for is told, not dropped. */
    @Test
    void onlyTheUnitThatIsAskedForMayStandBehindANumber() throws Exception {
        Object faults = send(
                        mine,
                        "/medicines",
                        with(
                                with(with(with(OWN, "form", "SYRUP"), "strength", "120 mg"), "per", "5 mg"),
                                "step",
                                "1 mg"))
                .andReturn()
                .getFlashMap()
                .get("faults");
        assertThat((List<?>) faults).map(f -> ((Fault) f).field()).containsExactlyInAnyOrder("per", "step");
    }

    @Test
    void aMixtureOfOnesOwnIsCountedWithAllItHolds() throws Exception {
        String[] mixture = {
            "name", "Codeine and acetaminophen tablets",
            "ingredient", "codeine",
            "alsoHolds", "Acetaminophen 500 mg\nmoonwort 2,5",
            "form", "TABLET",
            "strength", "8",
            "step", "1",
            "perPiece", "1",
            "prescribed", "true",
            "bands", "age 18y- dose 1-2 every 6h times 4 most 8"
        };
        send(mine, "/medicines", mixture).andExpect(flash().attributeExists("said"));
        Product own = shelf.own(mine.householdId()).getFirst().product();
        assertThat(own.strengths()).containsOnlyKeys("codeine", "paracetamol", "own-moonwort");
        String sef = String.valueOf(send(
                        mine,
                        "/people/new",
                        "name",
                        "Sef",
                        "years",
                        "40",
                        "kilograms",
                        "77",
                        "direction[0].ingredient",
                        "codeine",
                        "direction[0].most",
                        "16",
                        "direction[0].day",
                        "64",
                        "direction[0].hours",
                        "6",
                        "direction[0].by",
                        "the practice",
                        "direction[0].on",
                        "2026-11-01")
                .andReturn()
                .getResponse()
                .getRedirectedUrl());
        // A direction for the codeine alone does not direct what else is in it.
        open(mine, sef + "/clock?product=" + own.id()).andExpect(says("for everything it holds"));
        String[] all = {
            "name", "Noor",
            "years", "40",
            "kilograms", "58"
        };
        String[][] directed = {{"codeine", "16", "64"}, {"paracetamol", "1000", "4000"}, {"own-moonwort", "5", "20"}};
        for (int i = 0; i < directed.length; i++) {
            String at = "direction[" + i + "].";
            all = with(
                    with(with(all, at + "ingredient", directed[i][0]), at + "most", directed[i][1]),
                    at + "day",
                    directed[i][2]);
            all = with(with(with(all, at + "hours", "6"), at + "by", "the practice"), at + "on", "2026-11-01");
        }
        String noor = String.valueOf(
                send(mine, "/people/new", all).andReturn().getResponse().getRedirectedUrl());
        open(mine, noor + "/clock?product=" + own.id())
                .andExpect(says("Yes, now: up to 2 tablets. But ask first", "holds moonwort", "not known here"));
        send(mine, "/medicines", with(with(mixture, "alsoHolds", "codeine 8\nparacetamol\nzinc 0"), "name", "Slips"))
                .andExpect(flash().attributeExists("faults"));
        assertThat(shelf.own(mine.householdId())).hasSize(1);
    }

    @Test
    void anUnknownSubstanceIsKeptUnderItsName() throws Exception {
        send(mine, "/medicines", with(with(OWN, "ingredient", "Moonwort"), "prescribed", "true"));
        assertThat(shelf.of(mine.householdId()).ingredient("own-moonwort")).isPresent();
        send(mine, "/medicines/rules", "tradition", "NORTH_AMERICAN", "reserve", "5");
        assertThat(shelf.rules(mine.householdId()).reserveFor(20)).isEqualTo(5);
    }

    @Test
    void theSameInFormAndStrengthRidesInTheKitInPlaceOfWhatShips() throws Exception {
        send(
                mine,
                "/medicines",
                "name",
                "A pack at home: ibuprofen 200 mg",
                "ingredient",
                "ibuprofen",
                "form",
                "TABLET",
                "strength",
                "200",
                "step",
                "1",
                "perPiece",
                "1",
                "bands",
                "age 18y- dose 200 every 8h times 2 most 400");
        // Entered twice, the first stands and nothing breaks.
        send(mine, "/medicines", with(with(with(OWN, "ingredient", "ibuprofen"), "form", "TABLET"), "strength", "200"));
        open(mine, "/medicines").andExpect(status().isOk());
        Product ours = shelf.of(mine.householdId()).inSupply("ibuprofen").orElseThrow();
        assertThat(ours.name()).isEqualTo("A pack at home: ibuprofen 200 mg");
        // It still lies in the kit as the supply that ships, counted in tablets.
        assertThat(ours.supply()).contains("ibuprofen");
        assertThat(ours.perPiece()).isEqualByComparingTo("1");
        String to = String.valueOf(send(mine, "/people/new", "name", "Sef", "years", "40", "kilograms", "77")
                .andReturn()
                .getResponse()
                .getRedirectedUrl());
        open(mine, to + "/doses?q=at home")
                .andExpect(says("1 tablet", "at least 8 h apart; at most 2 times and 2 tablets in 24 h"));
    }

    private static final String[] SYRUP = {
        "name", "Our paracetamol syrup",
        "ingredient", "paracetamol",
        "form", "SYRUP",
        "strength", "120",
        "per", "5",
        "step", "0.5",
        "perPiece", "100",
        "supply", "",
        "bands", "age 6y-8y dose 240 every 4h times 4 most 960"
    };

    /** “120 mg in 5 ml” is how bottles say it, and what is counted is the ml. */
    @Test
    void aStrengthInFiveMillilitresIsTakenAsTheBottleSaysIt() throws Exception {
        send(mine, "/medicines", SYRUP).andExpect(flash().attributeExists("said"));
        assertThat(shelf.own(mine.householdId()).getFirst().product().of("paracetamol"))
                .hasToString("24 mg");
        send(mine, "/medicines", with(with(OWN, "per", "5"), "name", "Chews in five"))
                .andExpect(flash().attributeExists("faults"));
        assertThat(shelf.own(mine.householdId())).hasSize(1);
    }

    /** A slip of the hand is asked about; nothing is kept until somebody says what they read on the pack. */
    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "per    | 1                                    | Was “in 5 ml” left out",
                "strength | 1200                               | a point slipped",
                "bands  | age 6y-8y dose 240 every 0h          | at least 4 h apart",
                "bands  | age 6y-8y dose 2400 every 4h times 4 | is more than the",
                "bands  | age 0m-8y dose 60 every 4h times 4   | so young",
            })
    @SuppressWarnings("unchecked")
    void whatLooksLikeASlipIsAskedAboutAndNotKeptUnanswered(String field, String typed, String question)
            throws Exception {
        String[] odd = with(SYRUP, field, typed);
        List<String> questions = (List<String>)
                send(mine, "/medicines", odd).andReturn().getFlashMap().get("questions");
        assertThat(String.join(" ", questions)).contains(question);
        assertThat(shelf.own(mine.householdId())).isEmpty();
        send(mine, "/medicines", with(odd, "confirmed", " ")).andExpect(flash().attributeExists("typed"));
        assertThat(shelf.own(mine.householdId())).isEmpty();
        send(mine, "/medicines", with(odd, "confirmed", "so on the box, read twice"));
        assertThat(shelf.own(mine.householdId())).hasSize(1);
    }

    @Test
    void twoIngredientsInOneFieldAreNotLostAsOneUnknown() throws Exception {
        send(mine, "/medicines", with(OWN, "ingredient", "paracetamol and codeine"))
                .andExpect(flash().attributeExists("faults"));
        assertThat(shelf.own(mine.householdId())).isEmpty();
    }

    /** Nobody here can say what it does together with anything; its kind at least lets the cautions for its kind hold. */
    @Test
    void whatIsNotKnownIsSaidAndAskedForItsKind() throws Exception {
        String said = (String) send(mine, "/medicines", with(with(OWN, "ingredient", "Ibuprofin"), "name", "Chews"))
                .andReturn()
                .getFlashMap()
                .get("said");
        assertThat(said).contains("“Ibuprofin” is not known here: did you mean ibuprofen?");
        send(mine, "/medicines", with(with(OWN, "ingredient", "Moonwort"), "name", "Wort"));
        open(mine, "/medicines").andExpect(says("What is not known here"));
        send(mine, "/medicines/kinds", "ingredient", "own-moonwort", "kind", "ANTI_INFLAMMATORY");
        String sef = String.valueOf(send(
                        mine,
                        "/people/new",
                        "name",
                        "Sef",
                        "years",
                        "40",
                        "kilograms",
                        "77",
                        "regular[0].product",
                        shelf.own(mine.householdId()).stream()
                                .filter(o -> o.product().name().equals("Wort"))
                                .findFirst()
                                .orElseThrow()
                                .product()
                                .id(),
                        "regular[0].units",
                        "1",
                        "regular[0].times",
                        "08:00")
                .andReturn()
                .getResponse()
                .getRedirectedUrl());
        open(mine, sef + "/doses?q=ibuprofen").andExpect(says("Moonwort", "not known here"));
        open(mine, sef + "/clock?product=ibuprofen-200").andExpect(says("Two of one kind (anti-inflammatory)"));
    }

    @Test
    void whomToCallIsKeptAlsoWhenOtherRulesAreSaved() throws Exception {
        send(mine, "/medicines/rules", "tradition", "BRITISH", "reserve", "", "poison", "Poison line 0000 555 0199");
        send(mine, "/medicines/rules", "tradition", "NORTH_AMERICAN", "reserve", "4");
        assertThat(shelf.rules(mine.householdId()).poisonAdvice()).isEqualTo("Poison line 0000 555 0199");
        send(mine, "/medicines/rules", "tradition", "BRITISH", "reserve", "", "poison", "x".repeat(121))
                .andExpect(flash().attributeExists("faults"));
    }
}
