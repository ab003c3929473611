package com.deftchill.server.larder;

import com.deftchill.core.batch.Kind;
import com.deftchill.core.larder.Cooler;
import com.deftchill.core.larder.GelProduct;
import com.deftchill.core.larder.Ingredient;
import com.deftchill.core.larder.Larder;
import com.deftchill.core.larder.LarderFiles;
import com.deftchill.core.larder.Mould;
import com.deftchill.core.larder.OwnEntry;
import com.deftchill.core.larder.OwnKind;
import com.deftchill.core.paste.OtherNames;
import com.deftchill.server.formula.FormulaService;
import com.deftchill.server.larder.LarderView.AllergenView;
import com.deftchill.server.larder.LarderView.ComponentKindView;
import com.deftchill.server.larder.LarderView.CoolerView;
import com.deftchill.server.larder.LarderView.GelView;
import com.deftchill.server.larder.LarderView.IngredientView;
import com.deftchill.server.larder.LarderView.MouldView;
import com.deftchill.server.larder.LarderView.OwnKindView;
import com.deftchill.server.larder.LarderView.ProfilePoint;
import com.deftchill.server.larder.LarderView.ShareView;
import com.deftchill.server.workplace.KitchenService;
import com.deftchill.server.workplace.OwnLarderService;
import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.media.Schema;
import io.swagger.v3.oas.annotations.tags.Tag;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import java.math.BigDecimal;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** What a formula can name, and what the kitchen added to it. */
@RestController
@RequestMapping("/api/larder")
@Tag(name = "Larder")
class LarderController {
    /** So many formulas are named that use an entry; of more it is said how many. */
    private static final int MOST_NAMED = 12;

    private final Larder shipped;
    private final KitchenService kitchen;
    private final OwnLarderService own;
    private final FormulaService formulas;

    LarderController(Larder shipped, KitchenService kitchen, OwnLarderService own, FormulaService formulas) {
        this.shipped = shipped;
        this.kitchen = kitchen;
        this.own = own;
        this.formulas = formulas;
    }

    /** An own entry, the names of the first formulas that use it, and how many do. */
    record OwnEntryView(UUID key, long version, OwnEntry entry, List<String> usedBy, int uses) {}

    /** A new own entry. */
    record AddOwnEntry(
            @NotNull(message = "is missing: ingredient, gel, mould or cooler")
            String kind,

            @NotNull(message = "are missing") Map<String, String> fields) {}

    /** New fields of an own entry, made on a version. */
    record SaveOwnEntry(
            long version, @NotNull(message = "are missing") Map<String, String> fields) {}

    @GetMapping
    @Operation(operationId = "getLarder", summary = "List ingredients, gelling agents, moulds and coolers")
    LarderView get() {
        var larder = kitchen.workplace().larder();
        return new LarderView(
                larder.ingredients().stream().map(this::view).toList(),
                larder.gels().stream().map(this::view).toList(),
                larder.moulds().stream().map(this::view).toList(),
                larder.coolers().stream().map(this::view).toList(),
                larder.allergens().stream()
                        .map(a -> new AllergenView(a.id(), a.name(), a.eu(), a.us()))
                        .toList(),
                Arrays.stream(OwnKind.values())
                        .map(kind -> new OwnKindView(kind.id(), kind.label(), kind.fields()))
                        .toList(),
                Arrays.stream(Kind.values()).map(LarderController::view).toList(),
                ShortLists.ALL);
    }

    private static ComponentKindView view(Kind kind) {
        var gel = kind.needsGel() ? "always" : kind.mayGel() ? "may" : "never";
        return new ComponentKindView(kind.id(), kind.words(), gel, !kind.isSolid(), kind.asks());
    }

    @GetMapping("/own")
    @Operation(operationId = "listOwnEntries", summary = "List what the kitchen added, and where it is used")
    List<OwnEntryView> listOwn() {
        return views(own.list());
    }

    @PostMapping("/own")
    @ResponseStatus(HttpStatus.CREATED)
    @Operation(
            operationId = "addOwnEntry",
            summary = "Add to the larder",
            description = "422 names every field at fault.")
    OwnEntryView add(@Valid @RequestBody AddOwnEntry add) {
        return view(own.add(new OwnEntry(add.kind(), "", add.fields())));
    }

    /** What an entry would be; only that of its kind is there. */
    record OwnPreview(
            @Schema(nullable = true) LarderView.MouldView mould,
            @Schema(nullable = true) IngredientView ingredient) {}

