package hodeon.app.brief.form;

import hodeon.app.shell.style.HouseStyle;
import hodeon.core.brief.Activity;
import hodeon.core.brief.Leg;
import hodeon.core.brief.Limits;
import hodeon.core.brief.Means;
import hodeon.core.brief.Season;
import hodeon.core.brief.Standing;
import hodeon.core.brief.Trip;
import hodeon.core.medication.Patient;
import hodeon.core.party.Age;
import hodeon.core.party.Person;
import java.math.BigDecimal;
import java.time.DateTimeException;
import java.time.LocalDate;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Collectors;

/** Fills a form from a kept trip, or starts a new one, and adds or removes rows. */
public final class BriefForms {

    private BriefForms() {}

    public static BriefForm blank() {
        BriefForm form = new BriefForm();
        form.getLegs().add(new LegForm());
        form.getPeople().add(new PersonForm());
        form.setHoursToCare("6");
        return form;
    }

    /** For a kit that stays: all year, a quarter of a year until it is filled up, an hour from care. */
    public static BriefForm standing() {
        BriefForm form = blank();
        form.setSeason(Season.ALL_YEAR.name());
        form.setHoursToCare("1");
        form.getStanding().setOn("yes");
        form.getStanding().setRefillDays("90");
        form.getLegs().getFirst().setActivity(Activity.HOME.name());
        form.getLegs().getFirst().setDays("7");
        return form;
    }

    public static BriefForm of(StoredTrip stored) {
        Trip trip = stored.trip();
        BriefForm form = new BriefForm();
        form.setVersion(Long.toString(stored.version()));
        form.setNoStove(trip.stove() ? "" : "yes");
        form.setName(trip.name());
        form.setStart(trip.start().toString());
        form.setEnd(trip.end().toString());
        form.setSeason(trip.season().name());
        form.setHoursToCare(Integer.toString(trip.hoursToCare()));
        form.setStance(trip.stance().name());
        Limits limits = trip.limits();
        form.setMassLimit(
                limits.massIsLimited()
                        ? HouseStyle.here().massTyped(limits.mass().exactGrams(), 0)
                        : "");
        form.setVolumeLimit(limits.volume()
                .map(v -> HouseStyle.here().litresTyped(BigDecimal.valueOf(v.microlitres(), 6), 2))
                .orElse(""));
        form.setPriceLimit(limits.price().map(p -> plain(p.exact())).orElse(""));
        form.setKindsLimit(
                limits.kinds().isPresent() ? Integer.toString(limits.kinds().getAsInt()) : "");
        Means means = trip.means();
        form.setCarriage(means.carriage().map(Enum::name).orElse(""));
        form.setReachSaid(means.reach().isPresent() ? "yes" : "");
        form.setReach(names(means.reach().orElse(Set.of())));
        form.setThrift(means.thrift().name());
        form.setComfort(means.comfort() ? "yes" : "");
        form.setDogs(unlessZero(trip.company().dogs()));
        form.setStrangers(unlessZero((int) Math.round(100 * trip.company().strangers())));
        form.setRegion(names(trip.region()));
        form.setPassage(names(trip.passage()));
        trip.standing().ifPresent(use -> {
            StandingForm stays = form.getStanding();
            stays.setOn("yes");
            stays.setRefillDays(Integer.toString(use.refillDays()));
            stays.setVisited(use.visitors().none() ? "" : "yes");
            stays.setAdults(unlessZero(use.visitors().adults()));
            stays.setChildren(unlessZero(use.visitors().children()));
            stays.setTraining(trip.party().training().name());
        });
        for (Leg leg : trip.standing().map(Standing::week).orElse(trip.legs())) {
            LegForm row = new LegForm();
            row.setActivity(leg.activity().name());
            row.setEnvironment(leg.environment().name());
            row.setDays(plain(BigDecimal.valueOf(leg.halfDays()).divide(BigDecimal.TWO)));
            form.getLegs().add(row);
        }
        boolean known = trip.standing().map(use -> use.visitors().none()).orElse(true);
        if (known) {
            stored.people().forEach(people -> form.getPeople().add(of(people)));
        } else {
            form.getPeople().add(new PersonForm());
        }
        return form;
    }

    public static PersonForm of(People people) {
        Person person = people.person();
        PersonForm row = new PersonForm();
        row.setId(person.id().toString());
        row.setName(person.name());
        row.setAlike(Integer.toString(people.alike()));
        row.setYears(person.age().typed());
        row.setKilograms(plain(person.bodyMass().exactGrams().movePointLeft(3)));
        row.setWeighedOn(person.weighedOn().map(LocalDate::toString).orElse(""));
        row.setTraining(person.training().name());
        row.setAllergies(names(person.allergies()));
        row.setConditions(names(person.conditions()));
        row.setRescue(names(person.rescue()));
        return row;
    }

    /** Rows of children whose mass was taken too long ago to dose by. */
    public static Set<Integer> weighAgain(BriefForm form, LocalDate today) {
        Set<Integer> rows = new TreeSet<>();
        for (int i = 0; i < form.getPeople().size(); i++) {
            PersonForm row = form.getPeople().get(i);
            Optional<Age> age = Age.parse(row.getYears());
            if (age.isPresent() && row.getWeighedOn().matches("\\d{4}-\\d\\d-\\d\\d")) {
                try {
                    LocalDate on = LocalDate.parse(row.getWeighedOn());
                    if (Patient.of("", age.get(), today)
                            .weighing(BigDecimal.ONE, on)
                            .massIsStale()) {
                        rows.add(i);
                    }
                } catch (DateTimeException e) {
                    // Told as a fault when the brief is saved.
                }
            }
        }
        return rows;
    }

    private static Set<String> names(Set<? extends Enum<?>> constants) {
        return constants.stream().map(Enum::name).collect(Collectors.toCollection(TreeSet::new));
    }

    private static String unlessZero(int number) {
        return number == 0 ? "" : Integer.toString(number);
    }

    private static String plain(BigDecimal number) {
        return number.stripTrailingZeros().toPlainString();
    }
}
