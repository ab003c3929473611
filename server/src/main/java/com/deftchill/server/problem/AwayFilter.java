package com.deftchill.server.problem;

import com.deftchill.server.address.Address;
import com.deftchill.server.database.Away;
import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;

/** Says that the database is away where it is found out before any controller is reached, such as when a session is looked up. */
@Component
@Order(Ordered.HIGHEST_PRECEDENCE)
class AwayFilter extends OncePerRequestFilter {
    private static final Logger LOG = LoggerFactory.getLogger(AwayFilter.class);
    private final ProblemWriter problems;

    AwayFilter(ProblemWriter problems) {
        this.problems = problems;
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        try {
            chain.doFilter(request, response);
        } catch (RuntimeException | ServletException e) {
            if (!Away.isAway(e) || response.isCommitted()) {
                throw e;
            }
            LOG.warn("the database is away at {} {}: {}", request.getMethod(), Address.of(request), e.getMessage());
            response.reset();
            response.setHeader(HttpHeaders.RETRY_AFTER, ProblemHandler.AGAIN_SECONDS);
            problems.write(
                    response,
                    HttpStatus.SERVICE_UNAVAILABLE,
                    ProblemHandler.DATABASE_AWAY,
                    ProblemHandler.AWAY_TITLE,
                    ProblemHandler.AWAY_DETAIL);
        }
    }
}
