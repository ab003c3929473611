package com.deftchill.core.larder;

import com.deftchill.core.amount.Typed;
import com.deftchill.core.amount.UnreadableException;
import com.deftchill.core.composition.Composition;
import com.deftchill.core.composition.Constituent;
import com.deftchill.core.cook.Soaking;
import com.deftchill.core.larder.Ingredient.Protease;
import com.deftchill.core.larder.Ingredient.Tint;
import com.deftchill.core.larder.Ingredient.Trait;
import com.deftchill.core.text.Argument;
import com.deftchill.core.text.Message;
import com.deftchill.core.text.Notation;
import com.deftchill.core.verdict.Problem;
import com.deftchill.core.vessel.Profile;
import com.deftchill.core.vessel.Symmetry;
import com.deftchill.core.vessel.Vessel;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.EnumMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;

/** Understands what a kitchen adds to its larder, or says everything that stands in the way. */
public final class OwnEntries {
    private static final int LONGEST_NAME = 80;
    private static final String OWN = "own entry of the kitchen";
    /** How far the shares of an ingredient may be from 100 % through rounding on a label. */
    private static final double SUM_TOLERANCE_PERCENT = 0.01;
    /** Mammalian and fish gelatin, °C: handbook 2 [E]. */
    private static final double MAMMAL_MAX_MELT_C = 33;

    private static final double FISH_MAX_MELT_C = 26.5;
    private static final double GELATIN_SPOON = 3.1 / 4.92892159375;

    private final Larder larder;
    private final String at;
    private final OwnEntry entry;
    private final List<Problem> problems = new ArrayList<>();
    private final List<Ingredient> ingredients = new ArrayList<>();
    private final List<GelProduct> gels = new ArrayList<>();
    private final List<Mould> moulds = new ArrayList<>();
    private final List<Cooler> coolers = new ArrayList<>();

    private OwnEntries(Larder larder, String at, OwnEntry entry) {
        this.larder = larder;
        this.at = at;
        this.entry = entry;
    }

    /** What came of reading: items, or problems; a path begins with the entry's own. */
    public record Reading(OwnItems items, List<Problem> problems) {}

    /**
     * Reads entries.
     *
     * @param path JSON pointer to the list that they stand in, such as /own
     * @param larder whose allergens they name
     */
    public static Reading read(List<OwnEntry> entries, String path, Larder larder) {
        var problems = new ArrayList<Problem>();
        var all = new OwnEntries(larder, path, null);
        for (int i = 0; i < entries.size(); i++) {
            var reader = new OwnEntries(larder, path + "/" + i, entries.get(i));
            reader.readOne();
            problems.addAll(reader.problems);
            all.ingredients.addAll(reader.ingredients);
            all.gels.addAll(reader.gels);
            all.moulds.addAll(reader.moulds);
            all.coolers.addAll(reader.coolers);
        }
        return new Reading(new OwnItems(all.ingredients, all.gels, all.moulds, all.coolers), List.copyOf(problems));
    }

    private void readOne() {
        var kind = OwnKind.of(entry.kind());
        if (kind.isEmpty()) {
            report("/kind", "Kind", entry.kind(), Problem.rule("own.kind"));
            return;
        }
        if (!entry.id().matches("[a-z0-9-]{1,60}")) {
            report("/id", "Id", entry.id(), Problem.rule("own.id"));
        }
        var known = kind.get().fields().stream().map(OwnField::key).collect(Collectors.toSet());
        entry.fields().keySet().stream().filter(key -> !known.contains(key)).forEach(key -> {
            report(
                    "/fields/" + key,
                    key,
                    entry.text(key),
                    Problem.rule("own.no-field").with("kind", entry.kind()));
        });
        var name = entry.text("name").strip();
        if (name.isEmpty() || name.length() > LONGEST_NAME) {
            report(
                    "/fields/name",
                    "Name",
                    name,
                    Problem.rule("characters-from-one").with("most", Argument.figure(LONGEST_NAME, 0)));
        }
        switch (kind.get()) {
            case INGREDIENT -> ingredient(kind.get(), name);
            case GEL -> gel(kind.get(), name);
            case MOULD -> mould(kind.get(), name);
            case COOLER -> cooler(kind.get(), name);
        }
    }

    private void ingredient(OwnKind kind, String name) {
        var percent = new EnumMap<Constituent, Double>(Constituent.class);
        double sum = 0;
        for (var column : LarderFiles.COLUMNS.entrySet()) {
            boolean rest =
                    column.getKey() == Constituent.WATER && entry.text("water").isBlank();
            double value = rest ? 0 : number(kind, column.getValue());
            percent.put(column.getKey(), value);
            sum += value;
        }
        if (entry.text("water").isBlank()) {
            percent.put(Constituent.WATER, 100 - sum);
            sum = Math.max(sum, 100);
        }
        checkSum(sum);
        double ph = number(kind, "ph");
        double buffer = number(kind, "buffer");
        double bulk = number(kind, "bulk");
        double soaks = number(kind, "soaks");
        double soakSeconds = number(kind, "soakSeconds");
        var soaking =
                soaks > 0 && soakSeconds > 0 ? Optional.of(new Soaking(soaks, soakSeconds)) : Optional.<Soaking>empty();
        double curdCold = number(kind, "curdCold");
        double curdWarm = number(kind, "curdWarm");
        var curd = curdCold >= curdWarm && curdWarm > 0
                ? Optional.of(new Curd(curdCold, curdWarm))
                : Optional.<Curd>empty();
        var group = choice(kind, "group");
        var labelling = new Ingredient.Labelling(
                allergens("allergens"),
                allergens("mayContain"),
                Diet.valueOf(upper(choice(kind, "diet"))),
                group.equals("egg") ? Set.of(Trait.EGG) : Set.of());
        var protease = Protease.valueOf(upper(choice(kind, "enzyme")));
        var tint = Tint.valueOf(upper(choice(kind, "tint")));
        if (problems.isEmpty()) {
            percent.replaceAll((constituent, value) -> value / 100);
            ingredients.add(new Ingredient(
                    entry.id(),
                    name,
                    group,
                    Composition.of(percent),
                    ph,
                    buffer,
                    protease,
                    tint,
                    new Ingredient.Spooned(bulk, Map.of(), soaking, curd),
                    labelling,
                    OWN));
        }
    }

