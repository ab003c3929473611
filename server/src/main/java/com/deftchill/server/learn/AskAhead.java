package com.deftchill.server.learn;

import com.deftchill.server.DeftChillSettings;
import com.deftchill.server.tenancy.Kitchens;
import com.deftchill.server.workplace.Asked;
import java.util.Set;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.TimeUnit;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;

/** Asks the models once after a start what the log will ask them, so that a cook's first question is answered as soon as later ones. */
@Component
class AskAhead {
    private static final Logger LOG = LoggerFactory.getLogger(AskAhead.class);

    private final LearnService learning;
    private final DeftChillSettings settings;

    AskAhead(LearnService learning, DeftChillSettings settings) {
        this.learning = learning;
        this.settings = settings;
    }

    @EventListener(ApplicationReadyEvent.class)
    void later() {
        if (!settings.learnAhead().isZero()) {
            var then = CompletableFuture.delayedExecutor(settings.learnAhead().toMillis(), TimeUnit.MILLISECONDS);
            CompletableFuture.runAsync(this::ask, then);
        }
    }

    private void ask() {
        try {
            Kitchens.in(
                    Kitchens.FIRST,
                    () -> learning.proposal(new LearnService.Wish(false, Set.of(), Set.of()), Asked.NOBODY));
        } catch (RuntimeException e) {
            // Nobody waits for it: whoever asks is told what is the matter.
            LOG.info("the models were not asked ahead: {}", e.toString());
        }
    }
}
