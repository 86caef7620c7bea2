package hodeon.app;

import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.user;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.request;

import hodeon.app.household.HouseholdService;
import hodeon.app.household.Member;
import hodeon.app.household.Role;
import hodeon.app.household.account.SecondLook;
import java.net.URI;
import java.time.Instant;
import java.util.List;
import java.util.UUID;
import org.junit.jupiter.api.Tag;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.test.context.SpringBootTest;
import org.springframework.boot.webmvc.test.autoconfigure.AutoConfigureMockMvc;
import org.springframework.context.annotation.Import;
import org.springframework.http.HttpMethod;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.mock.web.MockHttpServletResponse;
import org.springframework.test.web.servlet.MockMvc;
import org.springframework.web.servlet.mvc.method.annotation.RequestMappingHandlerMapping;

/** Tests that go round every address of a house with the sample household; each has its own house, since each leaves traces. */
@Tag("spring")
@SpringBootTest
@AutoConfigureMockMvc
@Import(HashedOnce.class)
abstract class DemoHouseTest {

    @Autowired
    MockMvc web;

    @Autowired
    HouseholdService households;

    @Autowired
    JdbcTemplate database;

    @Autowired
    List<RequestMappingHandlerMapping> mappings;

    /** Somebody new in the sample household. */
    Member as(Role role) {
        UUID sample = database.queryForObject("select id from household where name = 'Tidewrack Paddlers'", UUID.class);
        UUID account = households.createAccount(role.word() + UUID.randomUUID(), "four plain words here");
        households.join(account, sample, role);
        return households.member(account, sample).orElseThrow();
    }

    /** Who just said their password again tries an address. */
    MockHttpServletResponse knock(Member member, HttpMethod method, String path) throws Exception {
        return web.perform(request(method, URI.create(path))
                        .with(user(member))
                        .with(csrf())
                        .sessionAttr(SecondLook.LOOKED, Instant.now()))
                .andReturn()
                .getResponse();
    }
}
