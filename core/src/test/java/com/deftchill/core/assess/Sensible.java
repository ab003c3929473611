package com.deftchill.core.assess;

import static com.deftchill.core.Desserts.NO_GEL;
import static com.deftchill.core.Desserts.cooked;
import static com.deftchill.core.Desserts.dessert;
import static com.deftchill.core.Desserts.folded;
import static com.deftchill.core.Desserts.heated;
import static com.deftchill.core.Desserts.line;
import static com.deftchill.core.Desserts.of;
import static com.deftchill.core.Desserts.pressed;

import com.deftchill.core.Plain.Component;
import com.deftchill.core.Plain.Cook;
import com.deftchill.core.Plain.Crust;
import com.deftchill.core.Plain.Fold;
import com.deftchill.core.Plain.Gel;
import com.deftchill.core.formula.WrittenFormula;
import java.util.List;
import java.util.Locale;
import java.util.Random;

/**
 * Desserts as the trade makes them, drawn by kind from the ranges that kitchens use; each range says whose use it is. They were
 * written before the product was asked about them, and are not changed after without a note in the commit.
 */
public final class Sensible {
    /** A kind of dessert with its ranges. */
    public interface Recipe {
        WrittenFormula drawn(Random random);
    }

    static final List<Recipe> RECIPES = List.of(
            Sensible::setCreamInAGlass,
            Sensible::setCreamTurnedOut,
            Sensible::jelly,
            Sensible::ganacheMousse,
            Sensible::fruitMousse,
            Sensible::whitesMousse,
            Sensible::fool,
            Sensible::cheesecake,
            Sensible::gelatinCheesecake,
            Sensible::pastryCreamTart,
            Sensible::ganacheTart,
            Sensible::chocolatePot,
            Sensible::pudding,
            Sensible::agarCream);

    private Sensible() {}

    public static WrittenFormula dessertOf(Random random) {
        return RECIPES.get(random.nextInt(RECIPES.size())).drawn(random);
    }

    private static double between(Random r, double low, double high) {
        return low + (high - low) * r.nextDouble();
    }

    private static String g(double grams) {
        return String.format(Locale.ROOT, grams < 20 ? "%.1f g" : "%.0f g", grams);
    }

    private static String c(double celsius) {
        return String.format(Locale.ROOT, "%.0f °C", celsius);
    }

    private static <T> T one(Random r, List<T> of) {
        return of.get(r.nextInt(of.size()));
    }

    /** Gold sheets in five times their weight of water: the usual way. */
    private static Gel gold(double grams) {
        return new Gel("sheet-gold", g(grams), "weighed", g(5 * grams));
    }

    /** Set creams: cream to milk from 1:2 to all cream, sugar 8 to 13 %, gelatin 0.7 to 1.0 % in a glass. */
    public static WrittenFormula setCreamInAGlass(Random r) {
        return dessert("in-glass", "glass-straight", "6", setCream(r, 0.007, 0.010));
    }

    /** The same with 1.0 to 1.4 % where it is turned out of a small metal mould. */
    static WrittenFormula setCreamTurnedOut(Random r) {
        return dessert("turned-out", "dariole", "7", setCream(r, 0.010, 0.014));
    }

    private static Component setCream(Random r, double least, double most) {
        double cream = between(r, 250, 600);
        double milk = 700 - cream;
        double sugar = 700 * between(r, 0.08, 0.13);
        var cream35 = heated(
                of(
                        "cream",
                        "set-cream",
                        c(between(r, 30, 45)),
                        gold(700 * between(r, least, most)),
                        line("cream-35", g(cream)),
                        line("milk-35", g(milk)),
                        line("sugar", g(sugar))),
                c(between(r, 60, 75)));
        return cream35;
    }

    /** Fruit jellies in a glass: sugar 8 to 15 %, gelatin 1.3 to 1.8 % of the juice. */
    public static WrittenFormula jelly(Random r) {
        var juice = one(r, List.of("apple-juice", "cherry-juice", "orange-juice"));
        var jelly = heated(
                of(
                        "jelly",
                        "jelly",
                        c(between(r, 26, 40)),
                        gold(500 * between(r, 0.013, 0.018)),
                        line(juice, "500 g"),
                        line("sugar", g(500 * between(r, 0.08, 0.15)))),
                c(between(r, 55, 70)));
        return dessert("in-glass", "glass-straight", "5", jelly);
    }

