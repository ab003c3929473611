package com.deftchill.core.parameters;

/** Constants of what solid fat sets; each is described by its row of {@code parameters.csv}. */
public record FatParameters(
        Parameter scale,
        Parameter scaleShare,
        Parameter cocoaCounts,
        Parameter milkAt5,
        Parameter milkAt12,
        Parameter milkAt20,
        Parameter milkAt30,
        Parameter cocoaAt5,
        Parameter cocoaAt15,
        Parameter cocoaAt20,
        Parameter cocoaAt28,
        Parameter softens,
        Parameter spreadFrom,
        Parameter glassLeast,
        Parameter glassMost,
        Parameter turnedOutLeast,
        Parameter turnedOutMost,
        Parameter slicedLeast,
        Parameter slicedMost) {}
