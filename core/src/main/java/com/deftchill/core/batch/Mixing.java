package com.deftchill.core.batch;

import com.deftchill.core.body.Nature;
import com.deftchill.core.body.Plastic;
import com.deftchill.core.mix.Mix;

/** What a component comes to once it is cooked, folded, pressed: its mix with its air, and what makes it firm besides a gel. */
public final class Mixing {
    private static final double NIGHT_C = 5;
    private static final double NIGHT_S = 14 * 3600.0;

    private Mixing() {}

    /** What the parts make together, with the water that boils away gone and the air that is folded in. */
    public static Mix of(Component component) {
        var dense = component.raw().dried(component.lostG());
        return dense.withAir(new Foaming(component).airMl(), emptyMl(component, dense));
    }

    /** Air in pores of what is crumbled, baked or loose, which no mix of its parts would have, ml. */
    private static double emptyMl(Component component, Mix dense) {
        double denseMl = dense.volumeMl();
        return switch (component.kind()) {
            case CRUMB ->
                Math.max(
                        0, dense.massG() / component.parameters().pan().packed().value() - denseMl);
            case SHELL -> Math.max(0, (component.isDough() ? doughMl(component) : looseMl(component)) - denseMl);
            case SOAKED, PIECES, GARNISH -> Math.max(0, looseMl(component) - denseMl);
            default -> 0;
        };
    }

    /** A dough loses water in the oven, no volume. */
    private static double doughMl(Component dough) {
        return dough.raw().massG() / dough.parameters().pan().dough().value();
    }

    private static double looseMl(Component component) {
        return component.lines().stream().mapToDouble(Mixing::looseMl).sum();
    }

    /** Volume that a piece takes up: by its bulk density; a liquid that it is dipped into goes into its pores. */
    private static double looseMl(Component.Line line) {
        if (line.share() == Share.SOAK) {
            return 0;
        }
        double bulk = line.part().ingredient().spooned().bulk();
        return bulk > 0
                ? line.grams() / bulk
                : 1000 * line.grams() / line.part().ingredient().composition().density(20);
    }

    /** What makes it firm besides its gel; nothing in what is laid in. */
    public static Plastic plastic(Component component) {
        return component.kind().isSolid()
                ? Plastic.none(
                        component.parameters().fat(), component.parameters().body())
                : new PlasticMix(component, of(component)).plastic();
    }

    /** What a component is mostly made firm by, after a night in the cold: fixed for a whole run. */
    public static Nature nature(Component component, Mix mix, double strength, Plastic plastic) {
        return Nature.ofGel(gelShare(component, mix, strength, plastic));
    }

    /** Share of the gel in what makes it firm after a night in the cold, 0 to 1; 1 where nothing does. */
    public static double gelShare(Component component, Mix mix, double strength, Plastic plastic) {
        var setting = component.gelModel().setting(1);
        setting.advance(new double[] {NIGHT_C}, NIGHT_S);
        double gel = component.gelModel().rigidity(mix.gelatinGramsPerLitre(), setting.shares()[0], strength);
        double both = gel + plastic.restPa(NIGHT_C);
        return both > 0 ? gel / both : 1;
    }
}