    private void checkSum(double sum) {
        if (Math.abs(sum - 100) <= SUM_TOLERANCE_PERCENT) {
            return;
        }
        var rule = Problem.rule("own.composition")
                .with("side", Argument.either(sum < 100, "missing", "too-much"))
                .with("by", Argument.figure(Math.abs(sum - 100), 2));
        report("/fields/water", "Composition", Notation.write(sum, 2) + " %", rule);
    }

    private List<String> allergens(String key) {
        var text = entry.text(key).strip();
        var ids = text.isEmpty() || text.equals("none")
                ? List.<String>of()
                : Arrays.asList(text.toLowerCase(Locale.ROOT).split("[\\s,;]+"));
        var known = larder.allergens().stream().map(Allergen::id).collect(Collectors.toSet());
        if (!known.containsAll(ids)) {
            report(
                    "/fields/" + key,
                    "Allergens",
                    text,
                    Problem.rule("own.must-be-of")
                            .with(
                                    "choices",
                                    Argument.names(known.stream().sorted().toList())));
        }
        return ids;
    }

    private void gel(OwnKind kind, String name) {
        double bloom = number(kind, "bloom");
        var form = GelProduct.Form.valueOf(upper(choice(kind, "form")));
        double sheet = number(kind, "sheet");
        double packet = number(kind, "packet");
        var origin = choice(kind, "origin");
        if (form == GelProduct.Form.SHEET && !(sheet > 0)) {
            report("/fields/sheet", "One sheet", entry.text("sheet"), Problem.rule("own.sheet"));
        }
        boolean fish = origin.equals("fish");
        var lot = entry.text("lot").strip();
        var called = lot.isEmpty() ? name : name + ", lot " + lot;
        if (problems.isEmpty()) {
            gels.add(new GelProduct(
                    entry.id(),
                    called,
                    GelProduct.Agent.GELATIN,
                    bloom,
                    form,
                    sheet,
                    packet,
                    new GelProduct.Heat(fish ? FISH_MAX_MELT_C : MAMMAL_MAX_MELT_C, 0, 0, 0),
                    GELATIN_SPOON,
                    origin,
                    fish ? List.of("fish") : List.of(),
                    Diet.NOT,
                    OWN));
        }
    }

    private void mould(OwnKind kind, String name) {
        double bottom = number(kind, "bottom");
        double top = number(kind, "top");
        double height = number(kind, "height");
        double length = number(kind, "length");
        double wall = number(kind, "wall");
        double base = number(kind, "base");
        var material = LarderFiles.wallMaterials().get(choice(kind, "material"));
        var release = Mould.Release.valueOf(upper(choice(kind, "release")));
        if (problems.isEmpty()) {
            var profile = new Profile(
                    length > 0 ? Symmetry.LONG : Symmetry.ROUND,
                    length,
                    new double[] {bottom / 2, top / 2},
                    new double[] {0, height});
            moulds.add(new Mould(entry.id(), name, new Vessel(profile, material, wall, base), release, OWN));
        }
    }

    private void cooler(OwnKind kind, String name) {
        double air = number(kind, "air");
        double h = number(kind, "h");
        double hBase = number(kind, "hBase");
        double power = number(kind, "power");
        double contents = number(kind, "contents");
        if (problems.isEmpty()) {
            coolers.add(new Cooler(entry.id(), name, air, h, hBase, power, contents, 0, OWN));
        }
    }

    private double number(OwnKind kind, String key) {
        var field = field(kind, key);
        var text = entry.text(key).isBlank() ? field.standard() : entry.text(key);
        try {
            return Typed.number(text, field.least(), field.most(), field.unit());
        } catch (UnreadableException e) {
            report("/fields/" + key, field.label(), entry.text(key), e.rule());
            return Double.NaN;
        }
    }

    private String choice(OwnKind kind, String key) {
        var field = field(kind, key);
        var text =
                entry.text(key).isBlank() ? field.standard() : entry.text(key).strip();
        if (field.choices().contains(text)) {
            return text;
        }
        report(
                "/fields/" + key,
                field.label(),
                text,
                Problem.rule("own.one-of").with("choices", Argument.names(field.choices())));
        return field.standard();
    }

    private static OwnField field(OwnKind kind, String key) {
        return kind.fields().stream()
                .filter(f -> f.key().equals(key))
                .findFirst()
                .orElseThrow();
    }

    private static String upper(String text) {
        return text.toUpperCase(Locale.ROOT);
    }

    private void report(String path, String field, String value, Message rule) {
        problems.add(Problem.of("own-entry-invalid", at + path, field, value, rule));
    }
}
