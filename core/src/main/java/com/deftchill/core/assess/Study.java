package com.deftchill.core.assess;

import com.deftchill.core.batch.Batch;
import com.deftchill.core.batch.Wanted;
import com.deftchill.core.chill.BowlCooling;
import com.deftchill.core.chill.ChillOptions;
import com.deftchill.core.chill.ChillReport;
import com.deftchill.core.chill.ChillSimulation;
import com.deftchill.core.chill.Grid;
import com.deftchill.core.chill.Material;
import com.deftchill.core.chill.Place;
import com.deftchill.core.gel.GelModel;
import com.deftchill.core.gel.GelatinParameters;
import com.deftchill.core.gel.StrengthFactors;
import com.deftchill.core.kitchen.Kitchen;
import com.deftchill.core.mix.Mix;
import com.deftchill.core.turnout.Dip;
import com.deftchill.core.turnout.Slump;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;

/**
 * One dessert computed through: everything the verdicts read, each figure once.
 *
 * @param kitchen how it works
 * @param mix what was mixed
 * @param model of its gelling agent
 * @param factors that strengthen or weaken it
 * @param fillMl volume meant for each mould, ml
 * @param fillMm height it fills to, mm; the brim when it does not fit
 * @param history what happened while chilling
 * @param slump of the body turned out
 * @param dip seconds in water of 60 °C; infinite for walls that are not dipped
 * @param report of the simulation
 * @param joining of hot and cold share, when it is written how hot
 */
