package com.deftchill.server.workplace;

import com.deftchill.core.assess.Assessor;
import com.deftchill.core.chill.Stop;
import com.deftchill.core.kitchen.Workplace;
import com.deftchill.server.DeftChillSettings;
import com.deftchill.server.tenancy.Kitchens;
import io.github.resilience4j.bulkhead.ThreadPoolBulkhead;
import io.github.resilience4j.bulkhead.ThreadPoolBulkheadConfig;
import jakarta.annotation.PreDestroy;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.CompletionException;
import java.util.function.BiFunction;
import java.util.function.Supplier;
import org.springframework.context.event.ContextClosedEvent;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;
import org.springframework.transaction.support.TransactionSynchronizationManager;

/**
 * Everything computed, in this kitchen. Light questions and heavy ones each have threads and a queue of their own, so that
 * none waits behind the other kind; a full queue refuses at once. A computation asks at every step whether to go on, and
 * ends when its time is up or when its page has asked anew.
 */
@Component
public class Computing {
    private static final int SEARCHING_PERCENT = 60;

    private final Assessor assessor;
    private final KitchenService kitchen;
    private final Questions questions = new Questions();
    private final DeftChillSettings settings;
    private final ThreadPoolBulkhead light;
    private final ThreadPoolBulkhead heavy;

    Computing(Assessor assessor, KitchenService kitchen, DeftChillSettings settings) {
        this.assessor = assessor;
        this.kitchen = kitchen;
        this.settings = settings;
        light = bulkhead("light", settings.lightQueue());
        heavy = bulkhead("heavy", settings.heavyQueue());
    }

    /** As many threads as there are cores: more would only slow each other down. */
    private static ThreadPoolBulkhead bulkhead(String name, int queue) {
        int cores = Runtime.getRuntime().availableProcessors();
        return ThreadPoolBulkhead.of(
                name,
                ThreadPoolBulkheadConfig.custom()
                        .coreThreadPoolSize(cores)
                        .maxThreadPoolSize(cores)
                        .queueCapacity(queue)
                        .build());
    }

    /** What is computed with an assessor in the kitchen's workplace. */
    public interface Computation<T> extends BiFunction<Assessor, Workplace, T> {}

    /** Computes on the thread of whoever asks: for what is loaded before anybody else asks. */
    public <T> T here(Computation<T> computation) {
        return computation.apply(assessor, kitchen.workplace());
    }

    /** Computes what takes some tens of milliseconds. */
    public <T> T light(Asked asked, Computation<T> computation) {
        return all(light, settings.lightDeadline(), asked, List.of(computation)).get(0);
    }

    /** Computes what takes many runs. */
    public <T> T heavy(Asked asked, Computation<T> computation) {
        return all(heavy, settings.heavyDeadline(), asked, List.of(computation)).get(0);
    }

    /** Computes several of what takes many runs, as many at once as there are cores; all or none. */
    public <T> List<T> heavy(Asked asked, List<Computation<T>> computations) {
        return all(heavy, settings.heavyDeadline(), asked, computations);
    }

    /** How long a search may take, so that what it found is still in time to be told. */
    public Duration searching(Duration wanted) {
        var most = settings.heavyDeadline().multipliedBy(SEARCHING_PERCENT).dividedBy(100);
        return wanted.compareTo(most) < 0 ? wanted : most;
    }

    /** What asks for itself whether to go on. */
    public interface Stoppable<T> {
        T compute(Assessor assessor, Workplace workplace, Stop stop);
    }

    /** Computes what takes many runs, and part of it where no chill is followed: that part looks at the stop itself. */
    public <T> T stoppable(Asked asked, Stoppable<T> computation) {
        holdingNothing();
        var workplace = kitchen.workplace();
        var question = questions.begin(asked, settings.heavyDeadline());
        try {
            return heavy.executeSupplier(forKitchen(() -> {
                        question.check();
                        return computation.compute(assessor.stoppedBy(question), workplace, question);
                    }))
                    .toCompletableFuture()
                    .join();
        } catch (CompletionException e) {
            throw e.getCause() instanceof RuntimeException cause ? cause : e;
        } finally {
            question.end();
        }
    }

    private <T> List<T> all(
            ThreadPoolBulkhead bulkhead, Duration deadline, Asked asked, List<Computation<T>> computations) {
        holdingNothing();
        var workplace = kitchen.workplace();
        var question = questions.begin(asked, deadline);
        var running = new ArrayList<CompletableFuture<T>>();
        try {
            var stopping = assessor.stoppedBy(question);
            for (var computation : computations) {
                running.add(bulkhead.executeSupplier(forKitchen(() -> {
                            question.check();
                            return computation.apply(stopping, workplace);
                        }))
                        .toCompletableFuture());
            }
            return running.stream().map(CompletableFuture::join).toList();
        } catch (CompletionException e) {
            throw e.getCause() instanceof RuntimeException cause ? cause : e;
        } finally {
            // Whatever of it still runs has nobody to wait for it.
            question.end();
        }
    }

    /** Whoever waits for a core must not keep others from the database meanwhile. */
    public static void holdingNothing() {
        if (TransactionSynchronizationManager.isActualTransactionActive()) {
            throw new IllegalStateException(
                    "computing inside a transaction would hold its connection: compute before it begins");
        }
    }

    /** Threads that compute work for whoever asked. */
    private static <T> Supplier<T> forKitchen(Supplier<T> work) {
        var kitchen = Kitchens.orNobodys();
        return () -> Kitchens.in(kitchen, work);
    }

    /** Before the pages' questions are waited for. */
    @EventListener(ContextClosedEvent.class)
    void letGo() {
        questions.close();
    }

    @PreDestroy
    void close() throws Exception {
        light.close();
        heavy.close();
    }
}
