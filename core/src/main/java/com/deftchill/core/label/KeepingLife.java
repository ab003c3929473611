package com.deftchill.core.label;

import com.deftchill.core.batch.Kind;
import com.deftchill.core.dessert.Dessert;
import com.deftchill.core.dessert.Portrait;
import com.deftchill.core.larder.Ingredient.Trait;
import com.deftchill.core.verdict.Evidence.Constant;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/**
 * How long a dessert keeps chilled: conservative defaults (handbook 6) [E], of which the shortest counts.
 *
 * @param hours it keeps
 * @param because of what
 */
public record KeepingLife(int hours, String because) {
    public static final List<Constant> CONSTANTS = List.of(
            new Constant("set creams and cooked egg", "3 days", "E", "conservative default"),
            new Constant("soaked layers", "3 days", "E", "conservative default"),
            new Constant("shells and glazed tarts", "2 days", "E", "conservative default"),
            new Constant("uncooked fruit", "2 days", "E", "conservative default"),
            new Constant("whipped cream on top", "12 h", "E", "the same day"),
            new Constant("raw egg", "24 h", "E", "conservative default"));

    private static final int SET_CREAM_H = 72;
    private static final int SHELL_H = 48;
    private static final int FRESH_FRUIT_H = 48;
    private static final int RAW_EGG_H = 24;
    private static final int SAME_DAY_H = 12;

    public static KeepingLife of(Dessert dessert, boolean rawEgg) {
        var lives = new ArrayList<KeepingLife>();
        boolean alone = dessert.portraits().size() == 1;
        lives.add(new KeepingLife(SET_CREAM_H, alone ? "a set cream" : "its creams"));
        if (rawEgg) {
            lives.add(new KeepingLife(RAW_EGG_H, "raw egg"));
        }
        Portrait top = null;
        for (var portrait : dessert.portraits()) {
            boolean fresh = portrait.component().parts().stream()
                    .anyMatch(part -> part.ingredient().has(Trait.FRESH_FRUIT)
                            && !part.treatment().endsEnzymes());
            boolean cooked = portrait.kind() == Kind.COMPOTE;
            if (fresh && !cooked && portrait.kind() != Kind.GARNISH) {
                lives.add(new KeepingLife(FRESH_FRUIT_H, "fruit that was never cooked"));
            }
            if (portrait.kind() == Kind.SHELL) {
                lives.add(new KeepingLife(SHELL_H, "the shell, which softens"));
            }
            top = portrait.bed().exists() ? portrait : top;
        }
        if (top != null && top.kind() == Kind.WHIPPED && !top.component().gels() && !alone) {
            lives.add(new KeepingLife(SAME_DAY_H, "whipped cream on top"));
        }
        return lives.stream().min(Comparator.comparingInt(KeepingLife::hours)).orElseThrow();
    }
}
