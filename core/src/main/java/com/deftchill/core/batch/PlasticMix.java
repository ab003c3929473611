package com.deftchill.core.batch;

import com.deftchill.core.body.Plastic;
import com.deftchill.core.composition.Constituent;
import com.deftchill.core.cook.CaramelWater;
import com.deftchill.core.fat.FatLaw;
import com.deftchill.core.fat.SolidFat;
import com.deftchill.core.foam.Whip;
import com.deftchill.core.gel.StrengthFactors;
import com.deftchill.core.larder.Ingredient;
import com.deftchill.core.larder.Ingredient.Trait;
import com.deftchill.core.mix.Mix;
import com.deftchill.core.parameters.BodyParameters;
import com.deftchill.core.parameters.Parameter;
import java.util.stream.Stream;

/** What of a component's lines makes it firm besides its gel (handbook 3), other components in it by their own lines. */
final class PlasticMix {
    /** Dairy with more fat than this is whipped for itself, whether it is cream or soft cheese, g/g. */
    private static final double WHIPPED_FAT = 0.15;

    private static final double YOLK_FAT = 0.2;
    private static final double ML_PER_L = 1000;

    private final Component component;
    private final Mix whole;
    private final BodyParameters p;

    PlasticMix(Component component, Mix whole) {
        this.component = component;
        this.whole = whole;
        p = component.parameters().body();
    }

    Plastic plastic() {
        boolean caramel = component.kind() == Kind.CARAMEL;
        var fat = component.parameters().fat();
        var law = caramel ? FatLaw.none(fat) : FatLaw.of(whole.composition(), fat);
        double curd5 = 0;
        double curd20 = 0;
        for (var part : parts(component, 1).toList()) {
            var curd = part.ingredient().curd();
            if (curd.isPresent()) {
                double share = p.curdScale().value()
                        * Math.pow(ml(part) / whole.denseMl(), p.curdPower().value());
                curd5 += curd.get().at(5) * share;
                curd20 += curd.get().at(20) * share;
            }
        }
        return new Plastic(
                law,
                whole.airShare(),
                curd5,
                curd20,
                starchPa(),
                eggPa(),
                creamPa(component, 1),
                caramel ? CaramelWater.pa(p, whole.composition().share(Constituent.WATER)) : 0,
                startCocoa(),
                startMilk(),
                p);
    }

    /** Ingredients, those of other components by the share that is taken. */
    private static Stream<Mix.Part> parts(Component of, double share) {
        return of.lines().stream()
                .filter(line -> line.share() != Share.INFUSED)
                .flatMap(line -> line.made().isPresent()
                        ? parts(
                                line.made().get().of(),
                                share * line.made().get().share())
                        : Stream.of(new Mix.Part(
                                line.part().ingredient(),
                                share * line.part().grams(),
                                line.part().treatment())));
    }

    private static double ml(Mix.Part part) {
        return ML_PER_L * part.grams() / part.ingredient().composition().density(20);
    }

    /** Whether what is heated in it reached so much, °C. */
    private static boolean reached(Component of, double celsius) {
        return of.heating().hotC().isPresent() && of.heating().hotC().getAsDouble() >= celsius;
    }

    /** Starch that was boiled, by its share of starch and water; the rest stays raw. */
    private double starchPa() {
        double starch = boiledStarchG(component, 1);
        if (starch <= 0) {
            return 0;
        }
        double share = starch / (starch + whole.waterG());
        return Math.min(
                p.starchMost().value(),
                p.starchScale().value()
                        * Math.pow(
                                share / p.starchShare().value(), p.starchPower().value()));
    }

    private static double boiledStarchG(Component of, double share) {
        boolean boiled = reached(of, of.parameters().pan().starchThickens().value());
        double grams = 0;
        for (var line : of.lines()) {
            if (line.made().isPresent()) {
                grams += boiledStarchG(
                        line.made().get().of(), share * line.made().get().share());
            } else if (boiled && line.part().ingredient().group().equals("starch")) {
                grams += share
                        * line.part().grams()
                        * line.part().ingredient().composition().share(Constituent.STARCH_FIBRE);
            }
        }
        return grams;
    }

    /** Yolk, and whole egg at its weight, that thickened in the pan: as a share of the mix. */
    private double eggPa() {
        double share = cookedEggG(component, 1) / whole.massG();
        return share <= 0
                ? 0
                : p.eggScale().value()
                        * Math.pow(share / p.eggShare().value(), p.eggPower().value())
                        * StrengthFactors.filler(
                                whole.fatVolumeShare(), component.parameters().gel());
    }

