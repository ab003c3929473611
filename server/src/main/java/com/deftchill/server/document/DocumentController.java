package com.deftchill.server.document;

import com.deftchill.core.formula.WrittenFormula;
import com.deftchill.server.workplace.KitchenService;
import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.tags.Tag;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import tools.jackson.databind.json.JsonMapper;

/** Documents as of today's version; nothing is stored. */
@RestController
@RequestMapping("/api/documents")
@Tag(name = "Documents")
class DocumentController {
    private final KitchenService kitchens;
    private final JsonMapper json;

    DocumentController(KitchenService kitchens, JsonMapper json) {
        this.kitchens = kitchens;
        this.json = json;
    }

    @GetMapping("/starts")
    @Operation(operationId = "starts", summary = "What a dessert and each kind of component begin with")
    Starts starts() {
        return Starts.of(kitchens.workplace().kitchen(), json);
    }

    @PostMapping("/lifted")
    @Operation(
            operationId = "lift",
            summary = "A document of any version as it is written today",
            description = "For drafts that a browser kept. Stores nothing.")
    WrittenFormula lift(@RequestBody WrittenFormula document) {
        return document;
    }
}
