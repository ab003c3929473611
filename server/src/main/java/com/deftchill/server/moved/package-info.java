/**
 * What newer models say of a formula that older ones said otherwise: kept with each formula is what was last predicted and by
 * which models, so that the kitchen is told once when the figures it knows have moved.
 */
package com.deftchill.server.moved;