    private double cookedEggG(Component of, double share) {
        boolean thick = reached(of, p.eggFrom().value());
        double grams = 0;
        for (var line : of.lines()) {
            if (line.made().isPresent()) {
                grams += cookedEggG(
                        line.made().get().of(), share * line.made().get().share());
            } else if (thick && line.share() == Share.HOT) {
                grams += share * line.part().grams() * yolkiness(line.part().ingredient());
            }
        }
        return grams;
    }

    private double yolkiness(Ingredient ingredient) {
        if (!ingredient.has(Trait.EGG)) {
            return 0;
        }
        double fat = ingredient.composition().fat();
        if (fat > YOLK_FAT) {
            return 1;
        }
        return fat > 0.02 ? p.wholeEggCounts().value() : 0;
    }

    /** The network of each foam of cream, by its stage, fat and volume, and how much of it the meeting leaves. */
    private double creamPa(Component of, double share) {
        var foaming = new Foaming(of);
        double pa = 0;
        for (var foam : of.foams()) {
            var lines = foaming.linesOf(foam.id());
            double dairy = 0;
            double fat = 0;
            for (var line : lines) {
                var ingredient = line.part().ingredient();
                boolean whipped = line.made().isEmpty()
                        && ingredient.group().equals("dairy")
                        && ingredient.composition().share(Constituent.MILK_FAT) >= WHIPPED_FAT;
                dairy += whipped ? line.grams() : 0;
                fat += whipped ? line.grams() * ingredient.composition().share(Constituent.MILK_FAT) : 0;
            }
            if (dairy > 0) {
                double ofVolume = share * foaming.volumeMl(foam) / whole.volumeMl();
                pa += stagePa(foam.fold().whip())
                        * Math.pow(
                                fat / dairy / p.creamFat().value(),
                                p.creamFatPower().value())
                        * Math.min(1, ofVolume * ofVolume)
                        * left(of, foaming);
            }
        }
        for (var line : of.lines()) {
            if (line.made().isPresent()) {
                var made = line.made().get();
                pa += creamPa(made.of(), share * made.share()) * left(of, foaming);
            }
        }
        return pa;
    }

    /** Of the network of whipped cream, what a warm base leaves. */
    private double left(Component of, Foaming foaming) {
        double from = p.creamMeltsFrom().value();
        double to = p.creamMeltsTo().value();
        double meet = foaming.any() ? foaming.meetC() : of.pourC();
        double melted = Double.isNaN(meet) ? 0 : Math.max(0, Math.min(1, (meet - from) / (to - from)));
        return 1 - melted * (1 - p.creamLeft().value());
    }

    private double stagePa(Whip whip) {
        Parameter stage = switch (whip) {
            case RIBBON -> p.creamRibbon();
            case SOFT -> p.creamSoft();
            case MEDIUM -> p.creamMedium();
            case STIFF -> p.creamStiff();
        };
        return stage.value();
    }

    /** Melted chocolate starts liquid; what was never warmed, at rest. */
    private double startCocoa() {
        var solid = new SolidFat(component.parameters().fat());
        return start(Constituent.COCOA_BUTTER, solid.cocoaButter(filledC()));
    }

    private double startMilk() {
        var solid = new SolidFat(component.parameters().fat());
        double rest = solid.milkFat(filledC());
        double cream = whole.composition().share(Constituent.MILK_FAT);
        double butter = whole.composition().share(Constituent.BUTTER_FAT);
        return cream + butter > 0
                ? (cream * start(Constituent.MILK_FAT, rest) + butter * start(Constituent.BUTTER_FAT, rest))
                        / (cream + butter)
                : 0;
    }

    private double filledC() {
        return Double.isNaN(component.pourC()) ? 20 : component.pourC();
    }

    /** Mean solid share when it is filled, of a fat that is at rest where it was not melted. */
    private double start(Constituent fat, double rest) {
        boolean heated = component.heating().hotC().isPresent();
        double all = 0;
        double solid = 0;
        for (var line : component.lines()) {
            double grams = line.grams() * line.part().ingredient().composition().share(fat);
            boolean chocolate = fat == Constituent.COCOA_BUTTER;
            boolean melted = line.share() == Share.HOT && (heated || chocolate);
            all += grams;
            solid += melted ? 0 : grams * rest;
        }
        return all > 0 ? solid / all : 0;
    }
}
