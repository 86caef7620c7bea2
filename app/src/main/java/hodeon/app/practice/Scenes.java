package hodeon.app.practice;

import hodeon.app.brief.TripService;
import hodeon.app.brief.form.StoredTrip;
import hodeon.app.kits.list.ListService;
import hodeon.app.kits.list.StoredList;
import hodeon.app.need.Forecasts;
import hodeon.app.shell.Wording;
import hodeon.app.stock.StockService;
import hodeon.core.brief.Environment;
import hodeon.core.brief.Leg;
import hodeon.core.brief.Season;
import hodeon.core.brief.Trip;
import hodeon.core.party.Person;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.UUID;
import org.springframework.stereotype.Component;

/** Where and to whom a case happens: on the outing that the kit is for, if it is for one. */
@Component
class Scenes {

    private static final int FIRST_LIGHT = 7;
    private static final int LAST_LIGHT = 20;

    private final StockService stock;
    private final ListService lists;
    private final TripService trips;
    private final Forecasts forecasts;

    Scenes(StockService stock, ListService lists, TripService trips, Forecasts forecasts) {
        this.stock = stock;
        this.lists = lists;
        this.trips = trips;
        this.forecasts = forecasts;
    }

    /** The outing, or the standing use, that the list of a kit was balanced for. */
    Optional<StoredTrip> outing(UUID household, UUID kit) {
        return stock.place(household, kit)
                .kitId()
                .filter(list -> lists.isOne(household, list))
                .map(list -> lists.find(household, list))
                .flatMap(StoredList::tripId)
                .flatMap(trip -> trips.maybe(household, trip));
    }

    /** Every outing by the list that was balanced for it. */
    Map<UUID, StoredTrip> outings(UUID household) {
        Map<UUID, StoredTrip> trips = new HashMap<>();
        this.trips.everything(household).forEach(t -> trips.put(t.id(), t));
        Map<UUID, StoredTrip> byList = new HashMap<>();
        lists.all(household).forEach(l -> l.tripId().map(trips::get).ifPresent(t -> byList.put(l.id(), t)));
        return byList;
    }

    /** Events of each problem that are expected there, by id; empty for a kit that is for nothing in particular. */
    Map<String, Double> expected(Optional<StoredTrip> outing) {
        Map<String, Double> expected = new HashMap<>();
        outing.ifPresent(trip -> forecasts
                .of(trip)
                .problems()
                .forEach(p -> expected.put(p.problem().id(), p.events().mean())));
        return expected;
    }

    /**
     * “Lumi Halla (8 years), 03:50, dark, one lamp, sleet.”
     *
     * @param who with a comma, empty for nobody in particular; {@code somebody} the same for whoever may not see people
     */
    record Scene(String who, String somebody, String where) {}

    static Scene of(Optional<StoredTrip> outing, Random random) {
        int hour = random.nextInt(24);
        String when = String.format("%02d:%02d, ", hour, 5 * random.nextInt(12))
                + (hour >= FIRST_LIGHT && hour <= LAST_LIGHT
                        ? Wording.says("scenes.daylight") + " "
                        : Wording.says("scenes.darkOneLamp") + " ");
        List<String> weathers =
                outing.map(StoredTrip::trip).map(Scenes::weathers).orElse(USUAL);
        String weather = weathers.get(random.nextInt(weathers.size()));
        Optional<Person> who = outing.flatMap(t -> who(t.trip(), random));
        return new Scene(
                who.map(p -> p.name() + " (" + p.age() + "), ").orElse(""),
                who.map(p -> Wording.says("scenes.somebody", p.age()) + " ").orElse(""),
                when
                        + weather
                        + outing.map(t -> Wording.says(
                                        "scenes.hFromCare", t.trip().hoursToCare()))
                                .orElse(""));
    }

    /** Somebody of the party, unless strangers come by. */
    private static Optional<Person> who(Trip trip, Random random) {
        List<Person> party = trip.party().people();
        if (trip.standing().isPresent() || party.isEmpty()) {
            return Optional.empty();
        }
        return Optional.of(party.get(random.nextInt(party.size())));
    }

    private static final List<String> USUAL = List.of("dry", "rain", "wind and cold", "fog");

    /** As the season and the place of the outing's longest leg have it. */
    private static List<String> weathers(Trip trip) {
        Environment place = trip.legs().stream()
                .max((a, b) -> Integer.compare(a.halfDays(), b.halfDays()))
                .map(Leg::environment)
                .orElse(Environment.TEMPERATE);
        return switch (place) {
            case HOT_DRY ->
                List.of(
                        Wording.says("scenes.hotNoShade"),
                        Wording.says("scenes.dustyWind"),
                        Wording.says("scenes.hotAndStill"));
            case TROPICAL_WET ->
                List.of(
                        Wording.says("scenes.warmRain"),
                        Wording.says("scenes.hotAndDamp"),
                        Wording.says("scenes.thunderNear"));
            case WINTER ->
                List.of(Wording.says("scenes.snowAndWind"), Wording.says("scenes.clearAndFarBelowZero"), "whiteout");
            case ALPINE ->
                List.of(
                        Wording.says("scenes.thinColdWind"),
                        Wording.says("scenes.glaringSnow"),
                        Wording.says("scenes.cloudOnTheRidge"));
            default -> season(trip.season(), place);
        };
    }

    private static List<String> season(Season season, Environment place) {
        boolean coast = place == Environment.COAST;
        return switch (season) {
            case WINTER ->
                coast
                        ? List.of(Wording.says("scenes.coldSpray"), "sleet", Wording.says("scenes.stillAndFreezing"))
                        : List.of("sleet", "frost", "snow");
            case SUMMER ->
                coast
                        ? List.of(
                                Wording.says("scenes.brightSunOnTheWater"),
                                Wording.says("scenes.seaFog"),
                                Wording.says("scenes.aBreezeAndSpray"))
                        : List.of("hot", Wording.says("scenes.thunderNear"), Wording.says("scenes.warmRain"));
            case SPRING, AUTUMN ->
                coast
                        ? List.of(Wording.says("scenes.coldWindAndSpray"), "rain", "fog")
                        : List.of("rain", "wind", "fog");
            case ALL_YEAR -> USUAL;
        };
    }
}
