/**
 * Whole recipes as they are written down: headings, lists of ingredients, a method in sentences. They become a formula in
 * which every value is linked to the words that it was read from. What is not certain is marked, what is not understood is
 * kept as text, and nothing is put in that the text does not say.
 *
 * <p>{@link com.deftchill.core.recipe.RecipeLines} tells the lines apart, {@link com.deftchill.core.recipe.MethodReader} reads
 * the sentences, {@link com.deftchill.core.recipe.KindGuess} and {@link com.deftchill.core.recipe.VesselWords} say what a
 * component is and what it is filled into, {@link com.deftchill.core.recipe.RecipeReader} puts it together.
 */
package com.deftchill.core.recipe;
