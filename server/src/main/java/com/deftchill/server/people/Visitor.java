package com.deftchill.server.people;

import java.util.Optional;
import org.springframework.security.core.context.SecurityContextHolder;

/** Whoever sent the request. */
public final class Visitor {
    private Visitor() {}

    /** Who it is; empty where nobody signed in. */
    public static Optional<Member> member() {
        var authentication = SecurityContextHolder.getContext().getAuthentication();
        return authentication != null && authentication.getPrincipal() instanceof Member member
                ? Optional.of(member)
                : Optional.empty();
    }
}
