package com.deftchill.core.amount;

/**
 * An amount understood.
 *
 * @param grams its mass, g
 * @param how what it was understood as, such as "2 x 15 ml (metric tbsp) x 0.85 g/ml"; empty for plain grams
 */
public record Amount(double grams, String how) {}
