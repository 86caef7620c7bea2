package hodeon.app.packing.carrier;

import hodeon.app.packing.carrier.Carriers.Carrier;
import hodeon.app.shell.FieldReader;
import hodeon.app.shell.RepeatedFields;
import hodeon.app.shell.Wording;
import hodeon.app.shell.style.HouseStyle;
import hodeon.core.notice.Faults;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import org.jspecify.annotations.Nullable;

/** Carriers as they are typed, row by row; a row without a name goes. */
public record CarrierForm(
        @Nullable List<String> name,
        @Nullable List<String> place,
        @Nullable List<String> group,
        @Nullable List<String> most,
        @Nullable Boolean whole) {

    private static final int MOST_CARRIERS = 8;
    private static final int LONGEST_NAME = 80;
    private static final int LONGEST_PLACE = 60;
    private static final BigDecimal LEAST_LIMIT_GRAMS = BigDecimal.TEN;
    private static final BigDecimal MOST_GRAMS = BigDecimal.valueOf(100_000);

    /** A row of the form. */
    public record Row(String name, String place, String group, String most) {}

    static CarrierForm of(List<Carrier> carriers, boolean whole) {
        return new CarrierForm(
                carriers.stream().map(Carrier::name).toList(),
                carriers.stream().map(Carrier::place).toList(),
                carriers.stream()
                        .map(c -> String.valueOf((char) ('A' + c.group())))
                        .toList(),
                carriers.stream()
                        .map(c -> c.most().isPresent()
                                ? HouseStyle.here()
                                        .massTyped(
                                                BigDecimal.valueOf(
                                                        (long) c.most().getAsDouble()),
                                                0)
                                : "")
                        .toList(),
                whole);
    }

    public boolean isWhole() {
        return Boolean.TRUE.equals(whole);
    }

    /** With one row more to write on. */
    public List<Row> rows() {
        List<Row> rows = new ArrayList<>();
        int written = RepeatedFields.sent(name).size();
        for (int i = 0; i < Math.min(MOST_CARRIERS, written + 1); i++) {
            rows.add(new Row(at(name, i), at(place, i), i < written ? at(group, i) : "A", at(most, i)));
        }
        return rows;
    }

    private static String at(@Nullable List<String> sent, int index) {
        List<String> all = RepeatedFields.sent(sent);
        return index < all.size() ? all.get(index).strip() : "";
    }

    /** Empty with the faults where it cannot be read. */
    Optional<List<Carrier>> read(Faults faults) {
        FieldReader fields = new FieldReader(faults);
        List<Carrier> carriers = new ArrayList<>();
        for (Row row : rows()) {
            if (row.name().isEmpty()) {
                continue;
            }
            fields.line("name", row.name(), Wording.says("carrierForm.theNameOfACarrier"), LONGEST_NAME);
            if (row.place().length() > LONGEST_PLACE) {
                faults.add(
                        "place",
                        row.place(),
                        Wording.says("carrierForm.aPlaceHasAtMostCharacters", LONGEST_PLACE),
                        Wording.says("doseLines.shortenIt"));
            }
            if (!row.group().matches("[A-Ha-h]?")) {
                faults.add(
                        "group",
                        row.group(),
                        Wording.says("carrierForm.aGroupIsALetterFromA"),
                        Wording.says("dispensing.chooseOne"));
            }
            OptionalDouble most = row.most().isEmpty()
                    ? OptionalDouble.empty()
                    : OptionalDouble.of(fields.decimal(
                                    "most",
                                    row.most(),
                                    LEAST_LIMIT_GRAMS,
                                    MOST_GRAMS,
                                    Wording.says("carrierForm.theMostTheyCarry"),
                                    0,
                                    "g")
                            .doubleValue());
            int group = row.group().matches("[A-Ha-h]")
                    ? Character.toUpperCase(row.group().charAt(0)) - 'A'
                    : 0;
            carriers.add(new Carrier("", row.name(), row.place(), group, most));
        }
        if (carriers.isEmpty()) {
            faults.add(
                    "name",
                    "",
                    Wording.says("carrierForm.somebodyOrSomethingCarriesIt"),
                    Wording.says("carrierForm.nameOneAtLeast"));
        }
        return faults.none() ? Optional.of(carriers) : Optional.empty();
    }
}
