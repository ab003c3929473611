/**
 * Probe and scale: connected by an adapter each, their readings passed through a table that is kept for an hour, so that any
 * copy of the application serves them; corrected by the last calibration, kept raw.
 */
package com.deftchill.server.instruments;
