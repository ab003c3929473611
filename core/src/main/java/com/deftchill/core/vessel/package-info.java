/** The mould as a profile over height (round or long), its walls, and the volumes and heights that follow. */
package com.deftchill.core.vessel;
