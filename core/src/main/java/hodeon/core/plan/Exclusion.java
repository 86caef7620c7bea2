package hodeon.core.plan;

import hodeon.core.catalogue.Tag;
import hodeon.core.medication.finding.WhyNot;
import hodeon.core.party.Training;
import java.util.List;
import java.util.Map;
import java.util.Set;

/** Why a supply cannot be recommended. */
public sealed interface Exclusion {

    /** Whether a pin of the user sets it aside: it is a matter of judgement, not of harm. */
    default boolean givesWay() {
        return this instanceof TooRare || this instanceof OutOfPlace || this instanceof OnRequest;
    }

    /**
     * It does not belong where the kit goes: at a tap nobody treats water.
     *
     * @param because what holds there and speaks against it; empty where nothing there speaks for it
     */
    record OutOfPlace(Set<Tag> because) implements Exclusion {}

    /** It comes only where somebody asks for it. */
    record OnRequest(String why) implements Exclusion {}

    /** Nobody in the party has learned enough. */
    record AboveTraining(Training needed, Training partyHas) implements Exclusion {}

    /** Somebody is allergic to what is in it, and something else can do its work. */
    record Allergen(Tag substance, List<String> people) implements Exclusion {}

    /** It is for nobody in this party. */
    record ForNobody(List<Tag> because) implements Exclusion {}

    /** It holds medicine that nobody in this party can have; the reasons by name. */
    record Contraindicated(Map<String, WhyNot> reasons) implements Exclusion {}

    /** Only people it was prescribed to carry it, and nobody here is one. */
    record NotPrescribed() implements Exclusion {}

    /** It fits nobody's size. */
    record WrongSize(Set<Tag> fits) implements Exclusion {}

    /** It may not cross a border everywhere. */
    record AtBorder() implements Exclusion {}

    /** It may not fly in the cabin. */
    record InCabin() implements Exclusion {}

    /** The household marked it as replaced or recalled. */
    record Superseded() implements Exclusion {}

    /** No problem of this trip asks for what it does. */
    record NotNeeded() implements Exclusion {}

    /**
     * What it is made for is so seldom on such a trip that it would only swell the kit; a pin takes it along all the same.
     *
     * @param chance of needing what it does, 0 to 1
     */
    record TooRare(double chance) implements Exclusion {}

    /** It rides outside the kit and serves from there. */
    record RidesElsewhere(int pieces) implements Exclusion {}

    /** The user left it out. */
    record Banned() implements Exclusion {}
}
