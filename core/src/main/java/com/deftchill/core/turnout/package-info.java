/** Turning out: does it stand under its own weight, and how long a dip frees it from its mould. */
package com.deftchill.core.turnout;
