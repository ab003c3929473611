package com.deftchill.core.batch;

import com.deftchill.core.composition.Constituent;
import com.deftchill.core.cook.Caramel;
import com.deftchill.core.cook.CaramelWater;
import com.deftchill.core.cook.Dough;
import com.deftchill.core.foam.FoldSchool;
import com.deftchill.core.foam.Whip;
import com.deftchill.core.formula.WrittenFormula.Work;
import com.deftchill.core.gel.GelModel;
import com.deftchill.core.gel.GelModels;
import com.deftchill.core.gel.HeatAbuse;
import com.deftchill.core.gel.StrengthFactors;
import com.deftchill.core.kitchen.BloomSchool;
import com.deftchill.core.larder.GelProduct;
import com.deftchill.core.larder.Ingredient.Trait;
import com.deftchill.core.mix.Mix;
import com.deftchill.core.parameters.Parameters;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.stream.Stream;

/**
 * One component, weighed.
 *
 * @param id by which other components use it
 * @param layer whether what others leave of it is a layer of the dessert
 * @param lines ingredients in the order written
 * @param foams what is whipped for it, each by itself
 * @param work what is written of what is done, for the words of the method
 * @param pourTime when it may be poured
 * @param gel its gelling agent, {@link Gel#NONE} without one
 * @param pourC temperature at pouring, °C; NaN for what is not poured
 * @param parameters constants of the models that it is computed by
 */
