package com.deftchill.server.site;

import com.deftchill.server.DeftChillSettings;
import com.deftchill.server.address.Address;
import com.deftchill.server.people.Access;
import com.deftchill.server.people.KitchenFilter;
import com.deftchill.server.people.Member;
import com.deftchill.server.people.PeopleSettings;
import com.deftchill.server.people.Role;
import com.deftchill.server.people.Visitor;
import com.deftchill.server.problem.ProblemWriter;
import com.deftchill.server.workplace.Computing;
import jakarta.servlet.DispatcherType;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.util.Set;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.http.HttpStatus;
import org.springframework.http.server.ServerHttpResponse;
import org.springframework.security.access.AccessDeniedException;
import org.springframework.security.authorization.AuthorizationDecision;
import org.springframework.security.config.ObjectPostProcessor;
import org.springframework.security.config.annotation.web.builders.HttpSecurity;
import org.springframework.security.config.annotation.web.configurers.AbstractHttpConfigurer;
import org.springframework.security.config.annotation.web.configurers.CsrfConfigurer;
import org.springframework.security.crypto.argon2.Argon2PasswordEncoder;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.security.web.SecurityFilterChain;
import org.springframework.security.web.access.intercept.AuthorizationFilter;
import org.springframework.security.web.context.SecurityContextRepository;
import org.springframework.security.web.csrf.CsrfException;
import org.springframework.security.web.firewall.RequestRejectedHandler;
import org.springframework.security.web.firewall.StrictHttpFirewall;
import org.springframework.security.web.header.writers.CrossOriginResourcePolicyHeaderWriter.CrossOriginResourcePolicy;
import org.springframework.security.web.header.writers.ReferrerPolicyHeaderWriter.ReferrerPolicy;
import org.springframework.security.web.util.matcher.IpAddressMatcher;
import org.springframework.security.web.webauthn.authentication.WebAuthnAuthenticationFilter;
import org.springframework.web.cors.CorsConfiguration;
import org.springframework.web.cors.DefaultCorsProcessor;
import org.springframework.web.cors.UrlBasedCorsConfigurationSource;
import org.springframework.web.filter.CorsFilter;
import org.springframework.web.util.pattern.PathPattern;
import org.springframework.web.util.pattern.PathPatternParser;

/**
 * Who may ask what: by role, see {@link Access}, and for their own kitchen. And what a web page of someone else's may not do: read
 * or write here, under a name that it made point to this machine or from its own address; show these pages in a frame; slip in a
 * script.
 */
@Configuration
class SecurityConfiguration {
    private static final int SALT_BYTES = 16;
    private static final int HASH_BYTES = 32;
    private static final int ROUNDS = 2;
    private static final PathPattern HEALTH = PathPatternParser.defaultInstance.parse("/actuator/health/**");

    /** Ant Design Vue writes its styles while it runs, so inline styles are let in; scripts never are. */
    private static final String CONTENT = String.join(
            "; ",
            "default-src 'self'",
            "script-src 'self'",
            "style-src 'self' 'unsafe-inline'",
            "img-src 'self' data: blob:",
            "font-src 'self' data:",
            "object-src 'none'",
            "base-uri 'self'",
            "form-action 'self'",
            "frame-ancestors 'none'");

    @Bean
    SecurityFilterChain pages(
            HttpSecurity http,
            SecurityContextRepository contexts,
            ObjectPostProcessor<WebAuthnAuthenticationFilter> letIn,
            ProblemWriter problems)
            throws Exception {
        return http.authorizeHttpRequests(requests -> requests.anyRequest()
                        .access((authentication, context) ->
                                new AuthorizationDecision(isLetThrough(context.getRequest()))))
                .securityContext(context -> context.securityContextRepository(contexts))
                .addFilterAfter(new KitchenFilter(), AuthorizationFilter.class)
                // The page reads the token from its cookie and says it with whatever it changes.
                .csrf(CsrfConfigurer::spa)
                .webAuthn(passkeys ->
                        passkeys.disableDefaultRegistrationPage(true).addObjectPostProcessor(letIn))
                .exceptionHandling(handling -> handling.authenticationEntryPoint(
                                (request, response, e) -> signInFirst(response, problems))
                        .accessDeniedHandler((request, response, e) -> refuse(response, e, problems)))
                .httpBasic(AbstractHttpConfigurer::disable)
                .formLogin(AbstractHttpConfigurer::disable)
                .logout(AbstractHttpConfigurer::disable)
                .anonymous(AbstractHttpConfigurer::disable)
                .requestCache(AbstractHttpConfigurer::disable)
                .cors(cors -> {})
                .headers(headers -> headers.contentSecurityPolicy(policy -> policy.policyDirectives(CONTENT))
                        .referrerPolicy(policy -> policy.policy(ReferrerPolicy.SAME_ORIGIN))
                        .crossOriginResourcePolicy(policy -> policy.policy(CrossOriginResourcePolicy.SAME_ORIGIN))
                        // What may be kept for how long is said where the files are served.
                        .cacheControl(cache -> cache.disable()))
                .build();
    }

