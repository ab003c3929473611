package com.deftchill.core.turnout;

/** A point of a profile: half-width and height, mm. */
public record Point(double halfWidthMm, double heightMm) {}