    /** Chocolate mousses on a ganache: cream 0.5 to 1 of a dark chocolate, whipped cream 1.3 to 2.6 of it, base 32 to 42 °C. */
    static WrittenFormula ganacheMousse(Random r) {
        var chocolate = one(r, List.of("dark-55", "dark-60", "dark-65", "dark-70"));
        var mousse = folded(
                heated(
                        of(
                                "mousse",
                                "mousse",
                                "",
                                NO_GEL,
                                line(chocolate, "200 g"),
                                line("cream-35", g(200 * between(r, 0.6, 1))),
                                line("cream-35", g(200 * between(r, 1.3, 2.6)), "whipped")),
                        c(between(r, 55, 75))),
                new Fold(one(r, List.of("soft", "medium")), "thirds", c(between(r, 33, 40)), "5 °C"));
        return dessert("in-glass", "glass-straight", "5", mousse);
    }

    /** Fruit mousses with gelatin: cream 0.6 to 1 of the puree, gelatin 1.0 to 1.5 % of the whole, base 22 to 30 °C. */
    static WrittenFormula fruitMousse(Random r) {
        var puree = one(r, List.of("pear-puree", "apricot-puree", "plum-puree", "apple-puree"));
        double cream = 300 * between(r, 0.6, 1);
        double sugar = 300 * between(r, 0.1, 0.2);
        double whole = 300 + cream + sugar;
        var mousse = folded(
                heated(
                        of(
                                "mousse",
                                "mousse",
                                "",
                                gold(whole * between(r, 0.010, 0.015)),
                                line(puree, "300 g"),
                                line("sugar", g(sugar)),
                                line("cream-35", g(cream), "whipped")),
                        c(between(r, 55, 65))),
                new Fold("soft", "thirds", c(between(r, 24, 30)), "5 °C"));
        boolean ring = r.nextBoolean();
        return dessert(ring ? "turned-out" : "in-glass", ring ? "ring-60" : "glass-straight", ring ? "9" : "6", mousse);
    }

    /** Mousses of chocolate, yolks and whites: yolk 0.2 to 0.35, whites 0.7 to 1 of the chocolate, at 42 to 50 °C. */
    static WrittenFormula whitesMousse(Random r) {
        var mousse = folded(
                heated(
                        of(
                                "mousse",
                                "mousse",
                                "",
                                NO_GEL,
                                line(one(r, List.of("dark-60", "dark-65", "dark-70")), "200 g"),
                                line("egg-yolk", g(200 * between(r, 0.2, 0.35))),
                                line("egg-white", g(200 * between(r, 0.7, 1)), "whipped"),
                                line("sugar", g(200 * between(r, 0.08, 0.2)), "whipped")),
                        c(between(r, 44, 50))),
                new Fold(one(r, List.of("soft", "medium")), "first-beaten", c(between(r, 42, 48)), "20 °C"));
        return dessert("in-glass", "glass-straight", "5", mousse);
    }

    /** Fools: fruit puree 0.4 to 0.8 of rich cream whipped to a ribbon or softly. */
    static WrittenFormula fool(Random r) {
        var fool = folded(
                of(
                        "fool",
                        "whipped",
                        "",
                        NO_GEL,
                        line(
                                one(r, List.of("rhubarb-puree", "plum-puree", "blackcurrant-puree")),
                                g(between(r, 100, 180)),
                                "cold"),
                        line(one(r, List.of("cream-35", "cream-48")), "300 g", "whipped"),
                        line("sugar", g(between(r, 20, 45)), "whipped")),
                new Fold(one(r, List.of("soft", "medium")), "thirds", "", "5 °C"));
        return dessert("in-glass", "glass-straight", "5", fool);
    }

    private static Component crumb(Random r) {
        // Butter 0.4 to 0.55 of wholemeal biscuits; 5 to 7 mm thick in a tin of 200 mm.
        double biscuits = between(r, 130, 170);
        return pressed(
                of(
                        "base",
                        "crumb",
                        "",
                        NO_GEL,
                        line("crumb-biscuits", g(biscuits)),
                        line("butter", g(biscuits * between(r, 0.4, 0.55)))),
                new Crust("", "", "chilled"));
    }

    /** No-bake cheesecakes without gelatin: cream 0.35 to 0.5 of cream cheese, stiff; icing sugar 0.15 to 0.25. */
    static WrittenFormula cheesecake(Random r) {
        var filling = folded(
                of(
                        "filling",
                        "cheesecake",
                        "",
                        NO_GEL,
                        line("cream-cheese", "600 g", "cold"),
                        line("icing-sugar", g(600 * between(r, 0.15, 0.25)), "cold"),
                        line("cream-35", g(600 * between(r, 0.35, 0.5)), "whipped")),
                new Fold("stiff", "thirds", "", "5 °C"));
        return dessert("sliced", "spring-tin-200", "1", crumb(r), filling);
    }

