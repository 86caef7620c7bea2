package hodeon.app.taken;

import java.net.InetAddress;
import java.net.NetworkInterface;
import java.net.SocketException;
import java.net.UnknownHostException;
import java.util.Collections;
import java.util.Optional;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Component;

/** Whether a phone in the network can reach Hodeon, and under which address. */
@Component
class Listening {

    private final String address;

    Listening(@Value("${server.address:}") String address) {
        this.address = address;
    }

    /** Whether other machines than this one can reach it. */
    boolean beyondThisMachine() {
        try {
            return address.isBlank() || !InetAddress.getByName(address).isLoopbackAddress();
        } catch (UnknownHostException unknown) {
            return false;
        }
    }

    /**
     * The host that a phone is to ask for.
     *
     * @param asked the host under which this page was asked for; kept unless it names this machine to itself
     */
    String host(String asked) {
        return asked.equals("localhost") || asked.startsWith("127.")
                ? inTheNetwork().orElse(asked)
                : asked;
    }

    private static Optional<String> inTheNetwork() {
        try {
            return Collections.list(NetworkInterface.getNetworkInterfaces()).stream()
                    .flatMap(i -> Collections.list(i.getInetAddresses()).stream())
                    .filter(InetAddress::isSiteLocalAddress)
                    .map(InetAddress::getHostAddress)
                    .findFirst();
        } catch (SocketException none) {
            return Optional.empty();
        }
    }
}
