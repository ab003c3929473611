package com.deftchill.core.alternative;

/**
 * A figure or field of one side of a comparison.
 *
 * @param key that tells it from all others, whatever they are called
 */
record Entry(String key, String name, String text) {}
