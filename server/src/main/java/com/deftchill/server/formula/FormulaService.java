package com.deftchill.server.formula;

import com.deftchill.core.formula.WrittenFormula;
import com.deftchill.core.verdict.Problem;
import com.deftchill.server.problem.NotFoundException;
import com.deftchill.server.problem.NotUnderstoodException;
import com.deftchill.server.problem.StaleVersionException;
import java.time.Clock;
import java.util.List;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Keeps formulas exactly as typed, whether they can be assessed yet or not. */
@Service
public class FormulaService {
    private final FormulaRepository formulas;
    private final RevisionService revisions;
    private final Clock clock;

    FormulaService(FormulaRepository formulas, RevisionService revisions, Clock clock) {
        this.formulas = formulas;
        this.revisions = revisions;
        this.clock = clock;
    }

    @Transactional(readOnly = true)
    public List<FormulaEntity> list() {
        return formulas.findAllByOrderByCreatedAt();
    }

    /** Names of the formulas that use an entry of the larder: ingredient, gel, mould or cooler. */
    @Transactional(readOnly = true)
    public List<String> using(String kind, String id) {
        return list().stream()
                .filter(formula -> uses(formula.getDocument(), kind, id))
                .map(FormulaEntity::getName)
                .toList();
    }

    private static boolean uses(WrittenFormula document, String kind, String id) {
        return switch (kind) {
            case "ingredient" ->
                document.components().stream()
                        .flatMap(c -> c.lines().stream())
                        .anyMatch(line -> line.ingredient().equals(id));
            case "gel" ->
                document.components().stream().anyMatch(c -> c.gel().product().equals(id));
            case "mould" -> document.mould().mould().equals(id);
            case "cooler" -> document.cooler().cooler().equals(id);
            default -> false;
        };
    }

    @Transactional(readOnly = true)
    public FormulaEntity get(UUID id) {
        return formulas.findById(id).orElseThrow(() -> new NotFoundException("Formula", id));
    }

    @Transactional
    public FormulaEntity create(WrittenFormula document) {
        storable(document);
        return formulas.saveAndFlush(new FormulaEntity(UUID.randomUUID(), document, clock.instant()));
    }

    /**
     * Stores a new state of a formula.
     *
     * @throws StaleVersionException when the stored version is not the one that the change was made on
     */
    @Transactional
    public FormulaEntity save(UUID id, long version, WrittenFormula document) {
        storable(document);
        var formula = forChange(id);
        if (formula.getVersion() != version) {
            throw new StaleVersionException(formula.getVersion());
        }
        revisions.beforeSaving(formula, document);
        formula.write(document, clock.instant());
        return formulas.saveAndFlush(formula);
    }

    private FormulaEntity forChange(UUID id) {
        return formulas.findForChangeById(id).orElseThrow(() -> new NotFoundException("Formula", id));
    }

    /** Whatever cannot be understood yet is stored as typed, but not what a newer version wrote: parts of it would be lost. */
    private static void storable(WrittenFormula document) {
        if (document.schema() != WrittenFormula.SCHEMA) {
            throw new NotUnderstoodException(List.of(Problem.of(
                    "schema-unknown",
                    "/schema",
                    "Schema",
                    Integer.toString(document.schema()),
                    "must be " + WrittenFormula.OLDEST_SCHEMA + " or " + WrittenFormula.SCHEMA)));
        }
    }

    @Transactional
    public void delete(UUID id, long version) {
        var formula = forChange(id);
        if (formula.getVersion() != version) {
            throw new StaleVersionException(formula.getVersion());
        }
        formulas.delete(formula);
    }
}
