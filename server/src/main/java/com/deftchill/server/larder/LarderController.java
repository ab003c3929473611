package com.deftchill.server.larder;

import com.deftchill.core.larder.Larder;
import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.tags.Tag;
import java.util.List;
import java.util.Locale;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** What a formula can name. */
@RestController
@RequestMapping("/api/larder")
@Tag(name = "Larder")
class LarderController {
    private final Larder larder;

    LarderController(Larder larder) {
        this.larder = larder;
    }

    /** An ingredient to choose. */
    record IngredientChoice(String id, String name, String group) {}

    /** A gelatin to choose; sheetG is 0 for powder. */
    record GelatinChoice(String id, String name, double bloom, String form, double sheetG) {}

    /** A mould to choose. */
    record MouldChoice(String id, String name, double brimMl, String release) {}

    /** A cooler to choose; air is its usual temperature. */
    record CoolerChoice(String id, String name, double airC) {}

    /** Everything, in the order of the data files. */
    record LarderChoices(
            List<IngredientChoice> ingredients,
            List<GelatinChoice> gelatins,
            List<MouldChoice> moulds,
            List<CoolerChoice> coolers) {}

    @GetMapping
    @Operation(operationId = "getLarder", summary = "List ingredients, gelatins, moulds and coolers")
    LarderChoices get() {
        return new LarderChoices(
                larder.ingredients().stream()
                        .map(i -> new IngredientChoice(i.id(), i.name(), i.group()))
                        .toList(),
                larder.gelatins().stream()
                        .map(g -> new GelatinChoice(g.id(), g.name(), g.bloom(), lower(g.form()), g.sheetG()))
                        .toList(),
                larder.moulds().stream()
                        .map(m -> new MouldChoice(
                                m.id(), m.name(), m.vessel().profile().brimMl(), lower(m.release())))
                        .toList(),
                larder.coolers().stream()
                        .map(c -> new CoolerChoice(c.id(), c.name(), c.airC()))
                        .toList());
    }

    private static String lower(Enum<?> value) {
        return value.name().toLowerCase(Locale.ROOT);
    }
}
