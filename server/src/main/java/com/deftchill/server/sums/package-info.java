/** The ten-second calculators over HTTP. */
package com.deftchill.server.sums;