public record Component(
        String id,
        String name,
        Kind kind,
        boolean layer,
        List<Line> lines,
        Gel gel,
        Heating heating,
        List<Foam> foams,
        Cooked cooked,
        Dipped dipped,
        Pressed pressed,
        List<Work> work,
        double pourC,
        PourTime pourTime,
        Parameters parameters) {
    /** Of its mass in water gelatin takes up no more than this (handbook 2, powder 5 to 6). */
    private static final double AMPLE_BLOOM = 6;

    public Component {
        lines = List.copyOf(lines);
        foams = List.copyOf(foams);
        work = List.copyOf(work);
    }

    /**
     * A line of the formula.
     *
     * @param id that it keeps whatever becomes of its neighbours
     * @param part ingredient, grams, treatment; of another component: what it is made of, as an ingredient
     * @param share how it joins
     * @param how what its amount was understood as; empty for plain grams
     * @param foam id of the foam that it is whipped in; empty where it is not
     * @param made another component that it takes from
     */
    public record Line(String id, Mix.Part part, Share share, String how, String foam, Optional<Made> made) {

        /** Whether it joins cold. */
        public boolean cold() {
            return share != Share.HOT;
        }

        /** Whether it is whipped before it joins. */
        public boolean whipped() {
            return share == Share.WHIPPED;
        }

        double grams() {
            return part.grams();
        }
    }

    /**
     * What is taken of another component.
     *
     * @param share of it, 0 to 1 and more
     * @param mix what it was mixed to
     * @param asShare whether it is written as a share, such as half, rather than as an amount
     */
    public record Made(Component of, double share, Mix mix, boolean asShare) {}

    /**
     * The gelling agent, weighed.
     *
     * @param grams dry
     * @param how what its amount was understood as; empty for plain grams
     * @param bloom how it meets its water
     * @param waterG water it is bloomed in and keeps, g
     * @param model how firm it sets, and when
     */
    public record Gel(GelProduct product, double grams, String how, BloomSchool bloom, double waterG, GelModel model) {
        /** No gelling agent. */
        public static final Gel NONE = new Gel(GelProduct.NONE, 0, "", BloomSchool.DRY, 0, GelModels.NONE);
    }

    /** What is whipped by itself, and how it is folded in. */
    public record Foam(String id, Fold fold) {}

    /**
     * When it may be poured, besides the layer below carrying it.
     *
     * @param notBeforeS after the first pour, s; 0: at once
     * @param waitsS after the layer below was poured, s; 0: not at all
     */
    public record PourTime(double notBeforeS, double waitsS) {
        /** At the first moment. */
        public static final PourTime READY = new PourTime(0, 0);
    }

    /** How its first foam is whipped and folded in; as usual where nothing is whipped. */
    public Fold fold() {
        return foams.isEmpty() ? Fold.USUAL : foams.get(0).fold();
    }

    /** How the foam of a line is whipped and folded in. */
    public Fold foldOf(Line line) {
        return foams.stream()
                .filter(foam -> foam.id().equals(line.foam()))
                .findFirst()
                .map(Foam::fold)
                .orElseGet(this::fold);
    }

    /**
     * How foam is folded in.
     *
     * @param baseC temperature of the base, °C; absent when not written: taken as within the window
     * @param foamC temperature of the foam, °C
     */
    public record Fold(Whip whip, FoldSchool school, OptionalDouble baseC, double foamC) {
        static final double FRIDGE_C = 5;
        static final Fold USUAL = new Fold(Whip.MEDIUM, FoldSchool.THIRDS, OptionalDouble.empty(), FRIDGE_C);
    }

    /**
     * How it is cooked.
     *
     * @param join how a ganache is joined
     * @param minutes at the simmer
     * @param awayG water boiled away, g
     * @param awayHow what that was understood as; empty when nothing boils away
     * @param panCm width of the pan that it boils in, cm
     * @param ovenC at which it is roasted or toasted, °C; absent when it is not written
     * @param ovenMinutes how long; absent when it is not written
     * @param caramel how dark sugar is burnt
     */
    public record Cooked(
            GanacheJoin join,
            double minutes,
            double awayG,
            String awayHow,
            double panCm,
            Caramel caramel,
            OptionalDouble ovenC,
            OptionalDouble ovenMinutes) {}

    /**
     * How pieces are dipped.
     *
     * @param seconds each side
     * @param barrier whether a thin cream layer below keeps the liquid from the rest
     */
    public record Dipped(double seconds, boolean barrier) {}

    /**
     * How a base is pressed or lined.
     *
     * @param thicknessMm wanted; absent when it follows from the mass
     * @param wallMm height of its wall, mm
     * @param baked whether it is baked rather than chilled
     * @param coated whether a coat of chocolate or butter keeps what is filled in from it
     */
    public record Pressed(OptionalDouble thicknessMm, double wallMm, boolean baked, boolean coated) {}

    /** Whether it comes onto a burner: as written, or since all but fat that is only beaten does. */
    public boolean isHeated() {
        boolean beaten = kind.fatSets() && gel() == Gel.NONE;
        return heating.hotC().isPresent() || !beaten;
    }

    /** Whether any of these lines is egg. */
    public static boolean hasEgg(List<Line> lines) {
        return lines.stream().anyMatch(line -> line.part().ingredient().has(Trait.EGG));
    }

    /** Ingredients that stay in it, in the order written; what is held hot long enough counts as heated. */
    public List<Mix.Part> parts() {
        boolean ends = heating.endsEnzymes(parameters.pan());
        return lines.stream()
                .filter(line -> line.share() != Share.INFUSED)
                .map(line -> ends && !line.cold() ? line.part().heated() : line.part())
                .toList();
    }

    /** Gelling agent that works in it: its own, or that of a component it takes from. */
    public GelProduct gelProduct() {
        return workingGel().product();
    }

    /** The model of that agent. */
    public GelModel gelModel() {
        return workingGel().model();
    }

    private Gel workingGel() {
        return gel != Gel.NONE
                ? gel
                : nested().map(Component::workingGel)
                        .filter(working -> working != Gel.NONE)
                        .findFirst()
                        .orElse(Gel.NONE);
    }

    /** Whether anything gels in it. */
    public boolean gels() {
        return gelProduct() != GelProduct.NONE;
    }

    private Stream<Component> nested() {
        return lines.stream().flatMap(line -> line.made().stream()).map(Made::of);
    }

    /** Everything in the pan before anything boils away: what the parts make together, without air. */
    public Mix raw() {
        return Mix.of(parts(), gel.grams(), gel.waterG()).withGelatin(gel.grams() + nestedGelG(lines));
    }

    /** Base of a folded component: what is not whipped, with the gelling agent; all of it where all is whipped. */
    public Mix base() {
        var still = lines.stream()
                .filter(line -> !line.whipped() && line.share() != Share.INFUSED)
                .toList();
        if (still.isEmpty() && gel == Gel.NONE) {
            return raw();
        }
        var parts = still.stream().map(Line::part).toList();
        return Mix.of(parts, gel.grams(), gel.waterG())
                .withGelatin(gel.grams() + nestedGelG(still))
                .dried(lostG());
    }

    /** Mass that leaves as steam or smoke, or stays in what was steeped and strained out, g; counted as water. */
    public double lostG() {
        double away = cooked.awayG() + keptBackG() + (isDough() ? doughLosesG() : 0);
        return kind == Kind.CARAMEL ? away + caramelLosesG() : away;
    }

    /** Whether it is a shell made of dough, to be baked, and not one that is baked already. */
    public boolean isDough() {
        return kind == Kind.SHELL
                && !lines.isEmpty()
                && Dough.isRaw(raw().composition().share(Constituent.WATER));
    }

    private double doughLosesG() {
        var dough = raw();
        return Dough.loses(parameters.pan(), dough.massG(), dough.waterG());
    }

    /** What is done to it with an oven, a flame or a brush. */
    public Optional<SideWork> sideWork() {
        return work.stream()
                .flatMap(entry -> SideWork.of(entry.verb()).stream())
                .findFirst();
    }

    /** Temperature of the burnt sugar before the cream goes in, °C: as typed, else as dark as its stage. */
    public double caramelC() {
        return heating.hotC().orElse(cooked.caramel().celsius(parameters.pan()));
    }

    /** Water that went in with the sugar, what the sugar itself loses, and what its heat boils off of the cream, g. */
    private double caramelLosesG() {
        double sugarWater = lines.stream()
                .filter(line -> line.part().ingredient().group().equals("sugar"))
                .mapToDouble(line ->
                        line.grams() * line.part().ingredient().composition().share(Constituent.WATER))
                .sum();
        return sugarWater
                + Caramel.lostAt(parameters.pan(), caramelC()) * sugarG()
                + CaramelWater.boiledOffG(sugarG(), caramelC());
    }

    /** Liquid that steeped zest, leaves, pods keep when they are strained out, g. */
    public double keptBackG() {
        return lines.stream()
                .filter(line -> line.share() == Share.INFUSED)
                .mapToDouble(line -> parameters.pan().steepedKeeps().value() * line.grams())
                .sum();
    }

    private double sugarG() {
        return lines.stream()
                .filter(line -> line.share() == Share.HOT
                        && line.part().ingredient().group().equals("sugar"))
                .mapToDouble(Line::grams)
                .sum();
    }

    private static double nestedGelG(List<Line> lines) {
        return lines.stream()
                .flatMap(line -> line.made().stream())
                .mapToDouble(made -> made.share() * made.mix().gelatinG())
                .sum();
    }

    /** What strengthens or weakens the gel in a mix of this component. */
    public StrengthFactors factors(Mix mix) {
        double kept = heating.hotC().isPresent()
                ? HeatAbuse.kept(parameters.gel(), heating.hotC().getAsDouble(), heating.heldMinutes(), mix.ph())
                : 1;
        return StrengthFactors.of(mix, gelProduct().agent(), kept, parameters.gel());
    }

    private Component with(List<Line> otherLines, Gel otherGel, double otherPourC) {
        return new Component(
                id,
                name,
                kind,
                layer,
                otherLines,
                otherGel,
                heating,
                foams,
                cooked,
                dipped,
                pressed,
                work,
                otherPourC,
                pourTime,
                parameters);
    }

    /** The same, poured at another temperature, °C. */
    Component pouredAt(double celsius) {
        return with(lines, gel, celsius);
    }

    /** The same with so many grams of a line. */
    public Component withLine(int index, double grams) {
        var others = new ArrayList<>(lines);
        var line = lines.get(index);
        var part = new Mix.Part(line.part().ingredient(), grams, line.part().treatment());
        others.set(index, new Line(line.id(), part, line.share(), "", line.foam(), line.made()));
        return with(others, gel, pourC);
    }

    /** The same with another dose, its bloom water in proportion; what has ample water is given no more than it takes up. */
    public Component withGel(double grams) {
        double inProportion = gel.grams() > 0 ? gel.waterG() * grams / gel.grams() : gel.waterG();
        boolean more = gel.product().isGelatin() && grams > gel.grams();
        double water = more ? Math.min(inProportion, Math.max(gel.waterG(), AMPLE_BLOOM * grams)) : inProportion;
        return with(lines, new Gel(gel.product(), grams, "", gel.bloom(), water, gel.model()), pourC);
    }
}
