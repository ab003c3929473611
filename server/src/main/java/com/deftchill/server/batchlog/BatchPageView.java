package com.deftchill.server.batchlog;

import com.deftchill.core.formula.WrittenFormula;
import com.deftchill.server.formula.StoredPrediction;
import com.deftchill.server.photo.PhotoView;
import java.util.List;
import java.util.Optional;
import java.util.UUID;

/**
 * Everything that is known of a batch.
 *
 * @param said how it came out and what was measured
 * @param predicted when it was logged
 * @param beside predicted beside measured, of everything that has both
 * @param makingId how it was made step by step, where it was
 * @param revision the kept state of the formula that it was made by, where it is one
 * @param changed what was made otherwise than the formula is written now
 * @param corrections how often it was corrected
 */
public record BatchPageView(
        UUID id,
        long version,
        UUID formulaId,
        String formula,
        CameOut said,
        StoredPrediction predicted,
        List<Beside> beside,
        List<PhotoView> photos,
        List<LotOf> lotsOf,
        List<ComponentOf> components,
        Optional<UUID> makingId,
        Optional<Integer> revision,
        int corrections,
        WrittenFormula document) {
    /**
     * A figure that was both predicted and measured.
     *
     * @param quantity such as {@code standing-height}
     * @param of what it is of; empty where it is of the whole
     * @param minutes after the pour, of a temperature
     * @param predicted by the kitchen's numbers of today
     * @param off how far the measured one is from it, in deviations that are usual
     */
    public record Beside(
            String quantity,
            String of,
            Optional<Double> minutes,
            String unit,
            double measured,
            double predicted,
            double off) {}

    /** Something in it that comes in lots. */
    public record LotOf(String id, String name) {}

    public record ComponentOf(String id, String name) {}
}
