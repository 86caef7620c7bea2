package hodeon.app.household.door;

import java.net.InetAddress;
import java.net.NetworkInterface;
import java.net.SocketException;
import java.net.UnknownHostException;
import java.util.Arrays;
import java.util.HashSet;
import java.util.Locale;
import java.util.Set;
import java.util.stream.Collectors;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.security.web.firewall.HttpFirewall;
import org.springframework.security.web.firewall.StrictHttpFirewall;

/**
 * By what names the house may be called: this machine's, and those in {@code hodeon.hosts}. A request for any other host is refused, so that
 * a foreign page that points its own name here gets nothing.
 */
@Configuration
class CalledNames {

    private final Set<String> names;

    CalledNames(@Value("${hodeon.hosts:}") String hosts) {
        this.names = Arrays.stream(hosts.split(","))
                .map(h -> h.strip().toLowerCase(Locale.ROOT))
                .filter(h -> !h.isEmpty())
                .collect(Collectors.toCollection(HashSet::new));
        names.addAll(ownNames());
    }

    private static Set<String> ownNames() {
        Set<String> own = new HashSet<>(Set.of("localhost", "127.0.0.1", "[::1]", "::1"));
        try {
            String name = InetAddress.getLocalHost().getHostName().toLowerCase(Locale.ROOT);
            own.add(name);
            own.add(name + ".local");
            NetworkInterface.networkInterfaces()
                    .flatMap(NetworkInterface::inetAddresses)
                    .map(a -> a.getHostAddress().replaceAll("%.*", ""))
                    .forEach(a -> own.add(a.contains(":") ? "[" + a + "]" : a));
        } catch (UnknownHostException | SocketException unknown) {
            // Then it is called by the names that were given.
        }
        return own;
    }

    boolean isOne(String host) {
        return names.contains(host.toLowerCase(Locale.ROOT));
    }

    @Bean
    HttpFirewall firewall() {
        StrictHttpFirewall firewall = new StrictHttpFirewall();
        firewall.setAllowedHostnames(this::isOne);
        return firewall;
    }
}
