package hodeon.app.storage;

import java.sql.SQLException;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import org.springframework.boot.diagnostics.AbstractFailureAnalyzer;
import org.springframework.boot.diagnostics.FailureAnalysis;
import org.springframework.core.env.Environment;

/** Says in plain words why the database file could not be opened, and what to do, instead of a stack trace. */
class DatabaseTrouble extends AbstractFailureAnalyzer<SQLException> {

    /** H2's numbers for a file in use: locked by another process, or by this one. */
    private static final Set<Integer> IN_USE = Set.of(90020, 90117);

    /** As H2 says it. */
    static final int WRONG_PASSWORD = 28000;

    private final Environment environment;

    DatabaseTrouble(Environment environment) {
        this.environment = environment;
    }

    @Override
    protected @Nullable FailureAnalysis analyze(Throwable rootFailure, SQLException cause) {
        String file = environment.getProperty("hodeon.data") + "/hodeon.mv.db";
        if (IN_USE.contains(cause.getErrorCode())) {
            return new FailureAnalysis(
                    "The data in " + file + " are in use by another Hodeon.",
                    "Stop the other one first, or give this one another folder with --data.",
                    cause);
        }
        if (cause.getErrorCode() == WRONG_PASSWORD) {
            return new FailureAnalysis(
                    "The data in " + file + " open with another password than the one that lies beside the key.",
                    "Put back the file hodeon.password that belongs to these data; it is in every copy that Hodeon makes.",
                    cause);
        }
        return new FailureAnalysis(
                "The data file " + file + " cannot be read: it is damaged or not Hodeon's. Nothing was changed.",
                "Put your last copy of the file back in its place. To start empty instead, move the damaged file away;"
                        + " keep it, parts may be recoverable.",
                cause);
    }
}
