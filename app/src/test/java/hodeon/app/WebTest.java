package hodeon.app;

import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.user;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;

import hodeon.app.household.HouseholdService;
import hodeon.app.household.Member;
import hodeon.app.household.account.SecondLook;
import java.nio.file.Path;
import java.time.Instant;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.Arrays;
import java.util.UUID;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.io.TempDir;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.test.context.SpringBootTest;
import org.springframework.boot.webmvc.test.autoconfigure.AutoConfigureMockMvc;
import org.springframework.context.annotation.Import;
import org.springframework.test.context.DynamicPropertyRegistry;
import org.springframework.test.context.DynamicPropertySource;
import org.springframework.test.web.servlet.MockMvc;
import org.springframework.test.web.servlet.MvcResult;
import org.springframework.test.web.servlet.ResultActions;
import org.springframework.test.web.servlet.request.MockHttpServletRequestBuilder;

/** The pages over the real services and a real database file; two households to try each other's doors. */
@Tag("spring")
@SpringBootTest
@AutoConfigureMockMvc
@Import(HashedOnce.class)
public abstract class WebTest {

    @TempDir
    static Path data;

    @Autowired
    protected MockMvc web;

    @Autowired
    protected HouseholdService households;

    protected Member mine;
    protected Member others;

    @DynamicPropertySource
    static void ownDatabase(DynamicPropertyRegistry registry) {
        registry.add("hodeon.data", () -> data.toAbsolutePath().toString());
    }

    @BeforeEach
    void twoHouseholds() {
        mine = member("Tidewrack Paddlers");
        others = member("Lantern Walkers");
    }

    private Member member(String household) {
        String name = household.substring(0, 4) + UUID.randomUUID();
        households.createAnother(household, name, "four plain words here");
        return households.loadUserByUsername(name);
    }

    protected ResultActions open(Member member, String address) throws Exception {
        return web.perform(get(address).with(user(member)).sessionAttr(SecondLook.LOOKED, Instant.now()));
    }

    protected ResultActions send(Member member, String address, String... namesAndValues) throws Exception {
        MockHttpServletRequestBuilder request =
                post(address).with(user(member)).with(csrf()).sessionAttr(SecondLook.LOOKED, Instant.now());
        for (int i = 0; i < namesAndValues.length; i += 2) {
            request.param(namesAndValues[i], namesAndValues[i + 1]);
        }
        return web.perform(request);
    }

    protected static String[] brief(String name) {
        return new String[] {
            "name",
            name,
            "start",
            "2027-06-12",
            "end",
            "2027-06-14",
            "season",
            "SUMMER",
            "hoursToCare",
            "5",
            "stance",
            "HOLD_UNTIL_HELP",
            "massLimit",
            "900",
            "legs[0].activity",
            "PADDLING",
            "legs[0].environment",
            "COAST",
            "legs[0].days",
            "3",
            "people[0].name",
            "Ottilie Brandt",
            "people[0].alike",
            "1",
            "people[0].years",
            "44",
            "people[0].kilograms",
            "68",
            "people[0].training",
            "WILDERNESS",
            "do",
            "save"
        };
    }

    protected static String[] brief(String name, LocalDate start, LocalDate end) {
        return with(
                with(with(brief(name), "start", start.toString()), "end", end.toString()),
                "legs[0].days",
                Long.toString(ChronoUnit.DAYS.between(start, end) + 1));
    }

    /** Saves a trip and answers its address, such as {@code /trips/…}. */
    protected String trip(Member member, String name) throws Exception {
        return trip(member, brief(name));
    }

    protected String trip(Member member, String[] brief) throws Exception {
        MvcResult result = send(member, "/trips/new", brief).andReturn();
        return String.valueOf(result.getResponse().getRedirectedUrl()).replace("/odds", "");
    }

    protected static String[] with(String[] namesAndValues, String name, String value) {
        String[] changed = Arrays.copyOf(namesAndValues, namesAndValues.length + 2);
        for (int i = 0; i < namesAndValues.length; i += 2) {
            if (changed[i].equals(name)) {
                changed[i + 1] = value;
                return namesAndValues.length == changed.length
                        ? changed
                        : Arrays.copyOf(changed, namesAndValues.length);
            }
        }
        changed[namesAndValues.length] = name;
        changed[namesAndValues.length + 1] = value;
        return changed;
    }
}
