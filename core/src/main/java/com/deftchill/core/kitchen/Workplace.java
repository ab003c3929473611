package com.deftchill.core.kitchen;

import com.deftchill.core.larder.Larder;

/** Where a formula is made: what is in the larder and how the kitchen works. */
public record Workplace(Larder larder, Kitchen kitchen) {}
