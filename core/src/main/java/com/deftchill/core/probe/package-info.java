/** What a thermometer shows and what is true: the two fixed points of water, and what they say of a probe. */
package com.deftchill.core.probe;
