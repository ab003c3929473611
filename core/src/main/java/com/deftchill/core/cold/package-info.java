/** The chill of a dessert in time, as the Cold shows it. */
package com.deftchill.core.cold;
