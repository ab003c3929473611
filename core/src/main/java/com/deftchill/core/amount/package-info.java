/** Text as typed in a notebook, read as numbers with a unit; what cannot be read is refused with the rule it breaks. */
package com.deftchill.core.amount;
