package com.deftchill.server.formula;

import com.deftchill.core.formula.WrittenFormula;
import com.deftchill.server.problem.NotFoundException;
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
    private final Clock clock;

    FormulaService(FormulaRepository formulas, Clock clock) {
        this.formulas = formulas;
        this.clock = clock;
    }

    @Transactional(readOnly = true)
    public List<FormulaEntity> list() {
        return formulas.findAllByOrderByCreatedAt();
    }

    @Transactional(readOnly = true)
    public FormulaEntity get(UUID id) {
        return formulas.findById(id).orElseThrow(() -> new NotFoundException("Formula", id));
    }

    @Transactional
    public FormulaEntity create(WrittenFormula document) {
        return formulas.saveAndFlush(new FormulaEntity(UUID.randomUUID(), document, clock.instant()));
    }

    /**
     * Stores a new state of a formula.
     *
     * @throws StaleVersionException when the stored version is not the one that the change was made on
     */
    @Transactional
    public FormulaEntity save(UUID id, long version, WrittenFormula document) {
        var formula = get(id);
        if (formula.getVersion() != version) {
            throw new StaleVersionException(formula.getVersion());
        }
        formula.write(document, clock.instant());
        return formulas.saveAndFlush(formula);
    }

    @Transactional
    public void delete(UUID id, long version) {
        var formula = get(id);
        if (formula.getVersion() != version) {
            throw new StaleVersionException(formula.getVersion());
        }
        formulas.delete(formula);
    }
}
