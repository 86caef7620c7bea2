package hodeon.app.household.door;

import hodeon.app.household.HouseholdService;
import hodeon.app.shell.Secret;
import hodeon.app.storage.seal.OwnFile;
import jakarta.servlet.http.HttpServletRequest;
import java.net.InetAddress;
import java.net.UnknownHostException;
import java.nio.file.Path;
import java.util.Locale;
import org.springframework.beans.factory.SmartInitializingSingleton;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Component;

/**
 * Who may make the first account: whoever sits at this machine, or knows the code that was printed at the start. Else somebody of the network
 * could be the first.
 */
@Component
class FirstRunCode implements SmartInitializingSingleton {

    private static final int LENGTH = 8;
    private static final int GROUP = 4;

    private final HouseholdService households;
    private final Path file;
    private volatile String code = "";

    FirstRunCode(HouseholdService households, @Value("${hodeon.data}") Path data) {
        this.households = households;
        this.file = data.resolve("first-run-code");
    }

    @Override
    public void afterSingletonsInstantiated() {
        if (households.isEmpty()) {
            code = Secret.code(LENGTH, GROUP);
            OwnFile.write(file, code);
        } else {
            OwnFile.remove(file);
        }
    }

    /** Whether whoever asks needs the code. */
    boolean isNeeded(HttpServletRequest request) {
        try {
            return !InetAddress.getByName(request.getRemoteAddr()).isLoopbackAddress()
                    || request.getHeader("X-Forwarded-For") != null
                    || request.getHeader("Forwarded") != null;
        } catch (UnknownHostException e) {
            return true;
        }
    }

    boolean lets(HttpServletRequest request, String typed) {
        String plain = typed.replaceAll("[^A-Za-z0-9]", "").toUpperCase(Locale.ROOT);
        return !isNeeded(request)
                || !code.isEmpty() && Secret.digest(code.replace("-", "")).equals(Secret.digest(plain));
    }

    /** The first account is made. */
    void done() {
        code = "";
        OwnFile.remove(file);
    }
}
