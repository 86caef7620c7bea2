package hodeon.app.catalogue;

import hodeon.core.catalogue.Crossing;
import hodeon.core.catalogue.Fit;
import hodeon.core.catalogue.PriceBand;
import hodeon.core.catalogue.Supply;
import hodeon.core.catalogue.Tag;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import java.util.OptionalInt;
import java.util.TreeMap;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/** Writes a supply as a section of supplies.txt, for somebody to change. */
public final class SupplyText {

    private SupplyText() {}

    public static String of(Supply supply) {
        List<String> lines = new ArrayList<>();
        lines.add("[" + supply.id() + "]");
        lines.add("name = " + supply.name());
        lines.add("group = " + Tag.idOf(supply.group()));
        lines.add("form = " + Tag.idOf(supply.form()));
        lines.add("piece = " + supply.piece());
        lines.add("mass = " + supply.mass().exactGrams().toPlainString());
        lines.add("volume = " + plain(1000 * supply.volume().litres()));
        if (supply.durable()) {
            lines.add("durable = yes");
        } else if (supply.usesPerPiece() < 1) {
            lines.add("per-use = " + Math.round(1 / supply.usesPerPiece()));
        } else {
            lines.add("uses = " + Math.round(supply.usesPerPiece()));
        }
        if (supply.comesAnyway()) {
            lines.add("serves = nothing");
        }
        new TreeMap<>(supply.serves()).forEach((c, tier) -> lines.add("serves = " + c + " " + Tag.idOf(tier)));
        lines.add("training = " + supply.training().value());
        words(lines, "contains", supply.contains().stream().map(Tag::value).toList());
        words(lines, "not-for", supply.notFor().stream().map(Tag::toString).toList());
        words(lines, "size", supply.sizes().stream().map(Tag::value).toList());
        supply.prescribed().ifPresent(tag -> lines.add("prescribed = " + tag.value()));
        fit(lines, supply.fit());
        lines.add("price = " + band(supply));
        lines.add("pack = " + supply.purchase().piecesPerPack());
        months(lines, "shelf-life", supply.keeping().shelfLifeMonths());
        months(lines, "opened", supply.keeping().openedMonths());
        if (supply.keeping().battery()) {
            lines.add("battery = yes");
            if (!supply.keeping().power().isEmpty()) {
                lines.add("power = " + supply.keeping().power());
            }
        }
        if (supply.keeping().counted()) {
            lines.add("counted = yes");
        }
        supply.keeping().usesUp().stream().sorted().forEach(id -> lines.add("uses-up = " + id));
        supply.keeping().mostCelsius().ifPresent(c -> lines.add("store-below = " + c));
        if (supply.crossing().border() != Crossing.Border.FREE) {
            lines.add("border = " + Tag.idOf(supply.crossing().border()));
        }
        if (supply.crossing().cabin() != Crossing.Cabin.FREE) {
            lines.add("cabin = " + Tag.idOf(supply.crossing().cabin()));
        }
        lines.add("most = " + supply.most());
        lines.add("each = " + supply.each());
        lines.add("least-if-any = " + supply.leastIfAny());
        lines.add("superseded = " + (supply.superseded() ? "yes" : "no"));
        return String.join("\n", lines) + "\n";
    }

    private static String band(Supply supply) {
        return Stream.of(PriceBand.values())
                .filter(b -> b.typical().equals(supply.purchase().price()))
                .map(Tag::idOf)
                .findFirst()
                .orElse(supply.purchase().price().exact().toPlainString());
    }

    private static void fit(List<String> lines, Fit fit) {
        fit.onRequest().ifPresent(why -> lines.add("on-request = " + why));
        if (fit.occupied()) {
            lines.add("occupied = yes");
        }
        words(lines, "only-where", fit.onlyWhere().stream().map(Tag::toString).toList());
        words(lines, "not-where", fit.notWhere().stream().map(Tag::toString).toList());
        fit.needs()
                .forEach(n -> lines.add("needs = " + n.capability()
                        + n.where().map(tag -> " where " + tag).orElse("")));
        fit.oneOf().ifPresent(job -> lines.add("one-of = " + job));
        if (fit.heads() > 1) {
            lines.add("heads = " + fit.heads());
        }
        if (fit.wholePack()) {
            lines.add("whole-pack = yes");
        }
    }

    private static void words(List<String> lines, String key, Collection<String> words) {
        if (!words.isEmpty()) {
            lines.add(key + " = " + words.stream().sorted().collect(Collectors.joining(" ")));
        }
    }

    private static void months(List<String> lines, String key, OptionalInt months) {
        months.ifPresent(m -> lines.add(key + " = " + (m == 0 ? "at-once" : m + " months")));
    }

    private static String plain(double number) {
        return BigDecimal.valueOf(Math.rint(number * 1000) / 1000)
                .stripTrailingZeros()
                .toPlainString();
    }
}
