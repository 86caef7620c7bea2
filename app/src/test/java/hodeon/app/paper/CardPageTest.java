package hodeon.app.paper;

import static hodeon.app.PageText.says;
import static org.assertj.core.api.Assertions.assertThat;
import static org.awaitility.Awaitility.await;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import com.google.zxing.BinaryBitmap;
import com.google.zxing.RGBLuminanceSource;
import com.google.zxing.common.HybridBinarizer;
import com.google.zxing.qrcode.QRCodeReader;
import hodeon.app.WebTest;
import hodeon.app.brief.TripService;
import hodeon.app.household.Member;
import hodeon.app.mat.Mat;
import hodeon.app.mat.MatService;
import hodeon.app.people.PeopleService;
import hodeon.app.plan.KitCalculator;
import hodeon.core.party.Person;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.time.Duration;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.Base64;
import java.util.List;
import java.util.UUID;
import javax.imageio.ImageIO;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.cos.COSName;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.beans.factory.annotation.Autowired;

class CardPageTest extends WebTest {

    private static final double POINTS_A_MILLIMETRE = 72 / 25.4;

    @Autowired
    PeopleService people;

    @Autowired
    MatService mats;

    @Autowired
    KitCalculator calculator;

    private String trip() throws Exception {
        send(
                mine,
                "/people/new",
                "name",
                "Beck Halla",
                "years",
                "9",
                "kilograms",
                "29",
                "conditions",
                "ASTHMA",
                "rescue",
                "RELIEVER_INHALER",
                "where[RELIEVER_INHALER]",
                "deck bag",
                "regular[0].product",
                "cetirizine-syrup",
                "regular[0].units",
                "5",
                "regular[0].times",
                "08:00",
                "contact[0].name",
                "Lumi",
                "contact[0].phone",
                "0000 555 0141");
        String[] brief = with(
                with(with(brief("Skerry ring"), "people[1].name", "Beck Halla"), "people[1].years", "9"),
                "people[1].kilograms",
                "29");
        return String.valueOf(send(mine, "/trips/new", brief)
                        .andReturn()
                        .getResponse()
                        .getRedirectedUrl())
                .replace("/odds", "");
    }

    @Autowired
    TripService trips;

    private PDDocument pdf(Member member, String trip, String card, String size) throws Exception {
        return Loader.loadPDF(open(member, trip + "/cards.pdf?card=" + key(trip, card) + "&size=" + size)
                .andExpect(status().isOk())
                .andReturn()
                .getResponse()
                .getContentAsByteArray());
    }

    /** “person-1” is the second of the party, by their id. */
    private String key(String trip, String card) {
        if (!card.matches("(person|doses)-\\d")) {
            return card;
        }
        int dash = card.indexOf('-');
        Person person = trips.find(mine.householdId(), UUID.fromString(trip.replace("/trips/", "")))
                .trip()
                .party()
                .people()
                .get(Integer.parseInt(card.substring(dash + 1)));
        return card.substring(0, dash + 1) + person.id();
    }

