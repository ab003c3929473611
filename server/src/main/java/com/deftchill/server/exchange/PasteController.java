package com.deftchill.server.exchange;

import com.deftchill.core.amount.Measures;
import com.deftchill.core.paste.PastedLine;
import com.deftchill.core.paste.PastedList;
import com.deftchill.server.workplace.Asked;
import com.deftchill.server.workplace.Computing;
import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.tags.Tag;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Plain lists of ingredients. */
@RestController
@RequestMapping("/api/pasted-lists")
@Tag(name = "Files")
class PasteController {
    private final Computing computing;

    PasteController(Computing computing) {
        this.computing = computing;
    }

    /** A list as pasted, and whose spoons and cups it is in. */
    record PastedText(
            @NotNull(message = "is missing: the list")
            @Size(max = 20_000, message = "must have at most 20000 characters")
            String text,

            @NotNull(message = "is missing: metric, us, uk, au or empty")
            String measures) {}

    @PostMapping
    @Operation(
            operationId = "readPastedList",
            summary = "Understand a plain list of ingredients line by line",
            description = "Every line comes back; what was not understood is kept and marked. Stores nothing.")
    List<PastedLine> read(@Valid @RequestBody PastedText pasted, Asked asked) {
        var measures = Measures.of(pasted.measures()).orElse(Measures.UNKNOWN);
        return computing.light(
                asked, (assessor, workplace) -> PastedList.read(pasted.text(), workplace.larder(), measures));
    }
}
