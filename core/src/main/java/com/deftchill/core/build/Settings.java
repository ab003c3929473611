package com.deftchill.core.build;

import com.deftchill.core.chill.ChillOptions;
import com.deftchill.core.kitchen.Kitchen;

/**
 * What a study is made with: how the kitchen works, and how finely to compute.
 *
 * @param nudge of the inputs
 * @param recorded whether the whole field is kept, for the Cold
 */
public record Settings(Kitchen kitchen, ChillOptions options, Nudge nudge, boolean recorded) {
    public Settings(Kitchen kitchen, ChillOptions options) {
        this(kitchen, options, Nudge.NONE, false);
    }

    public Settings recording() {
        return new Settings(kitchen, options, nudge, true);
    }

    public Settings with(Nudge other) {
        return new Settings(kitchen, options, other, recorded);
    }
}
