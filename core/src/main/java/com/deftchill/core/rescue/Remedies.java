package com.deftchill.core.rescue;

import com.deftchill.core.alternative.Trial;
import com.deftchill.core.assess.Assessor;
import com.deftchill.core.batch.Foaming;
import com.deftchill.core.batch.Wanted;
import com.deftchill.core.dessert.Dessert;
import com.deftchill.core.dessert.OutOfTheCold;
import com.deftchill.core.dessert.Portrait;
import com.deftchill.core.dessert.Study;
import com.deftchill.core.dose.Dosing;
import com.deftchill.core.formula.Changes;
import com.deftchill.core.gel.Firmness;
import com.deftchill.core.mix.Mix;
import com.deftchill.core.text.Argument;
import com.deftchill.core.text.Message;
import com.deftchill.core.text.Notation;
import com.deftchill.core.verdict.Fix.Change;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.stream.Stream;

/**
 * Remedies in amounts for what is in the bowl now: each that changes the batch is put into it with its likeliest cause and
 * computed through; it stays where the symptom is gone and where, were it the second cause, it would do no harm.
 */
final class Remedies {
    /** Up to this chance of the symptom a remedy counts as having cleared it. */
    private static final double CLEARED = 0.25;
    /** A remedy that makes another symptom so much likelier under the second cause does harm. */
    private static final double HARM = 0.3;
    /** A gel is melted at this temperature, °C (handbook 6). */
    private static final double MELTS_C = 45;
    /** Grams of water to a gram of gelatin that is bloomed. */
    private static final double BLOOM = 5;
    /** A gel diluted further than this is another dessert. */
    private static final double MOST_DILUTED = 2;
    /** So much less than in a dose's own weighing matters, g. */
    private static final double LEAST_G = 0.3;

    private static final double MOST_OUT_MIN = 120;

    private final Assessor assessor;
    private final Observed observed;
    private final Signs signs;
    private final Case made;
    private final Dessert planned;
    private final Dessert madeDessert;
    private final Case as;
    private final Dessert dessert;
    private final Optional<Suspect> second;

    /**
     * @param made the batch as it was made
     * @param planned the dessert as it is written
     * @param dessert the same with its likeliest cause, computed through
     */
    Remedies(
            Assessor assessor,
            Ranking ranking,
            Observed observed,
            Case made,
            Dessert planned,
            Dessert madeDessert,
            Dessert dessert) {
        this.assessor = assessor;
        this.observed = observed;
        this.made = made;
        this.planned = planned;
        this.madeDessert = madeDessert;
        this.dessert = dessert;
        signs = new Signs(assessor, planned);
        as = ranking.likeliest().orElseThrow().as();
        second = ranking.groups().stream()
                .skip(1)
                .findFirst()
                .map(group -> group.suspects().get(0));
    }

    List<Remedy> all() {
        return RescueFiles.remedies(observed.symptom()).stream()
                .flatMap(this::of)
                .toList();
    }

    private Stream<Remedy> of(Remedy.Row row) {
        return switch (row.does()) {
            case WAIT -> wait(row).stream();
            case COLDER -> colder(row).stream();
            case REDOSE -> redoses(row);
            case REFREEZE -> dessert.wasFrozen() ? Stream.empty() : Stream.of(told(row));
            case GLASS -> glass(row).stream();
            case WARMER -> warmer(row).stream();
            case DILUTE -> dilute(row);
            case FIX -> fixes(row);
            case TOLD -> Stream.of(told(row));
        };
    }

    /** The curve says when. */
    private Optional<Remedy> wait(Remedy.Row row) {
        if (observed.seconds().isEmpty()) {
            return Optional.empty();
        }
        double later = signs.chance(observed.symptom(), as, dessert, OptionalDouble.empty());
        double ready = dessert.batch().turnsOut() ? dessert.readySeconds() : dessert.setSeconds();
        if (later > CLEARED
                || !Double.isFinite(ready)
                || ready <= observed.seconds().getAsDouble()) {
            return Optional.empty();
        }
        var label = label(row).with("until", new Argument.Moment(dessert.batch().pouredAt(), ready));
        return Optional.of(new Remedy(row.id(), label, outcome(dessert), List.of(), List.of(), List.of(), true));
    }

    private Optional<Remedy> colder(Remedy.Row row) {
        var written = Changes.text(made.formula(), "/cooler/air");
        if (as.touched().stream().noneMatch(address -> address.startsWith("/cooler")) || written.isEmpty()) {
            return Optional.empty();
        }
        return tried(
                row,
                label(row).with("air", new Argument.Degrees(madeDessert.batch().airC())),
                List.of(
                        new Change("/cooler/air", written),
                        new Change("/cooler/doors", Changes.text(made.formula(), "/cooler/doors"))),
                List.of());
    }

