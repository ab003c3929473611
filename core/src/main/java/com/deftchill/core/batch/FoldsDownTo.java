package com.deftchill.core.batch;

import com.deftchill.core.chill.BowlCooling;
import com.deftchill.core.composition.Constituent;
import com.deftchill.core.fat.FatLaw;
import com.deftchill.core.fat.FatSetting;
import com.deftchill.core.fat.SolidFat;
import com.deftchill.core.foam.FoldWindow;
import com.deftchill.core.foam.FoldWindow.By;
import com.deftchill.core.foam.FoldWindow.Low;
import com.deftchill.core.larder.Ingredient.Trait;
import com.deftchill.core.mix.Mix;
import com.deftchill.core.parameters.FoamParameters;
import java.util.ArrayList;

/**
 * How cold a base may be when foam is folded in, by what it is (table of handbook 3): while it still flows on its own way down
 * in its bowl for what gels, warm enough for bare chocolate, as cold as the fridge for what never sets.
 */
final class FoldsDownTo {
    /** A base in its bowl is followed down from here where nothing hotter is written, °C. */
    private static final double FROM_C = 60;

    /** The room, and the fridge for what never sets in a room; a step of the way down, s. */
    private static final double ROOM_C = 20;

    private static final double FRIDGE_C = 4;
    private static final double STEP_S = 120;
    private static final double LONGEST_S = 4 * 3600;
    /** Where the heat capacity of a base in its bowl is taken, °C. */
    private static final double BOWL_C = 40;

    private final Component component;
    private final Mix base;
    private final FoamParameters p;

    FoldsDownTo(Component component) {
        this.component = component;
        base = component.base();
        p = component.parameters().foam();
    }

    Low low() {
        var limits = new ArrayList<Low>();
        if (component.gels() && base.gelatinG() > 0) {
            limits.add(new Low(gelFlowsTo(), By.GEL_SETS));
        }
        if (chocolate()) {
            limits.add(ofChocolate());
        }
        return limits.stream()
                .reduce((a, b) -> a.celsius() >= b.celsius() ? a : b)
                .orElse(new Low(FoldWindow.COLDEST_C, By.NOTHING_SETS));
    }

    /** Whether chocolate makes it firm. */
    private boolean chocolate() {
        return base.composition().share(Constituent.COCOA_BUTTER)
                > component.parameters().fat().rampCocoaTo().value();
    }

    private Low ofChocolate() {
        if (Emulsion.of(component) || inCheese()) {
            return new Low(ganacheFlowsTo(), By.GANACHE_STIFFENS);
        }
        boolean egg = component.lines().stream()
                .anyMatch(line -> !line.whipped() && line.part().ingredient().has(Trait.EGG));
        return egg
                ? new Low(p.eggLeast().value(), By.CHOCOLATE_STIFFENS)
                : new Low(p.bareLeast().value(), By.CHIPS_FORM);
    }

    /** Whether the chocolate is spread through at least as much fresh cheese, whose water holds it apart: no chips form. */
    private boolean inCheese() {
        double cheese = 0;
        double chocolate = 0;
        for (var line : component.lines()) {
            if (!line.whipped()) {
                cheese += line.part().ingredient().curd().isPresent() ? line.grams() : 0;
                chocolate += Emulsion.isChocolate(line) ? line.grams() : 0;
            }
        }
        return cheese >= chocolate;
    }

    /** Temperature that a gel reaches while it still flows: in the room, and if it never stops there, in the fridge. */
    private double gelFlowsTo() {
        double inRoom = gelFlowsTo(ROOM_C);
        return inRoom > FoldWindow.COLDEST_C ? inRoom : gelFlowsTo(FRIDGE_C);
    }

    private double gelFlowsTo(double airC) {
        var model = component.gelModel();
        var setting = model.setting(1);
        double factor = component.factors(base).product();
        double perSecond = bowl().perSecond(true);
        // Above its melting point nothing sets: that part of the way needs no following.
        double celsius = Math.min(from(), model.meltingPoint(Double.MAX_VALUE));
        var here = new double[1];
        for (double t = 0; t < LONGEST_S; t += STEP_S) {
            double next = airC + (celsius - airC) * Math.exp(-perSecond * STEP_S);
            here[0] = (celsius + next) / 2;
            setting.advance(here, STEP_S);
            celsius = next;
            double pa = model.rigidity(base.gelatinGramsPerLitre(), setting.shares()[0], factor);
            if (pa >= p.flowsGel().value()) {
                return celsius;
            }
        }
        return FoldWindow.COLDEST_C;
    }

    /** The warmer of where a ganache stops flowing in its bowl, and a little below where at rest it would. */
    private double ganacheFlowsTo() {
        var law = FatLaw.of(base.composition(), component.parameters().fat());
        double atRest = law.restReachesC(p.flowsFat().value()) - p.belowRest().value();
        var fat = new FatSetting(component.parameters().fat(), 1, 0, 0);
        var solid = new SolidFat(component.parameters().fat());
        double perSecond = bowl().perSecond(true);
        double celsius = from();
        var here = new double[1];
        double flows = FoldWindow.COLDEST_C;
        for (double t = 0; t < LONGEST_S; t += STEP_S) {
            double next = ROOM_C + (celsius - ROOM_C) * Math.exp(-perSecond * STEP_S);
            here[0] = (celsius + next) / 2;
            fat.advance(here, STEP_S);
            celsius = next;
            double pa = law.pa(law.solid(fat.cocoa()[0], fat.milk()[0], solid.coconut(celsius)));
            if (pa >= p.flowsFat().value()) {
                flows = celsius;
                break;
            }
        }
        return Math.max(FoldWindow.COLDEST_C, Math.max(flows, atRest));
    }

    private double from() {
        return Math.max(FROM_C, component.heating().hotC().orElse(FROM_C));
    }

    private BowlCooling bowl() {
        var composition = base.composition();
        return new BowlCooling(
                component.parameters().cold(), base.massG(), composition.density(20), composition.heatCapacity(BOWL_C));
    }
}
