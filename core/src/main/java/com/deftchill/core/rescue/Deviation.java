package com.deftchill.core.rescue;

import com.deftchill.core.batch.Component;
import com.deftchill.core.batch.Emulsion;
import com.deftchill.core.batch.Foaming;
import com.deftchill.core.batch.Share;
import com.deftchill.core.dessert.Dessert;
import com.deftchill.core.dessert.Portrait;
import com.deftchill.core.foam.FoldSchool;
import com.deftchill.core.foam.Whip;
import com.deftchill.core.judge.layers.LayerVerdicts;
import com.deftchill.core.larder.GelProduct;
import com.deftchill.core.larder.Ingredient.Protease;
import com.deftchill.core.larder.OwnItems;
import com.deftchill.core.text.Notation;
import com.deftchill.core.verdict.Fix.Change;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.Predicate;

/** What a cause does to a batch, with a size whose meaning each tells. */
public enum Deviation {
    /** No model knows it. */
    NONE,
    /** The gelatin is so many times as strong as its packet says. */
    STRENGTH,
    /** So many times as much of the gelling agent. */
    GEL_WEIGHT,
    /** So many times as much of its largest liquid. */
    LIQUID_WEIGHT,
    /** So many times as much of its fat. */
    FAT_WEIGHT,
    /** So many times as much chocolate. */
    CHOCOLATE_WEIGHT,
    /** Boiled for so many minutes with the gelatin in it. */
    BOIL,
    /** Its fruit never got hot. */
    RAW,
    /** The cooler's air so many kelvin warmer. */
    AIR,
    /** The cooler's air at so many °C. */
    AIR_AT,
    /** Opened so many times an hour. */
    DOORS,
    /** Folded with the base so many kelvin warmer. */
    BASE,
    /** Its cream whipped at so many °C. */
    FOAM_AT,
    /** Its cream has such a share of fat. */
    CREAM_FAT,
    /** Whipped to a stage: 0 ribbon, 1 soft. */
    WHIP,
    /** Beaten in instead of folded. */
    FOLD_WAY,
    /** Poured so many kelvin warmer. */
    POUR,
    /** Poured after such a share of the wait that it wants. */
    POUR_EARLY,
    /** Poured so many minutes after its surface no longer bonds. */
    POUR_LATE,
    /** Dipped so many times as long as is right. */
    DIP,
    /** Dipped so many times as long into its soak. */
    SOAK,
    /** Heated so many kelvin further. */
    HEAT,
    /** Heated to so many °C. */
    HEAT_AT;

    private static final double WATER_BOILS_C = 100;
    private static final double MOSTLY_FAT = 0.7;

    static Deviation of(String word) {
        return valueOf(word.replace('-', '_').toUpperCase(Locale.ROOT));
    }

    /** Whether it happens to the batch as a whole, not to one component. */
    boolean ofTheWhole() {
        return switch (this) {
            case NONE, STRENGTH, AIR, AIR_AT, DOORS, DIP -> true;
            default -> false;
        };
    }

    /**
     * A batch with the deviation in it.
     *
     * @param made the batch computed through without it
     * @param index of the component that it happens to
     * @return nothing where it cannot happen
     */
    Optional<Case> on(Case batch, Dessert made, int index, double size) {
        if (this == STRENGTH) {
            return Optional.of(batch.with(batch.workplace().larder().with(stronger(made, size))));
        }
        var changes = changes(batch, made, made.portraits().get(index), size);
        return this == NONE || changes.isEmpty() ? Optional.empty() : Optional.of(batch.with(changes));
    }

    private List<Change> changes(Case batch, Dessert made, Portrait of, double size) {
        var component = of.component();
        return switch (this) {
            case NONE, STRENGTH -> List.of();
            case GEL_WEIGHT ->
                list(change(of, "/gels/0/amount", grams(component.gel().grams() * size)));
            case LIQUID_WEIGHT -> weight(of, Trait.liquid(component), size);
            case FAT_WEIGHT ->
                weight(
                        of,
                        first(
                                component,
                                l -> l.part().ingredient().composition().fat() > MOSTLY_FAT),
                        size);
            case CHOCOLATE_WEIGHT -> weight(of, first(component, Emulsion::isChocolate), size);
            case BOIL ->
                list(
                        change(of, "/work/heat/to", celsius(WATER_BOILS_C)),
                        change(of, "/work/hold/lasts", number(size) + " min"));
            case RAW -> raw(of);
            case AIR -> list(new Change("/cooler/air", celsius(made.batch().airC() + size)));
            case AIR_AT -> list(new Change("/cooler/air", celsius(size)));
            case DOORS -> list(new Change("/cooler/doors", number(size)));
            case BASE -> base(of, size);
            case FOAM_AT -> list(change(of, "/foams/" + new Foaming(component).creamFoam() + "/at", celsius(size)));
            case CREAM_FAT -> leaner(batch, of, size);
            case WHIP -> whip(of, size);
            case FOLD_WAY ->
                component.fold().school() == FoldSchool.BEATEN
                        ? List.of()
                        : list(change(of, "/work/fold/way", FoldSchool.BEATEN.id()));
            case POUR -> list(change(of, "/work/pour/at", celsius(component.pourC() + size)));
            case POUR_EARLY -> poured(of, wait(made, index(made, of)) * size);
            case POUR_LATE -> late(made, of, size);
            case DIP ->
                made.main()
                        .filter(study -> Double.isFinite(study.dip().aim())
                                && study.dip().aim() > 0)
                        .map(study ->
                                list(new Change("/dipLasts", number(study.dip().aim() * size) + " s")))
                        .orElse(List.of());
            case SOAK ->
                list(change(of, "/work/soak/lasts", number(component.dipped().seconds() * size) + " s"));
            case HEAT ->
                component.heating().hotC().isPresent()
                        ? list(change(
                                of,
                                "/work/heat/to",
                                celsius(component.heating().hotC().getAsDouble() + size)))
                        : List.of();
            case HEAT_AT ->
                component.heating().hotC().orElse(0) > size
                        ? list(change(of, "/work/heat/to", celsius(size)))
                        : List.of();
        };
    }

