package hodeon.app.brief;

import hodeon.core.brief.Activity;
import hodeon.core.brief.Carriage;
import hodeon.core.brief.Environment;
import hodeon.core.brief.Hemisphere;
import hodeon.core.brief.Passage;
import hodeon.core.brief.Reach;
import hodeon.core.brief.Region;
import hodeon.core.brief.Season;
import hodeon.core.brief.Stance;
import hodeon.core.brief.Thrift;
import hodeon.core.brief.route.Pace;
import hodeon.core.party.Allergy;
import hodeon.core.party.Condition;
import hodeon.core.party.RescueMedicine;
import hodeon.core.party.Training;
import java.time.Month;
import java.time.ZoneId;
import java.util.Arrays;
import java.util.List;
import java.util.stream.Collectors;

/**
 * What can be chosen in a brief.
 *
 * @param known names of the household's people, who can be put into the party
 * @param south whether the device that asks is south of the equator
 * @param months the season of each month in the north
 */
record BriefChoices(
        List<String> known,
        boolean south,
        String months,
        List<Activity> activities,
        List<Environment> environments,
        List<Season> seasons,
        List<Stance> stances,
        List<Carriage> carriages,
        List<Reach> reaches,
        List<Thrift> thrifts,
        List<Training> trainings,
        List<Allergy> allergies,
        List<Condition> conditions,
        List<Region> regions,
        List<Passage> passages,
        List<RescueMedicine> medicines,
        List<Pace.Rule> rules) {

    static BriefChoices of(List<String> known, ZoneId device) {
        return new BriefChoices(
                known,
                Hemisphere.of(device) == Hemisphere.SOUTH,
                Arrays.stream(Month.values())
                        .map(m -> Season.in(m, Hemisphere.NORTH).name())
                        .collect(Collectors.joining(" ")),
                List.of(Activity.values()),
                List.of(Environment.values()),
                List.of(Season.values()),
                List.of(Stance.values()),
                List.of(Carriage.values()),
                List.of(Reach.values()),
                List.of(Thrift.values()),
                List.of(Training.values()),
                List.of(Allergy.values()),
                List.of(Condition.values()),
                List.of(Region.values()),
                List.of(Passage.values()),
                List.of(RescueMedicine.values()),
                List.of(Pace.Rule.values()));
    }
}
