package com.deftchill.core.larder;

/** Whether a vegetarian eats it; the order is that of doubt. */
public enum Diet {
    VEGETARIAN,
    /** Some makes are not: ask the maker. */
    ASK,
    NOT
}
