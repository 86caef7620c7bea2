package hodeon.app.brief.form;

/** What a kit that stays is for, as typed. */
public class StandingForm {

    private String on = "";
    private String refillDays = "";
    private String visited = "";
    private String adults = "";
    private String children = "";
    private String training = "";
    private String list = "";

    /** “yes” for a kit that stays; else the brief is an outing's. */
    public String getOn() {
        return on;
    }

    public void setOn(String on) {
        this.on = on;
    }

    public boolean stays() {
        return !on.isBlank();
    }

    public String getRefillDays() {
        return refillDays;
    }

    public void setRefillDays(String refillDays) {
        this.refillDays = refillDays;
    }

    /** “yes” where it is for whoever comes by, else it is for the people of the party. */
    public String getVisited() {
        return visited;
    }

    public void setVisited(String visited) {
        this.visited = visited;
    }

    public boolean forVisitors() {
        return !visited.isBlank();
    }

    /** Visits by adults in a usual week. */
    public String getAdults() {
        return adults;
    }

    public void setAdults(String adults) {
        this.adults = adults;
    }

    /** Visits by children in a usual week. */
    public String getChildren() {
        return children;
    }

    public void setChildren(String children) {
        this.children = children;
    }

    /** What whoever looks after the visitors has learned. */
    public String getTraining() {
        return training;
    }

    public void setTraining(String training) {
        this.training = training;
    }

    /** The list that this was opened for; empty for none. */
    public String getList() {
        return list;
    }

    public void setList(String list) {
        this.list = list;
    }
}
