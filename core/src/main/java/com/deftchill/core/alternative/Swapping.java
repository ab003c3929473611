package com.deftchill.core.alternative;

import com.deftchill.core.assess.Assessor;
import com.deftchill.core.batch.Component;
import com.deftchill.core.batch.Wanted;
import com.deftchill.core.dessert.Study;
import com.deftchill.core.dose.Dosing;
import com.deftchill.core.formula.Changes;
import com.deftchill.core.formula.WrittenFormula;
import com.deftchill.core.gel.Firmness;
import com.deftchill.core.kitchen.SwapSchool;
import com.deftchill.core.kitchen.Workplace;
import com.deftchill.core.larder.GelProduct;
import com.deftchill.core.larder.GelProduct.Form;
import com.deftchill.core.text.Notation;
import com.deftchill.core.text.Words;
import com.deftchill.core.verdict.Evidence;
import com.deftchill.core.verdict.Evidence.Constant;
import com.deftchill.core.verdict.Evidence.Given;
import com.deftchill.core.verdict.Fix;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;

/** Puts another gelling agent in place of the present one, by every school at once. */
final class Swapping {
    /** Poured this much above where the other agent sets, K [E]. */
    private static final double ABOVE_ONSET_K = 8;

    private static final double BOIL_C = 95;

    private final Assessor assessor;
    private final WrittenFormula formula;
    private final Workplace workplace;
    private final Study now;

    Swapping(Assessor assessor, WrittenFormula formula, Workplace workplace, Study now) {
        this.assessor = assessor;
        this.formula = formula;
        this.workplace = workplace;
        this.now = now;
    }

    Swap to(GelProduct other) {
        boolean schools = other.isGelatin() && gel().product().isGelatin();
        var doses = schools
                ? Arrays.stream(SwapSchool.values())
                        .flatMap(school -> bySchool(school, other).stream())
                        .toList()
                : like(other).stream().toList();
        double most = doses.stream().mapToDouble(Swap.SwapDose::grams).max().orElse(0);
        double least = doses.stream().mapToDouble(Swap.SwapDose::grams).min().orElse(0);
        return new Swap(other.id(), other.name(), doses, most - least, advice(other, doses), evidence(other));
    }

    private Component.Gel gel() {
        return now.component().gel();
    }

    private Optional<Swap.SwapDose> bySchool(SwapSchool school, GelProduct other) {
        double ratio = gel().product().bloom() / other.bloom();
        boolean sheets = gel().product().form() == Form.SHEET && other.form() == Form.SHEET;
        return switch (school) {
            case SQUARE_ROOT ->
                dose(school.id(), school.words(), school.rule(), other, gel().grams() * Math.sqrt(ratio));
            case PROPORTIONAL -> dose(school.id(), school.words(), school.rule(), other, gel().grams() * ratio);
            case SHEETS ->
                sheets
                        ? dose(
                                school.id(),
                                school.words(),
                                school.rule(),
                                other,
                                gel().grams() / gel().product().sheetG() * other.sheetG())
                        : Optional.empty();
        };
    }

    /** The dose of another kind of agent that is as firm, found on a study of its own. */
    private Optional<Swap.SwapDose> like(GelProduct other) {
        double first = gel().product().isGelatin()
                ? gel().grams() / other.heat().likeGelatin()
                : gel().grams() * Math.max(1, gel().product().heat().likeGelatin());
        return study(other, first).flatMap(study -> {
            double score = Firmness.score(now.judgedPa());
            var aimed = study.wanting(new Wanted(Wanted.Kind.FIRMNESS, score));
            return new Dosing(aimed)
                    .dose()
                    .flatMap(grams -> dose(
                            "like",
                            "of like firmness",
                            "the dose that this model finds as firm; its texture is another one",
                            other,
                            grams));
        });
    }

    private Optional<Study> study(GelProduct other, double grams) {
        return assessor.study(with(changes(other, grams)), now.index(), workplace);
    }

