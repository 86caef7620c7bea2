package hodeon.app.household;

import java.util.Map;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.security.config.annotation.web.builders.HttpSecurity;
import org.springframework.security.crypto.argon2.Argon2PasswordEncoder;
import org.springframework.security.crypto.password.DelegatingPasswordEncoder;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.security.web.SecurityFilterChain;
import org.springframework.security.web.context.HttpSessionSecurityContextRepository;
import org.springframework.security.web.context.SecurityContextRepository;
import org.springframework.security.web.header.writers.ReferrerPolicyHeaderWriter.ReferrerPolicy;

/** Who may open what: everything needs a signed-in member, but the sign-in pages and what they are drawn with. */
@Configuration
class SecurityRules {

    static final String CONTENT_SECURITY_POLICY =
            "default-src 'none'; script-src 'self'; style-src 'self'; img-src 'self' data:;"
                    + " font-src 'self'; connect-src 'self'; manifest-src 'self'; form-action 'self'; base-uri 'none'; frame-ancestors 'none'";

    @Bean
    SecurityFilterChain rules(HttpSecurity http) {
        return http.authorizeHttpRequests(requests -> requests.requestMatchers(
                                "/sign-in",
                                "/first-run",
                                "/sample-tour",
                                "/assets/**",
                                "/webjars/**",
                                "/actuator/health",
                                "/feeds/*/calendar.ics",
                                "/t/*",
                                "/trail-worker.js",
                                "/manifest.webmanifest",
                                "/kept",
                                "/error")
                        .permitAll()
                        .anyRequest()
                        .authenticated())
                // Whoever stands before a kit has no session: the code in the address is what opens the page.
                .csrf(csrf -> csrf.ignoringRequestMatchers("/t/*"))
                .formLogin(form -> form.loginPage("/sign-in")
                        .usernameParameter("name")
                        .defaultSuccessUrl("/", false)
                        .failureUrl("/sign-in?wrong"))
                .logout(out -> out.logoutUrl("/sign-out").logoutSuccessUrl("/sign-in?out"))
                .headers(headers -> headers.contentSecurityPolicy(p -> p.policyDirectives(CONTENT_SECURITY_POLICY))
                        .referrerPolicy(p -> p.policy(ReferrerPolicy.SAME_ORIGIN)))
                .build();
    }

    /** Argon2id; the prefix lets a later algorithm take over account by account. */
    @Bean
    PasswordEncoder passwords() {
        return new DelegatingPasswordEncoder(
                "argon2", Map.of("argon2", Argon2PasswordEncoder.defaultsForSpringSecurity_v5_8()));
    }

    @Bean
    SecurityContextRepository securityContexts() {
        return new HttpSessionSecurityContextRepository();
    }
}
