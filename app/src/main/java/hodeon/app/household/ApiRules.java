package hodeon.app.household;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.util.Optional;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.core.annotation.Order;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.security.authentication.UsernamePasswordAuthenticationToken;
import org.springframework.security.config.annotation.web.builders.HttpSecurity;
import org.springframework.security.config.annotation.web.configurers.AbstractHttpConfigurer;
import org.springframework.security.config.http.SessionCreationPolicy;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.security.web.SecurityFilterChain;
import org.springframework.security.web.authentication.UsernamePasswordAuthenticationFilter;
import org.springframework.web.filter.OncePerRequestFilter;

/** The API is opened by a personal access token alone: no session, hence no forged request to guard against. */
@Configuration
class ApiRules {

    @Bean
    @Order(1)
    SecurityFilterChain byToken(HttpSecurity http, AccessTokens tokens) {
        return http.securityMatcher("/api/**")
                .authorizeHttpRequests(requests -> requests.requestMatchers("/api/v1/openapi.yaml")
                        .permitAll()
                        .anyRequest()
                        .authenticated())
                .sessionManagement(s -> s.sessionCreationPolicy(SessionCreationPolicy.STATELESS))
                .csrf(AbstractHttpConfigurer::disable)
                .addFilterBefore(new ByToken(tokens), UsernamePasswordAuthenticationFilter.class)
                .exceptionHandling(e -> e.authenticationEntryPoint((request, response, why) -> refuse(response)))
                .headers(headers -> headers.contentSecurityPolicy(
                        p -> p.policyDirectives("default-src 'none'; frame-ancestors 'none'")))
                .build();
    }

    private static void refuse(HttpServletResponse response) throws IOException {
        response.setStatus(HttpStatus.UNAUTHORIZED.value());
        response.setHeader(HttpHeaders.WWW_AUTHENTICATE, "Bearer");
        response.setContentType(MediaType.APPLICATION_PROBLEM_JSON_VALUE);
        response.getWriter()
                .write(
                        "{\"type\":\"about:blank\",\"title\":\"A token is needed\",\"status\":401,\"detail\":\"Send"
                                + " Authorization: Bearer and a personal access token; make one in the household's settings.\"}");
    }

    private static final class ByToken extends OncePerRequestFilter {

        private static final String BEARER = "Bearer ";

        private final AccessTokens tokens;

        ByToken(AccessTokens tokens) {
            this.tokens = tokens;
        }

        @Override
        protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
                throws ServletException, IOException {
            Optional.ofNullable(request.getHeader(HttpHeaders.AUTHORIZATION))
                    .filter(h -> h.startsWith(BEARER))
                    .flatMap(h -> tokens.member(h.substring(BEARER.length()).strip()))
                    .ifPresent(member -> SecurityContextHolder.getContext()
                            .setAuthentication(UsernamePasswordAuthenticationToken.authenticated(
                                    member, null, member.getAuthorities())));
            chain.doFilter(request, response);
        }
    }
}
