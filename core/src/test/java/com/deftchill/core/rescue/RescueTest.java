package com.deftchill.core.rescue;

import static com.deftchill.core.Kitchens.ASSESSOR;
import static com.deftchill.core.Kitchens.STANDARD;
import static org.assertj.core.api.Assertions.assertThat;

import com.deftchill.core.Desserts;
import com.deftchill.core.Plain.Gel;
import com.deftchill.core.assess.Assessor;
import com.deftchill.core.formula.Changes;
import com.deftchill.core.formula.WrittenFormula;
import com.deftchill.core.text.Argument;
import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;
import java.util.Random;
import java.util.Set;
import org.junit.jupiter.api.Test;

class RescueTest {
    private static final Assessor COARSE = ASSESSOR.rough();
    private static final WrittenFormula CREAM = cream("8.4 g");

    /** A set cream turned out of a small metal mould. */
    static WrittenFormula cream(String gelatin) {
        return Desserts.dessert(
                "turned-out",
                "dariole",
                "7",
                Desserts.heated(
                        Desserts.of(
                                "cream",
                                "set-cream",
                                "38 °C",
                                new Gel("sheet-gold", gelatin, "weighed", "42 g"),
                                Desserts.line("cream-35", "400 g"),
                                Desserts.line("milk-35", "300 g"),
                                Desserts.line("sugar", "70 g")),
                        "65 °C"));
    }

    private static Symptom symptom(String id) {
        return RescueFiles.symptom(id).orElseThrow();
    }

    private static Rescue rescue(WrittenFormula planned, WrittenFormula made, Observed observed) {
        return Rescue.of(COARSE, STANDARD, planned, made, observed).value().orElseThrow();
    }

    private static Remedy remedy(Rescue rescue, String id) {
        return rescue.remedies().stream()
                .filter(remedy -> remedy.id().equals(id))
                .findFirst()
                .orElseThrow(() -> new AssertionError(id + " is not among "
                        + rescue.remedies().stream().map(Remedy::id).toList()));
    }

    private static Observed known(String symptom, String... addresses) {
        return new Observed(symptom(symptom), OptionalDouble.empty(), Set.of(addresses), List.of(), Map.of());
    }

    private static double chance(String symptom, WrittenFormula formula) {
        var dessert = COARSE.study(formula, STANDARD).value().orElseThrow();
        return new Signs(COARSE, dessert)
                .chance(symptom(symptom), new Case(STANDARD, formula), dessert, OptionalDouble.empty());
    }

    @Test
    void aShortDoseIsMadeUpInGramsAndTheSymptomIsGone() {
        var made = cream("4.5 g");
        var rescue = rescue(CREAM, made, known("soft", "/components/0/gels/0/amount"));
        var redose = remedy(rescue, "redose");
        assertThat(redose.tried()).isTrue();
        assertThat(chance("soft", made)).isGreaterThan(0.5);
        assertThat(chance("soft", Changes.take(made, redose.changes()))).isLessThan(0.25);
        var extra = (Argument.Weighed) redose.label().arguments().get("extra");
        assertThat(extra.grams()).as("to about what was planned").isBetween(2.0, 6.0);
        assertThat(redose.again()).containsExactly("0.fill", "chill");
        assertThat(rescue.remedies()).extracting(Remedy::id).contains("glass");
    }

    @Test
    void whatIsTooFirmIsDiluted() {
        var made = cream("15 g");
        var rescue = rescue(CREAM, made, known("rubber", "/components/0/gels/0/amount"));
        assertThat(rescue.remedies()).isNotEmpty();
        for (var remedy : rescue.remedies()) {
            if (!remedy.changes().isEmpty()) {
                assertThat(chance("rubber", Changes.take(made, remedy.changes())))
                        .as(remedy.id())
                        .isLessThan(0.25);
            }
        }
    }

    @Test
    void beforeItsTimeOneWaits() {
        var early = new Observed(symptom("did-not-set"), OptionalDouble.of(40 * 60), Set.of(), List.of(), Map.of());
        var wait = remedy(rescue(CREAM, CREAM, early), "wait");
        var until = (Argument.Moment) wait.label().arguments().get("until");
        assertThat(until.seconds()).isGreaterThan(40 * 60);
    }

    @Test
    void aWarmCoolerIsNotMendedWithGelatin() {
        var made = Changes.set(CREAM, "/cooler/air", "14 °C");
        var rescue = rescue(CREAM, made, known("soft", "/cooler/air"));
        assertThat(rescue.ranking().likeliest().orElseThrow().address()).isEqualTo("/cooler/air");
    }

    /** Every remedy that is shown as tried clears its symptom, whatever went wrong. */
    @Test
    void noRemedyIsShownThatDoesNotClearItsSymptom() {
        var random = new Random(5);
        var batches = new FailedBatches(random.nextLong());
        int tried = 0;
        for (int i = 0; i < 8; i++) {
            var failed = batches.next();
            var rescue = rescue(failed.planned(), failed.made(), failed.observed());
            for (var remedy : rescue.remedies()) {
                if (remedy.tried() && !remedy.changes().isEmpty()) {
                    tried++;
                    var as = rescue.ranking().likeliest().orElseThrow().as().with(remedy.changes());
                    var after =
                            COARSE.study(as.formula(), as.workplace()).value().orElseThrow();
                    var planned =
                            COARSE.study(failed.planned(), STANDARD).value().orElseThrow();
                    assertThat(new Signs(COARSE, planned)
                                    .chance(failed.observed().symptom(), as, after, OptionalDouble.empty()))
                            .as(
                                    "%s of %s",
                                    remedy.id(), failed.observed().symptom().id())
                            .isLessThanOrEqualTo(0.25);
                }
            }
        }
        assertThat(tried).isPositive();
    }

    @Test
    void everySymptomOfTheHandbookIsThereAndHasSomethingToBeDone() {
        assertThat(RescueFiles.symptoms()).hasSizeGreaterThanOrEqualTo(16);
        for (var symptom : RescueFiles.symptoms()) {
            assertThat(RescueFiles.remedies(symptom)).as(symptom.id()).isNotEmpty();
            assertThat(symptom.becomes()).as(symptom.id()).isNotEmpty();
        }
        for (var cause : RescueFiles.causes()) {
            assertThat(cause.often()).as(cause.id()).isBetween(0.001, 0.3);
            assertThat(cause.found()).as(cause.id()).isGreaterThan(cause.look().otherwise());
        }
    }
}
