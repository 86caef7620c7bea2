package hodeon.app.readiness;

import hodeon.app.shell.Cells;
import hodeon.app.shell.Csv;
import hodeon.app.stock.ledger.Stock;
import hodeon.app.storage.RestoredRoom;
import hodeon.core.catalogue.Supply;
import hodeon.core.notice.Faults;
import hodeon.core.readiness.Offer;
import hodeon.core.units.Money;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.Collection;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVRecord;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/**
 * What packs cost: the household's own price list (CSV with the columns supply, name, pieces, price, unit, shop), and for what is not
 * on it a usual pack at the catalogue's price band.
 */
@Service
@Transactional
class PriceList implements RestoredRoom {

    private static final int MOST_LINES = 5_000;
    private static final int LONGEST_NAME = 120;
    private static final int LONGEST_SHOP = 80;

    private static final List<String> COLUMNS = List.of("supply", "name", "pieces", "price", "unit", "shop");
    private static final BigDecimal DEAREST = new BigDecimal("100000");

    private final OfferRepository rows;

    PriceList(OfferRepository rows) {
        this.rows = rows;
    }

    /** A line of the list. @param shop where it is sold; empty if that is not said */
    record Line(String supply, Offer offer, String shop) {}

    /** By supply id; only what is on the household's own list. */
    @Transactional(readOnly = true)
    Map<String, List<Offer>> own(UUID household) {
        Map<String, List<Offer>> offers = new HashMap<>();
        rows.findByHouseholdIdOrderBySupplyIdAscNameAsc(household)
                .forEach(r -> offers.computeIfAbsent(r.supplyId, s -> new ArrayList<>())
                        .add(new Offer(r.name, r.pieces, new Money(r.priceHundredths))));
        return offers;
    }

    /** Where each offer is sold, by supply id and the offer's name; only those that say. */
    @Transactional(readOnly = true)
    Map<Sold, String> shops(UUID household) {
        return rows.findByHouseholdIdOrderBySupplyIdAscNameAsc(household).stream()
                .filter(r -> !r.shop.isEmpty())
                .collect(Collectors.toMap(r -> new Sold(r.supplyId, r.name), r -> r.shop, (a, b) -> a));
    }

    /** A pack of a supply, by the name it is offered under. */
    record Sold(String supply, String offer) {}

    /** The shops where these packs of a supply are sold; empty where none is known. */
    static List<String> where(Map<Sold, String> shops, String supply, Collection<Offer> packs) {
        return packs.stream()
                .flatMap(o -> Optional.ofNullable(shops.get(new Sold(supply, o.name()))).stream())
                .distinct()
                .toList();
    }

    /** The usual pack, at the price of its band. */
    static Offer usual(Supply supply) {
        int pieces = supply.purchase().piecesPerPack();
        return new Offer(
                "usual pack of " + pieces, pieces, supply.purchase().price().times(pieces));
    }

    /** Puts this list in the place of the one before. */
    void replace(UUID household, List<Line> lines) {
        rows.deleteByHouseholdId(household);
        rows.flush();
        lines.forEach(l -> {
            OfferRow row = new OfferRow();
            row.householdId = household;
            row.supplyId = l.supply();
            row.name = l.offer().name();
            row.pieces = l.offer().pieces();
            row.priceHundredths = l.offer().price().hundredths();
            row.shop = l.shop();
            rows.save(row);
        });
    }

    /** Every line, or none and everything that is wrong in {@code faults}. */
    static List<Line> read(String text, Stock stock, Faults faults) {
        Map<String, String> supplies = new HashMap<>();
        stock.supplies().values().forEach(s -> {
            supplies.put(s.id(), s.id());
            supplies.put(s.name().toLowerCase(Locale.ROOT), s.id());
        });
        List<Line> lines = new ArrayList<>();
        Set<String> names = new HashSet<>();
        CSVFormat format = CSVFormat.RFC4180
                .builder()
                .setHeader(COLUMNS.toArray(String[]::new))
                .setSkipHeaderRecord(true)
                .setIgnoreEmptyLines(true)
                .setTrim(true)
                .get();
        Csv.read(text, format, faults, (row, where) -> {
            if (lines.size() >= MOST_LINES) {
                faults.add("text", "more lines", "a price list has at most 5,000 lines", "Split it");
                return false;
            }
            line(row, where, supplies, names, faults, lines);
            return true;
        });
        return faults.none() ? lines : List.of();
    }

    private static void line(
            CSVRecord row,
            String where,
            Map<String, String> supplies,
            Set<String> names,
            Faults faults,
            List<Line> lines) {
        String supply = supplies.get(cell(row, 0).toLowerCase(Locale.ROOT));
        String name = cell(row, 1);
        if (supply == null) {
            faults.add(
                    where + "supply",
                    cell(row, 0),
                    where + "the supply is the name or id of one of the catalogue",
                    "Correct it");
        } else if (name.isEmpty() || name.length() > LONGEST_NAME || !names.add(supply + " " + name)) {
            faults.add(
                    where + "name",
                    name,
                    where + "a pack has a name of its own, of 1 to 120 characters",
                    "Give it another");
        } else if (cell(row, COLUMNS.indexOf("shop")).length() > LONGEST_SHOP) {
            faults.add(
                    where + "shop",
                    cell(row, COLUMNS.indexOf("shop")),
                    where + "the name of a shop has at most 80 characters",
                    "Shorten it");
        } else {
            try {
                int pieces = Integer.parseInt(cell(row, 2));
                BigDecimal price = new BigDecimal(cell(row, 3));
                if (price.signum() > 0 && price.compareTo(DEAREST) <= 0) {
                    lines.add(new Line(
                            supply, new Offer(name, pieces, Money.of(price)), cell(row, COLUMNS.indexOf("shop"))));
                    return;
                }
            } catch (IllegalArgumentException | ArithmeticException e) {
                // Told below.
            }
            faults.add(
                    where + "pieces, price",
                    cell(row, 2) + ", " + cell(row, 3),
                    where
                            + "a pack has 1 to 1,000 pieces and costs more than 0, at most 100,000, with at most two decimals",
                    "Correct it");
        }
    }

    private static String cell(CSVRecord row, int column) {
        return column < row.size() ? Cells.read(row.get(column)) : "";
    }

    @Override
    @Transactional(readOnly = true)
    public void readAll(UUID household) {
        own(household);
    }
}
