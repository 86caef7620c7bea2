package hodeon.app.brief;

import hodeon.app.brief.form.Brief;
import hodeon.app.brief.form.BriefConverter;
import hodeon.app.brief.form.BriefForm;
import hodeon.app.brief.form.People;
import hodeon.app.brief.form.StoredTrip;
import hodeon.app.brief.form.Visiting;
import hodeon.app.shell.NotHere;
import hodeon.app.shell.Paged;
import hodeon.core.brief.Adjustments;
import hodeon.core.brief.Company;
import hodeon.core.brief.Leg;
import hodeon.core.brief.Limits;
import hodeon.core.brief.Means;
import hodeon.core.brief.Passage;
import hodeon.core.brief.Reach;
import hodeon.core.brief.Region;
import hodeon.core.brief.Standing;
import hodeon.core.brief.Standing.Visitors;
import hodeon.core.brief.Trip;
import hodeon.core.notice.Fault;
import hodeon.core.party.Party;
import hodeon.core.party.Training;
import hodeon.core.units.Mass;
import hodeon.core.units.Money;
import hodeon.core.units.Volume;
import java.time.Clock;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.UUID;
import java.util.function.Function;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.data.domain.Limit;
import org.springframework.data.domain.PageRequest;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** A household's trips. Every call names the household; a trip of another one is not there. */
@Service
@Transactional
public class TripService {

    private final TripRepository trips;
    private final Goers goers;
    private final Clock clock;
    private final ApplicationEventPublisher events;

    TripService(TripRepository trips, Goers goers, Clock clock, ApplicationEventPublisher events) {
        this.events = events;
        this.trips = trips;
        this.goers = goers;
        this.clock = clock;
    }

    /** Outings and what kits that stay are for. */
    @Transactional(readOnly = true)
    public List<StoredTrip> everything(UUID householdId) {
        return trips.findByHouseholdIdOrderByStartDateAscNameAsc(householdId).stream()
                .map(this::stored)
                .toList();
    }

    /** Outings; what kits that stay are for is none. */
    @Transactional(readOnly = true)
    public List<StoredTrip> all(UUID householdId) {
        return trips.findByHouseholdIdAndRefillDaysIsNullOrderByStartDateAscNameAsc(householdId).stream()
                .map(this::stored)
                .toList();
    }

    /** Those that are not over on a day, the nearest first. */
    @Transactional(readOnly = true)
    public List<StoredTrip> coming(UUID householdId, LocalDate day, int most) {
        return trips
                .findByHouseholdIdAndRefillDaysIsNullAndEndDateGreaterThanEqualOrderByStartDateAscNameAsc(
                        householdId, day, Limit.of(most))
                .stream()
                .map(this::stored)
                .toList();
    }

    /** Those of all households that are not over on a day, the nearest first. */
    @Transactional(readOnly = true)
    public List<StoredTrip> comingAnywhere(LocalDate day, int most) {
        return trips
                .findByRefillDaysIsNullAndEndDateGreaterThanEqualOrderByStartDateAscNameAsc(day, Limit.of(most))
                .stream()
                .map(this::stored)
                .toList();
    }

    /** Those that were over before a day, the latest first. */
    @Transactional(readOnly = true)
    public List<StoredTrip> past(UUID householdId, LocalDate day, int most) {
        return trips
                .findByHouseholdIdAndRefillDaysIsNullAndEndDateLessThanOrderByStartDateDescNameAsc(
                        householdId, day, Limit.of(most))
                .stream()
                .map(this::stored)
                .toList();
    }

    /** All of them a page at a time, the latest first. */
    @Transactional(readOnly = true)
    public Paged<StoredTrip> page(UUID householdId, int number, int size) {
        long all = trips.countByHouseholdIdAndRefillDaysIsNull(householdId);
        int pages = Paged.pages(all, size);
        int page = Math.clamp(number, 1, pages);
        List<StoredTrip> here = trips
                .findByHouseholdIdAndRefillDaysIsNullOrderByStartDateDescNameAsc(
                        householdId, PageRequest.of(page - 1, size))
                .stream()
                .map(this::stored)
                .toList();
        return new Paged<>(here, page, pages, all);
    }

    @Transactional(readOnly = true)
    public long count(UUID householdId) {
        return trips.countByHouseholdIdAndRefillDaysIsNull(householdId);
    }

    /** Empty where there is no such trip of the household, or it lies in the bin. */
    @Transactional(readOnly = true)
    public Optional<StoredTrip> maybe(UUID householdId, UUID id) {
        return trips.findByIdAndHouseholdId(id, householdId).map(this::stored);
    }

    @Transactional(readOnly = true)
    public StoredTrip find(UUID householdId, UUID id) {
        return stored(row(householdId, id));
    }

    public UUID add(UUID householdId, Brief brief) {
        return add(householdId, brief, "");
    }

    /** @param list the id of the list that it was opened for; what names none is for none */
    public UUID add(UUID householdId, Brief brief, String list) {
        TripRow row = new TripRow();
        row.householdId = householdId;
        write(row, brief);
        UUID id = trips.save(row).id;
        try {
            events.publishEvent(new AddedFor(householdId, id, UUID.fromString(list)));
        } catch (IllegalArgumentException none) {
            // For no list.
        }
        return id;
    }

    /** What a list is for was written down. */
    public record AddedFor(UUID householdId, UUID tripId, UUID listId) {}

    /** Checks a form as the page does and adds its trip; throws what {@code refused} makes of the faults. */
    public UUID addChecked(UUID householdId, BriefForm form, Function<List<Fault>, RuntimeException> refused) {
        BriefConverter converter = new BriefConverter(form, LocalDate.now(clock));
        return add(householdId, converter.convert().orElseThrow(() -> refused.apply(converter.faults())));
    }

