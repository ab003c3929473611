/**
 * A kitchen learns its own numbers from its log.
 *
 * <p>A {@link com.deftchill.core.learn.Measured} is a reading of a {@link com.deftchill.core.learn.Quantity} of a batch.
 * {@link com.deftchill.core.learn.Responses} asks the models how it hangs on each {@link com.deftchill.core.learn.Unknown}: the
 * strength of a lot, the air of a cooler, a cook's hand. {@link com.deftchill.core.learn.Learning} weighs all readings with what was
 * known before, and {@link com.deftchill.core.learn.Learnt} says what they tell, what they do not, and what to measure next.
 * {@link com.deftchill.core.learn.Ladder} lays out cups that step one value, and {@link com.deftchill.core.learn.LadderFit} reads
 * what tasters said of them. Nothing here keeps anything or knows the time.
 */
package com.deftchill.core.learn;
