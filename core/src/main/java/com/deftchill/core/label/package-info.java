/** For whom it is: allergens, diet, keeping life, nutrition, cost. */
package com.deftchill.core.label;
