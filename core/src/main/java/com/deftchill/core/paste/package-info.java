/** A plain list of ingredients, as pasted: each line understood, or kept and marked. */
package com.deftchill.core.paste;
