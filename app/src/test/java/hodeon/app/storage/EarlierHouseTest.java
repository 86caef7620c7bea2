package hodeon.app.storage;

import static hodeon.app.PageText.says;
import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.user;
import static org.springframework.security.test.web.servlet.setup.SecurityMockMvcConfigurers.springSecurity;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import hodeon.app.HodeonApplication;
import hodeon.app.Lane;
import hodeon.app.household.HouseholdService;
import hodeon.app.household.Member;
import hodeon.app.household.Role;
import hodeon.app.storage.seal.SealedColumns;
import java.io.IOException;
import java.io.InputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Objects;
import java.util.stream.Stream;
import org.h2.tools.RunScript;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.springframework.boot.builder.SpringApplicationBuilder;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.test.web.servlet.MockMvc;
import org.springframework.test.web.servlet.setup.MockMvcBuilders;
import org.springframework.web.context.WebApplicationContext;

/** The sample house as an earlier Hodeon left it, of several schemas, starts with this one: one account to a household, no password. */
@Tag("spring")
class EarlierHouseTest {

    private static final int FIRST_WITH_PEOPLE = 13;
    private static final int FIRST_WITH_KITS = 43;

    @TempDir
    Path data;

    private void asItWasLeft(int schema) throws Exception {
        Path script = data.resolve("schema.zip");
        lay("schema-" + schema + ".zip", script);
        if (schema >= FIRST_WITH_PEOPLE) {
            lay("schema-" + schema + ".key", data.resolve("hodeon.key"));
        }
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
    }

    private static void lay(String name, Path to) throws IOException {
        try (InputStream file = EarlierHouseTest.class.getResourceAsStream(name)) {
            Files.copy(Objects.requireNonNull(file, name), to);
        }
    }

    /** Every day the very first house and the last one. */
    static Stream<Integer> schemas() {
        return Stream.of(4, 13, 21, 31, 43).filter(s -> Lane.of(0, 1) == 1 || s == 4 || s == 43);
    }

    @ParameterizedTest
    @MethodSource("schemas")
    void everythingIsThereAndItsAccountKeepsIt(int schema) throws Exception {
        asItWasLeft(schema);
        try (var app = new SpringApplicationBuilder(HodeonApplication.class)
                .run("--server.port=0", "--spring.main.lazy-initialization=true", "--hodeon.data=" + data)) {
            MockMvc web = MockMvcBuilders.webAppContextSetup((WebApplicationContext) app)
                    .apply(springSecurity())
                    .build();
            Member sample = app.getBean(HouseholdService.class).loadUserByUsername("sample");
            assertThat(sample.role()).contains(Role.KEEPER);
            assertThat(sample.householdName()).isEqualTo("Tidewrack Paddlers");
            for (String page :
                    new String[] {"/", "/kits", "/stock", "/stock/movements", "/medicines/forms", "/people"}) {
                web.perform(get(page).with(user(sample))).andExpect(status().isOk());
            }
            if (schema >= FIRST_WITH_PEOPLE) {
                web.perform(get("/people").with(user(sample))).andExpect(says("Ottilie Brandt"));
            }
            if (schema >= FIRST_WITH_KITS) {
                web.perform(get("/kits").with(user(sample))).andExpect(says("Deck pouch", "Clubhouse kit"));
            }
            everyoneIsSealedForTheirPlace(app.getBean(JdbcTemplate.class), schema);
        }
    }

    /** It was sealed for no place, or not at all. */
    private static void everyoneIsSealedForTheirPlace(JdbcTemplate database, int schema) {
        SealedColumns.ALL.forEach((table, people) -> people.columns().forEach(column -> assertThat(
                        count(database, table + " where " + column + " <> '' and " + column + " not like 'bound:%'"))
                .as(table + "." + column)
                .isZero()));
        assertThat(count(database, "trip where name in ('Skerry ring', 'Spring shakedown')"))
                .isEqualTo(2);
        assertThat(count(database, "trip_person where name like 'bound:%'")).isPositive();
        assertThat(count(database, "person where profile like 'bound:%'") > 0).isEqualTo(schema >= FIRST_WITH_PEOPLE);
    }

    private static long count(JdbcTemplate database, String what) {
        return Objects.requireNonNull(database.queryForObject("select count(*) from " + what, Long.class));
    }
}
