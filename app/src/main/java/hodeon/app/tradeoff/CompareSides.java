package hodeon.app.tradeoff;

import hodeon.app.brief.TripService;
import hodeon.app.brief.form.StoredTrip;
import hodeon.app.kits.list.ListService;
import hodeon.app.kits.list.StoredList;
import hodeon.app.mat.Mat;
import hodeon.app.mat.MatService;
import hodeon.app.plan.KitCalculator;
import hodeon.app.shell.Figures;
import hodeon.app.shell.Texts;
import hodeon.app.shell.Wording;
import hodeon.app.shell.style.HouseStyle;
import hodeon.core.brief.Stance;
import hodeon.core.brief.Trip;
import hodeon.core.plan.Plan;
import hodeon.core.units.Mass;
import hodeon.core.units.TypedMeasure;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** The kits that can stand on one side of a comparison. */
@Component
class CompareSides {

    static final String MAT = "mat";
    static final String RECOMMENDED = "recommended";
    static final String ASKED = "asked";

    private static final String KIT = "kit:";
    private static final String TRIP = "trip:";
    /** The latest; who wants an older one opens it from its trip. */
    private static final int MOST_CHOICES = 100;

    private static final double LEAST_LIMIT_GRAMS = 10;
    private static final double MOST_LIMIT_GRAMS = 50_000;

    private final KitCalculator calculator;
    private final MatService mats;
    private final ListService lists;
    private final TripService trips;

    CompareSides(KitCalculator calculator, MatService mats, ListService lists, TripService trips) {
        this.calculator = calculator;
        this.mats = mats;
        this.lists = lists;
        this.trips = trips;
    }

    /**
     * What was asked for on one side, as typed.
     *
     * @param which mat, recommended, asked, {@code kit:} or {@code trip:} and an id
     * @param stance of an asked kit
     * @param limit of an asked kit, in grams
     */
    record Asked(String which, String stance, String limit) {

        /** @param otherwise which side it is where nobody chose */
        static Asked of(
                @Nullable String which, @Nullable String stance, @Nullable String limit, String otherwise, Trip trip) {
            Stance usual = otherwise.equals(ASKED) ? other(trip.stance()) : trip.stance();
            return new Asked(
                    Objects.requireNonNullElse(which, otherwise),
                    Objects.requireNonNullElse(stance, usual.name()),
                    Texts.given(limit));
        }

        private static Stance other(Stance stance) {
            return stance == Stance.FIRST_MINUTES ? Stance.FIX_THE_LIKELY : Stance.FIRST_MINUTES;
        }
    }

    record Choice(String value, String name) {}

    /**
     * @param ownMet what it meets by the brief it was made for, where that is another one; else empty
     * @param fault what was wrong with what was asked for; else empty
     */
    record Side(String name, Map<String, Integer> pieces, String ownMet, String fault) {}

    List<Choice> choices(Mat mat) {
        UUID household = mat.trip().householdId();
        List<Choice> choices = new ArrayList<>(List.of(
                new Choice(MAT, Wording.says("compareSides.thisMat")),
                new Choice(RECOMMENDED, Wording.says("compareSides.theRecommendedKit")),
                new Choice(ASKED, Wording.says("compareSides.theBestThereIs"))));
        lists.all(household).stream()
                .limit(MOST_CHOICES)
                .forEach(k -> choices.add(new Choice(KIT + k.id(), Wording.says("compareSides.savedKit", k.name()))));
        trips.page(household, 1, MOST_CHOICES).things().stream()
                .filter(t -> !t.id().equals(mat.trip().id()))
                .forEach(t -> choices.add(new Choice(
                        TRIP + t.id(),
                        Wording.says("compareSides.matOf", t.trip().name()))));
        return choices;
    }

    Side side(Mat mat, Asked asked) {
        UUID household = mat.trip().householdId();
        if (asked.which().equals(RECOMMENDED)) {
            return plain(
                    "Recommended", calculator.recommend(mat.of(), mat.holds()).pieces());
        }
        if (asked.which().equals(ASKED)) {
            return asked(mat, asked);
        }
        Optional<UUID> kit = id(asked.which(), KIT);
        if (kit.isPresent()) {
            StoredList saved = lists.find(household, kit.get());
            return plain(saved.name(), saved.pieces());
        }
        return id(asked.which(), TRIP)
                .map(trip -> ofTrip(household, trips.find(household, trip)))
                .orElseGet(() -> plain(Wording.says("compareSides.thisMat2"), mat.pieces()));
    }

    private Side ofTrip(UUID household, StoredTrip trip) {
        Mat other = mats.mat(household, trip);
        Plan own = calculator.weigh(other.of(), other.along(), other.pieces()).plan();
        String met = Wording.says("compareSides.byItsOwnBrief", Figures.percent(own.coverage()));
        return new Side(Wording.says("compareSides.matOf2", trip.trip().name()), other.pieces(), met, "");
    }

    private Side asked(Mat mat, Asked asked) {
        Trip trip = mat.trip().trip();
        Stance stance = List.of(Stance.values()).stream()
                .filter(s -> s.name().equals(asked.stance()))
                .findFirst()
                .orElse(trip.stance());
        Optional<Double> typed = grams(asked.limit());
        double grams = typed.orElse(trip.limits().mass().grams());
        Trip changed = trip.withStance(stance).withLimits(trip.limits().withMass(new Mass(Math.round(grams * 1000))));
        Map<String, Integer> pieces =
                calculator.recommend(mat.of().with(changed), mat.holds()).pieces();
        boolean wrong = typed.isEmpty() && !asked.limit().isBlank();
        String fault = wrong
                ? Wording.says(
                        "compareSides.limitANumberFromToIsNeeded",
                        asked.limit(),
                        Figures.grams(LEAST_LIMIT_GRAMS),
                        Figures.grams(MOST_LIMIT_GRAMS))
                : "";
        return new Side(
                Wording.says(
                        "compareSides.best",
                        stance.label(),
                        (changed.limits().massIsLimited() ? ", " + Figures.grams(grams) : "")),
                pieces,
                "",
                fault);
    }

    private static Side plain(String name, Map<String, Integer> pieces) {
        return new Side(name, pieces, "", "");
    }

    private static Optional<UUID> id(String which, String prefix) {
        try {
            return which.startsWith(prefix)
                    ? Optional.of(UUID.fromString(which.substring(prefix.length())))
                    : Optional.empty();
        } catch (IllegalArgumentException notAnId) {
            return Optional.empty();
        }
    }

    private static Optional<Double> grams(@Nullable String typed) {
        TypedMeasure measure = HouseStyle.here().measure(Texts.given(typed), "g");
        if (!measure.number().matches("\\d{1,6}(\\.\\d{1,4})?")) {
            return Optional.empty();
        }
        double grams = measure.kept(3).doubleValue();
        return grams >= LEAST_LIMIT_GRAMS && grams <= MOST_LIMIT_GRAMS ? Optional.of(grams) : Optional.empty();
    }
}
