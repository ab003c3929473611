package com.deftchill.core.batch;

import com.deftchill.core.composition.Composition;
import com.deftchill.core.composition.Constituent;
import com.deftchill.core.foam.FoldSchool;
import com.deftchill.core.foam.FoldWindow;
import com.deftchill.core.foam.Folding;
import com.deftchill.core.foam.Whip;
import com.deftchill.core.foam.Whipping;
import com.deftchill.core.larder.Ingredient;
import com.deftchill.core.larder.Ingredient.Trait;
import com.deftchill.core.mix.Mix;
import com.deftchill.core.parameters.FoamParameters;
import java.util.List;

/** The whipped lines of a component: how much air they take and how much of it folding keeps. */
public final class Foaming {
    /** Cream and milk that are whipped together are of this group, poured, and not sour or nearly pure fat. */
    private static final double SWEET_FROM_PH = 6.2;

    private static final double MOST_CREAM_FAT = 0.6;
    private static final double ML_PER_L = 1000;

    private final Component component;
    private final List<Component.Line> whipped;

    public Foaming(Component component) {
        this.component = component;
        whipped = component.lines().stream().filter(Component.Line::whipped).toList();
    }

    /** Whether an ingredient is cream or milk, as far as whipping goes. */
    public static boolean isCream(Ingredient ingredient) {
        return ingredient.group().equals("dairy")
                && ingredient.spooned().bulk() == 0
                && ingredient.ph() >= SWEET_FROM_PH
                && ingredient.composition().share(Constituent.MILK_FAT) <= MOST_CREAM_FAT
                && ingredient.composition().share(Constituent.SUGARS) <= 0.2;
    }

    /** Whether anything is whipped. */
    public boolean any() {
        return !whipped.isEmpty();
    }

    /** Lines that are whipped. */
    public List<Component.Line> lines() {
        return whipped;
    }

    /** Milk fat of the cream that is whipped, g/g; NaN without cream. */
    public double creamFat() {
        return creamFat(whipped);
    }

    private static double creamFat(List<Component.Line> whipped) {
        double grams = creamG(whipped);
        double fat = whipped.stream()
                .filter(Foaming::cream)
                .mapToDouble(line ->
                        line.grams() * line.part().ingredient().composition().share(Constituent.MILK_FAT))
                .sum();
        return grams > 0 ? fat / grams : Double.NaN;
    }

    /** Cream that is whipped, g. */
    public double creamG() {
        return creamG(whipped);
    }

    private static double creamG(List<Component.Line> whipped) {
        return whipped.stream()
                .filter(Foaming::cream)
                .mapToDouble(Component.Line::grams)
                .sum();
    }

    private static boolean cream(Component.Line line) {
        return line.made().isEmpty() && isCream(line.part().ingredient());
    }

    /** Sugar whipped with the cream, g per g of cream. */
    public double sugar() {
        return sugar(whipped);
    }

    private static double sugar(List<Component.Line> whipped) {
        double sugar = whipped.stream()
                .filter(line -> line.part().ingredient().group().equals("sugar"))
                .mapToDouble(Component.Line::grams)
                .sum();
        double cream = creamG(whipped);
        return cream > 0 ? sugar / cream : 0;
    }

    /** Whether fat holds the air, so that warmth melts it. */
    public boolean fatHolds() {
        return creamG() > 0 || whipped.stream().anyMatch(line -> line.made().isPresent());
    }

    /** Air before folding, ml, had it been whipped this far. */
    public double airMl(Whip whip) {
        return whipped.stream()
                .mapToDouble(line -> ml(line) * overrun(line, whip))
                .sum();
    }

    /** Volume of a line without air, ml. */
    private static double ml(Component.Line line) {
        return ML_PER_L * line.grams() / line.part().ingredient().composition().density(20);
    }