    private static String text(PDDocument pdf) throws Exception {
        return new PDFTextStripper().getText(pdf).replaceAll("\\s+", " ");
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
        prompt        | a6    | 105 | 148 | First minutes | Press with all your weight
        prompt        | pouch | 85  | 120 | First minutes | Beck Halla: reliever inhaler, deck bag
        contents      | a4    | 210 | 297 | Contents: Skerry ring | Paracetamol 500 mg
        person-1      | a6    | 105 | 148 | Beck Halla | 5 ml of Children's cetirizine syrup
        doses-1       | a6    | 105 | 148 | Doses: Beck Halla | at least 4 h apart
        contacts      | a6    | 105 | 148 | Whom to call | Lumi: 0000 555 0141
        incident      | a4    | 210 | 297 | What happened | Tourniquet on at
        aid-choking   | pouch | 85  | 120 | Choking | Face down on your arm, head low: 5 blows.
        aid           | a6    | 105 | 148 | Not breathing | 30 pushes, 2 breaths
        howto         | a6    | 105 | 148 | How to use: Skerry ring | Never
        labels-large  | a4    | 210 | 297 | medicine | Paracetamol
        labels-small  | a6    | 210 | 297 | medicine | Paracetamol
        """)
    void eachCardHasItsPaperRealTextAndItsFontInside(
            String card, String size, int width, int height, String title, String says) throws Exception {
        String trip = trip();
        send(mine, trip + "/medicines/pin", "supply", "child-paracetamol", "pieces", "4", "version", "0");
        try (PDDocument pdf = pdf(mine, trip, card, size)) {
            assertThat(text(pdf).toLowerCase()).contains(title.toLowerCase(), says.toLowerCase());
            assertThat(pdf.getDocumentCatalog().getMarkInfo().isMarked())
                    .as("tagged")
                    .isTrue();
            assertThat(pdf.getDocumentCatalog().getStructureTreeRoot().getKids())
                    .isNotEmpty();
            assertThat(pdf.getDocumentCatalog().getLanguage()).isEqualTo("en");
            for (PDPage page : pdf.getPages()) {
                assertThat(page.getMediaBox().getWidth() / POINTS_A_MILLIMETRE).isBetween(width - 0.5, width + 0.5);
                assertThat(page.getMediaBox().getHeight() / POINTS_A_MILLIMETRE).isBetween(height - 0.5, height + 0.5);
                for (COSName font : page.getResources().getFontNames()) {
                    assertThat(page.getResources().getFont(font).isEmbedded()).isTrue();
                    assertThat(page.getResources().getFont(font).getName()).contains("Atkinson");
                }
            }
        }
    }

    /** Who has to turn a card over in the first minutes reads half of it. */
    @ParameterizedTest
    @CsvSource({
        "prompt",
        "aid-not-breathing",
        "aid-anaphylaxis",
        "aid-choking",
        "aid-severe-limb-bleeding",
        "aid-heat-stroke"
    })
    void whatIsNeededInTheFirstMinutesStandsOnOneSideInEverySize(String card) throws Exception {
        String trip = trip();
        for (String size : card.equals("prompt") ? List.of("a4", "a6", "pouch") : List.of("pouch")) {
            try (PDDocument pdf = pdf(mine, trip, card, size)) {
                assertThat(pdf.getNumberOfPages()).as(card + " " + size).isEqualTo(1);
            }
        }
    }

    @Test
    void theFirstMinutesLackNothingAndFollowTheSchool() throws Exception {
        String trip = trip();
        try (PDDocument pdf = pdf(mine, trip, "prompt", "a6")) {
            assertThat(text(pdf))
                    .containsSubsequence(
                            "Safe to go near?",
                            "Gloves on",
                            "Big bleeding?",
                            "Answer?",
                            "ten seconds. Gasps do not count",
                            "30 hard, fast pushes",
                            "Child or drowned: five breaths first.",
                            "Defibrillator",
                            "Choking",
                            "Allergic shock",
                            "on the side",
                            "neck pain",
                            "Warm:",
                            "Call, say: where (position)");
        }
        send(mine, "/settings/schools", "topic[first-breaths]", "two");
        try (PDDocument pdf = pdf(mine, trip, "prompt", "a6")) {
            assertThat(text(pdf)).contains("Child or drowned: two breaths first.");
        }
        try (PDDocument pdf = pdf(mine, trip, "incident", "a4")) {
            assertThat(text(pdf))
                    .contains(
                            "Age, pregnant? (week)",
                            "Number hurt",
                            "Where (position), way in",
                            "Neck pain? Hands and feet move",
                            "Allergies",
                            "Last food",
                            "Tourniquet on at",
                            "Adrenaline at",
                            "Bite or sting at; swelling edge",
                            "Seizure from, to; last seen well",
                            "Awake, voice, pain, none",
                            "Breaths",
                            "Pulse",
                            "Pupils",
                            "Skin",
                            "Pain 0–10");
            assertThat(pdf.getNumberOfPages()).isEqualTo(1);
        }
    }

    @Test
    void everythingIsPrintedAtOnceEachCardOnAPageOfItsOwn() throws Exception {
        String trip = trip();
        try (PDDocument pdf = pdf(mine, trip, "everything", "a6")) {
            List<String> heads = new ArrayList<>();
            PDFTextStripper stripper = new PDFTextStripper();
            stripper.setSortByPosition(true);
            for (int page = 1; page <= pdf.getNumberOfPages(); page++) {
                stripper.setStartPage(page);
                stripper.setEndPage(page);
                // Above the title of a dose card stands whose it is.
                heads.addAll(stripper.getText(pdf).lines().limit(4).toList());
            }
            assertThat(heads)
                    .contains(
                            "First minutes",
                            "Contents: Skerry ring",
                            "Ottilie Brandt",
                            "Doses: Ottilie Brandt",
                            "Beck Halla",
                            "Doses: Beck Halla",
                            "Whom to call: Skerry ring",
                            "What happened: Skerry ring");
        }
    }

    /** Torn apart, every page still says whose it is; what somebody needs in a hurry stands on the first. */
    @Test
    void everyPageOfADoseCardSaysWhoseItIs() throws Exception {
        String trip = withMedicinePinned();
        for (String size : List.of("a4", "a6", "pouch")) {
            saysWhoseItIsOnEveryPage(trip, size);
        }
    }

    private String withMedicinePinned() throws Exception {
        String trip = trip();
        send(mine, "/medicines/rules", "tradition", "BRITISH", "reserve", "", "poison", "Poison line 0000 555 0199");
        for (String supply : List.of("child-paracetamol", "ibuprofen", "cold-relief", "aspirin", "motion-tablet")) {
            String page =
                    open(mine, trip + "/medicines").andReturn().getResponse().getContentAsString();
            String version = page.replaceAll("(?s).*name=\"version\" value=\"(\\d+)\".*", "$1");
            send(
                    mine,
                    trip + "/medicines/pin",
                    "supply",
                    supply,
                    "pieces",
                    "4",
                    "version",
                    version.matches("\\d+") ? version : "0");
        }
        return trip;
    }

    private void saysWhoseItIsOnEveryPage(String trip, String size) throws Exception {
        try (PDDocument pdf = pdf(mine, trip, "doses-1", size)) {
            PDFTextStripper stripper = new PDFTextStripper();
            stripper.setSortByPosition(true);
            for (int page = 1; page <= pdf.getNumberOfPages(); page++) {
                stripper.setStartPage(page);
                stripper.setEndPage(page);
                assertThat(stripper.getText(pdf).replaceAll("\\s+", " "))
                        .as("%s, page %d", size, page)
                        .contains("Beck Halla, 9 years, 29 kg on ", "no allergy written down", "asthma", "as of 20");
            }
            stripper.setStartPage(1);
            stripper.setEndPage(1);
            String first = stripper.getText(pdf).replaceAll("\\s+", " ");
            assertThat(first)
                    .contains("Reliever inhaler: deck bag", "Again:", "Next allowed", "Poison line 0000 555 0199")
                    .doesNotContain("Not for them");
            String all = text(pdf);
            assertThat(all)
                    .contains("15 ml (360 mg)", "Not for them, or not said", "5 ml of Children's cetirizine syrup")
                    .doesNotContainPattern("Not for them, or not said.*inhaler");
        }
    }

    /** Also of somebody who only stands on the trip: an old mass of a child is no mass to dose by. */
    @Test
    void anOldMassIsSaidOnTheCardAndInTheBrief() throws Exception {
        String[] brief = with(
                with(with(brief("Skerry ring"), "people[1].name", "Tam Halla"), "people[1].years", "16 m"),
                "people[1].kilograms",
                "10.5");
        String trip = trip(mine, with(brief, "people[1].weighedOn", "2025-01-02"));
        open(mine, trip + "/brief").andExpect(says("weigh again: the mass is old"));
        try (PDDocument pdf = pdf(mine, trip, "doses-1", "a4")) {
            assertThat(text(pdf)).contains("Tam Halla, 16 months", "old: weigh again first");
        }
    }

    @Test
    void aCardSaysWhatIsInAMixtureWhatIsSharedAndWhoDirected() throws Exception {
        send(
                mine,
                "/people/new",
                "name",
                "Ottilie Brandt",
                "born",
                "1982-03-09",
                "kilograms",
                "68",
                "direction[0].ingredient",
                "ibuprofen",
                "direction[0].most",
                "400",
                "direction[0].day",
                "1200",
                "direction[0].hours",
                "8",
                "direction[0].by",
                "the harbour practice",
                "direction[0].on",
                LocalDate.now(ZoneId.systemDefault()).minusDays(9).toString());
        send(
                mine,
                "/medicines",
                "name",
                "Green box tablets",
                "ingredient",
                "paracetamol",
                "form",
                "TABLET",
                "strength",
                "500",
                "supply",
                "paracetamol",
                "step",
                "1",
                "perPiece",
                "2");
        String trip = trip();
        send(mine, trip + "/medicines/pin", "supply", "cold-relief", "pieces", "4", "version", "0");
        String version = open(mine, trip + "/mat")
                .andReturn()
                .getResponse()
                .getContentAsString()
                .replaceAll("(?s).*?name=\"version\" value=\"(\\d+)\".*", "$1");
        send(mine, trip + "/medicines/pin", "supply", "ibuprofen", "pieces", "4", "version", version);
        try (PDDocument pdf = pdf(mine, trip, "doses-0", "a4")) {
            assertThat(text(pdf))
                    .contains(
                            "born 1982-03-09, 44 years",
                            "Together no more than 4000 mg of paracetamol in 24 h, from all of these.",
                            "Green box tablets 1 tablet holds paracetamol 500 mg",
                            "caffeine 25 mg, paracetamol 500 mg, phenylephrine 5 mg",
                            "Directed by the harbour practice on ",
                            "Heed");
        }
    }

    @Test
    void anotherPhoneReadsThePersonCardFromItsPicture() throws Exception {
        String trip = trip();
        String page = open(mine, trip + "/cards?card=" + key(trip, "person-1"))
                .andReturn()
                .getResponse()
                .getContentAsString();
        String png = page.replaceAll("(?s).*data:image/png;base64,([A-Za-z0-9+/=]+).*", "$1");
        BufferedImage image =
                ImageIO.read(new ByteArrayInputStream(Base64.getDecoder().decode(png)));
        int[] pixels = image.getRGB(0, 0, image.getWidth(), image.getHeight(), null, 0, image.getWidth());
        String read = new QRCodeReader()
                .decode(new BinaryBitmap(
                        new HybridBinarizer(new RGBLuminanceSource(image.getWidth(), image.getHeight(), pixels))))
                .getText();
        assertThat(read)
                .contains(
                        "Beck Halla, 9 years, 29 kg",
                        "Asthma",
                        "Rescue: Reliever inhaler: deck bag",
                        "Call: Lumi: 0000 555 0141");
    }

    @Test
    void cardsAreTheHouseholdsAloneAndWhoPrintedThemIsNoted() throws Exception {
        String trip = trip();
        open(others, trip + "/cards").andExpect(status().isNotFound());
        open(others, trip + "/cards.pdf?card=" + key(trip, "person-1")).andExpect(status().isNotFound());
        open(mine, trip + "/cards.pdf?card=person-1").andExpect(status().isNotFound());
        open(mine, trip + "/cards?card=moon").andExpect(status().isNotFound());
        open(mine, trip + "/cards").andExpect(says("First minutes", "Print everything"));
        pdf(mine, trip, "person-1", "pouch").close();
        assertThat(people.views(
                        mine.householdId(),
                        people.all(mine.householdId()).getFirst().id(),
                        5))
                .anySatisfy(v -> assertThat(v.what()).isEqualTo("card"));
    }

    @Test
    void twoStrengthsOfOneSyrupNeverShareACard() throws Exception {
        send(
                mine,
                "/medicines",
                "name",
                "Strong paracetamol syrup",
                "ingredient",
                "paracetamol",
                "form",
                "SYRUP",
                "strength",
                "40",
                "step",
                "0.5",
                "perPiece",
                "5",
                "supply",
                "child-paracetamol",
                "bands",
                "");
        String trip = trip();
        send(mine, trip + "/medicines/pin", "supply", "child-paracetamol", "pieces", "4", "version", "0");
        try (PDDocument pdf = pdf(mine, trip, "doses-1", "a6")) {
            PDFTextStripper stripper = new PDFTextStripper();
            for (int page = 1; page <= pdf.getNumberOfPages(); page++) {
                stripper.setStartPage(page);
                stripper.setEndPage(page);
                String text = stripper.getText(pdf);
                assertThat(text.contains("Strong paracetamol syrup") && text.contains("120 mg in 5 ml"))
                        .isFalse();
            }
            assertThat(text(pdf)).contains("card 1 of 2", "card 2 of 2", "Strong paracetamol syrup", "120 mg in 5 ml");
        }
    }

    /** One press prints what changed since the last time; a new allergy is on their cards and on no other. */
    @Test
    void onePressPrintsWhatChangedSinceTheLastTime() throws Exception {
        String trip = trip();
        UUID id = UUID.fromString(trip.replace("/trips/", ""));
        // A kit that is still being looked for may change between two prints.
        await().atMost(Duration.ofMinutes(1)).until(() -> {
            Mat mat = mats.mat(mine.householdId(), id);
            return !calculator.recommend(mat.of(), mat.holds()).searching();
        });
        String changed = trip + "/cards/changed.pdf";
        try (PDDocument all =
                Loader.loadPDF(send(mine, changed).andReturn().getResponse().getContentAsByteArray())) {
            assertThat(text(all)).contains("First minutes", "Beck Halla", "Doses: Beck Halla", "Whom to call");
        }
        send(mine, changed).andExpect(status().is3xxRedirection());
        String beck = key(trip, "person-1").replace("person-", "/people/");
        send(mine, beck, "version", "0", "name", "Beck Halla", "years", "9", "kilograms", "29", "allergies", "LATEX");
        try (PDDocument again =
                Loader.loadPDF(send(mine, changed).andReturn().getResponse().getContentAsByteArray())) {
            assertThat(text(again)).contains("Beck Halla", "Reacts to latex").doesNotContain("Found from head to toe");
        }
    }
}
