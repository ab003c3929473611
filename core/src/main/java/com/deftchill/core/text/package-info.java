/** Figures as the cook reads them, in the kitchen's units and clock. */
package com.deftchill.core.text;
