package com.deftchill.server.database;

import java.util.concurrent.CompletableFuture;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.BeansException;
import org.springframework.beans.factory.ListableBeanFactory;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.event.EventListener;
import org.springframework.data.repository.Repository;
import org.springframework.stereotype.Component;

/** Parses the queries once it answers: a start need not wait for it, and who first opens a page mostly need not either. */
@Component
class QueriesAhead {
    private static final Logger LOG = LoggerFactory.getLogger(QueriesAhead.class);

    private final ListableBeanFactory beans;

    QueriesAhead(ListableBeanFactory beans) {
        this.beans = beans;
    }

    @EventListener(ApplicationReadyEvent.class)
    void later() {
        CompletableFuture.runAsync(this::parse);
    }

    private void parse() {
        try {
            beans.getBeansOfType(Repository.class);
        } catch (BeansException e) {
            // Nobody waits for it: whoever asks is told what is the matter.
            LOG.info("the queries were not parsed ahead: {}", e.toString());
        }
    }
}
