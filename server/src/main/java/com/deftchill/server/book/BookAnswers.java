package com.deftchill.server.book;

import com.deftchill.server.formula.FormulaService;
import com.deftchill.server.problem.NotFoundException;
import com.deftchill.server.search.Words;
import com.deftchill.server.tenancy.Kitchens;
import com.deftchill.server.workplace.Asked;
import com.deftchill.server.workplace.Computing;
import com.deftchill.server.workplace.Fingerprints;
import jakarta.annotation.PreDestroy;
import java.time.Clock;
import java.util.Set;
import java.util.UUID;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.LinkedBlockingQueue;
import java.util.concurrent.ThreadPoolExecutor;
import java.util.concurrent.TimeUnit;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.dao.DataIntegrityViolationException;
import org.springframework.stereotype.Component;
import org.springframework.transaction.support.TransactionTemplate;

/**
 * Computes, in the background and one after the other, what the Book shows of a formula. What is not computed now, because
 * the queue is full or the server ends, is asked for again by the next look at the list.
 */
@Component
class BookAnswers {
    private static final Logger LOG = LoggerFactory.getLogger(BookAnswers.class);
    private static final int QUEUE = 500;

    private final BookRepository entries;
    private final FormulaService formulas;
    private final Words words;
    private final Computing computing;
    private final Fingerprints fingerprints;
    private final TransactionTemplate transactions;
    private final Clock clock;
    private final Set<UUID> asked = ConcurrentHashMap.newKeySet();
    private final ThreadPoolExecutor thread = new ThreadPoolExecutor(
            1,
            1,
            0,
            TimeUnit.SECONDS,
            new LinkedBlockingQueue<>(QUEUE),
            task -> new Thread(task, "book"),
            (task, pool) -> {});

    BookAnswers(
            BookRepository entries,
            FormulaService formulas,
            Words words,
            Computing computing,
            Fingerprints fingerprints,
            TransactionTemplate transactions,
            Clock clock) {
        this.entries = entries;
        this.formulas = formulas;
        this.words = words;
        this.computing = computing;
        this.fingerprints = fingerprints;
        this.transactions = transactions;
        this.clock = clock;
    }

    /** Asks for an answer; at once in line, if it is not yet. */
    void ask(UUID formulaId) {
        if (asked.size() < QUEUE && asked.add(formulaId)) {
            var kitchen = Kitchens.current();
            thread.execute(() -> {
                try {
                    Kitchens.in(kitchen, () -> compute(formulaId));
                } catch (NotFoundException e) {
                    LOG.debug("formula {} is gone", formulaId);
                } catch (DataIntegrityViolationException e) {
                    LOG.debug("formula {} went meanwhile", formulaId);
                } catch (RuntimeException e) {
                    LOG.warn("no answer for the Book of formula {}", formulaId, e);
                } finally {
                    asked.remove(formulaId);
                }
            });
        }
    }

    private void compute(UUID formulaId) {
        var formula = formulas.get(formulaId);
        var rules = fingerprints.rules();
        var outcome = computing.light(
                Asked.NOBODY,
                (assessor, workplace) -> assessor.study(formula.getDocument(), workplace)
                        .map(dessert -> BookAnswer.of(dessert, assessor.assessment(dessert, workplace))));
        var answer = outcome.value()
                .orElseGet(() -> BookAnswer.unknown(
                        outcome.problems().size(), formula.getDocument().served()));
        transactions.executeWithoutResult(status -> {
            entries.ensure(formulaId);
            entries.findById(formulaId).ifPresent(entry -> {
                entry.answer(formula.getVersion(), rules, answer, clock.instant());
                words.keep(Words.Of.CONTENTS_OF_FORMULA, formulaId, entry.foundBy());
            });
            entries.place(formulaId, answer.place(), answer.kind());
        });
    }

    @PreDestroy
    void close() {
        thread.shutdownNow();
    }
}
