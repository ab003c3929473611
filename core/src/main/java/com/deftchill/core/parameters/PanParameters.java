package com.deftchill.core.parameters;

/** Constants of cooking, caramel, crumbs and soaking; each is described by its row of {@code parameters.csv}. */
public record PanParameters(
        Parameter simmer,
        Parameter steepedKeeps,
        Parameter caramelLight,
        Parameter caramelMedium,
        Parameter caramelDark,
        Parameter lostLight,
        Parameter lostMedium,
        Parameter lostDark,
        Parameter endsEnzymesFrom,
        Parameter endsEnzymesAfter,
        Parameter yolkThickens,
        Parameter yolkScrambles,
        Parameter starchedScrambles,
        Parameter starchProtects,
        Parameter starchThickens,
        Parameter tempersBelow,
        Parameter curdlesFrom,
        Parameter crumbLeast,
        Parameter crumbMost,
        Parameter crumbAim,
        Parameter packed,
        Parameter soakDry,
        Parameter soakWet,
        Parameter soakLeft,
        Parameter moistIn) {}
