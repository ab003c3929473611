package com.deftchill.server.photo;

import java.time.Instant;
import java.util.UUID;

/** A photo without its picture, which is at {@code /api/photos/{id}} and, small, at {@code /api/photos/{id}/small}. */
public record PhotoView(UUID id, String caption, String by, int width, int height, Instant at) {}
