/**
 * The whole flow for one dessert. {@link com.deftchill.core.assess.Assessor} is the way in;
 * {@link com.deftchill.core.assess.Study} computes everything once; the classes named after what they judge turn it into
 * verdicts, milestones and the line; {@link com.deftchill.core.assess.Assessment} is what the cook sees.
 */
package com.deftchill.core.assess;
