package com.deftchill.core.verdict;

/**
 * Something typed that cannot be understood or lies outside its range.
 *
 * @param code stable name of the rule
 * @param path JSON pointer into the formula document
 * @param field as the cook knows it
 * @param value as typed
 * @param rule what it must be, to be read after the field's name
 */
public record Problem(String code, String path, String field, String value, String rule) {}
