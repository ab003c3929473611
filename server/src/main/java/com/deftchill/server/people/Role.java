package com.deftchill.server.people;

/** What somebody may do in a kitchen; each may do what those after it may. */
public enum Role {
    /** Develops, decides, sees to the people. */
    HEAD,
    /** Makes, plans, logs. */
    COOK,
    /** Reads, and computes what is not stored. */
    GUEST
}