    private Optional<Swap.SwapDose> dose(String school, String words, String rule, GelProduct other, double exact) {
        double division = workplace.kitchen().fineScaleG();
        double grams = division * Math.max(1, Math.rint(exact / division));
        var changes = changes(other, grams);
        return assessor.study(with(changes), now.index(), workplace).map(study -> {
            boolean turnsOut = study.alone() && study.batch().turnsOut();
            double firmness = Firmness.score(study.judgedPa());
            var stands = turnsOut ? ", stands " + Notation.write(study.standingMm(), 0) + " mm" : "";
            var fix = new Fix(
                    "Use " + Words.grams(grams) + " of " + other.name(),
                    "firmness " + Notation.write(firmness, 0) + " of 100" + stands,
                    changes);
            return new Swap.SwapDose(
                    school,
                    words,
                    rule,
                    school.equals(workplace.kitchen().swap().id()) || school.equals("like"),
                    grams,
                    other.form() == Form.SHEET ? Optional.of(grams / other.sheetG()) : Optional.empty(),
                    firmness,
                    study.words(study.judgedPa()),
                    turnsOut ? Optional.of(study.standingMm()) : Optional.empty(),
                    fix);
        });
    }

    /** Product, dose, bloom water in proportion; another kind of agent wants the boil and a warmer pour. */
    private List<Fix.Change> changes(GelProduct other, double grams) {
        var changes = new ArrayList<Fix.Change>();
        changes.add(new Fix.Change(now.at("/gels/0/of"), other.id()));
        changes.add(new Fix.Change(now.at("/gels/0/amount"), Words.grams(grams)));
        if (!other.isGelatin()) {
            double pour = other.heat().setsC() + ABOVE_ONSET_K;
            changes.add(new Fix.Change(now.at("/gels/0/water"), ""));
            changes.add(new Fix.Change(now.at("/work/heat/to"), now.celsius(BOIL_C)));
            if (now.component().pourC() < pour) {
                changes.add(new Fix.Change(now.at("/work/pour/at"), now.celsius(pour)));
            }
        } else {
            double water = gel().waterG() > 0
                    ? gel().waterG() / gel().grams()
                    : now.parameters().gel().squeezedKeeps().value();
            changes.add(new Fix.Change(now.at("/gels/0/water"), Words.grams(water * grams)));
        }
        return changes;
    }

    private WrittenFormula with(List<Fix.Change> changes) {
        return Changes.take(formula, changes);
    }

    private String advice(GelProduct other, List<Swap.SwapDose> doses) {
        if (doses.isEmpty()) {
            return "No dose of it sets this mix.";
        }
        if (!other.isGelatin()) {
            return "Vegetarian, but another texture: "
                    + switch (other.agent()) {
                        case AGAR -> "short and brittle, it weeps, and it sets before cream can be folded in.";
                        case IOTA -> "soft and elastic; it survives freezing.";
                        default -> "brittle; it reacts with milk protein.";
                    }
                    + " Never quite the same.";
        }
        var school = workplace.kitchen().swap();
        return "Your kitchen goes by the " + school.words() + " school (" + school.rule()
                + "). The model's own firmness follows the square root.";
    }

    private Evidence evidence(GelProduct other) {
        return new Evidence(
                List.of(
                        new Given(
                                "Now",
                                Words.grams(gel().grams()) + " of "
                                        + gel().product().name()),
                        new Given("Firmness now", Notation.write(Firmness.score(now.judgedPa()), 1) + " of 100"),
                        new Given("Strength now", bloom(gel().product())),
                        new Given("Strength of " + other.name(), bloom(other))),
                "Each school's rule gives a dose; the firmness of each is computed by the same model, in this mix, this"
                        + " mould and this cooler.",
                List.of(
                        new Constant("square root", SwapSchool.SQUARE_ROOT.rule(), "L", "firmness of gels over Bloom"),
                        new Constant("proportional", SwapSchool.PROPORTIONAL.rule(), "L", "pastry teaching"),
                        new Constant("sheet for sheet", SwapSchool.SHEETS.rule(), "L", "kitchen practice")),
                "A lot's true strength may differ by a tenth from its label.",
                "The school in the kitchen settings; a trial cup of each.");
    }

    private static String bloom(GelProduct product) {
        return product.isGelatin()
                ? Notation.write(product.bloom(), 0) + " Bloom"
                : Notation.write(product.heat().likeGelatin(), 1) + " x gelatin of 200 Bloom";
    }
}
