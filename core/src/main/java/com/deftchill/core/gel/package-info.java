/**
 * Gelatin. Rigidity depends on one thing, the concentration of helices c_h = c * chi (after Joly-Duhamel, Hellio, Ajdari
 * and Djabourov 2002): {@link com.deftchill.core.gel.GelatinModel} is that curve,
 * {@link com.deftchill.core.gel.GelatinParameters} its constants, {@link com.deftchill.core.gel.Maturing} how chi grows in
 * time, {@link com.deftchill.core.gel.StrengthFactors} what else in the mix weakens or strengthens the gel, and
 * {@link com.deftchill.core.gel.Firmness} the result in a cook's words.
 */
package com.deftchill.core.gel;
