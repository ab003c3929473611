package com.deftchill.server.workplace;

import com.deftchill.core.assess.Assessor;
import com.deftchill.core.kitchen.Workplace;
import java.util.concurrent.Semaphore;
import java.util.function.BiFunction;
import org.springframework.stereotype.Component;

/**
 * Everything computed, in this kitchen. As many at once as there are cores, in the order of asking: more would only slow
 * each other down.
 */
@Component
public class Computing {
    private final Assessor assessor;
    private final KitchenService kitchen;
    private final Semaphore cores = new Semaphore(Runtime.getRuntime().availableProcessors(), true);

    Computing(Assessor assessor, KitchenService kitchen) {
        this.assessor = assessor;
        this.kitchen = kitchen;
    }

    /** Computes something with the assessor in the kitchen's workplace. */
    public <T> T with(BiFunction<Assessor, Workplace, T> computation) {
        var workplace = kitchen.workplace();
        cores.acquireUninterruptibly();
        try {
            return computation.apply(assessor, workplace);
        } finally {
            cores.release();
        }
    }
}
