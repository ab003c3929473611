/**
 * The rules of the job. A dessert flows one way through these packages, each step a pure function on immutable values:
 *
 * <ol>
 *   <li>{@code composition}: mass shares of water, fats, sugars..., and the thermal properties that follow
 *   <li>{@code larder}: what the kitchen has: ingredients, gelling agents, moulds, coolers, from commented data files and of its own
 *   <li>{@code kitchen}: how it works: units, schools, safety rules, scales
 *   <li>{@code amount}: text as typed in a notebook, read as grams, degrees, counts and clock times
 *   <li>{@code formula}: the dessert as written
 *   <li>{@code batch}: the dessert as understood: every amount in grams, every name looked up; or the list of problems
 *   <li>{@code mix}: what was mixed together, hot and cold, and what that means for the gel
 *   <li>{@code gel}: gelatin: helix share, rigidity, maturing, the factors that weaken or strengthen it; agar and carrageenans
 *   <li>{@code vessel}: the mould as a profile: volumes, fill heights, areas
 *   <li>{@code chill}: temperature over time at every point (two-dimensional, implicit)
 *   <li>{@code turnout}: slump, standing height, dipping
 *   <li>{@code verdict}: figures with their evidence, verdicts and one-touch fixes
 *   <li>{@code assess}: the whole flow, from the written formula to the assessment, swaps, scalings and comparisons
 * </ol>
 *
 * No frameworks, no clock, no storage: libraries are numeric ones and a CSV reader for the data files.
 */
package com.deftchill.core;
