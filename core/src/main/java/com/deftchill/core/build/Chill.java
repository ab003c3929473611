package com.deftchill.core.build;

import com.deftchill.core.batch.Component;
import com.deftchill.core.body.Nature;
import com.deftchill.core.body.Plastic;
import com.deftchill.core.gel.GelModel;
import com.deftchill.core.gel.StrengthFactors;
import com.deftchill.core.turnout.Slump;

/**
 * What happens to a layer that is poured.
 *
 * @param model of its gelling agent
 * @param factors that strengthen or weaken it
 * @param plastic what makes it firm besides its gel
 * @param nature what it is mostly made firm by
 */
public record Chill(
        GelModel model, StrengthFactors factors, Plastic plastic, Nature nature, Slump slump, SetHistory set) {
    boolean sets(Component component) {
        return component.gels() || plastic.exists();
    }
}
