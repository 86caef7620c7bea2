package hodeon.app.brief.form;

/** One leg as typed. */
public class LegForm {
    private String activity = "HILL_WALKING";
    private String environment = "TEMPERATE";
    private String days = "";

    public String getActivity() {
        return activity;
    }

    public void setActivity(String activity) {
        this.activity = activity;
    }

    public String getEnvironment() {
        return environment;
    }

    public void setEnvironment(String environment) {
        this.environment = environment;
    }

    public String getDays() {
        return days;
    }

    public void setDays(String days) {
        this.days = days;
    }
}
