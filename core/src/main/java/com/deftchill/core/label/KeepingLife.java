package com.deftchill.core.label;

import com.deftchill.core.batch.Kind;
import com.deftchill.core.dessert.Dessert;
import com.deftchill.core.dessert.Portrait;
import com.deftchill.core.larder.Ingredient.Trait;
import com.deftchill.core.parameters.Parameter;
import com.deftchill.core.verdict.Evidence.Constant;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.stream.Stream;

/**
 * How long a dessert keeps chilled: conservative defaults (handbook 6) [E], of which the shortest counts.
 *
 * @param hours it keeps
 * @param because of what
 */
public record KeepingLife(int hours, String because) {
    /** How long what keeps, as a kitchen reads it. */
    public static List<Constant> constants(Dessert dessert) {
        var p = dessert.parameters().keeping();
        return Stream.of(p.set(), p.shell(), p.freshFruit(), p.sameDay(), p.rawEgg())
                .map(dessert::constant)
                .toList();
    }

    public static KeepingLife of(Dessert dessert, boolean rawEgg) {
        var p = dessert.parameters().keeping();
        var lives = new ArrayList<KeepingLife>();
        boolean alone = dessert.portraits().size() == 1;
        lives.add(new KeepingLife(hours(p.set()), alone ? "a set cream" : "its creams"));
        if (rawEgg) {
            lives.add(new KeepingLife(hours(p.rawEgg()), "raw egg"));
        }
        Portrait top = null;
        for (var portrait : dessert.portraits()) {
            boolean fresh = portrait.component().parts().stream()
                    .anyMatch(part -> part.ingredient().has(Trait.FRESH_FRUIT)
                            && !part.treatment().endsEnzymes());
            boolean cooked = portrait.kind() == Kind.COMPOTE;
            if (fresh && !cooked && portrait.kind() != Kind.GARNISH) {
                lives.add(new KeepingLife(hours(p.freshFruit()), "fruit that was never cooked"));
            }
            if (portrait.kind() == Kind.SHELL) {
                lives.add(new KeepingLife(hours(p.shell()), "the shell, which softens"));
            }
            top = portrait.bed().exists() ? portrait : top;
        }
        if (top != null && top.kind() == Kind.WHIPPED && !top.component().gels() && !alone) {
            lives.add(new KeepingLife(hours(p.sameDay()), "whipped cream on top"));
        }
        return lives.stream().min(Comparator.comparingInt(KeepingLife::hours)).orElseThrow();
    }

    private static int hours(Parameter parameter) {
        return (int) Math.floor(parameter.value());
    }
}
