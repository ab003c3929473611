package com.deftchill.server.people;

import com.deftchill.server.address.Address;
import com.deftchill.server.problem.ProblemWriter;
import com.deftchill.server.problem.TooManyTriesException;
import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.time.Duration;
import org.springframework.core.annotation.Order;
import org.springframework.http.HttpStatus;
import org.springframework.session.web.http.SessionRepositoryFilter;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;
import org.springframework.web.util.pattern.PathPattern;
import org.springframework.web.util.pattern.PathPatternParser;

/**
 * Whoever begins to sign in by passkey has a session until they are through; anybody may begin. So each address begins so often at
 * most, and what was begun is kept for as long as a browser waits for a finger, not for a month.
 */
@Component
@Order(PasskeyOptionsFilter.AFTER_SESSIONS)
class PasskeyOptionsFilter extends OncePerRequestFilter {
    static final int AFTER_SESSIONS = SessionRepositoryFilter.DEFAULT_ORDER + 1;

    private static final PathPattern OPTIONS =
            PathPatternParser.defaultInstance.parse("/webauthn/authenticate/options");
    private static final Duration WAITS = Duration.ofMinutes(5);

    private final Tries tries;
    private final ProblemWriter problems;

    PasskeyOptionsFilter(Tries tries, ProblemWriter problems) {
        this.tries = tries;
        this.problems = problems;
    }

    @Override
    protected boolean shouldNotFilter(HttpServletRequest request) {
        return !OPTIONS.matches(Address.of(request).path());
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        boolean nobody = request.getSession(false) == null;
        if (nobody && !tries.another(request.getRemoteAddr())) {
            problems.write(
                    response,
                    HttpStatus.TOO_MANY_REQUESTS,
                    "too-many-tries",
                    "Too many tries",
                    new TooManyTriesException().getMessage());
            return;
        }
        if (nobody) {
            request.getSession(true).setMaxInactiveInterval((int) WAITS.toSeconds());
        }
        chain.doFilter(request, response);
    }
}
