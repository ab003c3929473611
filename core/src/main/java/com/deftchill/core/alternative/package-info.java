/** A dessert otherwise: other agents, sizes, guests, ways; two states side by side. */
package com.deftchill.core.alternative;
