package com.deftchill.core.parameters;

/** Constants of what steps of the work take; each is described by its row of {@code parameters.csv}. */
public record WorkParameters(Parameter weighLine, Parameter fillMould, Parameter burner) {}
