/**
 * What makes a body firm besides its gel: fat, curd, starch, egg, whipped cream, caramel. One yield stress at each
 * temperature ({@link com.deftchill.core.body.Plastic}), followed along the chill ({@link com.deftchill.core.body.PlasticState}).
 */
package com.deftchill.core.body;
