/**
 * What to do when a batch goes wrong.
 *
 * <p>A {@link com.deftchill.core.rescue.Symptom} is what the cook sees. A {@link com.deftchill.core.rescue.Cause} is a
 * {@link com.deftchill.core.rescue.Deviation} of something known, put into the batch as it was really made and computed
 * through; {@link com.deftchill.core.rescue.Signs} tell how likely the dessert then shows the symptom, and
 * {@link com.deftchill.core.rescue.Ranking} weighs that with how often kitchens see it and with what was measured.
 * {@link com.deftchill.core.rescue.Remedies} are tried on the likeliest cause and must do no harm under the second. The data
 * are in symptoms.csv, causes.csv and looks.csv.
 */
package com.deftchill.core.rescue;
