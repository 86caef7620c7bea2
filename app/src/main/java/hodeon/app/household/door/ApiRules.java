package hodeon.app.household.door;

import hodeon.app.household.Right;
import hodeon.app.household.token.AccessTokens;
import hodeon.app.household.token.TokenScope;
import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.stream.Stream;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.core.annotation.Order;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpMethod;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.security.authentication.UsernamePasswordAuthenticationToken;
import org.springframework.security.authorization.AuthorizationDecision;
import org.springframework.security.authorization.AuthorizationManager;
import org.springframework.security.config.annotation.web.builders.HttpSecurity;
import org.springframework.security.config.annotation.web.configurers.AbstractHttpConfigurer;
import org.springframework.security.config.http.SessionCreationPolicy;
import org.springframework.security.core.GrantedAuthority;
import org.springframework.security.core.authority.SimpleGrantedAuthority;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.security.web.SecurityFilterChain;
import org.springframework.security.web.access.intercept.RequestAuthorizationContext;
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
                        .requestMatchers(
                                "/api/v1/trips/**", "/api/v1/plans/**", "/api/v1/forecast", "/api/v1/rehearsals")
                        .access(needs(TokenScope.TRIPS, Right.PLAN))
                        .requestMatchers("/api/v1/kits/**", "/api/v1/lists/**")
                        .access(needs(TokenScope.KITS, Right.STOCK))
                        .requestMatchers("/api/v1/doses/**")
                        .access(needs(TokenScope.PEOPLE, Right.PEOPLE))
                        .anyRequest()
                        .authenticated())
                .sessionManagement(s -> s.sessionCreationPolicy(SessionCreationPolicy.STATELESS))
                .csrf(AbstractHttpConfigurer::disable)
                .addFilterBefore(new ByToken(tokens), UsernamePasswordAuthenticationFilter.class)
                .exceptionHandling(e -> e.authenticationEntryPoint((request, response, why) -> refuse(response))
                        .accessDeniedHandler((request, response, why) -> notInReach(response)))
                .headers(headers -> headers.contentSecurityPolicy(
                        p -> p.policyDirectives("default-src 'none'; frame-ancestors 'none'")))
                .build();
    }

    /** To look, the scope alone; to change something, also the right of whoever made the token. */
    private static AuthorizationManager<RequestAuthorizationContext> needs(TokenScope scope, Right toChange) {
        return (who, where) -> {
            List<String> has = who.get().getAuthorities().stream()
                    .map(GrantedAuthority::getAuthority)
                    .filter(Objects::nonNull)
                    .toList();
            boolean looks = where.getRequest().getMethod().equals(HttpMethod.GET.name());
            return new AuthorizationDecision(has.contains(scope.authority())
                    && has.contains(looks && scope != TokenScope.PEOPLE ? Right.LOOK.name() : toChange.name()));
        };
    }

    private static void refuse(HttpServletResponse response) throws IOException {
        response.setHeader(HttpHeaders.WWW_AUTHENTICATE, "Bearer");
        problem(
                response,
                HttpStatus.UNAUTHORIZED,
                "A token is needed",
                "Send Authorization: Bearer and a personal access token that is not over; make one in the household's settings.");
    }

    private static void notInReach(HttpServletResponse response) throws IOException {
        problem(
                response,
                HttpStatus.FORBIDDEN,
                "Out of this token's reach",
                "The token was made for other things, or whoever made it may not do this; make one that reaches it.");
    }

    private static void problem(HttpServletResponse response, HttpStatus status, String title, String detail)
            throws IOException {
        response.setStatus(status.value());
        response.setContentType(MediaType.APPLICATION_PROBLEM_JSON_VALUE);
        response.getWriter()
                .write("{\"type\":\"about:blank\",\"title\":\"" + title + "\",\"status\":" + status.value()
                        + ",\"detail\":\"" + detail + "\"}");
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
                    .flatMap(h -> tokens.open(h.substring(BEARER.length()).strip()))
                    .ifPresent(opened -> SecurityContextHolder.getContext()
                            .setAuthentication(UsernamePasswordAuthenticationToken.authenticated(
                                    opened.member(), null, authorities(opened))));
            chain.doFilter(request, response);
        }

        private static List<GrantedAuthority> authorities(AccessTokens.Opened opened) {
            return Stream.concat(
                            opened.member().getAuthorities().stream(),
                            opened.scopes().stream().map(s -> new SimpleGrantedAuthority(s.authority())))
                    .toList();
        }
    }
}
