package com.deftchill.core.making;

import com.deftchill.core.assess.Assessor;
import com.deftchill.core.batch.Emulsion;
import com.deftchill.core.dessert.Portrait;
import com.deftchill.core.dessert.Study;
import com.deftchill.core.fat.Ganache;
import com.deftchill.core.formula.Changes;
import com.deftchill.core.formula.WrittenFormula;
import com.deftchill.core.gel.Firmness;
import com.deftchill.core.kitchen.Workplace;
import com.deftchill.core.text.Notation;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * How exactly every line must be weighed, by what an error in it would do to the dessert: the least of what moves its
 * firmness by one word, the volume of its component by 3 %, or a ganache's share of fat by 0.01 (handbook 7).
 */
public final class Tolerances {
    /** Widths of the words for firmness on its scale of 100: about so much [E]. */
    private static final double WORD = 20;

    private static final double VOLUME = 0.03;
    private static final double PHI = 0.01;
    /** So large an error is tried; what it does is taken as in proportion. */
    private static final double TRIED = 0.02;
    /** No line is weighed worse than this, whatever it does. */
    private static final double WORST = 0.25;

    private final Assessor assessor;
    private final WrittenFormula formula;
    private final Workplace workplace;

    public Tolerances(Assessor assessor, WrittenFormula formula, Workplace workplace) {
        this.assessor = assessor;
        this.formula = formula;
        this.workplace = workplace;
    }

    /**
     * A line's tolerance.
     *
     * @param address of its amount
     * @param grams as understood
     * @param within g either way
     */
    public record Tolerance(String address, double grams, double within) {}

    /** Of every ingredient and gelling agent that is weighed; none where the formula is not understood. */
    public List<Tolerance> all() {
        var before = assessor.study(formula, workplace).value();
        if (before.isEmpty()) {
            return List.of();
        }
        var all = new ArrayList<Tolerance>();
        for (var portrait : before.get().portraits()) {
            var at = "/components/" + portrait.index();
            var written = formula.components().get(portrait.index());
            var lines = portrait.component().lines();
            for (int i = 0; i < Math.min(lines.size(), written.lines().size()); i++) {
                var line = written.lines().get(i);
                if (line.component().isEmpty()) {
                    var address = at + "/lines/" + line.id() + "/amount";
                    of(portrait, address, lines.get(i).part().grams()).ifPresent(all::add);
                }
            }
            if (!written.gels().isEmpty()) {
                var address = at + "/gels/" + written.gels().get(0).id() + "/amount";
                of(portrait, address, portrait.component().gel().grams()).ifPresent(all::add);
            }
        }
        return all;
    }

    private Optional<Tolerance> of(Portrait portrait, String address, double grams) {
        if (!(grams > 0)) {
            return Optional.empty();
        }
        var more = Changes.set(formula, address, Notation.write(grams * (1 + TRIED), 4) + " g");
        return assessor.study(more, workplace).value().map(after -> {
            var other = after.portraits().get(portrait.index());
            double worst = TRIED / WORST;
            worst = Math.max(worst, Math.abs(firmness(other) - firmness(portrait)) / WORD);
            worst = Math.max(
                    worst, Math.abs(other.mix().volumeMl() / portrait.mix().volumeMl() - 1) / VOLUME);
            if (Emulsion.of(portrait.component())) {
                worst = Math.max(worst, Math.abs(phi(other) - phi(portrait)) / PHI);
            }
            return new Tolerance(address, grams, grams * TRIED / worst);
        });
    }

    /** On the scale of 100, when it is judged; 0 for what is not followed. */
    private static double firmness(Portrait portrait) {
        return portrait.study().map(Study::judgedPa).map(Firmness::score).orElse(0.0);
    }

    /** Before any foam is folded in. */
    private static double phi(Portrait portrait) {
        var base = portrait.component().base();
        return new Ganache(base.composition(), base.massG(), portrait.parameters()).phi();
    }
}
