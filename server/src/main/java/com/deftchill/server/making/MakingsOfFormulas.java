package com.deftchill.server.making;

import com.deftchill.server.formula.FormulaMakings;
import java.util.UUID;
import org.springframework.stereotype.Component;

@Component
class MakingsOfFormulas implements FormulaMakings {
    private final MakingRepository makings;

    MakingsOfFormulas(MakingRepository makings) {
        this.makings = makings;
    }

    @Override
    public boolean wasBegun(UUID formulaId) {
        return makings.existsByFormulaId(formulaId);
    }
}
