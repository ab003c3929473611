package com.deftchill.core.batch;

import com.deftchill.core.composition.Constituent;
import com.deftchill.core.fat.FatNetwork;
import com.deftchill.core.mix.Mix;
import com.deftchill.core.parameters.FatParameters;

/** What a component comes to once it is cooked, folded, pressed: its mix with its air, and the network of its fat. */
public final class Mixing {
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
            case SOAKED, SHELL, PIECES, GARNISH ->
                Math.max(
                        0,
                        component.lines().stream().mapToDouble(Mixing::looseMl).sum() - denseMl);
            default -> 0;
        };
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

    /** Network of its solid fat; none in what is merely poured. */
    public static FatNetwork network(Component component) {
        var whole = of(component);
        return component.kind().fatSets()
                ? new FatNetwork(
                        structuredMilkFatG(component) / whole.massG(),
                        whole.composition().share(Constituent.COCOA_BUTTER),
                        component.parameters().fat())
                : new FatNetwork(0, 0, component.parameters().fat());
    }

    /** Milk fat that builds a network: of whipped cream, of soft cheese and butter that were not melted, g. */
    private static double structuredMilkFatG(Component component) {
        return component.lines().stream()
                .mapToDouble(line -> structuredMilkFatG(component.parameters().fat(), line))
                .sum();
    }

    private static double structuredMilkFatG(FatParameters p, Component.Line line) {
        if (line.made().isPresent()) {
            var made = line.made().get();
            boolean keeps = line.whipped() || made.of().kind().fatSets();
            return keeps ? made.share() * (made.of().kind().fatSets() ? structuredMilkFatG(made.of()) : 0) : 0;
        }
        double fat = line.part().ingredient().composition().share(Constituent.MILK_FAT);
        boolean spread =
                fat >= p.spreadFrom().value() && !Foaming.isCream(line.part().ingredient());
        return line.whipped() || (spread && line.cold()) ? fat * line.grams() : 0;
    }
}
