package hodeon.app.evidence;

import static org.assertj.core.api.Assertions.assertThat;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.times;
import static org.mockito.Mockito.verify;
import static org.mockito.Mockito.when;

import hodeon.app.catalogue.OwnCatalogue;
import hodeon.core.catalogue.Catalogue;
import hodeon.core.catalogue.file.CatalogueReader;
import hodeon.core.need.Drivers;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.mock.web.MockHttpServletRequest;
import org.springframework.web.context.request.RequestContextHolder;
import org.springframework.web.context.request.ServletRequestAttributes;
import org.springframework.web.servlet.DispatcherServlet;

/** What a household knows is looked up once a page, however often the page asks. */
class HouseholdEvidenceTest {

    private static final Catalogue SHIPPED = CatalogueReader.shipped(Drivers.vocabulary());

    private final UUID household = UUID.randomUUID();
    private final OwnCatalogue own = mock(OwnCatalogue.class);
    private final ExperienceLog log = mock(ExperienceLog.class);
    private final HouseholdEvidence evidence = new HouseholdEvidence(own, log);

    @BeforeEach
    void nothingOfTheirOwn() {
        when(own.of(household)).thenReturn(new OwnCatalogue.Own(SHIPPED, "", Set.of(), Set.of(), Map.of()));
        when(log.experience(household)).thenReturn(new ExperienceLog.Experience(List.of(), "none"));
    }

    @AfterEach
    void pageIsOver() {
        RequestContextHolder.resetRequestAttributes();
    }

    private static void openPage() {
        MockHttpServletRequest request = new MockHttpServletRequest();
        request.setAttribute(DispatcherServlet.WEB_APPLICATION_CONTEXT_ATTRIBUTE, "dispatched");
        RequestContextHolder.setRequestAttributes(new ServletRequestAttributes(request));
    }

    @Test
    void aPageThatAsksTwiceLooksOnceAndTheNextPageLooksAgain() {
        openPage();
        Known first = evidence.of(household);
        assertThat(evidence.of(household)).isSameAs(first);
        verify(log, times(1)).experience(household);
        when(log.experience(household)).thenReturn(new ExperienceLog.Experience(List.of(), "one event more"));
        openPage();
        assertThat(evidence.of(household)).isNotEqualTo(first);
        verify(log, times(2)).experience(household);
    }

    @Test
    void outsideOfAPageEveryAnswerIsFreshAndTheSameRowsAreTheSameKey() {
        assertThat(evidence.of(household)).isNotSameAs(evidence.of(household)).isEqualTo(evidence.of(household));
        verify(log, times(3)).experience(household);
    }
}
