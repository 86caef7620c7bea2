package hodeon.app.api;

import hodeon.app.brief.form.BriefForm;
import hodeon.app.brief.form.LegForm;
import hodeon.app.brief.form.PersonForm;
import hodeon.app.brief.form.StoredTrip;
import hodeon.core.brief.Trip;
import hodeon.core.catalogue.Tag;
import java.time.LocalDate;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.TreeSet;
import java.util.UUID;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;

/** A trip as JSON, both ways. What comes in is read into the form of the brief page, so that the same rules hold. */
final class TripCall {

    record TripAnswer(
            UUID id,
            long version,
            String name,
            String start,
            String end,
            String season,
            int hoursToCare,
            String stance,
            LimitsAnswer limits,
            List<LegAnswer> legs,
            List<PersonAnswer> people,
            List<String> region,
            List<String> passage,
            int dogs,
            int strangersPercent,
            boolean stove,
            @Nullable String carriage,
            @Nullable List<String> reach,
            String thrift,
            boolean comfort) {}

    record LimitsAnswer(
            @Nullable Double massGrams,
            @Nullable Double volumeLitres,
            @Nullable Double price,
            @Nullable Integer kinds) {}

    record LegAnswer(String activity, String environment, double days) {}

    record PersonAnswer(
            String name,
            int alike,
            int years,
            int months,
            double kilograms,
            @Nullable String weighedOn,
            String training,
            List<String> allergies,
            List<String> conditions,
            List<String> rescue) {}

    private TripCall() {}

    /** @param people whether the token reaches people: else nobody has a name, nor anything that is known of their health */
    static TripAnswer answer(StoredTrip kept, boolean people) {
        StoredTrip stored = kept.seen(people);
        Trip trip = stored.trip();
        return new TripAnswer(
                stored.id(),
                stored.version(),
                trip.name(),
                trip.start().toString(),
                trip.end().toString(),
                Tag.idOf(trip.season()),
                trip.hoursToCare(),
                Tag.idOf(trip.stance()),
                new LimitsAnswer(
                        trip.limits().massIsLimited() ? trip.limits().mass().grams() : null,
                        trip.limits().volume().map(v -> v.litres()).orElse(null),
                        trip.limits().price().map(p -> p.amount()).orElse(null),
                        trip.limits().kinds().isPresent()
                                ? trip.limits().kinds().getAsInt()
                                : null),
                trip.legs().stream()
                        .map(l -> new LegAnswer(Tag.idOf(l.activity()), Tag.idOf(l.environment()), l.days()))
                        .toList(),
                stored.people().stream()
                        .map(p -> new PersonAnswer(
                                p.person().name(),
                                p.alike(),
                                p.person().years(),
                                p.person().age().months() % 12,
                                p.person().bodyMass().grams() / 1000,
                                p.person().weighedOn().map(LocalDate::toString).orElse(null),
                                Tag.idOf(p.person().training()),
                                people ? ids(p.person().allergies()) : List.of(),
                                people ? ids(p.person().conditions()) : List.of(),
                                people ? ids(p.person().rescue()) : List.of()))
                        .toList(),
                ids(trip.region()),
                ids(trip.passage()),
                trip.company().dogs(),
                (int) Math.round(100 * trip.company().strangers()),
                trip.stove(),
                trip.means().carriage().map(Tag::idOf).orElse(null),
                trip.means().reach().map(TripCall::ids).orElse(null),
                Tag.idOf(trip.means().thrift()),
                trip.means().comfort());
    }

    static BriefForm form(JsonFields body) {
        BriefForm form = new BriefForm();
        form.setName(body.typed("name"));
        form.setStart(body.typed("start"));
        form.setEnd(body.typed("end"));
        form.setSeason(constant(body, "season"));
        form.setHoursToCare(body.typed("hoursToCare"));
        form.setStance(constant(body, "stance"));
        JsonFields limits = body.object("limits");
        form.setMassLimit(limits.typed("massGrams"));
        form.setVolumeLimit(limits.typed("volumeLitres"));
        form.setPriceLimit(limits.typed("price"));
        form.setKindsLimit(limits.typed("kinds"));
        form.setRegion(constants(body, "region"));
        form.setPassage(constants(body, "passage"));
        form.setDogs(body.typed("dogs"));
        form.setStrangers(body.typed("strangersPercent"));
        form.setNoStove(body.yes("stove", true) ? "" : "yes");
        form.setCarriage(constant(body, "carriage"));
        form.setReachSaid(body.has("reach") ? "yes" : "");
        form.setReach(constants(body, "reach"));
        form.setThrift(constant(body, "thrift"));
        form.setComfort(body.yes("comfort", false) ? "yes" : "");
        for (JsonFields leg : body.objects("legs")) {
            LegForm row = new LegForm();
            row.setActivity(constant(leg, "activity"));
            row.setEnvironment(constant(leg, "environment"));
            row.setDays(leg.typed("days"));
            form.getLegs().add(row);
        }
        for (JsonFields person : body.objects("people")) {
            PersonForm row = new PersonForm();
            row.setName(person.typed("name"));
            row.setAlike(person.has("alike") ? person.typed("alike") : "1");
            row.setYears(age(person));
            row.setWeighedOn(person.typed("weighedOn"));
            row.setKilograms(person.typed("kilograms"));
            row.setTraining(constant(person, "training"));
            row.setAllergies(constants(person, "allergies"));
            row.setConditions(constants(person, "conditions"));
            row.setRescue(constants(person, "rescue"));
            form.getPeople().add(row);
        }
        return form;
    }

    /** Years, months beyond them, or both. */
    private static String age(JsonFields person) {
        String years = person.typed("years");
        String months = person.typed("months");
        return months.isEmpty() || months.equals("0") && !years.isEmpty()
                ? years
                : (years.isEmpty() ? "" : years + " y ") + months + " m";
    }

    private static String constant(JsonFields object, String field) {
        return upper(object.text(field));
    }

    private static Set<String> constants(JsonFields object, String field) {
        return object.texts(field).stream().map(TripCall::upper).collect(Collectors.toCollection(TreeSet::new));
    }

    private static String upper(String id) {
        return id.toUpperCase(Locale.ROOT).replace('-', '_');
    }

    private static List<String> ids(Set<? extends Enum<?>> constants) {
        return constants.stream().map(Tag::idOf).sorted().toList();
    }
}
