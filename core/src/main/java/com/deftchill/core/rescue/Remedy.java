package com.deftchill.core.rescue;

import com.deftchill.core.text.Message;
import com.deftchill.core.verdict.Fix.Change;
import java.util.List;
import java.util.Locale;

/**
 * What can be done now.
 *
 * @param id of what is done
 * @param label in amounts for what is in the bowl
 * @param effects what it gives, computed; empty where no model knows it
 * @param lost what it costs
 * @param changes of the document that say the same
 * @param again ids of steps that are done once more
 * @param tried whether it was put into the batch with its likeliest cause and cleared the symptom
 */
public record Remedy(
        String id,
        Message label,
        List<Message> effects,
        List<Message> lost,
        List<Change> changes,
        List<String> again,
        boolean tried) {
    public Remedy {
        effects = List.copyOf(effects);
        lost = List.copyOf(lost);
        changes = List.copyOf(changes);
        again = List.copyOf(again);
    }

    /** How a remedy comes about. */
    enum Does {
        /** Time, if the batch sets by itself. */
        WAIT,
        /** The cooler as cold as it is written. */
        COLDER,
        /** Melted, and as much gelling agent added as is missing. */
        REDOSE,
        /** Frozen: what is firm by ice needs no gel. */
        REFREEZE,
        /** Eaten from a glass, where it need not stand. */
        GLASS,
        /** Eaten warmer, when it is as firm as wanted. */
        WARMER,
        /** Melted, and diluted with the same mix without gelling agent. */
        DILUTE,
        /** What the verdicts of the batch with its likeliest cause offer. */
        FIX,
        /** Told in words. */
        TOLD;

        static Does of(String word) {
            return valueOf(word.toUpperCase(Locale.ROOT));
        }
    }

    /**
     * A remedy of the table.
     *
     * @param of of what its amount is a share; empty: it has none
     * @param least share, g/g
     * @param most share, g/g
     */
    record Row(String symptom, Does does, String id, String of, double least, double most) {}
}