    /** Overrun of a line, ml/ml. */
    private double overrun(Component.Line line, Whip whip) {
        if (line.made().isPresent()) {
            // A component that was whipped before brings its own air.
            var made = line.made().get().mix();
            return made.airShare() / (1 - made.airShare());
        }
        var ingredient = line.part().ingredient();
        if (isCream(ingredient)) {
            return Whipping.cream(
                    foam(),
                    whip,
                    creamFat(with(line)),
                    sugar(with(line)),
                    component.foldOf(line).foamC());
        }
        if (ingredient.has(Trait.EGG)) {
            return ingredient.composition().fat() < 0.05 ? Whipping.whites(foam(), whip) : Whipping.yolk(foam());
        }
        return ingredient.id().equals("butter") ? Whipping.butter(foam()) : 0;
    }

    /** Lines in the same foam: they share its bowl. */
    private List<Component.Line> with(Component.Line line) {
        return whipped.stream()
                .filter(other -> other.foam().equals(line.foam()))
                .toList();
    }

    /** Air that stays, ml: of each foam as it is whipped and folded in. */
    public double airMl() {
        double air = whipped.stream()
                .mapToDouble(line -> {
                    var fold = component.foldOf(line);
                    return ml(line) * overrun(line, fold.whip()) * kept(fold.whip(), fold.school(), fold);
                })
                .sum();
        return air + foldedAir();
    }

    /** Air that stays, ml, had it been whipped and folded so. */
    public double airMl(Whip whip, FoldSchool school) {
        return any() ? airMl(whip) * kept(whip, school) : 0;
    }

    /** Share of the air that is kept; all of it where there is no base to fold into. */
    public double kept(Whip whip, FoldSchool school) {
        return kept(whip, school, component.fold());
    }

    private double kept(Whip whip, FoldSchool school, Component.Fold fold) {
        boolean alone = whipped.size() == component.lines().size() && component.gel() == Component.Gel.NONE;
        if (alone) {
            return 1;
        }
        double baseC = fold.baseC().orElse(foam().meltsAir().value());
        boolean setting = fold.baseC().isPresent() && baseC < baseOnsetC();
        return Folding.kept(foam(), school, whip, baseC, fatHolds(), setting);
    }

    /** Air that components bring which are stirred in as they are, ml: some of it is lost. */
    private double foldedAir() {
        return component.lines().stream()
                .filter(line -> !line.whipped() && line.made().isPresent())
                .mapToDouble(line -> {
                    var made = line.made().get().mix();
                    return component.kind().isSolid()
                            ? 0
                            : ml(line)
                                    * made.airShare()
                                    / (1 - made.airShare())
                                    * foam().keptStirred().value();
                })
                .sum();
    }

    /** Temperature at which the base by itself starts to set, °C; far below 0 when it does not gel. */
    public double baseOnsetC() {
        return component.gelModel().settingOnset(component.base().gelatinGramsPerLitre());
    }

    /** Whether chocolate alone sets the base. */
    public boolean chocolateBase() {
        var base = component.base();
        return !component.gels() && base.grams(Constituent.COCOA_BUTTER) > 0.05 * base.massG();
    }

    /** The base as a share of the mix. */
    public FoldWindow.Share baseShare() {
        var base = component.base();
        return new FoldWindow.Share(base.massG(), base.composition());
    }

    /** The foam as a share of the mix. */
    public FoldWindow.Share foamShare() {
        var parts = whipped.stream().map(Component.Line::part).toList();
        Composition composition = Mix.of(parts, 0, 0).composition();
        return new FoldWindow.Share(parts.stream().mapToDouble(Mix.Part::grams).sum(), composition);
    }

    /** Temperature of the mix once folded, °C: the base as written, else in the middle of its window. */
    public double meetC() {
        if (whipped.size() == component.lines().size()) {
            return component.fold().foamC();
        }
        var window = window();
        double baseC = component.fold().baseC().orElse((window.lowC() + window.highC()) / 2);
        return FoldWindow.mixC(baseShare(), baseC, foamShare(), component.fold().foamC());
    }

    /** Between which temperatures of the base it is folded. */
    public FoldWindow window() {
        double foamC = component.fold().foamC();
        return chocolateBase()
                ? FoldWindow.ofChocolate(foam(), baseShare(), foamShare(), foamC)
                : FoldWindow.of(foam(), baseShare(), foamShare(), foamC, baseOnsetC());
    }

    private FoamParameters foam() {
        return component.parameters().foam();
    }
}
