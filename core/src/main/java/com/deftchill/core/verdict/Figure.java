package com.deftchill.core.verdict;

/** A computed figure that opens. */
public record Figure(String name, String value, Evidence evidence) {}
