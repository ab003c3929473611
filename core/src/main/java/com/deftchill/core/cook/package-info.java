/** Work in pan, tin and dish: boiling away, caramel, starch, soaking, crumb bases. */
package com.deftchill.core.cook;
