/** A dessert computed through: every figure once, for each component and for the whole. */
package com.deftchill.core.dessert;
