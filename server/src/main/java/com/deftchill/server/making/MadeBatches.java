package com.deftchill.server.making;

import com.deftchill.core.making.Making;
import java.util.UUID;
import org.springframework.stereotype.Service;

/** Batches that are or were followed while they were made, for those who ask about them. */
@Service
public class MadeBatches {
    private final MakingService makings;

    MadeBatches(MakingService makings) {
        this.makings = makings;
    }

    /** A batch with what happened to it so far. */
    public Making making(UUID id) {
        return makings.get(id).making();
    }
}
