package hodeon.browser;

import static org.assertj.core.api.Assertions.assertThat;

import hodeon.core.medication.Patient;
import hodeon.core.medication.RegularIntake;
import hodeon.core.medication.formulary.Formulary;
import hodeon.core.medication.formulary.FormularyReader;
import hodeon.core.medication.formulary.Product;
import hodeon.core.medication.formulary.Tradition;
import hodeon.core.medication.gate.AwayClock;
import hodeon.core.medication.gate.DoseGate;
import hodeon.core.medication.gate.GivenDose;
import hodeon.core.medication.gate.NextDose;
import hodeon.core.party.Age;
import java.math.BigDecimal;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalTime;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import tools.jackson.databind.json.JsonMapper;

/** What a device reckons out of reach is what the gate would say: any doses noted before and since, at any moment until it stops saying. */
class DoseClockTest {

    private static final int CASES = 400;
    private static final Formulary SHIPPED = FormularyReader.shipped();
    private static final LocalDate TODAY = LocalDate.of(2026, 6, 1);
    private static final Instant NOW = Instant.parse("2026-06-01T14:07:00Z");
    private static final List<ZoneId> ZONES =
            List.of(ZoneId.of("Asia/Tokyo"), ZoneId.of("Europe/Berlin"), ZoneId.of("America/Los_Angeles"));

    /** Products that share ingredients with each other, plain and mixed. */
    private static final List<Product> BAG = Stream.of(
                    "paracetamol-500",
                    "paracetamol-syrup-120",
                    "cold-sachet",
                    "cold-tablet",
                    "ibuprofen-200",
                    "ibuprofen-syrup-100",
                    "ibuprofen-decongestant",
                    "loperamide-2",
                    "cetirizine-10")
            .flatMap(id -> SHIPPED.product(id).stream())
            .toList();

    /** What the gate says and the device has to: thousandths of units now, some from when, the most at once from when. */
    record Said(
            long now,
            @Nullable Long soonest,
            long some,
            @Nullable Long full) {

        static Said of(NextDose next) {
            return new Said(
                    thousandths(next.now()),
                    next.soonest().map(l -> l.at().toEpochMilli()).orElse(null),
                    next.soonest().map(l -> thousandths(l.units())).orElse(0L),
                    next.full().map(Instant::toEpochMilli).orElse(null));
        }

        private static long thousandths(BigDecimal units) {
            return units.movePointRight(3).longValueExact();
        }
    }

    record Case(AwayClock book, String product, long at) {}

    @ParameterizedTest
    @ValueSource(longs = {1, 2, 3})
    void theDeviceReckonsAsTheGateDoes(long seed) throws Exception {
        Random random = new Random(seed);
        List<Case> cases = new ArrayList<>();
        List<Said> expected = new ArrayList<>();
        while (cases.size() < CASES) {
            somebody(random, cases, expected);
        }
        assertThat(expected.stream().filter(s -> s.now() == 0).count())
                .as("seed %d: some have to wait, some have not", seed)
                .isBetween(CASES / 10L, CASES * 9L / 10);
        JsonMapper json = JsonMapper.builder().build();
        try (Browser browser = Browser.on(SampleApp.get())) {
            browser.open("/actuator/health"); // An address of ours that brings no script along.
            Object said = browser.run(
                    "const known = {}; window.Alpine = { data: (name, make) => { known[name] = make; } };"
                            + Files.readString(Path.of(
                                    System.getProperty("hodeon.root"),
                                    "app/src/main/resources/static/js/dose-clock.js"))
                            + """
                            ;document.dispatchEvent(new Event('alpine:init'));
                            const c = known.doseClock();
                            return JSON.stringify(JSON.parse(arguments[0]).map((one) => {
                              const said = c.next(one.book, one.book.products.find((p) => p.id === one.product), one.at);
                              return { now: said.now?.units ?? 0, soonest: said.soonest?.at ?? null,
                                some: said.soonest?.amount.units ?? 0, full: said.full };
                            }));""",
                    json.writeValueAsString(cases));
            List<Said> reckoned = List.of(json.readValue((String) said, Said[].class));
            for (int i = 0; i < cases.size(); i++) {
                assertThat(reckoned.get(i))
                        .as("seed %d, case %d: %s", seed, i, cases.get(i))
                        .isEqualTo(expected.get(i));
            }
        }
    }

    /** One person with doses before the page was kept, and more of them noted on the device since. */
    private static void somebody(Random random, List<Case> cases, List<Said> expected) {
        Map.Entry<String, String> whom = List.of(
                        Map.entry("40", "70"), Map.entry("40", "42"), Map.entry("14", "45"), Map.entry("8", "24"))
                .get(random.nextInt(4));
        Patient patient = Patient.of("Beck", Age.parse(whom.getKey()).orElseThrow(), TODAY)
                .weighing(new BigDecimal(whom.getValue()), TODAY.minusMonths(1));
        if (random.nextInt(3) == 0) {
            Product daily = BAG.get(random.nextInt(BAG.size()));
            patient = patient.taking(
                    List.of(new RegularIntake(daily, daily.step(), List.of(LocalTime.of(8, 0), LocalTime.of(20, 0)))),
                    Set.of());
        }
        Tradition tradition = Tradition.values()[random.nextInt(2)];
        ZoneId zone = ZONES.get(random.nextInt(ZONES.size()));
        List<GivenDose> noted = doses(random, random.nextInt(7), NOW.minus(Duration.ofHours(44)), NOW);
        DoseGate kept = new DoseGate(SHIPPED, tradition, patient, noted, zone);
        AwayClock book = kept.away(BAG, List.of(), NOW);
        long minutes = Duration.ofMillis(book.until() - book.from()).toMinutes();
        Instant at = NOW.plusSeconds(60L * random.nextLong(Math.max(1, minutes)));
        List<GivenDose> all = Stream.concat(noted.stream(), doses(random, random.nextInt(3), NOW, at).stream())
                .toList();
        DoseGate gate = new DoseGate(SHIPPED, tradition, patient, all, zone);
        AwayClock since = gate.away(BAG, List.of(), NOW);
        AwayClock whole =
                new AwayClock(book.from(), book.until(), since.noted(), book.regular(), book.products(), book.packs());
        for (Product product : BAG) {
            boolean asked = book.products().stream().anyMatch(p -> p.id().equals(product.id()));
            if (asked) {
                gate.next(product, at).ifPresent(next -> {
                    cases.add(new Case(whole, product.id(), at.toEpochMilli()));
                    expected.add(Said.of(next));
                });
            }
        }
    }

    private static List<GivenDose> doses(Random random, int many, Instant from, Instant to) {
        long minutes = Math.max(1, Duration.between(from, to).toMinutes());
        return Stream.generate(() -> BAG.get(random.nextInt(BAG.size())))
                .limit(many)
                .map(p -> GivenDose.of(
                        from.plusSeconds(60L * random.nextLong(minutes)),
                        p,
                        p.step().multiply(BigDecimal.valueOf(1 + random.nextInt(4)))))
                .toList();
    }
}
