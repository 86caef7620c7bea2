package hodeon.app.usage;

import hodeon.app.catalogue.OwnCatalogue;
import hodeon.core.catalogue.Catalogue;
import hodeon.core.need.Learning;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Puts together what a household knows. */
@Service
public class Knowledge {

    private final OwnCatalogue own;
    private final UseLog log;

    Knowledge(OwnCatalogue own, UseLog log) {
        this.own = own;
        this.log = log;
    }

    @Transactional(readOnly = true)
    public Known of(UUID householdId) {
        OwnCatalogue.Own mine = own.of(householdId);
        UseLog.Experience experience = log.experience(householdId);
        Learning learning = Learning.of(mine.catalogue(), experience.trips());
        Catalogue catalogue = learning.byProblem().isEmpty() ? mine.catalogue() : learning.applied(mine.catalogue());
        return new Known(
                householdId,
                mine.signature() + experience.signature(),
                mine.catalogue(),
                catalogue,
                learning,
                mine.ownSupplies(),
                mine.ownRates());
    }
}
