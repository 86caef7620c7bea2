package hodeon.app.brief.form;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;

/** What the brief's fields hold, as typed: nothing is refused while binding, so that all faults are told at once. */
public class BriefForm {

    public static final int MOST_LEGS = 20;

    private String version = "";
    private String name = "";
    private String start = "";
    private String end = "";
    private String season = "SUMMER";
    private String hoursToCare = "";
    private String stance = "HOLD_UNTIL_HELP";
    private String massLimit = "";
    private String volumeLimit = "";
    private String priceLimit = "";
    private String kindsLimit = "";
    private String carriage = "";
    private String reachSaid = "";
    private Set<String> reach = new TreeSet<>();
    private String thrift = "USUAL";
    private String comfort = "";
    private String dogs = "";
    private String strangers = "";
    private String noStove = "";
    private Set<String> region = new TreeSet<>();
    private Set<String> passage = new TreeSet<>();
    private StandingForm standing = new StandingForm();
    private List<LegForm> legs = new ArrayList<>();
    private List<PersonForm> people = new ArrayList<>();

    public String getVersion() {
        return version;
    }

    public void setVersion(String version) {
        this.version = version;
    }

    public String getName() {
        return name;
    }

    public void setName(String name) {
        this.name = name;
    }

    public String getStart() {
        return start;
    }

    public void setStart(String start) {
        this.start = start;
    }

    public String getEnd() {
        return end;
    }

    public void setEnd(String end) {
        this.end = end;
    }

    public String getSeason() {
        return season;
    }

    public void setSeason(String season) {
        this.season = season;
    }

    public String getHoursToCare() {
        return hoursToCare;
    }

    public void setHoursToCare(String hoursToCare) {
        this.hoursToCare = hoursToCare;
    }

    public String getStance() {
        return stance;
    }

    public void setStance(String stance) {
        this.stance = stance;
    }

    public String getMassLimit() {
        return massLimit;
    }

    public void setMassLimit(String massLimit) {
        this.massLimit = massLimit;
    }

    public String getVolumeLimit() {
        return volumeLimit;
    }

    public void setVolumeLimit(String volumeLimit) {
        this.volumeLimit = volumeLimit;
    }

    public String getPriceLimit() {
        return priceLimit;
    }

    public void setPriceLimit(String priceLimit) {
        this.priceLimit = priceLimit;
    }

    /** A constant's name, or empty for what follows from the activity. */
    public String getCarriage() {
        return carriage;
    }

    public void setCarriage(String carriage) {
        this.carriage = carriage;
    }

    /** “yes” where what is at hand is said, and does not follow from the rest. */
    public String getReachSaid() {
        return reachSaid;
    }

    public void setReachSaid(String reachSaid) {
        this.reachSaid = reachSaid;
    }

    public Set<String> getReach() {
        return reach;
    }

    public void setReach(Set<String> reach) {
        this.reach = reach;
    }

    public String getThrift() {
        return thrift;
    }

    public void setThrift(String thrift) {
        this.thrift = thrift;
    }

    /** “yes” where comfort is asked for. */
    public String getComfort() {
        return comfort;
    }

    public void setComfort(String comfort) {
        this.comfort = comfort;
    }

    public String getKindsLimit() {
        return kindsLimit;
    }

    public void setKindsLimit(String kindsLimit) {
        this.kindsLimit = kindsLimit;
    }

    public String getDogs() {
        return dogs;
    }

    public void setDogs(String dogs) {
        this.dogs = dogs;
    }

    public String getStrangers() {
        return strangers;
    }

    public void setStrangers(String strangers) {
        this.strangers = strangers;
    }

    public String getNoStove() {
        return noStove;
    }

    public void setNoStove(String noStove) {
        this.noStove = noStove;
    }

    public Set<String> getRegion() {
        return region;
    }

    public void setRegion(Set<String> region) {
        this.region = region;
    }

    public Set<String> getPassage() {
        return passage;
    }

    public void setPassage(Set<String> passage) {
        this.passage = passage;
    }

    public StandingForm getStanding() {
        return standing;
    }

    public void setStanding(StandingForm standing) {
        this.standing = standing;
    }

    public List<LegForm> getLegs() {
        return legs;
    }

    public void setLegs(List<LegForm> legs) {
        this.legs = legs;
    }

    public List<PersonForm> getPeople() {
        return people;
    }

    public void setPeople(List<PersonForm> people) {
        this.people = people;
    }
}
