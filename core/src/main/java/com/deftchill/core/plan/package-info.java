/**
 * The day: several desserts planned together. {@link WrittenPlan} is what the cook wrote; {@link PlanReader} understands
 * it; {@link DishReader} makes the tasks of a dessert from its method; together they are a {@link Day}. A
 * {@link Solver} (its own module) finds a {@link Schedule} for it; {@link Checker} finds every rule that one breaks and
 * knows nothing of the solver; {@link Reasons} says why a task stands where it stands; {@link WaysOut} tries what would
 * help where nothing fits.
 *
 * <p>Time is in whole minutes since 1970 in UTC: a plan runs over nights and over both changes of the clock.
 */
package com.deftchill.core.plan;
