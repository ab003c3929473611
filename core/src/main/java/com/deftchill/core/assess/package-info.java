/**
 * From a written formula to everything that is told of it. {@link com.deftchill.core.assess.Assessor} is the way in: it has the
 * dessert computed through ({@code build}, {@code dessert}), judged ({@code judge}) and told.
 */
package com.deftchill.core.assess;
