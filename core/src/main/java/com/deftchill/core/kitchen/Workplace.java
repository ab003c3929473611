package com.deftchill.core.kitchen;

import com.deftchill.core.gel.GelatinParameters;
import com.deftchill.core.larder.Larder;

/**
 * Where a formula is made.
 *
 * @param larder what there is
 * @param kitchen how it works
 * @param gelatin constants that its gels are computed by; nothing in the core asks for a set of its own
 */
public record Workplace(Larder larder, Kitchen kitchen, GelatinParameters gelatin) {}
