package hodeon.app.brief;

import hodeon.app.brief.form.StoredTrip;

/** Somebody saved the trip after the page that is now being saved was opened. Nothing was saved. */
public class ChangedElsewhere extends RuntimeException {

    private static final long serialVersionUID = 1;

    private final transient StoredTrip saved;

    ChangedElsewhere(StoredTrip saved) {
        super("Outing " + saved.id() + " was saved elsewhere and is now at version " + saved.version() + ".");
        this.saved = saved;
    }

    StoredTrip saved() {
        return saved;
    }
}