    private static boolean isLetThrough(HttpServletRequest request) {
        // Something went wrong with a request that was let through, or was refused; what is told of it is ours.
        if (request.getDispatcherType() == DispatcherType.ERROR) {
            return true;
        }
        var address = Address.of(request);
        return Access.allows(() -> Visitor.member().map(Member::role), request.getMethod(), address)
                && !isNobodys(request, address)
                && (isOfEverybody(address) || isOfThisMachine(request));
    }

    /** Figures for operators are told to this machine alone; whether it is alive and ready, to everybody. */
    private static boolean isOfEverybody(Address address) {
        return !address.first().equals("actuator") || HEALTH.matches(address.path());
    }

    /** A passkey is taken away at /api/account/passkeys, where it is looked whose it is. */
    private static boolean isNobodys(HttpServletRequest request, Address address) {
        return request.getMethod().equals("DELETE") && address.first().equals("webauthn");
    }

    /** Asked by this machine itself, not through a balancer that runs on it. */
    private static boolean isOfThisMachine(HttpServletRequest request) {
        return request.getHeader("X-Forwarded-For") == null
                && request.getHeader("Forwarded") == null
                && (new IpAddressMatcher("127.0.0.0/8").matches(request)
                        || new IpAddressMatcher("::1").matches(request));
    }

    private static void signInFirst(HttpServletResponse response, ProblemWriter problems) throws IOException {
        problems.write(
                response,
                HttpStatus.UNAUTHORIZED,
                "sign-in-first",
                "Not signed in",
                "sign in first; what was typed is kept in this browser");
    }

    private static void refuse(HttpServletResponse response, AccessDeniedException e, ProblemWriter problems)
            throws IOException {
        if (e instanceof CsrfException) {
            problems.write(
                    response,
                    HttpStatus.FORBIDDEN,
                    "token-missing",
                    "Refused",
                    "the page's token is missing or old: reload the page");
        } else if (Visitor.member().isEmpty()) {
            signInFirst(response, problems);
        } else {
            problems.write(
                    response,
                    HttpStatus.FORBIDDEN,
                    "not-your-part",
                    "Not for your role",
                    "only "
                            + (Visitor.member()
                                            .map(Member::role)
                                            .filter(Role.GUEST::equals)
                                            .isPresent()
                                    ? "a cook or a head of this kitchen"
                                    : "a head of this kitchen")
                            + " may change this");
        }
    }

    /** Argon2id with what OWASP asks for at least: 19 MiB unless more is set, two rounds, one lane. */
    @Bean
    PasswordEncoder passwords(PeopleSettings settings) {
        return new WithNothingHeld(new Argon2PasswordEncoder(SALT_BYTES, HASH_BYTES, 1, settings.hashKib(), ROUNDS));
    }

    /** Hashing takes long on purpose: whoever does it must not hold a connection meanwhile. */
    private record WithNothingHeld(PasswordEncoder hashing) implements PasswordEncoder {
        @Override
        public String encode(CharSequence raw) {
            Computing.holdingNothing();
            return hashing.encode(raw);
        }

        @Override
        public boolean matches(CharSequence raw, String encoded) {
            Computing.holdingNothing();
            return hashing.matches(raw, encoded);
        }

        @Override
        public boolean upgradeEncoding(String encoded) {
            return hashing.upgradeEncoding(encoded);
        }
    }

    /** Pages of other origins are answered nothing. */
    @Bean
    CorsFilter corsFilter(ProblemWriter problems) {
        var nobody = new UrlBasedCorsConfigurationSource();
        nobody.registerCorsConfiguration("/**", new CorsConfiguration());
        var filter = new CorsFilter(nobody);
        filter.setCorsProcessor(new DefaultCorsProcessor() {
            @Override
            protected void rejectRequest(ServerHttpResponse response) throws IOException {
                problems.write(
                        response,
                        HttpStatus.FORBIDDEN,
                        "other-origin",
                        "Refused",
                        "a page of another origin may not ask here");
                response.flush();
            }
        });
        return filter;
    }

    /** Names other than those that the server was started for are turned away before anything else is looked at. */
    @Bean
    StrictHttpFirewall namesOfOurs(DeftChillSettings settings) {
        var firewall = new StrictHttpFirewall();
        firewall.setAllowedHostnames(Set.copyOf(settings.hosts())::contains);
        return firewall;
    }

    @Bean
    RequestRejectedHandler refused(DeftChillSettings settings, ProblemWriter problems) {
        return (request, response, rejected) -> {
            if (settings.hosts().contains(request.getServerName())) {
                problems.write(
                        response, HttpStatus.BAD_REQUEST, "address-refused", "Refused", "not an address of ours");
            } else {
                problems.write(
                        response,
                        HttpStatus.MISDIRECTED_REQUEST,
                        "other-host",
                        "Not for this server",
                        "it answers to " + String.join(", ", settings.hosts()) + " only");
            }
        };
    }
}
