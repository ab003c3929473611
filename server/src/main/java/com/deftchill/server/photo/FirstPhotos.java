package com.deftchill.server.photo;

import java.util.Collection;
import java.util.HashMap;
import java.util.Map;
import java.util.UUID;
import org.springframework.stereotype.Component;

/** The first photo of each of several batches. */
@Component
public class FirstPhotos {
    private final PhotoRepository photos;

    FirstPhotos(PhotoRepository photos) {
        this.photos = photos;
    }

    public Map<UUID, UUID> of(Collection<UUID> batchIds) {
        var first = new HashMap<UUID, UUID>();
        if (!batchIds.isEmpty()) {
            photos.ofBatches(batchIds).forEach(photo -> first.putIfAbsent(photo.batchId(), photo.id()));
        }
        return first;
    }
}
