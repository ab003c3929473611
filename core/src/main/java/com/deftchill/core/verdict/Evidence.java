package com.deftchill.core.verdict;

import java.util.List;

/**
 * Where a figure comes from.
 *
 * @param inputs this dessert's figures that went in
 * @param rule equation or rule, in words
 * @param constants of the model, each with its grade and source
 * @param uncertainty how far off it may be, and why
 * @param wouldChange what the cook could change
 */
public record Evidence(
        List<Given> inputs, String rule, List<Constant> constants, String uncertainty, String wouldChange) {

    /** A named figure with its unit. */
    public record Given(String name, String value) {}

    /** A constant: S = standard, L = literature, E = engineering estimate. */
    public record Constant(String name, String value, String grade, String source) {}

    public Evidence {
        inputs = List.copyOf(inputs);
        constants = List.copyOf(constants);
    }
}
