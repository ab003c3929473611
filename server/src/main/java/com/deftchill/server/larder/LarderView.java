package com.deftchill.server.larder;

import com.deftchill.core.larder.OwnField;
import java.util.List;
import java.util.Map;

/** Everything a formula can name, in the order of the data files; own entries last. */
record LarderView(
        List<IngredientView> ingredients,
        List<GelView> gels,
        List<MouldView> moulds,
        List<CoolerView> coolers,
        List<AllergenView> allergens,
        List<OwnKindView> ownKinds,
        List<ComponentKindView> componentKinds,
        Map<String, List<ChoiceView>> choices) {

    /**
     * One of a short list: what is written or sent, and its words. An empty value is what holds when nothing is written.
     *
     * @param also another word that a document may have for the same; empty where there is none
     */
    record ChoiceView(String value, String label, String also) {}

    /** A share of a composition: its column as own entries write it, its name, %. */
    record ShareView(String key, String name, double percent) {}

    /**
     * An ingredient.
     *
     * @param buffer how strongly it holds its pH, mmol per kg and pH unit
     * @param spoonGramsPerMl as spooned or poured
     * @param allergens ids of those it contains
     * @param own whether the kitchen added it
     */
    record IngredientView(
            String id,
            String name,
            List<String> otherNames,
            String group,
            List<ShareView> shares,
            double ph,
            double buffer,
            String enzyme,
            double spoonGramsPerMl,
            List<String> pieces,
            List<String> allergens,
            List<String> mayContain,
            String diet,
            List<String> traits,
            boolean curdles,
            String source,
            boolean own) {}

    /** A gelling agent; sheetG and packetG are 0 where it is not sold so. Temperatures in °C. */
    record GelView(
            String id,
            String name,
            String agent,
            double bloom,
            String form,
            double sheetG,
            double packetG,
            double setsC,
            double meltsC,
            double likeGelatin,
            String origin,
            List<String> allergens,
            String diet,
            String source,
            boolean own) {}

    /** A point of a profile: half-width and height, mm. */
    record ProfilePoint(double halfWidthMm, double heightMm) {}

    /** A mould or glass. */
    record MouldView(
            String id,
            String name,
            double brimMl,
            double heightMm,
            String symmetry,
            List<ProfilePoint> inner,
            String material,
            double wallMm,
            double baseMm,
            String release,
            String source,
            boolean own) {}

    /**
     * A cooler; airC is its usual temperature, h and hBase its surface coefficients, W/m2K, powerW the heat that it takes
     * away (0: no limit), contentsKj that which its contents take up, kJ/K.
     */
    record CoolerView(
            String id,
            String name,
            double airC,
            double h,
            double hBase,
            double powerW,
            double contentsKj,
            String source,
            boolean own) {}

    /** An allergen; eu and us are its names on the lists, empty where it is not on them. */
    record AllergenView(String id, String name, String eu, String us) {}

    /** What can be added, and its fields. */
    record OwnKindView(String id, String label, List<OwnField> fields) {}

    /**
     * A kind of component.
     *
     * @param gel always, may or never
     * @param poured whether it has a pouring temperature
     * @param asks groups of fields that matter to it: heat, join, fold, boil, stage, soak, crust
     */
    record ComponentKindView(String id, String words, String gel, boolean poured, List<String> asks) {}
}
