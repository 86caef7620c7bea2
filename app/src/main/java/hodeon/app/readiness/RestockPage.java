package hodeon.app.readiness;

import hodeon.app.shell.Figures;
import hodeon.app.shell.Wording;
import hodeon.app.stock.Days;
import hodeon.app.stock.ledger.Stock;
import hodeon.app.stock.ledger.StockHistory;
import hodeon.app.stock.place.Place;
import hodeon.core.readiness.Restock;
import hodeon.core.stock.Held;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.UUID;
import java.util.function.Predicate;
import java.util.stream.Collectors;

/**
 * The restock page: from what stands above and from home first, then whole packs.
 *
 * @param rounds what lies in other kits or at home and belongs in a kit
 * @param old what does not last in its kit
 * @param shops what is to be bought, by where it is sold, {@code kinds} of it in all
 * @param asText the same to be copied
 * @param inBasket how many kinds are ticked off
 * @param toPrescribe what no shop sells
 * @param planned kits that say what is to lie in them
 * @param compared names of these, and {@code notCompared} of the others
 * @param margin days that a kit lasts beyond the return of its next trip
 */
record RestockPage(
        String headline,
        List<RoundView> rounds,
        List<OldView> old,
        List<ShopView> shops,
        int kinds,
        long inBasket,
        String asText,
        List<String> toPrescribe,
        int planned,
        String compared,
        String notCompared,
        List<Place> shelves,
        List<SpentView> spending,
        int margin) {

    private static final double LEAST_COST = 0.01;

    /** One stop of a walk: all that is taken from a place. */
    record RoundView(String from, List<FillView> fills) {}

    record FillView(
            String supply, String name, int pieces, String counted, String to, UUID kit, String until, String good) {}

    record OldView(UUID lot, String name, String pieces, String kit, String good, boolean over) {}

    /** What is bought in one shop. @param name empty where the price list does not say */
    record ShopView(String name, List<BuyView> buys) {}

    record BuyView(
            String shop,
            String supply,
            String name,
            String need,
            String packs,
            String cost,
            String surplus,
            String perYear,
            boolean own,
            boolean ticked,
            int pieces,
            String unit) {}

    record SpentView(int year, String amount) {}

    static RestockPage of(
            RestockService.Answer answer,
            Map<PriceList.Sold, String> shops,
            List<StockHistory.Spent> spent,
            LocalDate today) {
        Stock all = answer.all().stock();
        List<BuyView> buys =
                answer.purchases().stream().map(p -> buy(p, shops, all)).toList();
        double cost = answer.purchases().stream()
                .mapToDouble(p -> p.packs().cost().amount())
                .sum();
        return new RestockPage(
                headline(answer, buys.size(), money(cost, all)),
                rounds(answer.restock().fills(), all, answer.all().until()),
                answer.restock().old().stream().map(h -> old(h, all, today)).toList(),
                byShop(buys),
                buys.size(),
                buys.stream().filter(BuyView::ticked).count(),
                asText(byShop(buys)),
                answer.restock().toPrescribe().entrySet().stream()
                        .map(e -> all.nameOf(e.getKey()) + ": " + all.counted(e.getValue(), e.getKey()))
                        .toList(),
                answer.all().until().size(),
                names(all, id -> answer.all().until().containsKey(id)),
                names(all, id -> !answer.all().until().containsKey(id)),
                all.shelves(),
                spent.stream()
                        .map(s -> new SpentView(s.year(), money(s.hundredths() / 100.0, all)))
                        .toList(),
                all.rules().marginDays());
    }

    /** Nothing is missing only where something was compared; what costs less than a cent is not said to cost. */
    private static String headline(RestockService.Answer answer, int buys, String cost) {
        if (answer.all().until().isEmpty()) {
            return Wording.says("restockPage.nothingToCompareYet");
        } else if (buys == 0 && !answer.restock().toPrescribe().isEmpty()) {
            return Wording.says(
                    "restockPage.nothingToBuyButToBePrescribed",
                    Figures.counted(answer.restock().toPrescribe().size(), "kind"));
        } else if (buys == 0) {
            return answer.restock().fills().isEmpty()
                    ? Wording.says("restockPage.nothingIsMissing")
                    : Wording.says("restockPage.nothingToBuyHomeHasWhatIs");
        }
        return Wording.says(
                "restockPage.toBuy",
                Figures.counted(buys, "kind"),
                (cost.isEmpty() ? "" : " " + Wording.says("restockPage.forAbout", cost)));
    }

    /** In the household's money; nothing for less than a hundredth. */
    private static String money(double amount, Stock all) {
        return amount < LEAST_COST
                ? ""
                : (Figures.money(amount) + " " + all.rules().currency()).strip();
    }

    /** The shops by their names, what no shop is known for last. */
    private static List<ShopView> byShop(List<BuyView> buys) {
        Map<String, List<BuyView>> shops =
                new TreeMap<>(Comparator.comparing(String::isEmpty).thenComparing(Comparator.<String>naturalOrder()));
        buys.forEach(
                b -> shops.computeIfAbsent(b.shop(), s -> new ArrayList<>()).add(b));
        return shops.entrySet().stream()
                .map(e -> new ShopView(e.getKey(), e.getValue()))
                .toList();
    }

    private static String asText(List<ShopView> shops) {
        return shops.stream()
                .map(s -> (s.name().isEmpty() ? "" : s.name() + "\n")
                        + s.buys().stream()
                                .map(b -> "- " + b.name() + ": " + b.need() + " (" + b.packs() + ")")
                                .collect(Collectors.joining("\n")))
                .collect(Collectors.joining("\n\n"));
    }

    private static String names(Stock all, Predicate<UUID> which) {
        return all.kits().stream()
                .filter(k -> which.test(k.id()))
                .map(Place::name)
                .collect(Collectors.joining(", "));
    }

    /** By where it is taken from, so that nobody walks to the same place twice. */
    private static List<RoundView> rounds(List<Restock.Fill> fills, Stock all, Map<UUID, LocalDate> until) {
        Map<UUID, List<FillView>> bySource = new LinkedHashMap<>();
        fills.forEach(f -> bySource.computeIfAbsent(f.from().place(), p -> new ArrayList<>())
                .add(fill(f, all, until)));
        return bySource.entrySet().stream()
                .map(e -> new RoundView(all.address(e.getKey()), e.getValue()))
                .toList();
    }

    private static FillView fill(Restock.Fill fill, Stock all, Map<UUID, LocalDate> until) {
        return new FillView(
                fill.from().lot().supply(),
                all.nameOf(fill.from().lot().supply()),
                fill.pieces(),
                all.counted(fill.pieces(), fill.from().lot().supply()),
                all.address(fill.to()),
                fill.to(),
                String.valueOf(until.get(fill.to())),
                fill.from()
                        .good()
                        .map(g -> Wording.says("restockPage.goodUntil", Days.said(g)))
                        .orElse(Wording.says("formsController.doesNotExpire")));
    }

    private static OldView old(Held held, Stock all, LocalDate today) {
        return new OldView(
                held.lot().id(),
                all.nameOf(held.lot().supply()),
                all.counted(held.pieces(), held.lot().supply()),
                all.placeName(held.place()),
                Days.until(held),
                held.lastDay().isBefore(today));
    }

    private static String usedInTime(long pieces) {
        return Wording.says(
                "restockPage.ofThemWillBeUsedBeforeTheir",
                (pieces == 0 ? Wording.says("restockPage.hardlyAny") : Wording.says("beam.about", pieces)));
    }

    private static BuyView buy(RestockService.Purchase p, Map<PriceList.Sold, String> shops, Stock all) {
        String packs = p.packs().bought().entrySet().stream()
                .map(b -> Wording.says(
                        "restockPage.at",
                        b.getValue(),
                        b.getKey().name(),
                        money(b.getKey().price().amount(), all)))
                .collect(Collectors.joining(" " + Wording.says("sheetController.and") + " "));
        double perYear = p.packs().bought().keySet().stream()
                .mapToDouble(o -> o.perYearOfReadiness(p.monthsGood()))
                .max()
                .orElse(0);
        return new BuyView(
                String.join(
                        " " + Wording.says("sheetController.and") + " ",
                        PriceList.where(shops, p.supply(), p.packs().bought().keySet())),
                p.supply(),
                all.nameOf(p.supply()),
                all.counted(p.need(), p.supply()),
                packs,
                money(p.packs().cost().amount(), all),
                p.packs().surplus() == 0
                        ? Wording.says("restockPage.nothingIsLeftOver")
                        : Wording.says(
                                "restockPage.leftOver",
                                all.counted(p.packs().surplus(), p.supply()),
                                usedInTime(Math.round(
                                        Math.min(p.further(), p.packs().surplus())))),
                perYear / 100 < LEAST_COST
                        ? ""
                        : Wording.says("restockPage.keepingOneReadyCostsAboutAYear", money(perYear / 100, all)),
                p.own(),
                p.ticked(),
                p.packs().pieces(),
                all.piece(p.supply()));
    }
}
