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
import java.util.Comparator;
import java.util.List;
import java.util.Set;

/** The whipped lines of a component: how much air they take and how much of it folding keeps. */
public final class Foaming {
    /** Cream and milk that are whipped together are of this group, poured, and not sour or nearly pure fat. */
    private static final double SWEET_FROM_PH = 6.2;

    private static final double MOST_CREAM_FAT = 0.6;
    private static final double ML_PER_L = 1000;
    /** Egg with less fat than this is white, g/g. */
    public static final double WHITES_FAT = 0.02;

    private static final double YOLK_FAT = 0.2;
    /** A base with more cocoa butter than this is heavy for whites, g/g [E]. */
    private static final double HEAVY_FROM = 0.08;

    /** Groups of what makes a sabayon of beaten yolks. */
    private static final Set<String> WET = Set.of("spirit", "liquid", "fruit");

    private final Component component;
    private final List<Component.Line> whipped;
    private FoldWindow window;

    public Foaming(Component component) {
        this.component = component;
        whipped = component.lines().stream().filter(Component.Line::whipped).toList();
    }

    /** Whether an ingredient is cream or milk, as far as whipping goes. */
    public static boolean isCream(Ingredient ingredient) {
        return ingredient.group().equals("dairy")
                && ingredient.spooned().bulk() == 0
                && ingredient.ph() >= SWEET_FROM_PH
                && ingredient.composition().fat() <= MOST_CREAM_FAT
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

    /** The foam that cream is whipped in, by its place among the component's foams; 0 without cream. */
    public int creamFoam() {
        for (int i = 0; i < component.foams().size(); i++) {
            if (creamG(linesOf(component.foams().get(i).id())) > 0) {
                return i;
            }
        }
        return 0;
    }

    /** Temperature at which the cream is whipped and folded in, °C. */
    public double creamC() {
        return component.foams().isEmpty()
                ? component.fold().foamC()
                : component.foams().get(creamFoam()).fold().foamC();
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

    /** Lines of one foam, by its id. */
    public List<Component.Line> linesOf(String foam) {
        return whipped.stream().filter(line -> line.foam().equals(foam)).toList();
    }

    /** Foams with something in them, the one that stands heat first. */
    public List<Component.Foam> inOrder() {
        return component.foams().stream()
                .filter(foam -> !linesOf(foam.id()).isEmpty())
                .sorted(Comparator.comparing((Component.Foam foam) -> fatHolds(linesOf(foam.id())))
                        .thenComparing(foam -> !hasButter(linesOf(foam.id()))))
                .toList();
    }

    /** Whether fat holds most of the air, so that warmth melts it. */
    public boolean fatHolds() {
        double ofFat = 0;
        double all = 0;
        for (var line : whipped) {
            double air = ml(line) * overrun(line, component.foldOf(line).whip());
            all += air;
            ofFat += fatHolds(linesOf(line.foam())) ? air : 0;
        }
        return ofFat >= all / 2 && fatHolds(whipped);
    }

    private static boolean fatHolds(List<Component.Line> lines) {
        return creamG(lines) > 0 || lines.stream().anyMatch(line -> line.made().isPresent());
    }

    private static boolean hasButter(List<Component.Line> lines) {
        return lines.stream().anyMatch(Foaming::butter);
    }

    private static boolean butter(Component.Line line) {
        return line.made().isEmpty()
                && line.part().ingredient().composition().share(Constituent.BUTTER_FAT) > MOST_CREAM_FAT;
    }

    /** Whether butter is beaten in one of its foams. */
    public boolean beatsButter(Component.Foam foam) {
        return hasButter(linesOf(foam.id()));
    }

    /** Whether butter is beaten in it. */
    public boolean beatsButter() {
        return hasButter(whipped);
    }

    /** Air before folding, ml, had it been whipped this far. */
    public double airMl(Whip whip) {
        return whipped.stream()
                .mapToDouble(line -> ml(line) * overrun(line, whip))
                .sum();
    }

    /** Volume of a foam with the air that stays, ml. */
    public double volumeMl(Component.Foam foam) {
        return linesOf(foam.id()).stream()
                .mapToDouble(line -> ml(line) + keptAirMl(line))
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
        var with = linesOf(line.foam());
        if (isCream(ingredient)) {
            return Whipping.cream(
                    foam(),
                    whip,
                    creamFat(with),
                    sugar(with),
                    component.foldOf(line).foamC());
        }
        if (ingredient.has(Trait.EGG)) {
            return egg(ingredient, whip, with);
        }
        // Butter and the sugar beaten with it take air together.
        boolean ofButter = butter(line) || hasButter(with) && ingredient.group().equals("sugar");
        return ofButter ? Whipping.butter(foam()) : 0;
    }

    private double egg(Ingredient ingredient, Whip whip, List<Component.Line> with) {
        double fat = ingredient.composition().fat();
        if (fat < WHITES_FAT) {
            return Whipping.whites(foam(), whip);
        }
        boolean wine = with.stream()
                .anyMatch(line -> WET.contains(line.part().ingredient().group()));
        if (fat > YOLK_FAT) {
            return wine ? Whipping.sabayon(foam()) : Whipping.yolk(foam());
        }
        return Whipping.wholeEgg(foam());
    }

    /** Air that stays, ml: of each foam as it is whipped and folded in. */
    public double airMl() {
        return whipped.stream().mapToDouble(this::keptAirMl).sum() + foldedAir();
    }

    private double keptAirMl(Component.Line line) {
        var fold = component.foldOf(line);
        return ml(line) * overrun(line, fold.whip()) * kept(line, fold.whip(), fold.school());
    }

    /** Air that stays, ml, had it been whipped and folded so. */
    public double airMl(Whip whip, FoldSchool school) {
        return whipped.stream()
                .mapToDouble(line -> ml(line) * overrun(line, whip) * kept(line, whip, school))
                .sum();
    }

    /** Share of the air that is kept; all of it where there is no base to fold into. */
    private double kept(Component.Line line, Whip whip, FoldSchool school) {
        if (alone()) {
            return 1;
        }
        var with = linesOf(line.foam());
        if (hasButter(with)) {
            return foam().keptButter().value();
        }
        var baseC = component.foldOf(line).baseC();
        boolean setting = baseC.isPresent() && baseC.getAsDouble() < window().lowC();
        boolean cream = fatHolds(with);
        double kept = Folding.kept(foam(), school, whip, meetC(), cream, setting);
        boolean heavy = !cream && baseCocoa() > HEAVY_FROM;
        return heavy ? Math.min(kept, foam().keptHeavy().value()) : kept;
    }

    /** Whether all of it is one foam, with no base to fold into. */
    public boolean alone() {
        return any()
                && whipped.size() == component.lines().size()
                && component.gel() == Component.Gel.NONE
                && component.foams().stream()
                                .filter(foam -> !linesOf(foam.id()).isEmpty())
                                .count()
                        == 1;
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

    private double baseCocoa() {
        return component.base().composition().share(Constituent.COCOA_BUTTER);
    }

    /** The base as a share of the mix: what is not whipped; where all is, the foam that stands heat best. */
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

    /** Mean temperature of what is folded in, °C: that of each foam by its mass. */
    public double foamC() {
        double grams = 0;
        double sum = 0;
        for (var line : whipped) {
            grams += line.grams();
            sum += line.grams() * component.foldOf(line).foamC();
        }
        return grams > 0 ? sum / grams : component.fold().foamC();
    }

    /** Temperature of the mix once folded, °C: the base as written, else in the middle of its window. */
    public double meetC() {
        if (whipped.size() == component.lines().size()) {
            return foamC();
        }
        double baseC = component.fold().baseC().orElseGet(() -> {
            var window = window();
            return (window.lowC() + window.highC()) / 2;
        });
        return FoldWindow.mixC(baseShare(), baseC, foamShare(), foamC());
    }

    /** Between which temperatures of the base it is folded. */
    public FoldWindow window() {
        if (window == null) {
            window = windowOf();
        }
        return window;
    }

    private FoldWindow windowOf() {
        if (beatsButter()) {
            return FoldWindow.ofButter(foam());
        }
        var low = new FoldsDownTo(component).low();
        return fatHolds()
                ? FoldWindow.ofCream(foam(), low, baseShare(), foamShare(), foamC())
                : FoldWindow.ofEgg(foam(), low);
    }

    private FoamParameters foam() {
        return component.parameters().foam();
    }
}
