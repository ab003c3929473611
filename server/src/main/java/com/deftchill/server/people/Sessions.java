package com.deftchill.server.people;

import java.time.Instant;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.security.core.context.SecurityContext;
import org.springframework.security.web.context.HttpSessionSecurityContextRepository;
import org.springframework.session.FindByIndexNameSessionRepository;
import org.springframework.session.Session;
import org.springframework.stereotype.Component;

/** Who is signed in where: listed for their owner, ended by them or where somebody's part in a kitchen changes. */
@Component
class Sessions {
    /** What a session says of the device that began it. */
    static final String DEVICE = "device";

    private final FindByIndexNameSessionRepository<? extends Session> sessions;

    Sessions(FindByIndexNameSessionRepository<? extends Session> sessions) {
        this.sessions = sessions;
    }

    /**
     * A session, by a name that does not let anybody in.
     *
     * @param id hash of its own
     * @param device such as {@code Chrome on Linux}
     */
    record Open(String id, String device, Instant since, Instant used) {}

    List<Open> of(UUID account) {
        return sessions.findByPrincipalName(account.toString()).values().stream()
                .map(session -> new Open(
                        Secrets.hash(session.getId()),
                        Optional.ofNullable(session.<String>getAttribute(DEVICE))
                                .orElse(""),
                        session.getCreationTime(),
                        session.getLastAccessedTime()))
                .sorted(Comparator.comparing(Open::used).reversed())
                .toList();
    }

    /** @return whether there was one */
    boolean end(UUID account, String id) {
        var found = sessions.findByPrincipalName(account.toString()).keySet().stream()
                .filter(one -> Secrets.hash(one).equals(id))
                .findFirst();
        found.ifPresent(sessions::deleteById);
        return found.isPresent();
    }

    /** Ends all of somebody's sessions but one. */
    void endOthers(UUID account, String but) {
        sessions.findByPrincipalName(account.toString()).keySet().stream()
                .filter(one -> !one.equals(but))
                .forEach(sessions::deleteById);
    }

    /** Ends all of somebody's sessions in a kitchen. */
    void endAllIn(UUID account, String kitchen) {
        sessions.findByPrincipalName(account.toString()).forEach((id, session) -> {
            if (member(session).filter(m -> m.kitchen().equals(kitchen)).isPresent()) {
                sessions.deleteById(id);
            }
        });
    }

    private static Optional<Member> member(Session session) {
        SecurityContext context =
                session.getAttribute(HttpSessionSecurityContextRepository.SPRING_SECURITY_CONTEXT_KEY);
        return Optional.ofNullable(context)
                .map(SecurityContext::getAuthentication)
                .map(authentication -> authentication.getPrincipal() instanceof Member member ? member : null);
    }
}
