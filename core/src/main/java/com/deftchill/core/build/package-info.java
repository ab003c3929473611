/** A dessert as it is built: filled, poured layer upon layer and followed through the cold and at the table. */
package com.deftchill.core.build;
