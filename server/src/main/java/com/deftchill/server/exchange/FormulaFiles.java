package com.deftchill.server.exchange;

import com.deftchill.core.formula.LarderUse;
import com.deftchill.core.formula.WrittenFormula;
import com.deftchill.core.larder.Larder;
import com.deftchill.core.larder.OwnEntries;
import com.deftchill.core.larder.OwnEntry;
import com.deftchill.server.formula.FormulaEntity;
import com.deftchill.server.formula.FormulaService;
import com.deftchill.server.problem.NotUnderstoodException;
import com.deftchill.server.workplace.OwnLarderService;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** Formulas out to files and in from them. */
@Service
class FormulaFiles {
    private final FormulaService formulas;
    private final OwnLarderService own;
    private final DocumentSchemas schemas;
    private final Larder shipped;
    private final JsonMapper json;

    FormulaFiles(
            FormulaService formulas, OwnLarderService own, DocumentSchemas schemas, Larder shipped, JsonMapper json) {
        this.formulas = formulas;
        this.own = own;
        this.schemas = schemas;
        this.shipped = shipped;
        this.json = json;
    }

    /** A formula with every own entry of the larder that it uses: whole by itself in another kitchen. */
    @Transactional(readOnly = true)
    WrittenFormula export(UUID id) {
        var document = formulas.get(id).getDocument();
        var entries = new ArrayList<>(document.own());
        LarderUse.of(document).forEach(use -> add(entries, use.kind(), use.id()));
        return document.withOwn(entries);
    }

    private void add(List<OwnEntry> entries, String kind, String id) {
        boolean there = entries.stream()
                .anyMatch(entry -> entry.kind().equals(kind) && entry.id().equals(id));
        if (!there) {
            own.find(kind, id).ifPresent(entries::add);
        }
    }

    /**
     * Stores a formula from a file, and the own entries it brings: all of it, or nothing. An entry that the kitchen has
     * otherwise stays in the formula, which goes by it; the kitchen's own is not touched.
     *
     * @throws NotUnderstoodException with path, value and rule of everything at fault
     */
    @Transactional
    FormulaEntity take(UUID id, JsonNode file) {
        var problems = schemas.problems(file);
        if (!problems.isEmpty()) {
            throw new NotUnderstoodException(problems);
        }
        var document = json.treeToValue(file, WrittenFormula.class);
        var reading = OwnEntries.read(document.own(), "/own", shipped);
        if (!reading.problems().isEmpty()) {
            throw new NotUnderstoodException(reading.problems());
        }
        var staying = new ArrayList<OwnEntry>();
        for (var entry : document.own()) {
            var present = own.find(entry.kind(), entry.id());
            if (present.isEmpty()) {
                own.insert(entry);
            } else if (!present.get().equals(entry)) {
                staying.add(entry);
            }
        }
        return formulas.create(id, document.withOwn(staying));
    }
}
