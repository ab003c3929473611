/**
 * Temperature over time at every point of a dessert in its vessel.
 *
 * <p>Model: conduction in a two-dimensional section, round or long; walls as thin conducting shells with heat of their
 * own; air at a surface coefficient. {@link com.deftchill.core.chill.Material} is what conducts,
 * {@link com.deftchill.core.chill.Grid} where, {@link com.deftchill.core.chill.Place} in what air,
 * {@link com.deftchill.core.chill.ChillOptions} how finely, {@link com.deftchill.core.chill.ChillSimulation} the method.
 * Each cell names its material, so layers are only another assignment; a material is an enthalpy curve, so freezing is
 * only another curve.
 */
package com.deftchill.core.chill;
