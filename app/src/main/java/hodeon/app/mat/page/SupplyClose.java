package hodeon.app.mat.page;

import hodeon.app.mat.Hold;
import hodeon.app.mat.Mat;
import hodeon.app.mat.page.MatView.Figure;
import hodeon.app.mat.page.MatView.Served;
import hodeon.app.mat.page.MatView.SupplyView;
import hodeon.app.plan.KitCalculator.Weighing;
import hodeon.app.shell.Figures;
import hodeon.app.shell.Wording;
import hodeon.app.shell.style.HouseStyle;
import hodeon.core.catalogue.Group;
import hodeon.core.catalogue.Supply;
import hodeon.core.catalogue.Tag;
import hodeon.core.plan.Cap;
import hodeon.core.plan.Contraindications;
import hodeon.core.plan.Exclusion;
import hodeon.core.plan.Plan;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** One supply looked at closely: what it is for, what it earns for its grams, what leaving it would cost. */
public final class SupplyClose {

    private SupplyClose() {}

    static SupplyView of(
            Supply supply,
            Mat mat,
            Weighing weighing,
            Map<String, Exclusion> exclusions,
            List<String> unsuited,
            List<String> howTo) {
        Plan plan = weighing.plan();
        String id = supply.id();
        int count = mat.pieces(id);
        Optional<Exclusion> exclusion = Optional.ofNullable(exclusions.get(id));
        return new SupplyView(
                id,
                supply.name(),
                count,
                Figures.pieces(count, supply),
                mat.up(id) - count,
                Math.max(1, count - mat.down(id)),
                Figures.grams(supply.mass()),
                Figures.grams(supply.mass().times(count)),
                mat.hold(id) == Hold.PINNED,
                mat.hold(id) == Hold.BANNED,
                mat.hold(id) == Hold.ELSEWHERE,
                mat.learn(id),
                exclusion.isEmpty()
                        || exclusion.get() instanceof Exclusion.Banned
                        || exclusion.get() instanceof Exclusion.RidesElsewhere
                        || exclusion.get().givesWay(),
                exclusion.map(Reasons::of).orElse(""),
                exclusion.isPresent() ? "" : Why.here(supply, mat, weighing),
                enough(supply, weighing),
                figures(supply, mat, weighing),
                served(supply, plan),
                cautions(supply, mat, unsuited),
                howTo);
    }

    private static List<Figure> figures(Supply supply, Mat mat, Weighing weighing) {
        int count = mat.pieces(supply.id());
        int more = mat.up(supply.id()) - count;
        int fewer = count - mat.down(supply.id());
        Plan plan = weighing.plan();
        List<Figure> figures = new ArrayList<>();
        Optional.ofNullable(weighing.marginals().get(supply.id())).ifPresent(marginal -> {
            figures.add(new Figure(
                    Wording.says("mat.more", more),
                    Wording.says(
                            "supplyClose.for",
                            share(marginal.oneMore(), plan),
                            Figures.grams(supply.mass().times(more)))));
            if (count > 0) {
                figures.add(new Figure(Wording.says("mat.fewer", fewer), share(marginal.oneLess(), plan)));
                figures.add(new Figure(
                        Wording.says(
                                "supplyClose.itEarnsForEach",
                                HouseStyle.here().mass().compared()),
                        share(
                                HouseStyle.here().mass().comparedGrams()
                                        * marginal.none()
                                        / supply.mass().times(count).grams(),
                                plan)));
            }
            if (count > fewer) {
                figures.add(new Figure(Wording.says("supplyClose.leavingItOutCosts"), share(marginal.none(), plan)));
            }
        });
        if (count > 0) {
            figures.add(new Figure(Wording.says("supplyClose.usedAtAll"), Figures.chance(plan.used(supply.id()))));
        }
        return figures;
    }

    /** Empty for what may not come. */
    private static String enough(Supply supply, Weighing weighing) {
        return Optional.ofNullable(weighing.caps().get(supply.id()))
                .filter(cap -> cap.pieces() > 0 && weighing.marginals().containsKey(supply.id()))
                .map(cap -> Wording.says("supplyClose.enoughIs", cap.pieces(), words(cap.bound())))
                .orElse("");
    }

    private static String words(Cap.Bound bound) {
        return switch (bound) {
            case SERVES_ALL -> Wording.says("supplyClose.oneDoesEveryTime");
            case NINE_TRIPS -> Wording.says("supplyClose.soManySufficeOnNineOutingsOf");
            case CASUALTY -> Wording.says("supplyClose.whatACasualtyNeedsUntilHelpComes");
            case BACKBONE -> Wording.says("supplyClose.whatAKitHasWhateverTheOdds");
            case PRESCRIBED -> Wording.says("supplyClose.somebodysOwnAsPrescribed");
            case NONE_OR_SO_MANY -> Wording.says("supplyClose.fewerMayFailOrNotSuffice");
            case HEADS -> Wording.says("supplyClose.aRoofForAllWhoWait");
            case WHOLE_PACK -> Wording.says("supplyClose.itComesAsAWholePack");
            case NEVER_MORE -> Wording.says("supplyClose.theMostThatIsEverRecommended");
        };
    }

    public static String share(double worth, Plan plan) {
        return worth / plan.ideal() < 5e-7 ? "nothing" : Figures.percent(worth / plan.ideal());
    }

    public static List<Served> served(Supply supply, Plan plan) {
        return plan.stepsServedBy(supply.id()).stream()
                .sorted(Comparator.comparingDouble((Plan.ServedStep s) -> -s.worth()))
                .map(s -> served(supply, s))
                .toList();
    }

    private static Served served(Supply supply, Plan.ServedStep step) {
        Plan.By by = step.by().stream()
                .filter(b -> b.supply().equals(supply.id()))
                .findFirst()
                .orElseThrow();
        var capability = step.needed().step().capability();
        String tier = Optional.ofNullable(supply.serves().get(capability.id()))
                .orElseThrow()
                .label();
        String uses = by.always()
                ? Wording.says("supplyClose.everyTime")
                : Wording.says("supplyClose.meantForIt", Figures.counted(by.uses(), capability.unit()));
        return new Served(
                step.needed().problem().problem().name(),
                capability.name(),
                tier + ", " + uses,
                Math.round(100 * step.coverage()) + " %");
    }

    private static List<String> cautions(Supply supply, Mat mat, List<String> unsuited) {
        List<String> cautions = new ArrayList<>();
        if (mat.known().ownSupplies().contains(supply.id())) {
            cautions.add(Wording.says("supplyClose.describedByYouItStandsBeforeThe"));
        }
        Contraindications.notFor(supply, mat.trip().trip().party()).forEach((person, because) -> {
            if (unsuited.stream().noneMatch(u -> u.startsWith(person + ": "))) {
                cautions.add(Wording.says("supplyClose.notFor", person, Reasons.words(because)));
            }
        });
        cautions.addAll(unsuited);
        if (supply.group() == Group.MEDICINE) {
            cautions.add(Wording.says("supplyClose.followThePackageLabelAskA"));
        }
        if (!supply.training().equals(new Tag("training", "untrained"))) {
            cautions.add(Wording.says(
                    "supplyClose.forThoseTrainedToLevelOrAbove",
                    supply.training().value()));
        }
        return cautions;
    }
}