    /** The same set with gelatin, 1.0 to 1.4 % of the filling, in a little warm milk. */
    static WrittenFormula gelatinCheesecake(Random r) {
        double cream = between(r, 200, 300);
        var filling = folded(
                heated(
                        of(
                                "filling",
                                "cheesecake",
                                "",
                                gold(900 * between(r, 0.010, 0.014)),
                                line("cream-cheese", "450 g", "cold"),
                                line("sugar", g(between(r, 80, 120))),
                                line("milk-35", "100 g"),
                                line("cream-35", g(cream), "whipped")),
                        "60 °C"),
                new Fold("soft", "thirds", c(between(r, 22, 26)), "5 °C"));
        return dessert("sliced", "spring-tin-200", "1", crumb(r), filling);
    }

    /** Pastry cream in a shell: starch 7 to 9 % of the milk, yolk 0.15 to 0.22, sugar 0.15 to 0.22, boiled. */
    static WrittenFormula pastryCreamTart(Random r) {
        var shell = of("shell", "shell", "", NO_GEL, line("shell-sweet", "300 g"));
        var filling = heated(
                of(
                        "filling",
                        "starch-custard",
                        c(between(r, 35, 55)),
                        NO_GEL,
                        line("milk-35", "600 g"),
                        line("egg-yolk", g(600 * between(r, 0.15, 0.22))),
                        line("sugar", g(600 * between(r, 0.15, 0.22))),
                        line("corn-starch", g(600 * between(r, 0.07, 0.09)))),
                c(between(r, 97, 100)));
        return dessert("sliced", "fluted-tin-230", "1", shell, filling);
    }

    /** Ganache tarts: dark chocolate 0.9 to 1.3 of cream. */
    static WrittenFormula ganacheTart(Random r) {
        var shell = of("shell", "shell", "", NO_GEL, line("shell-sweet", "300 g"));
        var ganache = heated(
                of(
                        "ganache",
                        "ganache",
                        c(between(r, 33, 38)),
                        NO_GEL,
                        line(one(r, List.of("dark-60", "dark-65", "dark-70")), g(300 * between(r, 0.9, 1.15))),
                        line("cream-35", "300 g")),
                c(between(r, 82, 92)));
        return dessert("sliced", "fluted-tin-230", "1", shell, ganache);
    }

    /** Chocolate pots: dark chocolate 0.45 to 0.75 of cream. */
    static WrittenFormula chocolatePot(Random r) {
        var pot = heated(
                of(
                        "pot",
                        "ganache",
                        c(between(r, 34, 40)),
                        NO_GEL,
                        line(one(r, List.of("dark-60", "dark-65", "dark-70")), g(300 * between(r, 0.45, 0.75))),
                        line("cream-35", "300 g")),
                c(between(r, 82, 92)));
        return dessert("in-glass", "egg-cup", "14", pot);
    }

    /** Starch puddings in a glass: 5 to 7 % starch. */
    static WrittenFormula pudding(Random r) {
        var pudding = heated(
                of(
                        "pudding",
                        "starch-custard",
                        c(between(r, 45, 60)),
                        NO_GEL,
                        line("milk-35", "600 g"),
                        line("sugar", g(600 * between(r, 0.08, 0.12))),
                        line("corn-starch", g(600 * between(r, 0.05, 0.07)))),
                c(between(r, 96, 100)));
        return dessert("in-glass", "glass-straight", "5", pudding);
    }

    /** Set creams with agar: 0.25 to 0.45 % of the whole, boiled. */
    static WrittenFormula agarCream(Random r) {
        var cream = heated(
                of(
                        "cream",
                        "set-cream",
                        c(between(r, 50, 65)),
                        new Gel("agar", g(650 * between(r, 0.0025, 0.0045)), "weighed", "0 g"),
                        line("milk-35", "350 g"),
                        line("cream-35", "250 g"),
                        line("sugar", g(between(r, 45, 70)))),
                c(between(r, 96, 100)));
        return dessert("in-glass", "glass-straight", "5", cream);
    }

    /** A verrine: compote below, set cream or mousse on it. */
    public static WrittenFormula verrine(Random r) {
        var compote = cooked(
                of("fruit", "compote", "18 °C", NO_GEL, line("plums", "300 g"), line("sugar", "50 g")),
                new Cook("", "12 min", "", ""));
        return dessert("in-glass", "glass-straight", "7", compote, setCream(r, 0.007, 0.010));
    }
}
