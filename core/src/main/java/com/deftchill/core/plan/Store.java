package com.deftchill.core.plan;

/**
 * Something of which there is so much and no more.
 *
 * @param id key; of machines the name of their {@link com.deftchill.core.method.Need}
 * @param kind burner, mixer, ice-bath, oven, cooler or mould
 * @param name as the cook reads it
 * @param amount how much there is: machines and moulds by number, coolers in hundredths of a shelf
 */
public record Store(String id, String kind, String name, int amount) {}
