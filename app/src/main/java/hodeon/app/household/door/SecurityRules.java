package hodeon.app.household.door;

import hodeon.app.household.Right;
import hodeon.app.household.account.SecondLook;
import java.util.Map;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.security.config.annotation.web.builders.HttpSecurity;
import org.springframework.security.crypto.argon2.Argon2PasswordEncoder;
import org.springframework.security.crypto.password.DelegatingPasswordEncoder;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.security.web.SecurityFilterChain;
import org.springframework.security.web.access.intercept.AuthorizationFilter;
import org.springframework.security.web.authentication.UsernamePasswordAuthenticationFilter;
import org.springframework.security.web.context.HttpSessionSecurityContextRepository;
import org.springframework.security.web.context.SecurityContextRepository;
import org.springframework.security.web.header.writers.ReferrerPolicyHeaderWriter.ReferrerPolicy;

/** Who may open what: everything needs a member with the right to it, but the sign-in pages and what they are drawn with. */
@Configuration
class SecurityRules {

    static final String CONTENT_SECURITY_POLICY =
            "default-src 'none'; script-src 'self'; style-src 'self'; img-src 'self' data:;"
                    + " font-src 'self'; connect-src 'self'; manifest-src 'self'; form-action 'self'; base-uri 'none'; frame-ancestors 'none'";

    /** Open to everybody: the sign-in pages and what they are drawn with, and what a code in the address opens. */
    private static final String[] OPEN = {
        "/sign-in",
        "/sign-in/second",
        "/sign-in/passkey",
        "/sign-in/passkey/options",
        "/recover",
        "/recover/*",
        "/first-run",
        "/sample-tour",
        "/assets/**",
        "/webjars/**",
        "/actuator/health",
        "/feeds/*/calendar.ics",
        "/t/*",
        "/join/*",
        Refusal.ADDRESS,
        "/trail-worker.js",
        "/manifest.webmanifest",
        "/kept",
        "/error"
    };

    @Bean
    SecurityFilterChain rules(
            HttpSecurity http,
            StillMember stillMember,
            Refusal refusal,
            AfterPassword after,
            Throttle throttle,
            @Value("${management.server.port:-1}") int watched,
            @Value("${hodeon.proxies:}") String proxies) {
        return http.authorizeHttpRequests(requests -> {
                    requests.requestMatchers(OPEN).permitAll();
                    // That port listens on this machine alone.
                    requests.requestMatchers(request -> request.getLocalPort() == watched)
                            .permitAll();
                    requests.requestMatchers(Doors.OWN.toArray(String[]::new)).authenticated();
                    requests.requestMatchers(Doors::takes).hasAuthority(Right.TAKE.name());
                    Doors.ALL.forEach(door -> requests.requestMatchers(door.method(), door.pattern())
                            .hasAuthority(door.right().name()));
                    requests.anyRequest().denyAll();
                })
                .addFilterBefore(new ThrottledDoor(throttle), UsernamePasswordAuthenticationFilter.class)
                .addFilterBefore(stillMember, AuthorizationFilter.class)
                .addFilterAfter(new SecondLook(), AuthorizationFilter.class)
                // Whoever stands before a kit has no session: the code in the address is what opens the page.
                .csrf(csrf -> csrf.ignoringRequestMatchers("/t/*"))
                .formLogin(form -> form.loginPage("/sign-in")
                        .usernameParameter("name")
                        .successHandler(after)
                        .failureHandler(after))
                .exceptionHandling(e -> e.accessDeniedHandler(refusal))
                .logout(out -> out.logoutUrl("/sign-out").logoutSuccessUrl("/sign-in?out"))
                .headers(headers -> headers.contentSecurityPolicy(p -> p.policyDirectives(CONTENT_SECURITY_POLICY))
                        .referrerPolicy(p -> p.policy(ReferrerPolicy.SAME_ORIGIN))
                        // Behind a proxy for good; a name of the home network may be called without https tomorrow.
                        .httpStrictTransportSecurity(
                                s -> s.requestMatcher(request -> !proxies.isBlank() && request.isSecure())))
                .build();
    }

    /** Argon2id; the prefix lets a later algorithm take over account by account. */
    @Bean
    PasswordEncoder passwords() {
        return new SlowHashes(
                new DelegatingPasswordEncoder(
                        "argon2", Map.of("argon2", Argon2PasswordEncoder.defaultsForSpringSecurity_v5_8())),
                Math.max(1, Runtime.getRuntime().availableProcessors() - 1));
    }

    @Bean
    SecurityContextRepository securityContexts() {
        return new HttpSessionSecurityContextRepository();
    }
}