    /** Saves over the version the brief was opened with; throws {@link ChangedElsewhere} if there is a newer one. */
    public void change(UUID householdId, UUID id, long openedVersion, Brief brief) {
        TripRow row = row(householdId, id);
        if (!Objects.equals(row.version, openedVersion)) {
            throw new ChangedElsewhere(stored(row));
        }
        write(row, brief);
        trips.saveAndFlush(row);
    }

    /** Replaces what is changed in the odds of one problem for this trip; throws {@link ChangedElsewhere} likewise. */
    public void adjust(UUID householdId, UUID id, long openedVersion, String problem, Map<String, Double> factors) {
        TripRow row = row(householdId, id);
        if (!Objects.equals(row.version, openedVersion)) {
            throw new ChangedElsewhere(stored(row));
        }
        row.factors.removeIf(f -> f.problemId().equals(problem));
        factors.forEach((factor, amount) -> row.factors.add(new FactorRow(problem, factor, amount)));
        trips.saveAndFlush(row);
    }

    /** Puts it in the bin. */
    public void delete(UUID householdId, UUID id) {
        row(householdId, id).deletedAt = LocalDateTime.now(clock);
        events.publishEvent(new Binned(householdId, id));
    }

    /** A trip was put in the bin. */
    public record Binned(UUID householdId, UUID tripId) {}

    private TripRow row(UUID householdId, UUID id) {
        return trips.findByIdAndHouseholdId(id, householdId).orElseThrow(() -> new NotHere("outing " + id));
    }

    private void write(TripRow row, Brief brief) {
        // Asked first: a query with the row half written would save it twice.
        Trip trip = brief.trip();
        Visitors visitors = trip.standing().map(Standing::visitors).orElse(Visitors.NONE);
        List<People> going = visitors.none() ? goers.known(row.householdId, row.id, brief.people()) : List.of();
        row.name = trip.name();
        row.startDate = trip.start();
        row.endDate = trip.end();
        row.season = trip.season();
        row.hoursToCare = trip.hoursToCare();
        row.stance = trip.stance();
        row.region = ConstantWords.of(trip.region());
        row.passage = ConstantWords.of(trip.passage());
        row.stove = trip.stove();
        row.carriage = trip.means().carriage().orElse(null);
        row.reach = trip.means().reach().map(ConstantWords::of).orElse(null);
        row.thrift = trip.means().thrift();
        row.comfort = trip.means().comfort();
        row.dogs = trip.company().dogs();
        row.strangersPercent = (int) Math.round(100 * trip.company().strangers());
        Limits limits = trip.limits();
        row.massLimitMilligrams = limits.mass().milligrams();
        row.volumeLimitMicrolitres = limits.volume().map(Volume::microlitres).orElse(null);
        row.priceLimitHundredths = limits.price().map(Money::hundredths).orElse(null);
        row.kindsLimit = limits.kinds().isPresent() ? limits.kinds().getAsInt() : null;
        row.refillDays = trip.standing().map(Standing::refillDays).orElse(null);
        row.visitingAdults = visitors.adults();
        row.visitingChildren = visitors.children();
        row.visitingTraining = visitors.none() ? null : trip.party().training();
        row.legs.clear();
        trip.standing().map(Standing::week).orElse(trip.legs()).forEach(leg -> row.legs.add(new LegRow(leg)));
        row.people.clear();
        going.forEach(p -> row.people.add(new PersonRow(p)));
    }

    private static Limits limits(TripRow row) {
        return new Limits(
                new Mass(row.massLimitMilligrams),
                Optional.ofNullable(row.volumeLimitMicrolitres).map(Volume::new),
                Optional.ofNullable(row.priceLimitHundredths).map(Money::new),
                row.kindsLimit == null ? OptionalInt.empty() : OptionalInt.of(row.kindsLimit));
    }

    private static Means means(TripRow row) {
        return new Means(
                Optional.ofNullable(row.carriage),
                Optional.ofNullable(row.reach).map(words -> ConstantWords.read(words, Reach.class)),
                row.thrift,
                row.comfort);
    }

    private static Adjustments adjustments(TripRow row) {
        Map<String, Map<String, Double>> byProblem = new HashMap<>();
        row.factors.forEach(f ->
                byProblem.computeIfAbsent(f.problemId(), p -> new HashMap<>()).put(f.factor(), f.amount()));
        return new Adjustments(byProblem);
    }

    private StoredTrip stored(TripRow row) {
        List<Leg> legs = row.legs.stream().map(LegRow::leg).toList();
        Visitors visitors = new Visitors(row.visitingAdults, row.visitingChildren);
        Optional<Standing> use = Optional.ofNullable(row.refillDays).map(days -> new Standing(legs, days, visitors));
        List<People> people = visitors.none()
                ? row.people.stream().map(PersonRow::people).toList()
                : Visiting.of(
                        visitors, Optional.ofNullable(row.visitingTraining).orElse(Training.UNTRAINED));
        // A kit that stays is looked at as if it was filled up today.
        LocalDate start = use.isPresent() ? LocalDate.now(clock) : row.startDate;
        Trip trip = new Trip(
                row.name,
                start,
                use.map(u -> u.end(start)).orElse(row.endDate),
                row.season,
                use.map(Standing::legs).orElse(legs),
                new Party(People.everybody(people)),
                row.hoursToCare,
                ConstantWords.read(row.region, Region.class),
                ConstantWords.read(row.passage, Passage.class),
                new Company(row.dogs, row.strangersPercent / 100.0),
                row.stance,
                limits(row),
                row.stove,
                adjustments(row),
                means(row),
                use);
        return new StoredTrip(row.id, row.householdId, Objects.requireNonNullElse(row.version, 0L), trip, people);
    }
}
