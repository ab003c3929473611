package com.deftchill.server.batchlog;

import com.deftchill.core.batch.BatchReader;
import com.deftchill.core.formula.WrittenFormula;
import com.deftchill.core.kitchen.Workplace;
import com.deftchill.core.learn.Beside;
import com.deftchill.core.learn.Measured;
import com.deftchill.server.batchlog.BatchPageView.ComponentOf;
import com.deftchill.server.batchlog.BatchPageView.LotOf;
import com.deftchill.server.formula.RevisionService;
import com.deftchill.server.photo.PhotoService;
import com.deftchill.server.workplace.Asked;
import com.deftchill.server.workplace.Computing;
import com.deftchill.server.workplace.KitchenService;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Component;

/** Puts together what is known of a batch. */
@Component
public class BatchPages {
    private final BatchService batches;
    private final PhotoService photos;
    private final RevisionService revisions;
    private final KitchenService kitchens;
    private final Computing computing;

    BatchPages(
            BatchService batches,
            PhotoService photos,
            RevisionService revisions,
            KitchenService kitchens,
            Computing computing) {
        this.batches = batches;
        this.photos = photos;
        this.revisions = revisions;
        this.kitchens = kitchens;
        this.computing = computing;
    }

    /** Everything that is known of a batch, by its id. */
    public BatchPageView page(UUID id) {
        return of(batches.get(id));
    }

    BatchPageView of(BatchEntity batch) {
        var said = batch.said();
        var measured = Readings.of(batch.getId(), said, batch.getDocument());
        return new BatchPageView(
                batch.getId(),
                batch.getVersion(),
                batch.getFormulaId(),
                batches.formulaName(batch.getFormulaId()),
                said,
                batch.getPredicted(),
                beside(measured, batch.getDocument()),
                photos.of(batch.getId()),
                lotsOf(batch.getDocument(), kitchens.workplace()),
                components(batch.getDocument(), kitchens.workplace()),
                Optional.ofNullable(batch.getMakingId()),
                revisions.numberOf(batch.getFormulaId(), batch.getDocument()),
                batches.changes(batch.getId()).size(),
                batch.getDocument());
    }

    private List<BatchPageView.Beside> beside(List<Measured> measured, WrittenFormula document) {
        if (measured.isEmpty()) {
            return List.of();
        }
        return computing.light(
                Asked.NOBODY,
                (assessor, workplace) -> Beside.of(assessor, document, measured, workplace).stream()
                        .map(BatchPages::view)
                        .toList());
    }

    private static BatchPageView.Beside view(Beside beside) {
        var measure = beside.measured().measure();
        var unknown = measure.unknown();
        return new BatchPageView.Beside(
                measure.quantity().id(),
                unknown.map(u -> u.of().isEmpty() ? u.what() : u.of()).orElse(""),
                measure.level() > 0 ? Optional.of(measure.level()) : Optional.empty(),
                measure.quantity().unit(),
                beside.measured().value(),
                beside.predicted(),
                beside.off());
    }

    /** Gelling agents and what else is bought in lots that matter. */
    private static List<LotOf> lotsOf(WrittenFormula document, Workplace workplace) {
        var found = new LinkedHashMap<String, String>();
        for (var component : document.components()) {
            component
                    .gels()
                    .forEach(gel -> workplace
                            .larder()
                            .gel(gel.of())
                            .ifPresent(product -> found.put(product.id(), product.name())));
        }
        for (var component : document.components()) {
            component
                    .lines()
                    .forEach(line -> workplace
                            .larder()
                            .ingredient(line.of())
                            .ifPresent(ingredient -> found.put(ingredient.id(), ingredient.name())));
        }
        var lots = new ArrayList<LotOf>();
        found.forEach((id, name) -> lots.add(new LotOf(id, name)));
        return lots;
    }

    private static List<ComponentOf> components(WrittenFormula document, Workplace workplace) {
        return BatchReader.read(document, workplace).batch().stream()
                .flatMap(batch -> batch.components().stream())
                .map(component -> new ComponentOf(component.id(), component.name()))
                .toList();
    }
}
