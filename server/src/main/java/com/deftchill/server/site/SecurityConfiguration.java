package com.deftchill.server.site;

import com.deftchill.server.DeftChillSettings;
import com.deftchill.server.problem.ProblemWriter;
import java.io.IOException;
import java.util.Set;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.http.HttpStatus;
import org.springframework.http.server.ServerHttpResponse;
import org.springframework.security.config.annotation.web.builders.HttpSecurity;
import org.springframework.security.config.annotation.web.configurers.AbstractHttpConfigurer;
import org.springframework.security.config.http.SessionCreationPolicy;
import org.springframework.security.web.SecurityFilterChain;
import org.springframework.security.web.firewall.RequestRejectedHandler;
import org.springframework.security.web.firewall.StrictHttpFirewall;
import org.springframework.security.web.header.writers.CrossOriginResourcePolicyHeaderWriter.CrossOriginResourcePolicy;
import org.springframework.security.web.header.writers.ReferrerPolicyHeaderWriter.ReferrerPolicy;
import org.springframework.web.cors.CorsConfiguration;
import org.springframework.web.cors.DefaultCorsProcessor;
import org.springframework.web.cors.UrlBasedCorsConfigurationSource;
import org.springframework.web.filter.CorsFilter;

/**
 * What a web page of someone else's may not do: read or write here, under a name that it made point to this machine or from
 * its own address; show these pages in a frame; slip in a script. There is no sign-in yet: the server listens on this
 * machine alone.
 */
@Configuration
class SecurityConfiguration {
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
    SecurityFilterChain pages(HttpSecurity http) throws Exception {
        return http.authorizeHttpRequests(requests -> requests.anyRequest().permitAll())
                .sessionManagement(sessions -> sessions.sessionCreationPolicy(SessionCreationPolicy.STATELESS))
                // Nothing is kept in a cookie that another page could ride on; other origins are refused below.
                .csrf(AbstractHttpConfigurer::disable)
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
