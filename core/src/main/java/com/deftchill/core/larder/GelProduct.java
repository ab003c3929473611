package com.deftchill.core.larder;

import com.deftchill.core.amount.Subject;
import java.util.HashMap;
import java.util.List;

/**
 * A gelling agent as bought.
 *
 * @param id stable key
 * @param name as the cook reads it
 * @param agent what it is
 * @param bloom strength of a gelatin, g (Bloom); 0 for other agents
 * @param form sheets or powder
 * @param sheetG mass of one sheet, g; 0 for powder
 * @param packetG mass of one packet, g; 0 where packets differ
 * @param heat temperatures and strength of the agent
 * @param spoonGramsPerMl as spooned, level, g/ml
 * @param origin animal or plant
 * @param allergens ids of those it contains
 * @param diet whether a vegetarian eats it
 * @param source where the figures come from
 */
public record GelProduct(
        String id,
        String name,
        Agent agent,
        double bloom,
        Form form,
        double sheetG,
        double packetG,
        Heat heat,
        double spoonGramsPerMl,
        String origin,
        List<String> allergens,
        Diet diet,
        String source) {
    /** No gelling agent. */
    public static final GelProduct NONE = new GelProduct(
            "",
            "no gelling agent",
            Agent.NONE,
            0,
            Form.POWDER,
            0,
            0,
            new Heat(0, 0, 0, 0),
            1,
            "",
            List.of(),
            Diet.VEGETARIAN,
            "");

    public GelProduct {
        allergens = List.copyOf(allergens);
    }

    /**
     * @param maxMeltC gelatin: where the helix share of any gel reaches zero, °C (33 mammalian, lower for fish); else 0
     * @param likeGelatin other agents: grams of 200 Bloom gelatin that one gram stands for; 0 for gelatin
     * @param setsC other agents: where it sets on cooling, °C; 0 for gelatin, whose onset depends on the dose
     * @param meltsC other agents: where the gel melts, °C; 0 for gelatin
     */
    public record Heat(double maxMeltC, double likeGelatin, double setsC, double meltsC) {}

    /** What it is. */
    public enum Agent {
        GELATIN("gelatin"),
        AGAR("agar"),
        IOTA("iota carrageenan"),
        KAPPA("kappa carrageenan"),
        NONE("no gelling agent");

        private final String words;

        Agent(String words) {
            this.words = words;
        }

        /** As the cook reads it. */
        public String words() {
            return words;
        }
    }

    /** How it is sold. */
    public enum Form {
        SHEET,
        POWDER
    }

    /** The same of another strength. */
    public GelProduct ofBloom(double other) {
        return new GelProduct(
                id, name, agent, other, form, sheetG, packetG, heat, spoonGramsPerMl, origin, allergens, diet, source);
    }

    public boolean isGelatin() {
        return agent == Agent.GELATIN;
    }

    /** What turns typed amounts of it into grams. */
    public Subject subject() {
        var pieces = new HashMap<String, Double>();
        if (form == Form.SHEET) {
            pieces.put("sheet", sheetG);
        }
        if (packetG > 0) {
            pieces.put("packet", packetG);
        }
        return Subject.of(
                name, spoonGramsPerMl, false, pieces, "gelatin", "gelatine", "powdered", "powder", "unflavoured");
    }
}