    private static int index(Dessert made, Portrait of) {
        return made.portraits().indexOf(of);
    }

    private static List<Change> list(Change... changes) {
        return List.of(changes);
    }

    private static Change change(Portrait of, String place, String value) {
        return new Change(of.at(place), value);
    }

    private static String number(double value) {
        return Notation.write(value, 1);
    }

    private static String celsius(double value) {
        return number(value) + " °C";
    }

    private static String grams(double value) {
        return Notation.write(value, 2) + " g";
    }

    private static int first(Component component, Predicate<Component.Line> which) {
        for (int i = 0; i < component.lines().size(); i++) {
            if (which.test(component.lines().get(i))
                    && component.lines().get(i).made().isEmpty()) {
                return i;
            }
        }
        return -1;
    }

    private static List<Change> weight(Portrait of, int line, double size) {
        return line < 0
                ? List.of()
                : list(new Change(
                        of.line(line, "amount"),
                        grams(of.component().lines().get(line).part().grams() * size)));
    }

    /** Every gelatin of the batch comes from one delivery. */
    private static OwnItems stronger(Dessert made, double size) {
        var gels = made.batch().components().stream()
                .map(component -> component.gel().product())
                .filter(GelProduct::isGelatin)
                .distinct()
                .map(product -> stronger(product, size))
                .toList();
        return new OwnItems(List.of(), gels, List.of(), List.of());
    }

    private static GelProduct stronger(GelProduct product, double size) {
        return new GelProduct(
                product.id(),
                product.name(),
                product.agent(),
                product.bloom() * size,
                product.form(),
                product.sheetG(),
                product.packetG(),
                product.heat(),
                product.spoonGramsPerMl(),
                product.origin(),
                product.allergens(),
                product.diet(),
                product.source());
    }

    private static List<Change> raw(Portrait of) {
        var changes = new ArrayList<Change>();
        var lines = of.component().lines();
        for (int i = 0; i < lines.size(); i++) {
            if (lines.get(i).part().ingredient().protease() != Protease.NONE) {
                changes.add(new Change(of.line(i, "treatment"), "raw"));
                if (lines.get(i).share() == Share.HOT) {
                    changes.add(new Change(of.line(i, "share"), "cold"));
                }
            }
        }
        return changes;
    }

    private static List<Change> base(Portrait of, double size) {
        var window = new Foaming(of.component()).window();
        if (window.isEmpty()) {
            return List.of();
        }
        double from = of.component().fold().baseC().orElse((window.lowC() + window.highC()) / 2);
        return list(change(of, "/work/fold/base", celsius(from + size)));
    }

    /** The cream of the larder that is nearest to it. */
    private static List<Change> leaner(Case batch, Portrait of, double fat) {
        int line = first(
                of.component(), l -> l.whipped() && Foaming.isCream(l.part().ingredient()));
        if (line < 0) {
            return List.of();
        }
        return batch.workplace().larder().ingredients().stream()
                .filter(Foaming::isCream)
                .min(Comparator.comparingDouble(i -> Math.abs(i.composition().fat() - fat)))
                .map(cream -> list(new Change(of.line(line, "of"), cream.id())))
                .orElse(List.of());
    }

    private static List<Change> whip(Portrait of, double size) {
        var stage = size < 0.5 ? Whip.RIBBON : Whip.SOFT;
        int foam = new Foaming(of.component()).creamFoam();
        return of.component().fold().whip().compareTo(stage) <= 0
                ? List.of()
                : list(change(of, "/foams/" + foam + "/stage", stage.id()));
    }

    private static List<Change> poured(Portrait of, double minutes) {
        return minutes > 0
                ? list(
                        change(of, "/work/pour/when", "after"),
                        change(of, "/work/pour/lasts", Notation.write(minutes, 0) + " min"))
                : List.of();
    }

    /** Minutes from the pour before to this one. */
    private static double wait(Dessert made, int index) {
        var study = made.portraits().get(index).study();
        return study.isEmpty()
                ? 0
                : made.studies().stream()
                                .filter(other ->
                                        other.startSeconds() < study.get().startSeconds())
                                .mapToDouble(other -> study.get().startSeconds() - other.startSeconds())
                                .min()
                                .orElse(0)
                        / 60;
    }

    private static List<Change> late(Dessert made, Portrait of, double minutes) {
        return LayerVerdicts.gates(made).stream()
                .filter(gate -> gate.upper().index() == index(made, of))
                .filter(gate -> Double.isFinite(gate.bondsUntilSeconds()))
                .findFirst()
                .map(gate -> poured(of, (gate.bondsUntilSeconds() - gate.lower().startSeconds()) / 60 + minutes))
                .orElse(List.of());
    }
}
