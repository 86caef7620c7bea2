package hodeon.benchmarks;

import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.ArrayList;
import java.util.List;
import java.util.regex.MatchResult;
import java.util.regex.Pattern;
import org.HdrHistogram.Histogram;

/**
 * The stock pages of a database as full as many households make it. {@code fill} fills the database of a demo that has been
 * started once and stopped; {@code measure} asks its pages while it runs; {@code plans} prints how the database finds what
 * the pages ask for.
 */
public final class StockScale {

    private static final int LINES = 80;
    private static final int USES = 4;
    private static final int WARM_UP = 15;
    private static final int TIMES = 60;

    private StockScale() {}

    /** @param arguments {@code fill FOLDER HOUSEHOLDS LOTS_EACH KITS_EACH}, {@code measure PORT} or {@code plans FOLDER} */
    public static void main(String[] arguments) throws Exception {
        switch (arguments[0]) {
            case "fill" ->
                fill(
                        arguments[1],
                        Integer.parseInt(arguments[2]),
                        Integer.parseInt(arguments[3]),
                        Integer.parseInt(arguments[4]));
            case "measure" -> measure(Integer.parseInt(arguments[1]));
            case "plans" -> plans(arguments[1]);
            default -> throw new IllegalArgumentException(arguments[0] + " is neither fill, measure nor plans.");
        }
    }

    private static Connection open(String folder) throws SQLException {
        return DriverManager.getConnection("jdbc:h2:file:" + folder + "/hodeon;CACHE_SIZE=1000000", "hodeon", "");
    }

    private static void fill(String folder, int households, int lots, int kits) throws SQLException {
        try (Connection database = open(folder);
                Statement sql = database.createStatement()) {
            sql.execute("create alias if not exists pick as 'String pick(String words, int n) {"
                    + " String[] w = words.split(\" \"); return w[Math.floorMod(n, w.length)]; }'");
            // The rows are made to fit; checking each would take longer than writing it.
            sql.execute("set referential_integrity false");
            String words = supplies(sql);
            for (int h = 0; h < households; h++) {
                String household = h == 0
                        ? one(sql, "select id from household fetch first 1 rows only")
                        : one(
                                sql,
                                "select id from final table (insert into household (id, name)"
                                        + " values (random_uuid(), 'Household " + h + "'))");
                household(sql, household, words, lots, kits);
                if (h % 10 == 9) {
                    System.out.println((h + 1) + " households");
                }
            }
            sql.execute("set referential_integrity true");
            sql.execute("drop alias pick");
            sql.execute("analyze");
            for (String table : List.of("household", "stock_place", "stock_lot", "stock_movement", "stock_balance")) {
                System.out.printf("%-16s %,d rows%n", table, Long.parseLong(one(sql, "select count(*) from " + table)));
            }
        }
    }

    /** The supplies of the sample household stand for those of all. */
    private static String supplies(Statement sql) throws SQLException {
        List<String> ids = new ArrayList<>();
        try (ResultSet rows = sql.executeQuery("select distinct supply_id from stock_lot order by supply_id")) {
            while (rows.next()) {
                ids.add(rows.getString(1));
            }
        }
        return String.join(" ", ids);
    }

    private static String one(Statement sql, String query) throws SQLException {
        try (ResultSet rows = sql.executeQuery(query)) {
            rows.next();
            return rows.getString(1);
        }
    }

