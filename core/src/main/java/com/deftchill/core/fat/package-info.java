/** Fat: how much of it is solid, what a ganache does, and the network that solid fat builds. */
package com.deftchill.core.fat;
