package com.deftchill.server.workplace;

import com.deftchill.core.kitchen.Workplace;

/** What a kitchen has learnt of its own numbers and accepted. */
public interface KitchenNumbers {
    /** The workplace with these numbers in place of the handbook's. */
    Workplace put(Workplace handbook);

    /** K that a probe shows above what is so since it was tried at a moment, see {@code batchlog.Probes}; 0 where nothing was learnt. */
    double probeOffset(String probe);

    /** Short name of them; empty where the handbook's hold. */
    String fingerprint();
}
