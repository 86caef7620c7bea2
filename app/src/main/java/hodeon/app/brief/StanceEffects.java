package hodeon.app.brief;

import hodeon.app.brief.form.StoredTrip;
import hodeon.core.brief.Stance;
import java.util.Map;

/** What a later room knows of the difference a stance makes to a trip; in a few words for each. */
public interface StanceEffects {

    Map<Stance, String> of(StoredTrip trip);
}