    @PostMapping("/own/preview")
    @Operation(
            operationId = "previewOwnEntry",
            summary = "Look at an entry before it is kept",
            description = "Stores nothing. 422 names every field at fault.")
    OwnPreview preview(@Valid @RequestBody AddOwnEntry add) {
        var items = own.preview(new OwnEntry(add.kind(), "own-preview", add.fields()));
        return new OwnPreview(
                items.moulds().stream().map(this::view).findFirst().orElse(null),
                items.ingredients().stream().map(this::view).findFirst().orElse(null));
    }

    @PutMapping("/own/{key}")
    @Operation(operationId = "saveOwnEntry", summary = "Change what the kitchen added")
    OwnEntryView save(@PathVariable UUID key, @Valid @RequestBody SaveOwnEntry save) {
        return view(own.save(key, save.version(), save.fields()));
    }

    @DeleteMapping("/own/{key}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    @Operation(
            operationId = "deleteOwnEntry",
            summary = "Take out of the larder what the kitchen added",
            description = "Formulas that use it say that it is unknown.")
    void delete(@PathVariable UUID key, @RequestParam long version) {
        own.delete(key, version);
    }

    private OwnEntryView view(OwnLarderService.Stored stored) {
        return views(List.of(stored)).get(0);
    }

    private List<OwnEntryView> views(List<OwnLarderService.Stored> stored) {
        var usages = formulas
                .usages(stored.stream().map(s -> s.entry().id()).distinct().toList())
                .stream()
                .collect(Collectors.groupingBy(
                        usage -> usage.kind() + "/" + usage.entryId(),
                        Collectors.mapping(FormulaService.Usage::formula, Collectors.toList())));
        return stored.stream()
                .map(s -> {
                    var names = usages.getOrDefault(
                            s.entry().kind() + "/" + s.entry().id(), List.of());
                    var first = names.stream().limit(MOST_NAMED).toList();
                    return new OwnEntryView(s.key(), s.version(), s.entry(), first, names.size());
                })
                .toList();
    }

    private IngredientView view(Ingredient i) {
        var shares = LarderFiles.COLUMNS.entrySet().stream()
                .map(column -> new ShareView(
                        column.getValue(),
                        column.getKey().words(),
                        100 * i.composition().share(column.getKey())))
                .filter(share -> share.percent() > 0)
                .toList();
        return new IngredientView(
                i.id(),
                i.name(),
                OtherNames.of(i.id()),
                i.group(),
                shares,
                i.ph(),
                i.buffer(),
                lower(i.protease()),
                i.subject().gramsPerMl(),
                i.spooned().pieces().entrySet().stream()
                        .sorted(Map.Entry.comparingByKey())
                        .map(piece -> "1 " + piece.getKey() + " = " + plain(piece.getValue()) + " g")
                        .toList(),
                i.labelling().allergens(),
                i.labelling().mayContain(),
                lower(i.labelling().diet()),
                i.labelling().traits().stream()
                        .map(LarderController::lower)
                        .sorted()
                        .toList(),
                i.curdles(),
                i.source(),
                shipped.ingredient(i.id()).isEmpty());
    }

    private GelView view(GelProduct g) {
        return new GelView(
                g.id(),
                g.name(),
                g.agent().words(),
                g.bloom(),
                lower(g.form()),
                g.sheetG(),
                g.packetG(),
                g.heat().setsC(),
                g.isGelatin() ? g.heat().maxMeltC() : g.heat().meltsC(),
                g.heat().likeGelatin(),
                g.origin(),
                g.allergens(),
                lower(g.diet()),
                g.source(),
                shipped.gel(g.id()).isEmpty());
    }

    private MouldView view(Mould m) {
        var profile = m.vessel().profile();
        return new MouldView(
                m.id(),
                m.name(),
                profile.brimMl(),
                profile.brimMm(),
                lower(profile.symmetry()),
                IntStream.range(0, profile.points())
                        .mapToObj(i -> new ProfilePoint(profile.halfWidthMm(i), profile.heightMm(i)))
                        .toList(),
                m.vessel().material().name(),
                m.vessel().wallMm(),
                m.vessel().baseMm(),
                lower(m.release()),
                m.source(),
                shipped.mould(m.id()).isEmpty());
    }

    private CoolerView view(Cooler c) {
        return new CoolerView(
                c.id(),
                c.name(),
                c.airC(),
                c.h(),
                c.hBase(),
                c.powerW(),
                c.contentsKj(),
                c.source(),
                shipped.cooler(c.id()).isEmpty());
    }

    private static String plain(double value) {
        return BigDecimal.valueOf(value).stripTrailingZeros().toPlainString();
    }

    private static String lower(Enum<?> value) {
        return value.name().toLowerCase(Locale.ROOT).replace('_', '-');
    }
}
