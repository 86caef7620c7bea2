package hodeon.app.evidence;

import hodeon.app.catalogue.OwnCatalogue;
import hodeon.core.catalogue.Catalogue;
import hodeon.core.need.Learning;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.context.request.RequestAttributes;
import org.springframework.web.context.request.RequestContextHolder;
import org.springframework.web.servlet.DispatcherServlet;

/** Puts together what a household knows. */
@Service
public class HouseholdEvidence {

    /** Set while a page or call is being answered, and at no other time. */
    private static final String DISPATCHED = DispatcherServlet.WEB_APPLICATION_CONTEXT_ATTRIBUTE;

    private final OwnCatalogue own;
    private final ExperienceLog log;

    HouseholdEvidence(OwnCatalogue own, ExperienceLog log) {
        this.own = own;
        this.log = log;
    }

    /** What is known now; a page asks several times and is answered the same, looked up once. */
    @Transactional(readOnly = true)
    public Known of(UUID householdId) {
        RequestAttributes page = RequestContextHolder.getRequestAttributes();
        if (page == null || page.getAttribute(DISPATCHED, RequestAttributes.SCOPE_REQUEST) == null) {
            return lookUp(householdId);
        }
        String key = HouseholdEvidence.class.getName() + householdId;
        if (page.getAttribute(key, RequestAttributes.SCOPE_REQUEST) instanceof Known known) {
            return known;
        }
        Known known = lookUp(householdId);
        page.setAttribute(key, known, RequestAttributes.SCOPE_REQUEST);
        return known;
    }

    private Known lookUp(UUID householdId) {
        OwnCatalogue.Own mine = own.of(householdId);
        ExperienceLog.Experience experience = log.experience(householdId);
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
