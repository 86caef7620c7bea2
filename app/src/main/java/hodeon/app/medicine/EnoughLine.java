package hodeon.app.medicine;

import hodeon.app.shell.Figures;
import hodeon.app.shell.Wording;
import hodeon.core.catalogue.Capability;
import hodeon.core.catalogue.Supply;
import hodeon.core.medication.amount.AsNeeded;
import hodeon.core.medication.amount.RegularMedicine;
import hodeon.core.medication.formulary.Product;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.stream.Collectors;

/** One thing a trip asks for, in words: how much, what is there, why, and what would make it enough. */
record EnoughLine(String name, String asked, String there, List<String> why, boolean enough, Fix fix) {

    /** What one press puts on the mat; no supply if nothing has to be. */
    record Fix(String supply, int pieces, String says) {

        private static final Fix NONE = new Fix("", 0, "");

        private static Fix of(Supply supply, int more, Map<String, Integer> onMat) {
            int there = onMat.getOrDefault(supply.id(), 0);
            return new Fix(
                    supply.id(),
                    there + more,
                    Wording.says(
                            "enoughLine.putOnTheMat",
                            Figures.pieces(more, supply),
                            (there > 0
                                    ? " " + Wording.says("enoughLine.moreOf") + " "
                                    : " " + Wording.says("enoughLine.of") + " "),
                            supply.name()));
        }
    }

    static EnoughLine regular(RegularMedicine line, Map<String, Integer> onMat) {
        return new EnoughLine(
                Wording.says("enoughLine.everyDay", line.product().name()),
                line.supply()
                        .map(s -> Figures.counted(line.pieces(), s.piece()))
                        .orElse(said(line.product(), line.units())),
                line.supply()
                        .map(s -> Wording.says("enoughLine.onTheMat", Figures.pieces(line.there(), s)))
                        .orElse(Wording.says("enoughLine.ridesWithThePerson")),
                line.takers().stream().map(t -> taker(t, line.product())).toList(),
                line.enough(),
                line.supply()
                        .filter(s -> !line.enough())
                        .map(s -> Fix.of(s, line.pieces() - line.there(), onMat))
                        .orElse(Fix.NONE));
    }

    private static String taker(RegularMedicine.Taker taker, Product product) {
        return Wording.says(
                "enoughLine.aDayDays",
                taker.name(),
                taker.unitsADay().stripTrailingZeros().toPlainString(),
                taker.days(),
                taker.reserveDays(),
                said(product, taker.units()));
    }

    static EnoughLine asNeeded(AsNeeded line, int hoursToCare, Map<String, Integer> onMat) {
        List<Capability> asked = line.pool().capabilities();
        String unit = asked.stream().map(Capability::unit).distinct().count() == 1
                ? asked.getFirst().unit()
                : "use";
        List<String> why = new ArrayList<>();
        if (line.uses() > 0) {
            why.add(Wording.says("enoughLine.enoughOnNineOutingsOfTen", Figures.counted(line.uses(), unit)));
        }
        line.reserve()
                .ifPresent(w -> why.add(Wording.says(
                        "enoughLine.walkingOutOneCasualtyAtTheLabels",
                        Figures.counted(hoursToCare, "hour"),
                        said(w.product(), w.units()),
                        w.product().name())));
        line.untreated()
                .forEach(w -> why.add(Wording.says(
                        "enoughLine.forThatIsOfThere",
                        w.casualty(),
                        said(w.product(), w.units()),
                        w.product().name(),
                        Figures.pieces(w.pieces(), w.supply()),
                        (w.there() == 0 ? "none" : w.there()))));
        Collection<String> lacking = line.lack().capabilities();
        if (!lacking.isEmpty() && lacking.size() < asked.size()) {
            why.add(Wording.says(
                    "enoughLine.tooLittleTo",
                    names(asked.stream().filter(c -> lacking.contains(c.id())).toList())
                            .toLowerCase(Locale.ROOT)));
        }
        String there = there(line);
        return new EnoughLine(
                names(asked),
                Figures.counted(line.asked(), unit),
                there.isEmpty()
                        ? Wording.says("enoughLine.nothingForItOnTheMat")
                        : Wording.says("enoughLine.onTheMat", there),
                why,
                line.enough(),
                line.fix().map(f -> Fix.of(f.supply(), f.more(), onMat)).orElse(Fix.NONE));
    }

    /** What there is for it, such as “Paracetamol 500 mg: 8 tablets, Ibuprofen 200 mg: 6 tablets”; empty if nothing. */
    static String there(AsNeeded line) {
        return line.pool().supplies().stream()
                .filter(s -> line.there().getOrDefault(s.id(), 0) > 0)
                .map(s -> Figures.named(line.there().getOrDefault(s.id(), 0), s))
                .collect(Collectors.joining(", "));
    }

    private static String names(List<Capability> capabilities) {
        String all = capabilities.stream().map(Capability::name).collect(Collectors.joining(", "));
        return all.charAt(0) + all.substring(1).toLowerCase(Locale.ROOT);
    }

    private static String said(Product product, BigDecimal units) {
        return product.form().says(units.stripTrailingZeros().toPlainString());
    }
}
