package com.deftchill.server.formula;

import com.deftchill.core.formula.WrittenFormula;
import com.deftchill.server.problem.NotFoundException;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.domain.Page;
import org.springframework.data.domain.PageRequest;
import org.springframework.data.domain.Sort;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/**
 * Keeps the states that formulas had. One is kept by itself before the first change after a pause, so that every spell of
 * work can be gone back to the beginning of; others when the cook names them.
 */
@Service
public class RevisionService {
    /** A change after a longer pause than this begins a new spell of work. */
    static final Duration PAUSE = Duration.ofMinutes(10);
    /** Of those kept by themselves only the latest stay; named ones all do. */
    private static final int MOST_UNNAMED = 100;

    private static final Sort LATEST_FIRST = Sort.by("number").descending();

    private final RevisionRepository revisions;
    private final FormulaRepository formulas;
    private final Clock clock;

    RevisionService(RevisionRepository revisions, FormulaRepository formulas, Clock clock) {
        this.revisions = revisions;
        this.formulas = formulas;
        this.clock = clock;
    }

    @Transactional(readOnly = true)
    Page<RevisionSummary> list(UUID formulaId, int page, int size) {
        mustExist(formulaId);
        return revisions.findByFormulaId(formulaId, PageRequest.of(page, size, LATEST_FIRST));
    }

    @Transactional(readOnly = true)
    RevisionEntity get(UUID formulaId, int number) {
        return revisions
                .findByFormulaIdAndNumber(formulaId, number)
                .orElseThrow(() -> new NotFoundException("Revision", number));
    }

    /** Keeps a state under a name. */
    @Transactional
    public RevisionEntity keep(UUID formulaId, String name, WrittenFormula document) {
        formulas.findForChangeById(formulaId).orElseThrow(() -> new NotFoundException("Formula", formulaId));
        return add(formulaId, name, document);
    }

    /** A state that was kept. */
    public record Kept(int number, String name, WrittenFormula document, Instant at) {}

    /** The latest states that were kept, oldest first. */
    @Transactional(readOnly = true)
    public List<Kept> latest(UUID formulaId) {
        mustExist(formulaId);
        var kept = new ArrayList<>(revisions.findTop50ByFormulaIdOrderByNumberDesc(formulaId).stream()
                .map(r -> new Kept(r.getNumber(), r.getName(), r.getDocument(), r.getCreatedAt()))
                .toList());
        Collections.reverse(kept);
        return kept;
    }

    /** Which of the latest kept states is this very document. */
    @Transactional(readOnly = true)
    public Optional<Integer> numberOf(UUID formulaId, WrittenFormula document) {
        return revisions.findTop50ByFormulaIdOrderByNumberDesc(formulaId).stream()
                .filter(revision -> revision.getDocument().equals(document))
                .map(RevisionEntity::getNumber)
                .findFirst();
    }

    /** Gives a kept state another name. */
    @Transactional
    RevisionEntity rename(UUID formulaId, int number, String name) {
        var revision = get(formulaId, number);
        revision.setName(name);
        return revisions.saveAndFlush(revision);
    }

    /** Keeps the state that a formula is about to lose, when a new spell of work begins. */
    @Transactional
    void beforeSaving(FormulaEntity formula, WrittenFormula next) {
        var last = revisions.findFirstByFormulaIdOrderByNumberDesc(formula.getId());
        boolean pause =
                Duration.between(formula.getUpdatedAt(), clock.instant()).compareTo(PAUSE) > 0;
        boolean known =
                last.filter(r -> r.getDocument().equals(formula.getDocument())).isPresent();
        if ((last.isEmpty() || pause) && !known && !next.equals(formula.getDocument())) {
            add(formula.getId(), "", formula.getDocument());
            // The first of those beyond the latest.
            revisions
                    .findByFormulaIdAndName(formula.getId(), "", PageRequest.of(MOST_UNNAMED, 1, LATEST_FIRST))
                    .stream()
                    .findFirst()
                    .ifPresent(old -> revisions.deleteUnnamedUpTo(formula.getId(), old.number()));
        }
    }

    private RevisionEntity add(UUID formulaId, String name, WrittenFormula document) {
        int number = revisions
                        .findFirstByFormulaIdOrderByNumberDesc(formulaId)
                        .map(RevisionEntity::getNumber)
                        .orElse(0)
                + 1;
        return revisions.saveAndFlush(new RevisionEntity(formulaId, number, name, document, clock.instant()));
    }

    private void mustExist(UUID formulaId) {
        if (!formulas.existsById(formulaId)) {
            throw new NotFoundException("Formula", formulaId);
        }
    }
}
