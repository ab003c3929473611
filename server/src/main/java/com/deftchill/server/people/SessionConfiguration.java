package com.deftchill.server.people;

import java.time.Duration;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.session.config.SessionRepositoryCustomizer;
import org.springframework.session.jdbc.JdbcIndexedSessionRepository;
import org.springframework.session.web.http.CookieSerializer;
import org.springframework.session.web.http.DefaultCookieSerializer;

/** Sessions in the database, so that any copy of the application knows them. */
@Configuration
class SessionConfiguration {
    /**
     * When a session was used last is written once a minute and not at each question: a write to the disk for every key would be
     * most of what an answer takes. Everything else that changes is written at once.
     */
    private static final String UPDATE = """
            update SPRING_SESSION s
            join (select ? session_id, ? last_access, ? inactive, ? expiry, ? principal, ? primary_id) n
                on n.primary_id = s.PRIMARY_ID
            set s.SESSION_ID = n.session_id, s.LAST_ACCESS_TIME = n.last_access, s.MAX_INACTIVE_INTERVAL = n.inactive,
                s.EXPIRY_TIME = n.expiry, s.PRINCIPAL_NAME = n.principal
            where n.last_access > s.LAST_ACCESS_TIME + 60000 or n.session_id <> s.SESSION_ID
                or n.inactive <> s.MAX_INACTIVE_INTERVAL or not (n.principal <=> s.PRINCIPAL_NAME)
            """;

    @Bean
    SessionRepositoryCustomizer<JdbcIndexedSessionRepository> seldomWritten() {
        return sessions -> sessions.setUpdateSessionQuery(UPDATE);
    }

    /** Kept by the browser for a year: how long it counts is the server's to say. */
    @Bean
    CookieSerializer cookie(PeopleSettings settings) {
        var cookie = new DefaultCookieSerializer();
        cookie.setCookieName(settings.cookie());
        cookie.setCookieMaxAge((int) Duration.ofDays(365).toSeconds());
        cookie.setSameSite("Strict");
        cookie.setUseHttpOnlyCookie(true);
        return cookie;
    }
}
