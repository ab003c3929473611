package com.deftchill.server.workplace;

/** The kitchen's settings or its own larder entries were changed, or the numbers it goes by. */
public record WorkplaceChanged() {}
