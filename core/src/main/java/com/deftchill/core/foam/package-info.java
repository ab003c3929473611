/** Air: whipped cream, whites and yolks, how much of it is kept in folding, and the window for folding. */
package com.deftchill.core.foam;
