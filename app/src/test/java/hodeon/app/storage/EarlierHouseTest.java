package hodeon.app.storage;

import static hodeon.app.PageText.says;
import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.user;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import hodeon.app.household.HouseholdService;
import hodeon.app.household.Member;
import hodeon.app.household.Role;
import java.io.IOException;
import java.io.InputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.SQLException;
import java.util.UUID;
import org.h2.tools.RunScript;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.test.context.SpringBootTest;
import org.springframework.boot.webmvc.test.autoconfigure.AutoConfigureMockMvc;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.test.context.DynamicPropertyRegistry;
import org.springframework.test.context.DynamicPropertySource;
import org.springframework.test.web.servlet.MockMvc;

/** The sample house as an earlier Hodeon left it (schema 43, one account to a household, no password) starts with this one. */
@Tag("spring")
@SpringBootTest
@AutoConfigureMockMvc
class EarlierHouseTest {

    @TempDir
    static Path data;

    @DynamicPropertySource
    static void asItWasLeft(DynamicPropertyRegistry registry) throws IOException, SQLException {
        Path script = data.resolve("schema-43.zip");
        lay("schema-43.zip", script);
        lay("schema-43.key", data.resolve("hodeon.key"));
        RunScript.main(
                "-url",
                "jdbc:h2:file:" + data.resolve("hodeon"),
                "-user",
                "hodeon",
                "-password",
                "",
                "-script",
                script.toString(),
                "-options",
                "compression",
                "zip");
        registry.add("hodeon.data", () -> data.toAbsolutePath().toString());
    }

    private static void lay(String name, Path to) throws IOException {
        try (InputStream file = EarlierHouseTest.class.getResourceAsStream(name)) {
            Files.copy(file, to);
        }
    }

    @Autowired
    MockMvc web;

    @Autowired
    HouseholdService households;

    @Autowired
    JdbcTemplate database;

    @Test
    void everythingIsThereAndItsAccountKeepsIt() throws Exception {
        Member sample = households.loadUserByUsername("sample");
        assertThat(sample.role()).contains(Role.KEEPER);
        assertThat(sample.householdName()).isEqualTo("Tidewrack Paddlers");
        for (String page : new String[] {"/", "/kits", "/stock", "/stock/movements", "/trips", "/medicines/forms"}) {
            web.perform(get(page).with(user(sample))).andExpect(status().isOk());
        }
        web.perform(get("/people").with(user(sample))).andExpect(says("Ottilie Brandt", "Priya Anand-Holt"));
        web.perform(get("/kits").with(user(sample))).andExpect(says("Deck pouch", "Clubhouse kit"));
        UUID place = database.queryForObject(
                "select id from stock_place where name = 'Deck pouch' and deleted_at is null", UUID.class);
        web.perform(get("/kits/" + place).with(user(sample))).andExpect(says("24 kinds"));
    }

    /** It was sealed for no place, or not at all. */
    @Test
    void whatIsAboutPeopleIsSealedForItsPlace() {
        SealedColumns.ALL.forEach(
                (table, people) -> people.columns().forEach(column -> assertThat(database.queryForObject(
                                "select count(*) from " + table + " where " + column + " <> '' and " + column
                                        + " not like 'bound:%'",
                                Long.class))
                        .as(table + "." + column)
                        .isZero()));
        assertThat(database.queryForObject("select count(*) from person where profile like 'bound:%'", Long.class))
                .isPositive();
    }
}
