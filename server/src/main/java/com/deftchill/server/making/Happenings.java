package com.deftchill.server.making;

import com.deftchill.core.making.Event;
import com.deftchill.core.making.Event.Kind;
import com.deftchill.server.batchlog.BatchService;
import com.deftchill.server.batchlog.BatchService.Predicted;
import com.deftchill.server.making.MakingService.Kept;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Component;

/** What happened to a batch: stored; where it finishes it, logged with what was predicted, which is computed first. */
@Component
class Happenings {
    /** Two who finish the same batch at once, each otherwise, are already unlikely. */
    private static final int MOST_TIMES = 5;

    private final MakingService makings;
    private final BatchService batches;

    Happenings(MakingService makings, BatchService batches) {
        this.makings = makings;
        this.batches = batches;
    }

    Kept add(UUID id, List<Event> happened) {
        for (int time = 1; time <= MOST_TIMES; time++) {
            var kept = makings.add(id, happened, predicted(id, happened));
            if (kept.isPresent()) {
                return kept.get();
            }
        }
        throw new IllegalStateException("batch " + id + " was changed each time it was to be finished");
    }

    private Optional<Predicted> predicted(UUID id, List<Event> happened) {
        if (happened.stream().noneMatch(event -> event.kind() == Kind.FINISHED)) {
            return Optional.empty();
        }
        var making = makings.with(id, happened);
        return making.finished() ? Optional.of(batches.predict(making.made())) : Optional.empty();
    }
}
