/** What was mixed: its composition, and what follows for the gel: water, pH, fat, sugar, alcohol, enzymes. */
package com.deftchill.core.mix;
