package com.deftchill.server.people;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import io.github.bucket4j.Bucket;
import java.time.Duration;
import java.util.function.Function;
import org.springframework.stereotype.Component;

/**
 * How often somebody may try to get in. Counted by address, and by address and name: whoever guesses at a name from elsewhere does
 * not lock out the one whose it is. A name is whose account it finds, however it is spelt. Each copy of the application counts for itself.
 */
@Component
class Tries {
    private static final Duration WITHIN = Duration.ofMinutes(10);
    private static final int MOST_KNOWN = 100_000;

    private final PeopleSettings settings;
    private final Cache<String, Bucket> buckets = Caffeine.newBuilder()
            .maximumSize(MOST_KNOWN)
            .expireAfterAccess(WITHIN)
            .build();

    private final AccountRepository accounts;

    Tries(PeopleSettings settings, AccountRepository accounts) {
        this.settings = settings;
        this.accounts = accounts;
    }

    /** Whether one more try is let through; it is counted. */
    boolean another(String address, String name) {
        return bucket(address, settings.triesOfAddress()).tryConsume(1)
                && bucket(address + " " + whose(name), settings.tries()).tryConsume(1);
    }

    /** Whether an address may begin another sign-in by passkey; it is counted as a try of nobody's. */
    boolean another(String address) {
        return bucket(address, settings.triesOfAddress()).tryConsume(1);
    }

    /** The database takes more spellings for the same name than we fold: letters without width, accents. */
    private String whose(String name) {
        var folded = AccountEntity.folded(name);
        return accounts.findByNameFolded(folded)
                .map(account -> account.getId().toString())
                .orElse(folded);
    }

    /** Whoever got in begins anew. */
    void gotIn(String address, String name) {
        buckets.invalidate(address + " " + whose(name));
    }

    private Bucket bucket(String key, int most) {
        Function<String, Bucket> fresh = k -> Bucket.builder()
                .addLimit(limit -> limit.capacity(most).refillGreedy(most, WITHIN))
                .build();
        return buckets.get(key, fresh);
    }
}
