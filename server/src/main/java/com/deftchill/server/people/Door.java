package com.deftchill.server.people;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.time.Duration;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.security.web.context.SecurityContextRepository;
import org.springframework.stereotype.Component;

/** Begins, changes and ends the session of a request. */
@Component
class Door {
    private final SecurityContextRepository contexts;

    Door(SecurityContextRepository contexts) {
        this.contexts = contexts;
    }

    /** A session under a new id: one that somebody planted before is of no use. */
    void let(Member member, Duration kept, HttpServletRequest request, HttpServletResponse response) {
        if (request.getSession(false) != null) {
            request.changeSessionId();
        }
        var session = request.getSession(true);
        session.setMaxInactiveInterval((int) kept.toSeconds());
        session.setAttribute(Sessions.DEVICE, Devices.of(request.getHeader("User-Agent")));
        put(member, request, response);
    }

    /** The same session for somebody as they are now. */
    void put(Member member, HttpServletRequest request, HttpServletResponse response) {
        var context = MembersOfToday.context(member);
        SecurityContextHolder.setContext(context);
        contexts.saveContext(context, request, response);
    }

    void end(HttpServletRequest request) {
        var session = request.getSession(false);
        if (session != null) {
            session.invalidate();
        }
        SecurityContextHolder.clearContext();
    }
}
