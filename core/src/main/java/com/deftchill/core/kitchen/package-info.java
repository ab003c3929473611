/** How a kitchen works: units, scales, the schools it follows, the safety rules it goes by. */
package com.deftchill.core.kitchen;
