package com.deftchill.server.ladder;

import com.deftchill.core.formula.Changes;
import com.deftchill.core.formula.WrittenFormula;
import com.deftchill.core.learn.Ladder;
import com.deftchill.core.learn.LadderFit;
import com.deftchill.core.text.Argument;
import com.deftchill.core.text.Message;
import com.deftchill.core.text.Words;
import com.deftchill.core.verdict.Fix;
import com.deftchill.core.verdict.Problem;
import com.deftchill.server.formula.FormulaService;
import com.deftchill.server.problem.NotFoundException;
import com.deftchill.server.problem.NotUnderstoodException;
import com.deftchill.server.workplace.KitchenService;
import java.time.Clock;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.domain.Limit;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Lays out ladders, takes what tasters say, and reads it. */
@Service
class LadderService {
    private static final int MOST_SHOWN = 100;
    private static final int NAME = 200;

    private final LadderRepository ladders;
    private final FormulaService formulas;
    private final KitchenService kitchens;
    private final Clock clock;

    LadderService(LadderRepository ladders, FormulaService formulas, KitchenService kitchens, Clock clock) {
        this.ladders = ladders;
        this.formulas = formulas;
        this.kitchens = kitchens;
        this.clock = clock;
    }

    /** What is asked for. */
    record Wish(
            UUID id,
            UUID formulaId,
            WrittenFormula document,
            String address,
            int cups,
            double step,
            double cupG,
            List<String> tasters,
            String by) {}

    /** Lays out a ladder; sent twice with one id it is laid out once. */
    @Transactional
    LadderEntity lay(Wish wish) {
        var there = ladders.findById(wish.id());
        if (there.isPresent()) {
            return there.get();
        }
        var formula = formulas.get(wish.formulaId());
        var document = wish.document();
        var asked = new Ladder.Wish(
                wish.address(),
                wish.cups(),
                wish.step(),
                wish.cupG(),
                wish.tasters().size(),
                wish.id().getLeastSignificantBits());
        var ladder = Ladder.of(document, kitchens.workplace(), asked)
                .orElseThrow(() -> refused("address", wish.address(), Problem.rule("ladder.nothing")));
        var what = ladder.cups().get(0).own().get(0).name().replaceAll(", whipped.*", "");
        var layout = Layout.of(ladder, what, Changes.text(document, wish.address()), wish.tasters());
        var name = formula.getDocument().name();
        return ladders.saveAndFlush(new LadderEntity(
                wish.id(),
                formula.getId(),
                name.substring(0, Math.min(NAME, name.length())),
                wish.by(),
                clock.instant(),
                layout));
    }

    @Transactional(readOnly = true)
    List<LadderEntity> list() {
        return ladders.findByOrderByMadeAtDesc(Limit.of(MOST_SHOWN));
    }

    @Transactional(readOnly = true)
    LadderEntity get(UUID id) {
        return ladders.findById(id).orElseThrow(() -> new NotFoundException("Ladder", id));
    }

    private LadderEntity forChange(UUID id) {
        return ladders.findForChangeById(id).orElseThrow(() -> new NotFoundException("Ladder", id));
    }

    /** Takes what a taster says of cups, by their codes. */
    @Transactional
    LadderEntity score(UUID id, String taster, Map<String, Integer> scores) {
        var ladder = forChange(id);
        if (ladder.getShownAt() != null) {
            throw refused("scores", taster, Problem.rule("ladder.shown"));
        }
        for (var score : scores.entrySet()) {
            boolean known = ladder.getLayout().cups().stream()
                    .anyMatch(cup -> cup.code().equals(score.getKey()));
            if (!known) {
                throw refused("scores", score.getKey(), Problem.rule("ladder.code"));
            }
            if (score.getValue() == null || score.getValue() < 1 || score.getValue() > FIVE) {
                throw refused(
                        "scores",
                        String.valueOf(score.getValue()),
                        Problem.rule("ladder.score").with("most", Argument.figure(FIVE, 0)));
            }
        }
        ladder.score(taster, scores);
        return ladders.saveAndFlush(ladder);
    }

    private static final int FIVE = 5;

    /** Shows which cup is which; from then on no score counts any more. */
    @Transactional
    LadderEntity show(UUID id) {
        var ladder = forChange(id);
        ladder.show(clock.instant());
        return ladders.saveAndFlush(ladder);
    }

    static LadderFit fit(LadderEntity ladder) {
        var scores = new ArrayList<LadderFit.Score>();
        ladder.getScores()
                .forEach((taster, ofCups) -> ladder.getLayout().cups().forEach(cup -> {
                    var score = ofCups.get(cup.code());
                    if (score != null) {
                        scores.add(new LadderFit.Score(taster, cup.x(), score));
                    }
                }));
        return LadderFit.of(scores);
    }

    /** What the formula would say for the best cup there could be; empty where none is found. */
    static List<Fix.Change> changes(LadderEntity ladder, LadderFit fit, WrittenFormula document) {
        if (fit.best().isEmpty() || fit.finding() != LadderFit.Finding.FOUND) {
            return List.of();
        }
        var layout = ladder.getLayout();
        double x = fit.best().get().x();
        if (layout.address().endsWith("/stage")) {
            return layout.cups().stream()
                    .min(Comparator.comparingDouble(cup -> Math.abs(cup.x() - x)))
                    .map(cup -> List.of(new Fix.Change(layout.address(), cup.text())))
                    .orElse(List.of());
        }
        var changes = new ArrayList<Fix.Change>();
        changes.add(new Fix.Change(layout.address(), amount(layout, x)));
        water(layout, document, x).ifPresent(changes::add);
        return changes;
    }

    /** What an amount is at a place of the scale. */
    static String amount(Layout layout, double x) {
        // The cups' own list tells grams of a small cup; what is written is of the whole formula.
        var nearest = layout.cups().stream()
                .min(Comparator.comparingDouble(cup -> Math.abs(cup.x() - x)))
                .orElseThrow();
        double grams = Double.parseDouble(nearest.text().replaceAll("[^0-9.]", "")) * Math.exp(x - nearest.x());
        return Words.grams(grams);
    }

    /** Gelatin takes its bloom water along. */
    private static Optional<Fix.Change> water(Layout layout, WrittenFormula document, double x) {
        var at = layout.address().replaceAll("/amount$", "/water");
        var water = layout.address().contains("/gels/") ? Changes.text(document, at) : "";
        var grams = water.matches("\\d+(\\.\\d+)? g") ? Double.parseDouble(water.replace(" g", "")) : 0;
        return grams > 0 ? Optional.of(new Fix.Change(at, Words.grams(grams * Math.exp(x)))) : Optional.empty();
    }

    /** Takes what was found into the formula. */
    @Transactional
    UUID take(UUID id) {
        var ladder = get(id);
        var fit = fit(ladder);
        if (ladder.getShownAt() == null || fit.finding() != LadderFit.Finding.FOUND) {
            throw refused("ladder", ladder.getName(), Problem.rule("ladder.not-found"));
        }
        formulas.change(ladder.getFormulaId(), Optional.empty(), document -> {
            var changed = document;
            for (var change : changes(ladder, fit, document)) {
                changed = Changes.set(changed, change.path(), change.value());
            }
            return changed;
        });
        return ladder.getFormulaId();
    }

    private static NotUnderstoodException refused(String field, String value, Message rule) {
        return new NotUnderstoodException(List.of(Problem.of("field-invalid", "/" + field, field, value, rule)));
    }
}
