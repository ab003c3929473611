package com.deftchill.server.database;

import java.util.Optional;
import java.util.function.Supplier;
import org.springframework.dao.DataIntegrityViolationException;

/** What carries the client's own id of the write: sent twice, stored once. */
public final class Once {
    private Once() {}

    /**
     * Stores something that is not there yet. Outside of any transaction: a second request at the same moment fails by its
     * id, and is then answered what the first one stored.
     *
     * @param there what is stored under the id, if anything
     * @param store stores it, in a transaction of its own
     */
    public static <T> T stored(Supplier<Optional<T>> there, Supplier<T> store) {
        return there.get().orElseGet(() -> {
            try {
                return store.get();
            } catch (DataIntegrityViolationException e) {
                return there.get().orElseThrow(() -> e);
            }
        });
    }
}
