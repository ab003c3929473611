package com.deftchill.core.alternative;

import com.deftchill.core.formula.WrittenFormula;

/**
 * The dessert for guests who do not eat or drink something.
 *
 * @param id stable name
 * @param name as the cook reads it
 * @param honest what is not the same
 * @param document the formula so
 * @param comparison as it is, and so
 */
public record Variant(String id, String name, String honest, WrittenFormula document, Comparison comparison) {}