record Study(
        Batch batch,
        Kitchen kitchen,
        Mix mix,
        Material material,
        GelModel model,
        StrengthFactors factors,
        double fillMl,
        double fillMm,
        Grid grid,
        SetHistory history,
        Slump slump,
        Dip.Window dip,
        ChillReport report,
        Optional<Joining> joining) {

    /** Water that a mould is dipped into, °C: hand-hot from a kettle and tap, the coolest that works well. */
    static final double DIP_WATER_C = 60;

    /** An empty mould on the bench, °C. */
    private static final double MOULD_C = 20;

    /** Where the heat capacity of a mix cooling in its bowl is taken, °C. */
    private static final double BOWL_C = 50;
    /** A mix poured hot has set after this, or the comparison says nothing. */
    private static final double SOONER_WITHIN = 12 * 3600.0;

    private static final double LASTS = 48 * 3600.0;
    private static final double ML_PER_M3 = 1e6;

    static Study of(Batch batch, Kitchen kitchen, GelatinParameters parameters, ChillOptions given) {
        var options = given.forSurface(batch.cooler().h());
        var component = batch.component();
        var mix = component.mix();
        var vessel = batch.mould().vessel();
        var material = Material.of(mix.composition());
        double fillMl = fillMl(batch, mix);
        double fillMm = fillMm(batch, mix);
        var grid = Grid.of(vessel, new double[] {fillMm}, options);
        var slump = new Slump(grid, material.density());
        var model = GelModel.of(parameters, component.gel().product());
        var factors = component.factors(mix);
        var history = new SetHistory(grid, model, mix.gelatinGramsPerLitre(), factors.product(), slump);

        var materials = new Material[grid.cells()];
        Arrays.fill(materials, material);
        var simulation = new ChillSimulation(grid, materials, vessel.material(), options);
        var report = simulation.run(component.pourC(), MOULD_C, places(batch), history);
        double melt = model.meltingPoint(mix.gelatinGramsPerLitre());
        var dip = dip(batch, material, melt);
        return new Study(
                batch,
                kitchen,
                mix,
                material,
                model,
                factors,
                fillMl,
                fillMm,
                grid,
                history,
                slump,
                dip,
                report,
                joining(component, mix, material));
    }

    private static Optional<Joining> joining(Batch.Component component, Mix mix, Material material) {
        return component.heating().hotC().isPresent()
                ? Optional.of(Joining.of(component, bowl(mix, material)))
                : Optional.empty();
    }

    private static BowlCooling bowl(Mix mix, Material material) {
        return new BowlCooling(mix.massG(), material.density(), material.heatCapacity(BOWL_C));
    }

    /**
     * Hours sooner that it sets than if everything were heated and poured at once as hot as the hot share; a coarser
     * chill of the first hours is enough for a difference.
     */
    double setsSoonerSeconds(ChillOptions options) {
        var cooler = batch.cooler();
        var coarse = options.forSurface(cooler.h()).coarser();
        var vessel = batch.mould().vessel();
        var cut = Grid.of(vessel, new double[] {fillMm}, coarse);
        var materials = new Material[cut.cells()];
        Arrays.fill(materials, material);
        var hotter = new SetHistory(cut, model, gramsPerLitre(), factors.product(), new Slump(cut, material.density()));
        var first = new Place(batch.airC(), cooler.h(), cooler.h(), cooler.hBase(), SOONER_WITHIN);
        new ChillSimulation(cut, materials, vessel.material(), coarse)
                .run(joining.orElseThrow().hotC(), MOULD_C, List.of(first), hotter);
        return hotter.setSeconds() - history.setSeconds();
    }

    /** Volume meant for each mould, ml. */
    static double fillMl(Batch batch, Mix mix) {
        double filledG = mix.massG() * (1 - batch.loss());
        return filledG / 1000 / mix.composition().density(20) * ML_PER_M3 / batch.count();
    }

    /** Height it fills to, mm; the brim when it does not fit. */
    static double fillMm(Batch batch, Mix mix) {
        var profile = batch.mould().vessel().profile();
        return profile.fillHeightMm(Math.min(fillMl(batch, mix), profile.brimMl()));
    }

    private static List<Place> places(Batch batch) {
        var cooler = batch.cooler();
        var untilJudged = new Place(batch.airC(), cooler.h(), cooler.h(), cooler.hBase(), SetHistory.JUDGED_AT);
        var after = new Place(batch.airC(), cooler.h(), cooler.h(), cooler.hBase(), LASTS - SetHistory.JUDGED_AT);
        return List.of(untilJudged, after);
    }

    private static Dip.Window dip(Batch batch, Material material, double meltC) {
        var vessel = batch.mould().vessel();
        return vessel.wallMm() > 0
                ? Dip.of(vessel.wallMm(), vessel.material(), material, batch.airC(), DIP_WATER_C, meltC)
                : new Dip.Window(0, 0, 0);
    }

    /** The same study, asked for another figure. */
    Study wanting(Wanted wanted) {
        var b = batch;
        var asked = new Batch(
                b.name(),
                b.served(),
                Optional.of(wanted),
                b.component(),
                b.mould(),
                b.count(),
                b.loss(),
                b.cooler(),
                b.airC(),
                b.pouredAt());
        return new Study(
                asked, kitchen, mix, material, model, factors, fillMl, fillMm, grid, history, slump, dip, report,
                joining);
    }

    /** A temperature as this kitchen reads it. */
    String celsius(double celsius) {
        return Words.temperature(celsius, kitchen.temperature());
    }

    /** A difference of temperature as this kitchen reads it. */
    String difference(double kelvin) {
        return Words.difference(kelvin, kitchen.temperature());
    }

    /** Gelling agent of the aqueous phase, g/L. */
    double gramsPerLitre() {
        return mix.gelatinGramsPerLitre();
    }

    /** Melting point of this gel, °C. */
    double meltC() {
        return model.meltingPoint(gramsPerLitre());
    }

    /** Temperature at which this mix starts to set on cooling, °C. */
    double onsetC() {
        return model.settingOnset(gramsPerLitre());
    }

    /** Mean rigidity of each row a day after pouring, Pa. */
    double[] rowsWhenJudged() {
        return history.rowsWhenJudged(gramsPerLitre(), factors.product());
    }

    /** Mean rigidity of the body a day after pouring, Pa: what it is judged by. */
    double judgedPa() {
        return Arrays.stream(rowsWhenJudged()).average().orElse(0);
    }

    /** Mean strain of the body turned out a day after pouring. */
    double judgedStrain() {
        return slump.meanStrain(rowsWhenJudged());
    }

    /** Height of the body turned out a day after pouring, mm. */
    double standingMm() {
        return slump.heightMm() * (1 - judgedStrain());
    }
}
