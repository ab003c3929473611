/**
 * Beside the cook: a batch while it is made. {@link Event}s are kept as they happen and never changed; {@link Making} is
 * what they come to, rebuilt from them at any time and in whatever order they arrived. {@link Guide} says of every step
 * what is to be done about it now; {@link Asks} what may be measured at it; {@link Consequence} what the measured values
 * do to the dessert.
 *
 * <p>Moments are seconds since 1970 in UTC; events tell milliseconds, so that two in a row have an order.
 */
package com.deftchill.core.making;
