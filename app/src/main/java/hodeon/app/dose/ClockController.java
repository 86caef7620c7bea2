package hodeon.app.dose;

import hodeon.app.household.Member;
import hodeon.app.medicine.MedicineShelf;
import hodeon.app.people.PeopleService;
import hodeon.app.trip.TripService;
import hodeon.core.medication.DoseAnswer;
import hodeon.core.medication.DoseClock;
import hodeon.core.medication.Product;
import hodeon.core.notice.Faults;
import hodeon.core.units.Dose;
import jakarta.servlet.http.HttpServletResponse;
import java.math.BigDecimal;
import java.time.Clock;
import java.time.DateTimeException;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDateTime;
import java.time.ZoneId;
import java.time.ZonedDateTime;
import java.time.format.DateTimeFormatter;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;

/** The dose clock: what counts in the last 24 hours, what has room, when the next dose may be; and noting one. */
@Controller
class ClockController {

    private static final BigDecimal MOST_UNITS = BigDecimal.valueOf(1000);
    private static final Duration OLDEST = Duration.ofDays(7);
    private static final Duration SOONEST = Duration.ofMinutes(10);
    private static final int LONGEST_REASON = 300;

    private final DoseBook book;
    private final PeopleService people;
    private final MedicineShelf medicines;
    private final TripService trips;
    private final Clock clock;

    ClockController(DoseBook book, PeopleService people, MedicineShelf medicines, TripService trips, Clock clock) {
        this.book = book;
        this.people = people;
        this.medicines = medicines;
        this.trips = trips;
        this.clock = clock;
    }

    record Counting(String ingredient, String taken, String room, String next, boolean later, Strip strip) {}

    record Dosed(UUID id, String when, String says, String by, String over, String struck) {}

    record Row(UUID id, String name, List<Counting> counting) {}

    /** Everybody at once; of a trip only those who go along. */
    @GetMapping("/doses")
    String everybody(
            @AuthenticationPrincipal Member member, @RequestParam(required = false) @Nullable UUID trip, Model model) {
        UUID household = member.householdId();
        Optional<Set<String>> along = Optional.ofNullable(trip)
                .map(id -> trips.find(household, id).trip().party().people().stream()
                        .map(p -> p.name().toLowerCase(Locale.ROOT))
                        .collect(Collectors.toSet()));
        List<PeopleService.Known> shown = people.all(household).stream()
                .filter(k -> !k.profile().dog())
                .filter(k -> along.isEmpty()
                        || along.get().contains(k.profile().name().toLowerCase(Locale.ROOT)))
                .toList();
        people.seen(household, shown, member.getUsername(), "dose clock of all");
        List<Row> rows = book.of(household, shown).stream()
                .map(of -> new Row(
                        of.known().id(),
                        of.known().profile().name(),
                        counting(of, Optional.empty(), ZoneId.systemDefault())))
                .sorted(Comparator.comparing(r -> r.counting().isEmpty()))
                .toList();
        model.addAttribute("rows", rows);
        model.addAttribute("trip", trip);
        return "dose/everybody";
    }

    @GetMapping("/people/{id}/clock")
    String one(
            @AuthenticationPrincipal Member member,
            @PathVariable UUID id,
            @RequestParam(defaultValue = "") String product,
            Model model) {
        ZoneId zone = ZoneId.systemDefault();
        String now = LocalDateTime.now(clock).truncatedTo(ChronoUnit.MINUTES).toString();
        return page(member, id, Map.of("product", product, "at", now, "zone", zone.getId()), model);
    }

    private String page(Member member, UUID id, Map<String, String> typed, Model model) {
        DoseCase of = book.of(member.householdId(), id);
        people.seen(member.householdId(), id, member.getUsername(), "dose clock");
        ZoneId zone = zone(typed.getOrDefault("zone", "")).orElse(ZoneId.systemDefault());
        Optional<Product> product = of.formulary().product(typed.getOrDefault("product", ""));
        model.addAttribute("known", of.known());
        model.addAttribute("who", SheetController.about(of));
        model.addAttribute("typed", typed);
        model.addAttribute("products", medicines.products(member.householdId()));
        model.addAttribute(
                "chosen", product.map(p -> SheetController.line(of.answer(p))).orElse(null));
        model.addAttribute("mayNow", product.map(p -> MayNow.of(of, p, zone)).orElse(null));
        model.addAttribute("counting", counting(of, product, zone));
        model.addAttribute(
                "doses",
                of.kept().reversed().stream()
                        .map(k -> new Dosed(
                                k.id(),
                                DateTimeFormatter.ofPattern("yyyy-MM-dd HH:mm", Locale.ROOT)
                                                .format(k.at().atZone(k.noted().zone()))
                                        + (sameClock(k.noted().zone(), zone, k.at())
                                                ? ""
                                                : " (" + k.noted().zone() + ")"),
                                k.noted().says() + " of " + k.noted().name(),
                                k.noted().by(),
                                k.noted().over(),
                                k.noted().struck()))
                        .toList());
        return "dose/clock";
    }

