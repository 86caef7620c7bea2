package hodeon.app.brief.form;

import hodeon.app.shell.FieldReader;
import hodeon.app.shell.Wording;
import hodeon.core.brief.Activity;
import hodeon.core.brief.Environment;
import hodeon.core.brief.Leg;
import hodeon.core.brief.Trip;
import hodeon.core.notice.Faults;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;

/** Reads the legs of a brief, telling every fault. */
record LegsReader(Faults faults, FieldReader read) {

    /** @param days that the legs fill together, one alone without asking; 0 if they need not fill any */
    List<Leg> read(List<LegForm> rows, long days) {
        List<Leg> legs = new ArrayList<>();
        if (rows.isEmpty() || rows.size() > BriefForm.MOST_LEGS) {
            faults.add(
                    "legs",
                    Wording.says("legsReader.legs", rows.size()),
                    Wording.says("legsReader.anOutingHas1ToLegs", BriefForm.MOST_LEGS),
                    rows.isEmpty()
                            ? Wording.says("legsReader.addALeg")
                            : Wording.says("legsReader.joinLegsThatAreAlike"));
            return legs;
        }
        int before = faults.all().size();
        for (int i = 0; i < rows.size(); i++) {
            String at = "legs[" + i + "].";
            String ofLeg = " " + Wording.says("legsReader.ofLeg", i + 1);
            Activity activity = read.choice(
                    at + "activity",
                    rows.get(i).getActivity(),
                    Wording.says("legsReader.theActivity", ofLeg),
                    Activity.class);
            Environment environment = read.choice(
                    at + "environment",
                    rows.get(i).getEnvironment(),
                    Wording.says("legsReader.theEnvironment", ofLeg),
                    Environment.class);
            boolean follows = rows.size() == 1 && days > 0;
            BigDecimal length = read.decimal(
                    at + "days",
                    follows && rows.get(i).getDays().isBlank()
                            ? String.valueOf(days)
                            : rows.get(i).getDays(),
                    new BigDecimal("0.5"),
                    BigDecimal.valueOf(Trip.MOST_DAYS),
                    Wording.says("legsReader.theNumberOfDays", ofLeg),
                    1,
                    "days");
            BigDecimal halfDays = length.multiply(BigDecimal.TWO).stripTrailingZeros();
            if (halfDays.scale() > 0) {
                faults.add(
                        at + "days",
                        rows.get(i).getDays(),
                        Wording.says("legsReader.legsAreCountedInHalfDays"),
                        Wording.says("legsReader.write05115And"));
            }
            if (faults.all().size() == before) {
                legs.add(new Leg(activity, environment, halfDays.intValueExact()));
            }
        }
        if (legs.size() == 1 && rows.size() == 1 && days > 0 && !Trip.fills(legs, days)) {
            Leg only = legs.getFirst();
            return List.of(new Leg(only.activity(), only.environment(), Math.toIntExact(2 * days)));
        }
        if (faults.all().size() == before && days > 0 && !Trip.fills(legs, days)) {
            double sum = legs.stream().mapToDouble(Leg::days).sum();
            faults.add(
                    "legs[" + (rows.size() - 1) + "].days",
                    rows.getLast().getDays(),
                    Wording.says("legsReader.theLegsAddUpToDaysThe", plain(sum), days),
                    Wording.says("legsReader.changeALegsDaysOrTheDates"));
        }
        return legs;
    }

    private static String plain(double days) {
        return BigDecimal.valueOf(days).stripTrailingZeros().toPlainString();
    }
}
