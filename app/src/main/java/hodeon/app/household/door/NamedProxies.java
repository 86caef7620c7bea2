package hodeon.app.household.door;

import java.util.Arrays;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import org.apache.catalina.valves.RemoteIpValve;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.tomcat.servlet.TomcatServletWebServerFactory;
import org.springframework.boot.web.server.WebServerFactoryCustomizer;
import org.springframework.stereotype.Component;

/**
 * Believes the forwarded headers of the proxies in {@code hodeon.proxies} and of nobody else: then the asker's address, https and the name
 * that was called are those before the proxy, so that cookies are secure, links are right and waiting is counted for the right address.
 */
@Component
class NamedProxies implements WebServerFactoryCustomizer<TomcatServletWebServerFactory> {

    private final String proxies;

    NamedProxies(@Value("${hodeon.proxies:}") String proxies) {
        this.proxies = proxies.strip();
    }

    @Override
    public void customize(TomcatServletWebServerFactory server) {
        if (!proxies.isEmpty()) {
            RemoteIpValve valve = new RemoteIpValve();
            valve.setInternalProxies(Arrays.stream(proxies.split(","))
                    .map(String::strip)
                    .map(Pattern::quote)
                    .collect(Collectors.joining("|")));
            valve.setRemoteIpHeader("X-Forwarded-For");
            valve.setProtocolHeader("X-Forwarded-Proto");
            valve.setHostHeader("X-Forwarded-Host");
            valve.setPortHeader("X-Forwarded-Port");
            server.addEngineValves(valve);
        }
    }
}
