package hodeon.app.storage;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.springframework.jdbc.core.JdbcTemplate;

/**
 * Turns what was counted in doses and sets into single pieces: 16 doses of 2 tablets are 32 tablets, each for half the price. It is
 * done once, when a database or a backup comes from before.
 */
final class SinglePieces {

    /** What shipped as a dose or a set: so many of which. */
    private static final Map<String, Several> SHIPPED = Map.of(
            "paracetamol",
            new Several(2, "tablet"),
            "ibuprofen",
            new Several(2, "tablet"),
            "safety-pins",
            new Several(4, "pin"));

    private static final Pattern PIECE =
            Pattern.compile("(?m)^piece\\s*=\\s*(?:dose|set|pack|strip|card) of (\\d{1,2}) (\\w+?)s?\\s*$");
    private static final Pattern ANY_PIECE = Pattern.compile("(?m)^piece\\s*=.*$");

    private SinglePieces() {}

    private record Several(int pieces, String unit) {}

    /** Everything of one household. */
    static void count(JdbcTemplate database, UUID household) {
        Map<String, Several> several = new HashMap<>(SHIPPED);
        record Own(String supply, String text) {}
        List<Own> own = database.query(
                "select supply_id, text from own_supply where household_id = ?",
                (row, n) -> new Own(row.getString(1), row.getString(2)),
                household);
        for (Own described : own) {
            Matcher piece = PIECE.matcher(described.text());
            if (piece.find()) {
                several.put(described.supply(), new Several(Integer.parseInt(piece.group(1)), piece.group(2)));
            } else if (!described.text().contains("set of four")) {
                several.remove(described.supply());
            }
            Optional.ofNullable(several.get(described.supply()))
                    .ifPresent(of -> database.update(
                            "update own_supply set text = ? where household_id = ? and supply_id = ?",
                            single(described.text(), of),
                            household,
                            described.supply()));
        }
        several.forEach((supply, of) -> count(database, household, supply, of.pieces()));
    }

    private static void count(JdbcTemplate database, UUID household, String supply, int pieces) {
        String trips = "trip_id in (select id from trip where household_id = ?)";
        String lots = " in (select id from stock_lot where household_id = ? and supply_id = ?)";
        List.of(
                        "update mat_line set pieces = pieces * ? where " + trips + " and supply_id = ?",
                        "update mat_step_line set pieces_before = pieces_before * ?1, pieces_after = pieces_after * ?1"
                                + " where step_id in (select id from mat_step where " + trips.replace("?", "?2")
                                + ") and supply_id = ?3",
                        "update kit_line set pieces = pieces * ? where kit_id in (select id from kit where household_id = ?)"
                                + " and supply_id = ?",
                        "update log_use set pieces = pieces * ? where entry_id in"
                                + " (select id from log_entry where household_id = ?) and supply_id = ?",
                        "update stock_movement set pieces = pieces * ? where lot_id" + lots,
                        "update stock_balance set pieces = pieces * ? where lot_id" + lots,
                        "update stock_lot set price_hundredths = round(price_hundredths / cast(? as double precision))"
                                + " where household_id = ? and supply_id = ?",
                        "update stock_product set pieces = pieces * ?1,"
                                + " price_hundredths = round(price_hundredths / cast(?1 as double precision))"
                                + " where household_id = ?2 and supply_id = ?3",
                        "update check_line set seen = seen * ?1, found = found * ?1 where lot_id"
                                + " in (select id from stock_lot where household_id = ?2 and supply_id = ?3)",
                        "update price_offer set pieces = least(1000, pieces * ?) where household_id = ? and supply_id = ?")
                .forEach(sql -> database.update(sql, pieces, household, supply));
        database.query(
                "select id, per_piece from own_medicine where household_id = ? and supply_id = ?",
                row -> {
                    database.update(
                            "update own_medicine set per_piece = ? where id = ?",
                            divided(row.getString("per_piece"), pieces),
                            row.getObject("id", UUID.class));
                },
                household,
                supply);
    }

    private static String single(String text, Several of) {
        String said = ANY_PIECE.matcher(text).replaceAll("piece = " + of.unit());
        for (String weighed : List.of("mass", "volume")) {
            said = Pattern.compile("(?m)^(" + weighed + "\\s*=\\s*)([\\d.]+)\\s*$")
                    .matcher(said)
                    .replaceAll(m -> m.group(1) + divided(m.group(2), of.pieces()));
        }
        for (String counted : List.of("most", "pack", "least-if-any")) {
            said = Pattern.compile("(?m)^(" + counted + "\\s*=\\s*)(\\d{1,4})\\s*$")
                    .matcher(said)
                    .replaceAll(m -> m.group(1) + Integer.parseInt(m.group(2)) * of.pieces());
        }
        boolean lasts = said.matches("(?s).*\\n(durable\\s*=\\s*yes|uses\\s*=\\s*([2-9]|\\d\\d+))\\s*(\\n.*|$)");
        return lasts ? said : said.stripTrailing() + "\nper-use = " + of.pieces() + "\n";
    }

    private static String divided(String number, int by) {
        return new BigDecimal(number)
                .divide(BigDecimal.valueOf(by), 6, RoundingMode.HALF_UP)
                .stripTrailingZeros()
                .toPlainString();
    }
}
