package com.deftchill.server.formula;

import com.deftchill.core.formula.WrittenFormula;
import com.deftchill.core.text.Argument;
import com.deftchill.core.verdict.Problem;
import com.deftchill.server.database.Count;
import com.deftchill.server.database.Like;
import com.deftchill.server.problem.NotFoundException;
import com.deftchill.server.problem.NotUnderstoodException;
import com.deftchill.server.problem.StaleVersionException;
import com.deftchill.server.search.Words;
import java.time.Clock;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.function.UnaryOperator;
import org.springframework.data.domain.PageRequest;
import org.springframework.data.domain.Sort;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Keeps formulas exactly as typed, whether they can be assessed yet or not. */
@Service
public class FormulaService {
    private final FormulaRepository formulas;
    private final RevisionService revisions;
    private final FormulaLog log;
    private final FormulaMakings makings;
    private final Words words;
    private final Clock clock;

    FormulaService(
            FormulaRepository formulas,
            RevisionService revisions,
            FormulaLog log,
            FormulaMakings makings,
            Words words,
            Clock clock) {
        this.formulas = formulas;
        this.revisions = revisions;
        this.log = log;
        this.makings = makings;
        this.words = words;
        this.clock = clock;
    }

    /** What to list: those at hand or those put away, by a part of their names. */
    public record Listing(String search, boolean putAway, Order order, int page, int size) {
        /** In which order. */
        public enum Order {
            CREATED(Sort.by("createdAt", "id")),
            UPDATED(Sort.by("updatedAt").descending().and(Sort.by("id"))),
            NAME(Sort.by("name", "id"));

            private final Sort sort;

            Order(Sort sort) {
                this.sort = sort;
            }
        }
    }

    /** A page of formulas. */
    record Listed(List<FormulaSummary> formulas, Count count) {}

    @Transactional(readOnly = true)
    Listed list(Listing wanted) {
        var page = PageRequest.of(wanted.page(), wanted.size(), wanted.order().sort);
        var found = wanted.putAway()
                ? formulas.findByPutAwayAtIsNotNullAndNameContaining(wanted.search(), page)
                : formulas.findByPutAwayAtIsNullAndNameContaining(wanted.search(), page);
        return new Listed(
                found, Count.of(wanted.page(), wanted.size(), found.size(), most -> count(wanted, (int) most)));
    }

    private long count(Listing wanted, int most) {
        var like = Like.containing(wanted.search());
        return wanted.putAway() ? formulas.countPutAway(like, most) : formulas.countAtHand(like, most);
    }

    /** A formula that uses an entry of the larder. */
    public record Usage(String kind, String entryId, String formula) {}

    /** Where entries of the larder are used, all at once. */
    @Transactional(readOnly = true)
    public List<Usage> usages(List<String> entryIds) {
        return entryIds.isEmpty() ? List.of() : formulas.usages(entryIds);
    }

    @Transactional(readOnly = true)
    public FormulaEntity get(UUID id) {
        return formulas.findById(id).orElseThrow(() -> new NotFoundException("Formula", id));
    }

    /** What is stored under an id that a client chose. */
    @Transactional(readOnly = true)
    public Optional<FormulaEntity> find(UUID id) {
        return formulas.findById(id);
    }

    @Transactional
    public FormulaEntity create(UUID id, WrittenFormula document) {
        storable(document);
        var formula = formulas.saveAndFlush(new FormulaEntity(id, document, clock.instant()));
        words.keep(Words.Of.NAME_OF_FORMULA, id, formula.getName());
        return formula;
    }

    /**
     * Stores a new state of a formula.
     *
     * @throws StaleVersionException when the stored version is not the one that the change was made on
     */
    @Transactional
    public FormulaEntity save(UUID id, long version, WrittenFormula document) {
        storable(document);
        var formula = forChange(id, version);
        revisions.beforeSaving(formula, document);
        var before = formula.getName();
        formula.write(document, clock.instant());
        var saved = formulas.saveAndFlush(formula);
        if (!saved.getName().equals(before)) {
            words.keep(Words.Of.NAME_OF_FORMULA, id, saved.getName());
        }
        return saved;
    }

    /**
     * Changes a formula as it is in store.
     *
     * @param version that it must have; empty for any
     */
    @Transactional
    public FormulaEntity change(UUID id, Optional<Long> version, UnaryOperator<WrittenFormula> change) {
        var formula = formulas.findForChangeById(id).orElseThrow(() -> new NotFoundException("Formula", id));
        return save(id, version.orElse(formula.getVersion()), change.apply(formula.getDocument()));
    }

    private FormulaEntity forChange(UUID id, long version) {
        var formula = formulas.findForChangeById(id).orElseThrow(() -> new NotFoundException("Formula", id));
        if (formula.getVersion() != version) {
            throw new StaleVersionException(formula.getVersion());
        }
        return formula;
    }

    /** Whatever cannot be understood yet is stored as typed, but not what a newer version wrote: parts of it would be lost. */
    private static void storable(WrittenFormula document) {
        if (document.schema() != WrittenFormula.SCHEMA) {
            throw new NotUnderstoodException(List.of(Problem.of(
                    "schema-unknown",
                    "/schema",
                    "Schema",
                    Integer.toString(document.schema()),
                    Problem.rule("schema-unstored")
                            .with("oldest", Argument.figure(WrittenFormula.OLDEST_SCHEMA, 0))
                            .with("newest", Argument.figure(WrittenFormula.SCHEMA, 0)))));
        }
    }

    /**
     * Deletes a formula of which nothing was made; one with a log is put away instead, since what was made outlives it.
     *
     * @return whether it was put away
     */
    @Transactional
    public boolean delete(UUID id, long version) {
        var formula = forChange(id, version);
        boolean made = log.hasBatches(id) || makings.wasBegun(id);
        if (made) {
            formula.putAway(clock.instant());
            formulas.saveAndFlush(formula);
        } else {
            formulas.delete(formula);
            formulas.flush();
        }
        return made;
    }

    /** Brings back what was put away. */
    @Transactional
    public FormulaEntity bringBack(UUID id, long version) {
        var formula = forChange(id, version);
        formula.putAway(null);
        return formulas.saveAndFlush(formula);
    }
}