    private Optional<Remedy> glass(Remedy.Row row) {
        return dessert.batch().turnsOut()
                ? tried(row, label(row), List.of(new Change("/served", "in-glass")), List.of())
                : Optional.empty();
    }

    private Optional<Remedy> warmer(Remedy.Row row) {
        return dessert.main()
                .filter(study -> study.rightAtC().isPresent())
                .filter(study -> OutOfTheCold.untilRight(dessert, study) <= MOST_OUT_MIN)
                .map(study -> {
                    double celsius = study.rightAtC().getAsDouble();
                    double minutes = OutOfTheCold.untilRight(dessert, study);
                    var label = label(row)
                            .with("at", new Argument.Degrees(celsius))
                            .with("after", new Argument.Lasts(60 * minutes));
                    var firm = Message.of("rescue.effect.firm")
                            .with("score", Argument.figure(Firmness.score(study.rigidityAt(celsius)), 0));
                    return new Remedy(row.id(), label, List.of(firm), List.of(), List.of(), List.of(), true);
                });
    }

    private Stream<Remedy> redoses(Remedy.Row row) {
        return dessert.setting().stream()
                .filter(study -> study.component().gel().grams() > 0)
                .flatMap(study -> redose(row, study).stream());
    }

    /** What is missing, and where it is a foam the air that melting costs. */
    private Optional<Remedy> redose(Remedy.Row row, Study study) {
        var gel = study.component().gel();
        double extra = dose(study).orElse(0.0) - gel.grams();
        if (extra < LEAST_G) {
            return Optional.empty();
        }
        double water = gel.product().isGelatin() ? BLOOM * extra : 0;
        double melts =
                gel.product().isGelatin() ? MELTS_C : gel.product().heat().meltsC();
        var changes = new ArrayList<Change>();
        changes.add(new Change(study.at("/gels/0/amount"), grams(gel.grams() + extra)));
        changes.add(new Change(study.at("/gels/0/water"), grams(gel.waterG() + water)));
        changes.addAll(stillsFoam(study));
        var label = label(row)
                .with("name", Argument.name(study.component().name()))
                .with("at", new Argument.Degrees(melts))
                .with("extra", new Argument.Weighed(extra, gel.product().name()))
                .with("water", Argument.grams(water));
        return tried(row, label, changes, again(study));
    }

    /** As firm as it was planned; where the plan itself is at fault, as it should be. */
    private Optional<Double> dose(Study study) {
        boolean fair = signs.chance(observed.symptom(), made, planned, OptionalDouble.empty()) <= CLEARED;
        return planned.portraits()
                .get(study.index())
                .study()
                .filter(of -> fair && of.judgedPa() > Firmness.HOLDS_PA)
                .map(of -> study.wanting(new Wanted(Wanted.Kind.FIRMNESS, Firmness.score(of.judgedPa()))))
                .map(aimed -> new Dosing(aimed).dose())
                .orElseGet(() -> new Dosing(study).dose());
    }

    /** What was whipped is liquid once it is melted. */
    private static List<Change> stillsFoam(Study study) {
        var changes = new ArrayList<Change>();
        var lines = study.component().lines();
        for (int i = 0; i < lines.size(); i++) {
            if (lines.get(i).whipped()) {
                changes.add(new Change(study.at("/lines/" + i + "/share"), ""));
            }
        }
        return changes;
    }

    private static List<String> again(Study study) {
        return List.of(study.index() + ".fill", "chill");
    }

    private Stream<Remedy> dilute(Remedy.Row row) {
        return dessert.setting().stream()
                .filter(study -> study.component().gel().grams() > 0)
                .filter(study -> !new Foaming(study.component()).any())
                .flatMap(study -> diluted(row, study).stream());
    }

    private Optional<Remedy> diluted(Remedy.Row row, Study study) {
        var gel = study.component().gel();
        double factor = gel.grams() / dose(study).orElse(gel.grams());
        if (!(factor > 1.02 && factor <= MOST_DILUTED)) {
            return Optional.empty();
        }
        var changes = new ArrayList<Change>();
        var lines = study.component().lines();
        double more = 0;
        for (int i = 0; i < lines.size(); i++) {
            double g = lines.get(i).part().grams();
            more += (factor - 1) * g;
            changes.add(new Change(study.at("/lines/" + i + "/amount"), grams(factor * g)));
        }
        changes.add(new Change(study.at("/gels/0/water"), grams(factor * gel.waterG())));
        var label = label(row)
                .with("name", Argument.name(study.component().name()))
                .with("at", new Argument.Degrees(MELTS_C))
                .with("more", Argument.grams(more));
        return tried(row, label, changes, again(study));
    }

