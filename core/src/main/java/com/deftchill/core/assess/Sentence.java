package com.deftchill.core.assess;

import com.deftchill.core.verdict.Verdict.Tone;

/** A sentence of the line and how it bears on the dessert. */
public record Sentence(Tone tone, String text) {}
