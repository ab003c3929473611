package com.deftchill.server.batchlog;

import com.deftchill.core.alternative.Lineage;
import com.deftchill.core.formula.WrittenFormula;
import com.deftchill.server.batchlog.TrialController.Trial;
import com.deftchill.server.batchlog.TrialController.Trials;
import com.deftchill.server.batchlog.TrialController.TriedBatch;
import com.deftchill.server.formula.FormulaService;
import com.deftchill.server.formula.RevisionService;
import com.deftchill.server.workplace.Asked;
import com.deftchill.server.workplace.Computing;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.domain.PageRequest;
import org.springframework.stereotype.Service;

/** Puts the states of a formula in the order in which they were first there, and asks what each grew out of. */
@Service
class TrialService {
    private static final int MOST_BATCHES = 200;

    private final RevisionService revisions;
    private final FormulaService formulas;
    private final BatchRepository batches;
    private final Computing computing;

    TrialService(RevisionService revisions, FormulaService formulas, BatchRepository batches, Computing computing) {
        this.revisions = revisions;
        this.formulas = formulas;
        this.batches = batches;
        this.computing = computing;
    }

    private record State(
            Optional<Integer> number, String name, Optional<Instant> at, WrittenFormula document, LocalDate since) {}

    Trials of(UUID formulaId, Asked asked) {
        var now = formulas.get(formulaId).getDocument();
        var made = batches.findByFormulaIdOrderByMadeOnDescPouredAtDescCreatedAtDesc(
                        formulaId, PageRequest.of(0, MOST_BATCHES))
                .getContent();
        var states = states(formulaId, now, made);
        var lines = computing.light(
                asked,
                (assessor, workplace) ->
                        Lineage.of(states.stream().map(State::document).toList(), workplace));
        var trials = new ArrayList<Trial>();
        for (int i = 0; i < states.size(); i++) {
            var state = states.get(i);
            var parent = lines.get(i).parent();
            trials.add(new Trial(
                    state.number(),
                    state.name(),
                    state.at(),
                    parent.isPresent() ? Optional.of(parent.getAsInt()) : Optional.empty(),
                    state.document().equals(now),
                    lines.get(i).changes(),
                    made.stream()
                            .filter(batch -> batch.getDocument().equals(state.document()))
                            .map(batch -> new TriedBatch(batch.getId(), batch.getMadeOn(), batch.getOutcome()))
                            .toList()));
        }
        return new Trials(now.name(), trials);
    }

    /** Kept ones, those made without being kept, the present one: each document once, in the order in which they were first there. */
    private List<State> states(UUID formulaId, WrittenFormula now, List<BatchEntity> made) {
        var kept = revisions.latest(formulaId);
        var states = new ArrayList<State>();
        var latest = LocalDate.MAX;
        // Going back through the kept ones: a state was there before the one that was kept after it.
        for (int i = kept.size() - 1; i >= 0; i--) {
            var one = kept.get(i);
            var on = earliest(one.at().atZone(ZoneOffset.UTC).toLocalDate(), firstMade(made, one.document()), latest);
            latest = on;
            states.removeIf(s -> s.document().equals(one.document()));
            states.add(0, new State(Optional.of(one.number()), one.name(), Optional.of(one.at()), one.document(), on));
        }
        for (int i = made.size() - 1; i >= 0; i--) {
            add(states, made.get(i).getDocument(), made.get(i).getMadeOn());
        }
        add(states, now, LocalDate.MAX);
        states.sort(Comparator.comparing(State::since));
        return states;
    }

    private static void add(List<State> states, WrittenFormula document, LocalDate since) {
        if (states.stream().noneMatch(s -> s.document().equals(document))) {
            states.add(new State(Optional.empty(), "", Optional.empty(), document, since));
        }
    }

    private static LocalDate firstMade(List<BatchEntity> made, WrittenFormula document) {
        return made.stream()
                .filter(batch -> batch.getDocument().equals(document))
                .map(BatchEntity::getMadeOn)
                .min(Comparator.naturalOrder())
                .orElse(LocalDate.MAX);
    }

    private static LocalDate earliest(LocalDate... days) {
        return Arrays.stream(days).min(Comparator.naturalOrder()).orElseThrow();
    }
}
