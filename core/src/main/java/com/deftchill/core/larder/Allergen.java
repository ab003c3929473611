package com.deftchill.core.larder;

/**
 * Something that must be declared.
 *
 * @param id stable key
 * @param name as the cook reads it
 * @param eu its name on the EU list of fourteen, or empty
 * @param us its name on the US list of nine, or empty
 */
public record Allergen(String id, String name, String eu, String us) {}
