package com.deftchill.server.document;

import com.deftchill.core.formula.WrittenFormula;
import com.deftchill.server.address.Address;
import com.deftchill.server.problem.ProblemWriter;
import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;

/**
 * A page says with its questions which version of the document it writes; one that is older than the server is told to reload,
 * and keeps its draft. Other clients need not say it: what they send is lifted.
 */
@Component
class PageVersionFilter extends OncePerRequestFilter {
    static final String HEADER = "Deft-Chill-Document";

    private static final String VERSION = Integer.toString(WrittenFormula.SCHEMA);

    private final ProblemWriter problems;

    PageVersionFilter(ProblemWriter problems) {
        this.problems = problems;
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        if (asksFromAPage(request) && !VERSION.equals(request.getHeader(HEADER))) {
            problems.write(
                    response,
                    HttpStatus.UPGRADE_REQUIRED,
                    "page-older",
                    "This page is older than Deft Chill",
                    "Reload it. What was typed and is not stored yet is kept in this browser.");
            return;
        }
        chain.doFilter(request, response);
    }

    /** A script's question, rather than a link that is followed. */
    private static boolean asksFromAPage(HttpServletRequest request) {
        return Address.of(request).isOfTheApi()
                && "same-origin".equals(request.getHeader("Sec-Fetch-Site"))
                && "cors".equals(request.getHeader("Sec-Fetch-Mode"));
    }
}
