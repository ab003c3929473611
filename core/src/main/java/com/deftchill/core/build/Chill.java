package com.deftchill.core.build;

import com.deftchill.core.batch.Component;
import com.deftchill.core.fat.FatSet;
import com.deftchill.core.gel.GelModel;
import com.deftchill.core.gel.StrengthFactors;
import com.deftchill.core.turnout.Slump;

/**
 * What happens to a layer that is poured.
 *
 * @param model of its gelling agent
 * @param factors that strengthen or weaken it
 * @param fat what its fat adds to the firmness
 */
public record Chill(GelModel model, StrengthFactors factors, FatSet fat, Slump slump, SetHistory set) {
    boolean sets(Component component) {
        return component.gels() || fat.exists();
    }
}
