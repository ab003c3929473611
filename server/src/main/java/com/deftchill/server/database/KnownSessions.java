package com.deftchill.server.database;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.time.Duration;
import java.util.Map;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.session.FindByIndexNameSessionRepository;
import org.springframework.session.Session;

/**
 * Sessions of the database. While that is away, whoever was known in the last minutes still is, so that they can go on computing; nothing
 * can be stored then anyway, and a session that is ended meanwhile cannot be ended either.
 */
class KnownSessions<S extends Session> implements FindByIndexNameSessionRepository<S> {
    private static final Logger LOG = LoggerFactory.getLogger(KnownSessions.class);
    private static final int MOST = 2000;

    private final FindByIndexNameSessionRepository<S> stored;
    private final Cache<String, S> seen = Caffeine.newBuilder()
            .maximumSize(MOST)
            .expireAfterWrite(Duration.ofMinutes(15))
            .build();

    KnownSessions(FindByIndexNameSessionRepository<S> stored) {
        this.stored = stored;
    }

    @Override
    public S createSession() {
        return stored.createSession();
    }

    @Override
    public S findById(String id) {
        try {
            var session = stored.findById(id);
            if (session == null) {
                seen.invalidate(id);
            } else {
                seen.put(id, session);
            }
            return session;
        } catch (RuntimeException away) {
            var known = seen.getIfPresent(id);
            if (known == null || !Away.isAway(away)) {
                throw away;
            }
            return known;
        }
    }

    /** When it was used last is all that changes of a session that is known: that may be lost, while a new one may not. */
    @Override
    public void save(S session) {
        try {
            stored.save(session);
        } catch (RuntimeException away) {
            if (seen.getIfPresent(session.getId()) == null || !Away.isAway(away)) {
                throw away;
            }
            LOG.debug("a session was not written: {}", away.getMessage());
        }
    }

    @Override
    public void deleteById(String id) {
        seen.invalidate(id);
        stored.deleteById(id);
    }

    @Override
    public Map<String, S> findByIndexNameAndIndexValue(String name, String value) {
        return stored.findByIndexNameAndIndexValue(name, value);
    }
}