    private List<Counting> counting(DoseCase of, Optional<Product> product, ZoneId zone) {
        Instant now = clock.instant();
        List<Counting> counting = new ArrayList<>();
        for (String ingredient : of.counted(product)) {
            String name = of.name(ingredient);
            Function<Dose, String> says = of.onTheSpot(ingredient)
                    .<Function<Dose, String>>map(p -> p::says)
                    .orElse(Dose::toString);
            Optional<DoseClock> known = of.clock(ingredient, product);
            Optional<Dose> once = once(of, ingredient, product);
            Optional<Instant> next = known.flatMap(c -> once.flatMap(d -> c.next(d, now)));
            counting.add(new Counting(
                    name,
                    says.apply(known.map(c -> c.inLastDay(now)).orElse(Dose.ZERO)),
                    known.isEmpty()
                            ? "not known, no label speaks for them"
                            : known.get().room(now).map(says).orElse("as much as needed: no most is said"),
                    known.isEmpty() || once.isEmpty()
                            ? "not said for them, ask first"
                            : next.map(n -> n.equals(now)
                                            ? "now, up to " + says.apply(once.get())
                                            : says.apply(once.get()) + " from " + MayNow.from(n, now, zone))
                                    .orElse("not within a day: " + says.apply(once.get())
                                            + " is more than a day's most"),
                    next.isEmpty() || next.get().isAfter(now),
                    Strip.of(ingredient, says, of.taken(), now, next, zone)));
        }
        return counting;
    }

    /** One dose of what is looked at, else of the last product that held it; empty if that is not said for them. */
    private static Optional<Dose> once(DoseCase of, String ingredient, Optional<Product> product) {
        return product.filter(p -> p.counts(ingredient))
                .or(() -> of.kept().reversed().stream()
                        .filter(k -> k.counts() && k.noted().amounts().containsKey(ingredient))
                        .findFirst()
                        .flatMap(k -> of.formulary().product(k.noted().product())))
                .map(of::answer)
                .flatMap(a -> a instanceof DoseAnswer.Give give
                        ? Optional.ofNullable(
                                give.product().counted(give.most()).get(ingredient))
                        : Optional.empty());
    }

    private static boolean sameClock(ZoneId one, ZoneId other, Instant at) {
        return one.getRules().getOffset(at).equals(other.getRules().getOffset(at));
    }

    @PostMapping("/people/{id}/clock")
    String note(
            @AuthenticationPrincipal Member member,
            @PathVariable UUID id,
            @RequestParam Map<String, String> form,
            HttpServletResponse response,
            RedirectAttributes next,
            Model model) {
        people.find(member.householdId(), id);
        Faults faults = new Faults();
        String product = form.getOrDefault("product", "");
        if (medicines.of(member.householdId()).product(product).isEmpty()) {
            faults.add(
                    "product",
                    product,
                    "what was given is one of the list",
                    "Choose it; your own are entered under Medicines");
        }
        Optional<BigDecimal> units = units(form.getOrDefault("units", ""), faults);
        Optional<ZoneId> zone = zone(form.getOrDefault("zone", ""));
        if (zone.isEmpty()) {
            faults.add(
                    "zone",
                    form.getOrDefault("zone", ""),
                    "a time zone is named like Europe/Oslo",
                    "Choose one of the list");
        }
        Optional<Instant> at = zone.flatMap(z -> moment(form.getOrDefault("at", ""), z, faults));
        String over =
                form.containsKey("override") ? form.getOrDefault("why", "").strip() : "";
        if (form.containsKey("override") && (over.isEmpty() || over.length() > LONGEST_REASON)) {
            faults.add(
                    "why",
                    over,
                    "giving it all the same needs a reason of 1 to " + LONGEST_REASON + " characters",
                    "Say who decided it and why");
        }
        if (faults.none() && units.isPresent() && at.isPresent() && zone.isPresent()) {
            List<String> against = book.note(
                    member.householdId(),
                    id,
                    new DoseBook.Given(
                            product,
                            units.get(),
                            at.get().atZone(zone.get()),
                            member.getUsername(),
                            over,
                            Optional.empty()));
            if (against.isEmpty()) {
                next.addFlashAttribute("said", "Noted.");
                return "redirect:/people/" + id + "/clock";
            }
            model.addAttribute("against", against);
        }
        response.setStatus(HttpStatus.UNPROCESSABLE_CONTENT.value());
        model.addAttribute("faults", faults.all());
        return page(member, id, form, model);
    }

    private static Optional<BigDecimal> units(String typed, Faults faults) {
        String text = typed.strip().replace(',', '.');
        if (!text.matches("\\d{1,4}(\\.\\d{1,3})?")
                || new BigDecimal(text).signum() == 0
                || new BigDecimal(text).compareTo(MOST_UNITS) > 0) {
            faults.add(
                    "units",
                    typed,
                    "how much is a number above 0 and up to " + MOST_UNITS,
                    "Write tablets, ml or puffs in digits");
            return Optional.empty();
        }
        return Optional.of(new BigDecimal(text));
    }

    /** Where clocks went back an hour comes twice: the later one is meant, which makes one wait longer. */
    private Optional<Instant> moment(String typed, ZoneId zone, Faults faults) {
        Instant now = clock.instant();
        try {
            Instant at = ZonedDateTime.of(LocalDateTime.parse(typed), zone)
                    .withLaterOffsetAtOverlap()
                    .toInstant();
            if (!at.isAfter(now.plus(SOONEST)) && at.isAfter(now.minus(OLDEST))) {
                return Optional.of(at);
            }
        } catch (DateTimeException e) {
            // Said below, with what is wrong with other times.
        }
        faults.add(
                "at",
                typed,
                "the time lies within the last seven days, and not ahead",
                "Write when it was taken, there and then");
        return Optional.empty();
    }

    private static Optional<ZoneId> zone(String name) {
        return ZoneId.getAvailableZoneIds().contains(name) || name.equals("Z")
                ? Optional.of(ZoneId.of(name))
                : Optional.empty();
    }

    @PostMapping("/people/{id}/clock/{dose}/strike")
    String strike(
            @AuthenticationPrincipal Member member,
            @PathVariable UUID id,
            @PathVariable UUID dose,
            RedirectAttributes next) {
        book.strike(member.householdId(), id, dose, member.getUsername());
        next.addFlashAttribute("said", "Struck out; it no longer counts.");
        return "redirect:/people/" + id + "/clock";
    }
}
