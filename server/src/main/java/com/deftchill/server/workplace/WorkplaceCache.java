package com.deftchill.server.workplace;

import com.deftchill.core.kitchen.Workplace;
import com.deftchill.server.database.Away;
import com.deftchill.server.tenancy.Kitchens;
import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.time.Duration;
import java.util.concurrent.atomic.AtomicLong;
import java.util.function.Supplier;
import org.springframework.stereotype.Component;
import org.springframework.transaction.event.TransactionalEventListener;

/**
 * The workplace as last read, so that an assessment does not wait for the database. A change made by this copy of the
 * application counts at once, one made by another copy within a second.
 */
@Component
class WorkplaceCache {
    private static final Duration OLDEST = Duration.ofSeconds(1);

    private static final int MOST_KITCHENS = 500;

    private final AtomicLong changes = new AtomicLong();
    private final Cache<String, Read> last = Caffeine.newBuilder()
            .maximumSize(MOST_KITCHENS)
            .expireAfterAccess(Duration.ofHours(1))
            .build();

    private record Read(Workplace workplace, long at, long change) {}

    Workplace get(Supplier<Workplace> fromStore) {
        var read = last.getIfPresent(Kitchens.current());
        long change = changes.get();
        if (read != null && read.change() == change && System.nanoTime() - read.at() < OLDEST.toNanos()) {
            return read.workplace();
        }
        Workplace workplace;
        try {
            workplace = fromStore.get();
        } catch (RuntimeException away) {
            if (read == null || !Away.isAway(away)) {
                throw away;
            }
            // While the database is away, everything is computed by what was known last.
            return read.workplace();
        }
        last.put(Kitchens.current(), new Read(workplace, System.nanoTime(), change));
        return workplace;
    }

    @TransactionalEventListener
    void forget(WorkplaceChanged changed) {
        changes.incrementAndGet();
    }
}
