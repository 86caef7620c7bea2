package hodeon.app.brief.form;

import java.util.Set;
import java.util.TreeSet;

/** One row of the party as typed. */
public class PersonForm {
    private String id = "";
    private String name = "";
    private String alike = "1";
    private String years = "";
    private String kilograms = "";
    private String weighedOn = "";
    private String training = "UNTRAINED";
    private Set<String> allergies = new TreeSet<>();
    private Set<String> conditions = new TreeSet<>();
    private Set<String> rescue = new TreeSet<>();

    /** Who it is, of the household or of this trip alone; empty for somebody new. */
    public String getId() {
        return id;
    }

    public void setId(String id) {
        this.id = id;
    }

    public String getName() {
        return name;
    }

    public void setName(String name) {
        this.name = name;
    }

    public String getAlike() {
        return alike;
    }

    public void setAlike(String alike) {
        this.alike = alike;
    }

    public String getYears() {
        return years;
    }

    public void setYears(String years) {
        this.years = years;
    }

    public String getKilograms() {
        return kilograms;
    }

    public void setKilograms(String kilograms) {
        this.kilograms = kilograms;
    }

    public String getWeighedOn() {
        return weighedOn;
    }

    public void setWeighedOn(String weighedOn) {
        this.weighedOn = weighedOn;
    }

    public String getTraining() {
        return training;
    }

    public void setTraining(String training) {
        this.training = training;
    }

    public Set<String> getAllergies() {
        return allergies;
    }

    public void setAllergies(Set<String> allergies) {
        this.allergies = allergies;
    }

    public Set<String> getConditions() {
        return conditions;
    }

    public void setConditions(Set<String> conditions) {
        this.conditions = conditions;
    }

    public Set<String> getRescue() {
        return rescue;
    }

    public void setRescue(Set<String> rescue) {
        this.rescue = rescue;
    }
}
