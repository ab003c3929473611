/**
 * The Book: where the work begins. Every formula as a cook knows it again: its cut in small, what it is, how its line reads,
 * when it was last made and how it came out; found by what is in it. What is computed for a row is kept and computed anew in
 * the background once the formula or what it is computed by has changed.
 */
package com.deftchill.server.book;
