package com.deftchill.core.kitchen;

import com.deftchill.core.larder.Larder;
import com.deftchill.core.parameters.Parameters;

/**
 * Where a formula is made.
 *
 * @param larder what there is
 * @param kitchen how it works
 * @param parameters constants of the models; nothing in the core asks for a set of its own
 */
public record Workplace(Larder larder, Kitchen kitchen, Parameters parameters) {}
