package hodeon.app.storage.seal;

import org.springframework.boot.diagnostics.AbstractFailureAnalyzer;
import org.springframework.boot.diagnostics.FailureAnalysis;
import org.springframework.core.env.Environment;

/** Says in plain words that the key does not fit the data, and what to do. */
class WrongKeyTrouble extends AbstractFailureAnalyzer<Seal.WrongKey> {

    private final Environment environment;

    WrongKeyTrouble(Environment environment) {
        this.environment = environment;
    }

    @Override
    protected FailureAnalysis analyze(Throwable rootFailure, Seal.WrongKey cause) {
        return new FailureAnalysis(
                cause.getMessage() + " The key file is " + environment.getProperty("hodeon.key-file")
                        + ". Nothing was changed.",
                "Put back the key file that belongs to these data, or name it with --hodeon.key-file. Without it what is"
                        + " written about people cannot be read; restore a backup into an empty folder instead.",
                cause);
    }
}
