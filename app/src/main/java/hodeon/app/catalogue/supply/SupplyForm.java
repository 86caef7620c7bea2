package hodeon.app.catalogue.supply;

import hodeon.app.catalogue.OwnKey;
import hodeon.app.catalogue.SupplyText;
import hodeon.app.shell.RepeatedFields;
import hodeon.app.shell.Texts;
import hodeon.app.shell.style.HouseStyle;
import hodeon.core.catalogue.Supply;
import hodeon.core.catalogue.Tag;
import hodeon.core.catalogue.file.CatalogueFault;
import hodeon.core.notice.Fault;
import hodeon.core.units.TypedMeasure;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.BiFunction;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/**
 * One supply as it is typed into a form. It is kept as the text that describes a supply, so that form and text tell the same; what the
 * form has no field for stays as the text had it.
 *
 * @param id of the supply that is changed; empty for a new one
 * @param lasts once, often or always
 * @param uses how often, where it lasts often
 * @param serves ids of capabilities, one a row, and {@code tier} how well
 */
public record SupplyForm(
        String id,
        String name,
        String group,
        String form,
        String piece,
        String mass,
        String volume,
        String lasts,
        String uses,
        @Nullable List<String> serves,
        @Nullable List<String> tier,
        String training,
        @Nullable List<String> contains,
        String price,
        String pack,
        String months) {

    /** In place of a capability, of what comes along all the same. */
    private static final String NOTHING = "nothing";

    /** Masses are kept in milligrams, room in microlitres. */
    private static final int DECIMALS = 3;

    private static final int LEAST_ROWS = 3;
    private static final String SIDE = "(\\d{1,3}(?:\\.\\d{1,2})?)";
    private static final Pattern SIDES =
            Pattern.compile(SIDE + "\\s*[x×]\\s*" + SIDE + "\\s*[x×]\\s*" + SIDE + "\\s*(?:cm)?");
    private static final Map<String, String> LABELS = Map.ofEntries(
            Map.entry("name", "Name"),
            Map.entry("group", "Where it is laid"),
            Map.entry("form", "Drawn as"),
            Map.entry("piece", "One of it is a"),
            Map.entry("mass", "Mass of one"),
            Map.entry("volume", "Room it takes"),
            Map.entry("uses", "Uses in one"),
            Map.entry("serves", "What it does"),
            Map.entry("training", "Who can use it"),
            Map.entry("contains", "Holds"),
            Map.entry("price", "Price of one"),
            Map.entry("pack", "Pieces in a pack"),
            Map.entry("shelf-life", "Keeps for, months"));

    private static final Set<String> KEYS = Stream.concat(LABELS.keySet().stream(), Stream.of("durable", "per-use"))
            .collect(Collectors.toUnmodifiableSet());

    public SupplyForm {
        id = Texts.given(id).strip();
        name = Texts.given(name).strip();
        group = Texts.given(group);
        form = Texts.given(form);
        piece = Texts.given(piece).strip();
        mass = Texts.given(mass).strip();
        volume = Texts.given(volume).strip();
        lasts = Texts.given(lasts);
        uses = Texts.given(uses).strip();
        training = Texts.given(training);
        price = Texts.given(price);
        pack = Texts.given(pack).strip();
        months = Texts.given(months).strip();
    }

    static final SupplyForm NEW = new SupplyForm(
            "", "", "tools", "tool", "piece", "", "", "once", "", null, null, "untrained", null, "small", "1", "");

    static SupplyForm of(Supply supply) {
        List<Map.Entry<String, String>> serves = supply.serves().entrySet().stream()
                .map(e -> Map.entry(e.getKey(), Tag.idOf(e.getValue())))
                .sorted(Map.Entry.comparingByKey())
                .toList();
        Map<String, String> text = properties(SupplyText.of(supply));
        return new SupplyForm(
                supply.id(),
                supply.name(),
                Tag.idOf(supply.group()),
                Tag.idOf(supply.form()),
                supply.piece(),
                shown(text.get("mass"), HouseStyle.here()::massTyped),
                shown(text.get("volume"), HouseStyle.here()::volumeTyped),
                supply.durable() ? "always" : supply.usesPerPiece() > 1 ? "often" : "once",
                supply.usesPerPiece() > 1 ? text.getOrDefault("uses", "") : "",
                supply.comesAnyway()
                        ? List.of(NOTHING)
                        : serves.stream().map(Map.Entry::getKey).toList(),
                serves.stream().map(Map.Entry::getValue).toList(),
                supply.training().value(),
                supply.contains().stream().map(Tag::value).sorted().toList(),
                text.getOrDefault("price", ""),
                text.getOrDefault("pack", "1"),
                supply.keeping().shelfLifeMonths().isPresent()
                        ? String.valueOf(supply.keeping().shelfLifeMonths().getAsInt())
                        : "");
    }

    /** The same to begin another with. */
    SupplyForm copied() {
        return new SupplyForm(
                "",
                name.isEmpty() ? "" : name + " (copy)",
                group,
                form,
                piece,
                mass,
                volume,
                lasts,
                uses,
                serves,
                tier,
                training,
                contains,
                price,
                pack,
                months);
    }

    /** Rows to say what it does: one for each thing, one to spare, and three at the least. */
    public int rows() {
        return Math.max(LEAST_ROWS, RepeatedFields.sent(serves).size() + 1);
    }

    /** The capability and how well, of one row; empty where none is chosen. */
    public String served(int row) {
        return RepeatedFields.at(RepeatedFields.sent(serves), row);
    }

    public String how(int row) {
        return RepeatedFields.at(RepeatedFields.sent(tier), row);
    }

    public boolean holds(String substance) {
        return RepeatedFields.sent(contains).contains(substance);
    }

    /** The last of several properties of one key wins; those that repeat are the form's own. */
    private static Map<String, String> properties(String text) {
        Map<String, String> properties = new LinkedHashMap<>();
        text.lines().filter(l -> l.contains(" = ")).forEach(l -> {
            int at = l.indexOf(" = ");
            properties.put(l.substring(0, at), l.substring(at + " = ".length()));
        });
        return properties;
    }

    /**
     * The text of the supply.
     *
     * @param before its text before, of which everything stays that the form has no field for; empty for a new one
     * @param taken ids that a new supply cannot have
     */
    String text(String before, Set<String> taken) {
        List<String> lines = new ArrayList<>();
        lines.add("[" + (id.isEmpty() ? OwnKey.newId(name, "my-supply", taken) : id) + "]");
        property(lines, "name", name);
        property(lines, "group", group);
        property(lines, "form", form);
        property(lines, "piece", piece);
        property(lines, "mass", metric(mass, "g"));
        property(lines, "volume", millilitres(volume));
        switch (lasts) {
            case "always" -> lines.add("durable = yes");
            case "often" -> property(lines, "uses", uses);
            default ->
                properties(before).entrySet().stream()
                        .filter(p -> p.getKey().equals("per-use"))
                        .forEach(p -> property(lines, p.getKey(), p.getValue()));
        }
        for (int row = 0; row < RepeatedFields.sent(serves).size(); row++) {
            if (!served(row).isEmpty()) {
                lines.add("serves = " + (served(row).equals(NOTHING) ? NOTHING : served(row) + " " + how(row)));
            }
        }
        property(lines, "training", training);
        if (!RepeatedFields.sent(contains).isEmpty()) {
            property(lines, "contains", String.join(" ", RepeatedFields.sent(contains)));
        }
        property(lines, "price", price);
        property(lines, "pack", pack);
        if (!months.isEmpty()) {
            property(lines, "shelf-life", months + " months");
        }
        before.lines()
                .filter(l -> l.contains(" = ") && !KEYS.contains(l.substring(0, l.indexOf(" = "))))
                .forEach(lines::add);
        return String.join("\n", lines) + "\n";
    }

    /** Room may be typed as millilitres or measured: “10 x 7 x 1 cm”. */
    private static String millilitres(String typed) {
        Matcher sides = SIDES.matcher(typed.replace(',', '.'));
        return sides.matches()
                ? new BigDecimal(sides.group(1))
                        .multiply(new BigDecimal(sides.group(2)))
                        .multiply(new BigDecimal(sides.group(3)))
                        .stripTrailingZeros()
                        .toPlainString()
                : metric(typed, "ml");
    }

    /** What is no number stays as typed and is told as a fault of the text. */
    private static String metric(String typed, String unit) {
        TypedMeasure measure = HouseStyle.here().measure(typed, unit);
        return measure.number().matches("\\d{1,9}(\\.\\d{1,6})?")
                ? measure.kept(DECIMALS).toPlainString()
                : typed.replace(',', '.');
    }

    private static String shown(@Nullable String metric, BiFunction<BigDecimal, Integer, String> style) {
        return metric == null ? "" : style.apply(new BigDecimal(metric), DECIMALS);
    }

    /** A value is one line: what would begin another is none. */
    private static void property(List<String> lines, String key, String value) {
        lines.add(key + " = " + value.replaceAll("\\R", " "));
    }

    /** What is wrong with the text, told at the fields that it came from. */
    List<Fault> faults(String text, List<CatalogueFault> found) {
        List<String> lines = text.lines().toList();
        return found.stream()
                .map(f -> {
                    String line = f.line() >= 1 && f.line() <= lines.size() ? lines.get(f.line() - 1) : "";
                    int at = line.indexOf(" = ");
                    String key = at < 0 ? "serves" : line.substring(0, at);
                    String label = LABELS.getOrDefault(key, key);
                    return new Fault(
                            label,
                            at < 0 ? "" : line.substring(at + " = ".length()),
                            label + ": " + f.message().replaceAll("\\.$", ""),
                            "Correct it");
                })
                .toList();
    }
}
