package hodeon.app.storage;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.DriverManager;
import java.sql.SQLException;
import org.assertj.core.api.Assertions;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.springframework.boot.diagnostics.FailureAnalysis;
import org.springframework.mock.env.MockEnvironment;

class DatabaseTroubleTest {

    @TempDir
    Path data;

    private FailureAnalysis analysis(SQLException e) {
        MockEnvironment environment = new MockEnvironment().withProperty("hodeon.data", data.toString());
        return new DatabaseTrouble(environment).analyze(new RuntimeException(e));
    }

    @Test
    void aDamagedFileIsNamedAndKept() throws Exception {
        Path file = data.resolve("hodeon.mv.db");
        Files.writeString(file, "not a database at all ".repeat(1000));
        SQLException e = Assertions.catchThrowableOfType(
                SQLException.class, () -> DriverManager.getConnection("jdbc:h2:file:" + data + "/hodeon"));
        assertThat(analysis(e).getDescription()).contains(file.toString(), "cannot be read", "Nothing was changed");
        assertThat(analysis(e).getAction()).contains("Put your last copy", "move the damaged file away");
        assertThat(file).content().startsWith("not a database");
    }

    @Test
    void aFileInUseIsToldApart() {
        assertThat(analysis(new SQLException("locked", "90020", 90020)).getDescription())
                .contains("in use by another Hodeon");
    }
}
