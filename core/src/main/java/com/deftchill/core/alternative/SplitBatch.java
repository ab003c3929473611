package com.deftchill.core.alternative;

import com.deftchill.core.assess.ComponentAnswer.Amounts;
import com.deftchill.core.formula.WrittenFormula;
import com.deftchill.core.label.Flag;
import com.deftchill.core.method.Step;
import com.deftchill.core.text.Message;
import java.util.List;
import java.util.Optional;

/**
 * A batch of which some moulds are made otherwise. What differs is weighed and made for each part by itself; what does not is
 * made once for all.
 *
 * @param count of all moulds
 * @param rest those made as written; absent when none is left
 * @param parts those made otherwise
 */
public record SplitBatch(int count, Optional<Part> rest, List<Part> parts) {

    /**
     * Some of the moulds.
     *
     * @param of id of the variant; empty for those made as written
     * @param name as the cook reads it
     * @param count so many moulds
     * @param honest what is not the same; says nothing for those made as written
     * @param line the answer to them in a sentence or two
     * @param document the formula of this part alone, for so many moulds
     * @param apart what is weighed and made by itself for them
     * @param flags what must be known of them before they are served
     */
    public record Part(
            String of,
            String name,
            int count,
            Message honest,
            Message line,
            WrittenFormula document,
            List<Apart> apart,
            List<Flag> flags) {}

    /**
     * A component that is not made in one for the whole batch.
     *
     * @param component its number in the formula
     * @param amounts for so many moulds
     * @param method its steps, with these amounts
     */
    public record Apart(int component, Amounts amounts, List<Step> method) {}
}