    private static void household(Statement sql, String id, String words, int lots, int kits) throws SQLException {
        String home = "cast('" + id + "' as uuid)";
        sql.execute("merge into stock_head (household_id, number) key (household_id) values (" + home + ", coalesce("
                + "(select max(number) from stock_movement where household_id = " + home + "), 0))");
        sql.execute("insert into kit (id, household_id, version, name, saved_at) select random_uuid(), " + home
                + ", 0, 'Plan ' || x, current_timestamp from system_range(1, " + kits + ")");
        sql.execute("insert into kit_line (kit_id, position, supply_id, pieces) select k.id, r.x - 1, pick('" + words
                + "', cast(r.x as int)), 12 from kit k, system_range(1, " + LINES + ") r where k.household_id = " + home
                + " and k.name like 'Plan %' and r.x <= " + words.split(" ").length);
        sql.execute("insert into stock_place (id, household_id, name, kind, kit_id, made_on, position)"
                + " select random_uuid(), " + home + ", 'Kit ' || k.name, 'KIT', k.id, current_date, 0 from kit k"
                + " where k.household_id = " + home + " and k.name like 'Plan %'");
        sql.execute("insert into stock_place (id, household_id, name, kind, made_on, position) values (random_uuid(), "
                + home + ", 'Full shelf', 'SHELF', current_date, 1)");
        sql.execute("insert into stock_lot (id, household_id, supply_id, product, article, lot_code, serial,"
                + " printed_until, month_only, received_on, price_hundredths, condition) select random_uuid(), " + home
                + ", pick('" + words + "', cast(x as int)), '', '', 'L' || x, '', dateadd(day, mod(x * 37, 1500) - 60,"
                + " current_date), false, dateadd(day, -mod(x * 13, 900), current_date), 10 + mod(x, 300), ''"
                + " from system_range(1, " + lots + ")");
        long from = Long.parseLong(one(sql, "select number from stock_head where household_id = " + home));
        sql.execute("create local temporary table placed as select l.id lot, row_number() over (order by l.id) n, "
                + " (select array_agg(id order by name) from stock_place where household_id = " + home
                + " and (name like 'Kit %' or name = 'Full shelf')) places from stock_lot l where l.household_id = "
                + home + " and l.lot_code like 'L%' and l.product = ''"
                + " and not exists (select 1 from stock_balance b where b.lot_id = l.id)");
        String place = "places[1 + mod(n, cardinality(places))]";
        sql.execute("insert into stock_movement (id, household_id, number, kind, lot_id, to_place, pieces, made_at,"
                + " made_by, why) select random_uuid(7), " + home + ", " + from + " + n, 'RECEIVED', lot, " + place
                + ", 20, dateadd(day, -700, current_timestamp), 'bench', '' from placed order by n");
        for (int u = 0; u < USES; u++) {
            sql.execute(
                    "insert into stock_movement (id, household_id, number, kind, lot_id, from_place, pieces, made_at,"
                            + " made_by, why) select random_uuid(7), " + home + ", " + (from + (u + 1L) * lots)
                            + " + n, 'USED',"
                            + " lot, " + place + ", 1, dateadd(day, -" + (600 - 150 * u)
                            + ", current_timestamp), 'bench', ''"
                            + " from placed order by n");
        }
        sql.execute("insert into stock_balance (lot_id, place_id, household_id, pieces) select lot, " + place + ", "
                + home + ", " + (20 - USES) + " from placed order by n");
        sql.execute("update stock_head set number = " + (from + (USES + 1L) * lots) + " where household_id = " + home);
        sql.execute("drop table placed");
    }

    private static void measure(int port) throws Exception {
        Visitor visitor = new Visitor(port);
        String kit = Visitor.first(
                "href=\"(/kits/[0-9a-f-]{36})\">Kit Plan", visitor.get("/kits").text());
        for (String path : List.of(
                "/",
                "/kits",
                kit,
                "/stock",
                "/stock/timeline",
                "/stock/timeline?by=PRODUCT&months=60",
                "/restock",
                "/stock/rotate",
                "/stock/movements",
                "/stock/checks")) {
            Histogram times = new Histogram(3);
            for (int i = 0; i < WARM_UP + TIMES; i++) {
                long begin = System.nanoTime();
                Visitor.Page page = visitor.get(path);
                if (i >= WARM_UP) {
                    times.recordValue((System.nanoTime() - begin) / 1_000);
                }
                if (i == 0) {
                    System.out.printf("%-38s %4.0f kB  ", path, page.transferred() / 1000.0);
                }
            }
            System.out.printf(
                    "median %d ms, 95th percentile %d ms%n",
                    times.getValueAtPercentile(50) / 1000, times.getValueAtPercentile(95) / 1000);
        }
        for (String path : List.of("/", "/kits", kit)) {
            afterAUse(visitor, kit, path);
        }
    }

    /** How long a page takes that is the first after a piece was used up: what follows from the stock has to be worked out anew. */
    private static void afterAUse(Visitor visitor, String kit, String path) throws Exception {
        List<String> lots = Pattern.compile("/stock/lots/[0-9a-f-]{36}")
                .matcher(visitor.get(kit).text())
                .results()
                .map(MatchResult::group)
                .distinct()
                .limit(10)
                .toList();
        Histogram times = new Histogram(3);
        for (int i = 0; i < 2 * lots.size(); i++) {
            String lot = lots.get(i % lots.size());
            String page = visitor.get(lot).text();
            visitor.post(
                    lot,
                    "do=USE&pieces=1&_csrf=" + Visitor.first("name=\"_csrf\" value=\"([^\"]+)\"", page) + "&at="
                            + Visitor.first("name=\"at\" value=\"([^\"]+)\"", page));
            long begin = System.nanoTime();
            visitor.get(path);
            times.recordValue((System.nanoTime() - begin) / 1_000);
        }
        System.out.printf("%-38s after a use: median %d ms%n", path, times.getValueAtPercentile(50) / 1000);
    }

    private static void plans(String folder) throws SQLException {
        try (Connection database = open(folder);
                Statement sql = database.createStatement()) {
            String home =
                    "cast('" + one(sql, "select household_id from account fetch first 1 rows only") + "' as uuid)";
            for (String query : List.of(
                    "select l.*, b.place_id, b.pieces from stock_balance b join stock_lot l on l.id = b.lot_id"
                            + " where b.household_id = " + home,
                    "select l.supply_id, m.from_place, sum(m.pieces) from stock_movement m join stock_lot l on l.id ="
                            + " m.lot_id where m.household_id = " + home + " and m.kind = 'USED' and m.made_at >="
                            + " dateadd(year, -2, current_timestamp) group by l.supply_id, m.from_place",
                    "select * from stock_movement where household_id = " + home
                            + " order by number desc fetch first 100 rows only")) {
                System.out.println(one(sql, "explain analyze " + query));
                System.out.println();
            }
        }
    }
}
