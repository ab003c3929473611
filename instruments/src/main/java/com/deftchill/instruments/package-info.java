/**
 * A stand-in probe thermometer and a stand-in scale, small servers of their own: what they measure is simulated, how they speak
 * is the open protocol of docs/instruments.md, which a real instrument's driver can speak as well. They know nothing of
 * desserts: the probe follows a curve that it is told, the scale carries what is put on it.
 */
package com.deftchill.instruments;
