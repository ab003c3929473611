package com.deftchill.server.workplace;

import com.deftchill.core.kitchen.Workplace;

/** What a kitchen has learnt of its own numbers and accepted. */
public interface KitchenNumbers {
    /** The workplace with these numbers in place of the handbook's. */
    Workplace put(Workplace handbook);

    /** Short name of them; empty where the handbook's hold. */
    String fingerprint();
}
