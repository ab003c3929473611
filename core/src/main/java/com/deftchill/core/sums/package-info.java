/** The ten-second calculators: one question each, answered by the same rules as a whole dessert. */
package com.deftchill.core.sums;
