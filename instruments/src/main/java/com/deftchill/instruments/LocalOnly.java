package com.deftchill.instruments;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpFilter;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.net.URI;
import java.util.Set;

/** Whoever speaks to an instrument names this machine: a page from elsewhere cannot, even by a name that leads here. */
final class LocalOnly extends HttpFilter {
    private static final Set<String> HERE = Set.of("127.0.0.1", "localhost", "[::1]");

    @Override
    protected void doFilter(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws IOException, ServletException {
        if (HERE.contains(request.getServerName()) && isOurs(request.getHeader("Origin"))) {
            chain.doFilter(request, response);
        } else {
            response.sendError(HttpServletResponse.SC_FORBIDDEN);
        }
    }

    /** Whether a page from there may speak: one of this machine, or no page at all. */
    static boolean isOurs(String origin) {
        if (origin == null || origin.isEmpty()) {
            return true;
        }
        try {
            var host = URI.create(origin).getHost();
            return host != null && HERE.contains(host);
        } catch (IllegalArgumentException e) {
            return false;
        }
    }
}
