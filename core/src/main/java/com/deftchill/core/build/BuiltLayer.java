package com.deftchill.core.build;

import com.deftchill.core.batch.Component;
import com.deftchill.core.chill.Material;
import com.deftchill.core.chill.Slab;

/**
 * A layer of a dessert as it is built.
 *
 * @param index of the component in the formula
 * @param history of what is poured; nothing happens to what is laid in
 */
public record BuiltLayer(int index, Component component, Slab slab, Material material, Chill history) {}
