package com.deftchill.core.label;

import com.deftchill.core.composition.Constituent;
import com.deftchill.core.dessert.Dessert;
import com.deftchill.core.label.Nutrition.Nutrient;
import com.deftchill.core.text.Argument;
import com.deftchill.core.text.Message;
import com.deftchill.core.text.Notation;
import com.deftchill.core.text.Words;
import com.deftchill.core.verdict.Evidence;
import com.deftchill.core.verdict.Evidence.Constant;
import com.deftchill.core.verdict.Evidence.Given;
import com.deftchill.core.verdict.Verdict.Tone;
import java.util.ArrayList;
import java.util.List;

/** Nutrition calculated from the composition: never an analysis. */
public final class Nutritions {
    /** Energy of a gram, kJ and kcal (EU regulation 1169/2011, annex XIV) [S]. */
    private static final double[] FAT = {37, 9};

    private static final double[] CARBOHYDRATE = {17, 4};
    private static final double[] PROTEIN = {17, 4};
    private static final double[] ALCOHOL = {29, 7};
    /** Of dry cocoa solids about so much is protein, the rest is taken as carbohydrate [E]. */
    private static final double COCOA_PROTEIN = 0.25;

    private Nutritions() {}

    public static Nutrition of(Dessert dessert) {
        double made = 0;
        for (var constituent : Constituent.values()) {
            made += dessert.grams(constituent);
        }
        double portion = dessert.portionG() / dessert.batch().portions();
        return new Nutrition(
                nutrient(dessert, made, 100),
                nutrient(dessert, made, portion),
                new Evidence(
                        List.of(new Given("A portion", Words.grams(portion))),
                        "Summed from the composition of every ingredient; starch and fibre together count as carbohydrate.",
                        List.of(
                                new Constant("fat", "37 kJ/g", "S", "EU 1169/2011, annex XIV"),
                                new Constant("carbohydrate, protein", "17 kJ/g", "S", "EU 1169/2011, annex XIV"),
                                new Constant("alcohol", "29 kJ/g", "S", "EU 1169/2011, annex XIV"),
                                new Constant("dry cocoa", "a quarter protein", "E", "engineering estimate")),
                        "Calculated from typical values: about a tenth. For a label use your suppliers' figures.",
                        "The ingredients."));
    }

    /** In a few words, everything else in the evidence. */
    static Flag flag(Dessert dessert) {
        var nutrition = of(dessert);
        var given = new ArrayList<Given>();
        rows(nutrition.perPortion(), "In each", given);
        rows(nutrition.per100g(), "In 100 g", given);
        var evidence = nutrition.evidence();
        var each = nutrition.perPortion();
        var words = Message.of("flags.nutrition.words")
                .with("kj", Argument.figure(each.kj(), 0))
                .with("kcal", Argument.figure(each.kcal(), 0));
        return Flag.of(
                "nutrition",
                words,
                Tone.NOTE,
                new Evidence(
                        given, evidence.rule(), evidence.constants(), evidence.uncertainty(), evidence.wouldChange()));
    }

    private static void rows(Nutrient of, String where, List<Given> given) {
        given.add(new Given(where, Notation.write(of.kj(), 0) + " kJ, " + Notation.write(of.kcal(), 0) + " kcal"));
        given.add(new Given(
                where + ": fat, carbohydrate, of which sugars",
                grams(of.fat()) + ", " + grams(of.carbohydrate()) + ", " + grams(of.sugars())));
        given.add(new Given(
                where + ": protein, salt, alcohol",
                grams(of.protein()) + ", " + Notation.write(of.salt(), 2) + " g, " + grams(of.alcohol())));
    }

    private static String grams(double grams) {
        return Notation.write(grams, 1) + " g";
    }

    private static Nutrient nutrient(Dessert dessert, double madeG, double grams) {
        double share = grams / madeG;
        double cocoa = dessert.grams(Constituent.COCOA_SOLIDS);
        double fat = share
                * (dessert.grams(Constituent.MILK_FAT)
                        + dessert.grams(Constituent.BUTTER_FAT)
                        + dessert.grams(Constituent.COCONUT_FAT)
                        + dessert.grams(Constituent.COCOA_BUTTER)
                        + dessert.grams(Constituent.OTHER_FAT));
        double sugars = share * dessert.grams(Constituent.SUGARS);
        double carbohydrate = sugars + share * (dessert.grams(Constituent.STARCH_FIBRE) + (1 - COCOA_PROTEIN) * cocoa);
        double protein = share
                * (dessert.grams(Constituent.MILK_PROTEIN)
                        + dessert.grams(Constituent.OTHER_PROTEIN)
                        + COCOA_PROTEIN * cocoa);
        double alcohol = share * dessert.grams(Constituent.ALCOHOL);
        double salt = share * dessert.grams(Constituent.SALT);
        return new Nutrient(
                grams,
                energy(0, fat, carbohydrate, protein, alcohol),
                energy(1, fat, carbohydrate, protein, alcohol),
                fat,
                carbohydrate,
                sugars,
                protein,
                salt,
                alcohol);
    }

    private static double energy(int unit, double fat, double carbohydrate, double protein, double alcohol) {
        return FAT[unit] * fat + CARBOHYDRATE[unit] * carbohydrate + PROTEIN[unit] * protein + ALCOHOL[unit] * alcohol;
    }
}
