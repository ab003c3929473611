package com.deftchill.server.workplace;

import com.deftchill.core.kitchen.Workplace;
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

    private final AtomicLong changes = new AtomicLong();
    private volatile Read last = new Read(null, 0, -1);

    private record Read(Workplace workplace, long at, long change) {}

    Workplace get(Supplier<Workplace> fromStore) {
        var read = last;
        long change = changes.get();
        if (read.change() == change && System.nanoTime() - read.at() < OLDEST.toNanos()) {
            return read.workplace();
        }
        var workplace = fromStore.get();
        last = new Read(workplace, System.nanoTime(), change);
        return workplace;
    }

    @TransactionalEventListener
    void forget(WorkplaceChanged changed) {
        changes.incrementAndGet();
    }
}
