package com.deftchill.server.moved;

import com.deftchill.core.alternative.Moved;
import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.tags.Tag;
import java.util.UUID;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Told once, at the first opening after the models were changed. */
@RestController
@RequestMapping("/api/formulas/{formulaId}/opened")
@Tag(name = "Formulas")
class MovedController {
    private final MovedService moved;

    MovedController(MovedService moved) {
        this.moved = moved;
    }

    @PostMapping
    @Operation(
            operationId = "opened",
            summary = "What newer models say of a formula that those of its last opening said otherwise",
            description = "Empty where nothing has moved. seen=true: the cook has read it; it is not told again.")
    Moved opened(@PathVariable UUID formulaId, @RequestParam(defaultValue = "false") boolean seen) {
        return moved.opened(formulaId, seen);
    }
}