    /** What the verdicts that tell this symptom offer, once its likeliest cause is in the batch. */
    private Stream<Remedy> fixes(Remedy.Row row) {
        var assessed = new Trial(assessor, as.formula(), as.workplace())
                .assess(verdict -> observed.symptom().verdicts().containsKey(verdict.code()));
        return assessed.value().stream()
                .flatMap(assessment -> assessment.verdicts().stream())
                .flatMap(verdict -> verdict.fixes().stream())
                .flatMap(fix -> tried(row, Message.own(fix.label()), fix.changes(), List.of()).stream());
    }

    private Remedy told(Remedy.Row row) {
        var label = label(row);
        if (!row.of().isEmpty()) {
            double grams = whole(row.of());
            label = label.with("least", Argument.grams(row.least() * grams))
                    .with("most", Argument.grams(row.most() * grams));
        }
        return new Remedy(row.id(), label, List.of(), List.of(), List.of(), List.of(), false);
    }

    /** Of the component that shows the symptom, g. */
    private double whole(String of) {
        var component = observed.symptom().where().in(madeDessert).stream()
                .findFirst()
                .map(i -> madeDessert.portraits().get(i).component())
                .orElseThrow();
        return switch (of) {
            case "cream" -> new Foaming(component).creamG();
            case "base" -> component.base().massG();
            default -> component.raw().massG();
        };
    }

    private static Message label(Remedy.Row row) {
        return Message.of("rescue.remedy." + row.id());
    }

    private static String grams(double value) {
        return Notation.write(value, 1) + " g";
    }

    /** Put into the batch with its likeliest cause, and with the second. */
    private Optional<Remedy> tried(Remedy.Row row, Message label, List<Change> changes, List<String> again) {
        var with = as.with(changes);
        var studied = assessor.study(with.formula(), with.workplace()).value();
        if (studied.isEmpty()
                || signs.chance(observed.symptom(), with, studied.get(), OptionalDouble.empty()) > CLEARED
                || harms(changes)) {
            return Optional.empty();
        }
        var costs = new ArrayList<Message>();
        volumeLost(studied.get()).ifPresent(costs::add);
        return Optional.of(new Remedy(row.id(), label, outcome(studied.get()), costs, changes, again, true));
    }

    /** Whether it makes anything else likely that the models know, were it the second cause. */
    private boolean harms(List<Change> changes) {
        if (second.isEmpty()) {
            return false;
        }
        var before = second.get().as();
        var after = before.with(changes);
        var was = assessor.study(before.formula(), before.workplace()).value();
        var is = assessor.study(after.formula(), after.workplace()).value();
        if (was.isEmpty() || is.isEmpty()) {
            return true;
        }
        return RescueFiles.symptoms().stream()
                .filter(symptom -> !symptom.where().in(is.get()).isEmpty())
                .anyMatch(symptom -> signs.chance(symptom, after, is.get(), OptionalDouble.empty())
                        > HARM + signs.chance(symptom, before, was.get(), OptionalDouble.empty()));
    }

    private Optional<Message> volumeLost(Dessert after) {
        double was = ml(dessert);
        double is = ml(after);
        int portions = (int)
                Math.round((was - is) / Math.max(1, was / madeDessert.batch().count()));
        return portions < 1
                ? Optional.empty()
                : Optional.of(Message.of("rescue.lost.volume")
                        .with("ml", Argument.millilitres(was - is))
                        .with("moulds", new Argument.Count(portions)));
    }

    private static double ml(Dessert of) {
        return of.portraits().stream()
                .map(Portrait::mix)
                .mapToDouble(Mix::volumeMl)
                .sum();
    }

    private List<Message> outcome(Dessert after) {
        var said = new ArrayList<Message>();
        double set = after.setSeconds();
        if (Double.isFinite(set) && set > 0) {
            said.add(Message.of("rescue.effect.sets").with("after", new Argument.Lasts(set)));
        }
        after.main()
                .ifPresent(study -> said.add(Message.of("rescue.effect.firm")
                        .with("score", Argument.figure(Firmness.score(study.judgedPa()), 0))));
        return said;
    }
}
