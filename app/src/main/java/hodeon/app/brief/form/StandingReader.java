package hodeon.app.brief.form;

import hodeon.app.shell.FieldReader;
import hodeon.app.shell.Wording;
import hodeon.core.brief.Leg;
import hodeon.core.brief.Standing;
import hodeon.core.brief.Standing.Visitors;
import hodeon.core.notice.Faults;
import hodeon.core.party.Training;
import java.math.BigDecimal;
import java.util.List;

/** Reads what a kit that stays is for, telling every fault; nothing is at fault where the brief is an outing's. */
record StandingReader(StandingForm form, Faults faults, FieldReader read) {

    int refillDays() {
        return form.stays()
                ? read.whole(
                        "standing.refillDays",
                        form.getRefillDays(),
                        Standing.FEWEST_DAYS,
                        Standing.MOST_DAYS,
                        Wording.says("standingReader.daysUntilSomebodyFillsItUp"))
                : Standing.FEWEST_DAYS;
    }

    Visitors visitors() {
        if (!form.stays() || !form.forVisitors()) {
            return Visitors.NONE;
        }
        int adults = visits("standing.adults", form.getAdults(), Wording.says("standingReader.theAdultsWhoComeByInA"));
        int children =
                visits("standing.children", form.getChildren(), Wording.says("standingReader.theChildrenWhoComeByInA"));
        if (adults + children > Visitors.MOST) {
            faults.add(
                    "standing.children",
                    Wording.says("standingReader.adultsAndChildren", adults, children),
                    Wording.says("standingReader.atMostComeByInAWeek", Visitors.MOST),
                    Wording.says("standingReader.planAKitForEachPartOf"));
            return Visitors.NONE;
        }
        if (adults + children == 0) {
            faults.add(
                    "standing.adults",
                    "nobody",
                    Wording.says("standingReader.somebodyComesByInAUsualWeek"),
                    Wording.says("standingReader.sayHowManyOrChooseThePeople"));
        }
        return new Visitors(adults, children);
    }

    private int visits(String field, String typed, String what) {
        return typed.isBlank() ? 0 : read.whole(field, typed, 0, Visitors.MOST, what);
    }

    Training training() {
        return form.getTraining().isBlank()
                ? Training.UNTRAINED
                : read.choice(
                        "standing.training",
                        form.getTraining(),
                        Wording.says("standingReader.whatWhoeverLooksAfterThemLearned"),
                        Training.class);
    }

    /** A part of a week is at most a week. */
    void check(List<Leg> week) {
        for (int i = 0; i < week.size(); i++) {
            if (week.get(i).halfDays() > Standing.HALF_DAYS_OF_A_WEEK) {
                faults.add(
                        "legs[" + i + "].days",
                        Wording.says(
                                "standingReader.days",
                                BigDecimal.valueOf(week.get(i).days())
                                        .stripTrailingZeros()
                                        .toPlainString()),
                        Wording.says("standingReader.aWeekHas7Days"),
                        Wording.says("standingReader.writeOnHowManyDaysOfA"));
            }
        }
    }
}
