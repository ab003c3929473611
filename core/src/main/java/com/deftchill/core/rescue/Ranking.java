package com.deftchill.core.rescue;

import com.deftchill.core.assess.Assessor;
import com.deftchill.core.build.Curves;
import com.deftchill.core.dessert.Dessert;
import com.deftchill.core.formula.Changes;
import com.deftchill.core.formula.WrittenFormula;
import com.deftchill.core.kitchen.Workplace;
import com.deftchill.core.rescue.Suspect.What;
import com.deftchill.core.verdict.Answer;
import com.deftchill.core.verdict.Fix.Change;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.regex.Pattern;

/**
 * Which causes a symptom likely has: Bayes' rule over the causes of the list. What speaks for a cause is how often it happens,
 * times how much likelier the batch shows the symptom with it than without, times how well the core's readings and the looks
 * fit it. A value that was measured as written is no cause any more; one measured otherwise is known and needs no luck.
 *
 * @param groups causes that do the same to the dessert together, the likeliest first
 * @param out causes that what was measured rules out
 * @param telling looks that nobody took yet, the one that tells most first
 */
public record Ranking(List<Group> groups, List<Cause> out, List<Look> telling) {
    /** Of what explains less than this nothing is said. */
    private static final double WORTH_SAYING = 0.01;
    /** A cause that makes it no likelier than this is none. */
    private static final double MAKES_LIKELIER = 0.02;
    /** A formula that gives the symptom less often than this is no cause of it. */
    private static final double FORMULA_FROM = 0.5;
    /** A probe's error and what the chill is uncertain by, as a share of what is left to the air [E]. */
    private static final double PROBE_K = 0.5;

    private static final double CHILL_SHARE = 0.12;
    private static final double CHILL_K = 12;
    /** No reading is worse than this many standard deviations: it may have been another mould. */
    private static final double FARTHEST = 3;

    private static final Pattern NUMBER = Pattern.compile("^-?\\d+([.,]\\d+)?");
    /** A value measured so far off, as a share of a small deviation, counts as one [E]. */
    private static final double HALF_AS_FAR = 0.5;

    private static final double SECONDS_PER_MINUTE = 60;
    private static final int MOST_LOOKS = 3;

    public Ranking {
        groups = List.copyOf(groups);
        out = List.copyOf(out);
        telling = List.copyOf(telling);
    }

    /** Causes that do the same to the dessert: only a look tells them apart. */
    public record Group(List<Suspect> suspects, double likelihood) {
        public Group {
            suspects = List.copyOf(suspects);
        }
    }

    /**
     * @param planned the formula by which it was made
     * @param made the same as it was really made
     */
    public static Answer<Ranking> of(
            Assessor assessor, Workplace workplace, WrittenFormula planned, WrittenFormula made, Observed observed) {
        var sought = assessor.study(planned, workplace);
        var found = planned.equals(made) ? sought : assessor.study(made, workplace);
        if (sought.value().isEmpty() || found.value().isEmpty()) {
            return Answer.not(sought.value().isEmpty() ? sought.problems() : found.problems());
        }
        return Answer.of(new Search(
                        assessor,
                        new Case(workplace, planned),
                        new Case(workplace, made),
                        sought.value().get(),
                        found.value().get(),
                        observed)
                .ranking());
    }

    /** Of two groups the likelier, of all the first. */
    public Optional<Suspect> likeliest() {
        return groups.stream().findFirst().map(group -> group.suspects().get(0));
    }

    private static final class Search {
        private final Assessor assessor;
        private final Case plannedCase;
        private final Case madeCase;
        private final Dessert planned;
        private final Dessert made;
        private final Observed observed;
        private final Symptom symptom;
        private final Signs signs;
        private final double withNothing;
        private final List<Suspect> suspects = new ArrayList<>();
        private final List<Cause> out = new ArrayList<>();

        Search(Assessor assessor, Case plannedCase, Case madeCase, Dessert planned, Dessert made, Observed observed) {
            this.assessor = assessor;
            this.plannedCase = plannedCase;
            this.madeCase = madeCase;
            this.planned = planned;
            this.made = made;
            this.observed = observed.canonical(madeCase.formula());
            symptom = observed.symptom();
            signs = new Signs(assessor, planned);
            withNothing = signs.chance(symptom, madeCase, made, observed.seconds());
        }

        Ranking ranking() {
            formula();
            measured();
            tooEarly();
            RescueFiles.causes().forEach(this::cause);
            return new Ranking(groups(), out, telling());
        }

        /** It may be written so that it comes out like this. */
        private void formula() {
            double chance = signs.chance(symptom, plannedCase, planned, OptionalDouble.empty());
            if (chance > FORMULA_FROM) {
                add(What.FORMULA, "", chance, chance, 0, plannedCase, planned);
            }
        }

        private void add(
                What what, String address, double score, double chance, double without, Case as, Dessert dessert) {
            var fits = fits(dessert);
            suspects.add(new Suspect(
                    what, Optional.empty(), address, -1, score * fits.orElse(1.0), chance, without, fits, as, 0));
        }

        /** Each value measured otherwise than it is written, taken back by itself. */
        private void measured() {
            for (var address : observed.measured()) {
                var written = Changes.text(plannedCase.formula(), address);
                if (written.equals(Changes.text(madeCase.formula(), address))) {
                    continue;
                }
                var back = madeCase.with(List.of(new Change(address, written)));
                assessor.study(back.formula(), back.workplace()).value().ifPresent(dessert -> {
                    double without = signs.chance(symptom, back, dessert, observed.seconds());
                    double with = 1 - (1 - withNothing) * (1 - given(address, written));
                    if (with - without > MAKES_LIKELIER) {
                        add(What.MEASURED, address, with - without, with, without, madeCase, made);
                    }
                });
            }
        }

        /** What a value measured so far off gives that no model computes: as a cause of the list that is no further off. */
        private double given(String address, String written) {
            double most = 0;
            for (var cause : RescueFiles.causes()) {
                double given = cause.gives().getOrDefault(symptom.id(), 0.0);
                if (given > most && cause.where().in(made).stream().anyMatch(i -> asFar(cause, i, address, written))) {
                    most = given;
                }
            }
            return most;
        }

        private boolean asFar(Cause cause, int index, String address, String written) {
            var small = cause.deviation().on(plannedCase, planned, index, cause.sizes()[0]);
            if (small.isEmpty() || !small.get().touched().contains(address)) {
                return false;
            }
            double from = number(written);
            double off = number(Changes.text(madeCase.formula(), address)) - from;
            double least = number(Changes.text(small.get().formula(), address)) - from;
            return off * least > 0 && Math.abs(off) >= HALF_AS_FAR * Math.abs(least);
        }

        /** The figure that a measured value begins with: all of one field are in one unit; NaN where there is none. */
        private static double number(String text) {
            var figure = NUMBER.matcher(text);
            return figure.find() ? Double.parseDouble(figure.group().replace(',', '.')) : Double.NaN;
        }

        /** With time it would have been right. */
        private void tooEarly() {
            if (observed.seconds().isPresent()) {
                double later = signs.chance(symptom, madeCase, made, OptionalDouble.empty());
                if (withNothing - later > MAKES_LIKELIER) {
                    add(What.TOO_EARLY, "", withNothing - later, withNothing, later, madeCase, made);
                }
            }
        }

        private void cause(Cause cause) {
            var where = cause.where().in(made);
            if (where.isEmpty()) {
                return;
            }
            if (cause.deviation().ofTheWhole()) {
                where = where.subList(0, 1);
            }
            for (int index : where) {
                weigh(cause, index).ifPresent(suspects::add);
            }
        }

        /** Small, usual and large, the large one first: what it does not give, the smaller ones do not either. */
        private Optional<Suspect> weigh(Cause cause, int index) {
            double given = cause.gives().getOrDefault(symptom.id(), 0.0);
            var largest = cause.deviation().on(madeCase, made, index, cause.sizes()[Cause.SHARES.length - 1]);
            if (largest.isPresent() && largest.get().touched().stream().anyMatch(observed.measured()::contains)) {
                if (largest.get().touched().stream().noneMatch(this::isKnownCause)) {
                    out.add(cause);
                }
                return Optional.empty();
            }
            double score = 0;
            Suspect likeliest = null;
            double best = 0;
            for (int i = Cause.SHARES.length - 1; i >= 0; i--) {
                var tried = tried(cause, index, cause.sizes()[i], given);
                if (tried.isEmpty() && given == 0) {
                    break;
                }
                if (tried.isPresent()) {
                    double here = Cause.SHARES[i] * tried.get().likelihood();
                    score += here;
                    likeliest = here > best ? tried.get() : likeliest;
                    best = Math.max(best, here);
                }
            }
            double all = cause.often() * score * looked(cause);
            return Optional.ofNullable(likeliest).map(suspect -> suspect.withLikelihood(all));
        }

        /** One size of a cause: how much likelier it makes the symptom, times how well it fits; empty where it does not. */
        private Optional<Suspect> tried(Cause cause, int index, double size, double given) {
            var with =
                    tellsNothing() ? Optional.<Case>empty() : cause.deviation().on(madeCase, made, index, size);
            var as = with.orElse(madeCase);
            var dessert = with.isPresent()
                    ? assessor.study(as.formula(), as.workplace()).value()
                    : Optional.of(made);
            if (dessert.isEmpty() || (with.isEmpty() && given == 0)) {
                return Optional.empty();
            }
            double computed =
                    with.isPresent() ? signs.chance(symptom, as, dessert.get(), observed.seconds()) : withNothing;
            double chance = 1 - (1 - computed) * (1 - given);
            if (chance - withNothing < MAKES_LIKELIER) {
                return Optional.empty();
            }
            var fits = fits(dessert.get());
            return Optional.of(new Suspect(
                    What.CAUSE,
                    Optional.of(cause),
                    "",
                    cause.deviation().ofTheWhole() ? -1 : index,
                    (chance - withNothing) * fits.orElse(1.0),
                    chance,
                    withNothing,
                    fits,
                    as,
                    size));
        }

        /** Of some symptoms no model knows anything: nothing needs to be computed for them. */
        private boolean tellsNothing() {
            return symptom.figures().isEmpty() && symptom.verdicts().isEmpty();
        }

        /** Whether a measured value is a cause itself. */
        private boolean isKnownCause(String address) {
            return suspects.stream().anyMatch(suspect -> suspect.address().equals(address));
        }

        /** How a look that was taken weighs for a cause: of two causes that one has both alike it says nothing. */
        private double looked(Cause cause) {
            double factor = 1;
            for (var taken : observed.looks().entrySet()) {
                if (cause.look().id().equals(taken.getKey())) {
                    double otherwise = cause.look().otherwise();
                    factor *= taken.getValue() ? cause.found() / otherwise : (1 - cause.found()) / (1 - otherwise);
                }
            }
            return factor;
        }

        /** How well a dessert gives the readings of the core: the normal density over its highest. */
        private Optional<Double> fits(Dessert dessert) {
            var main = dessert.main();
            if (observed.readings().isEmpty() || main.isEmpty()) {
                return Optional.empty();
            }
            double sum = 0;
            for (var reading : observed.readings()) {
                double minutes = (reading.seconds() - main.get().startSeconds()) / SECONDS_PER_MINUTE;
                double expected = Curves.at(
                        main.get().history().minutes(), main.get().history().warmestC(), minutes);
                double left =
                        Math.min(CHILL_K, Math.abs(expected - dessert.batch().airC()));
                double spread = PROBE_K + CHILL_SHARE * left;
                double off = Math.min(FARTHEST, Math.abs(reading.celsius() - expected) / spread);
                sum += off * off / 2;
            }
            return Optional.of(Math.exp(-sum));
        }

        private List<Group> groups() {
            double all = suspects.stream().mapToDouble(Suspect::likelihood).sum();
            var byActs = new LinkedHashMap<String, List<Suspect>>();
            suspects.stream()
                    .map(suspect -> suspect.withLikelihood(all > 0 ? suspect.likelihood() / all : 0))
                    .sorted(Comparator.comparingDouble(Suspect::likelihood).reversed())
                    .forEach(suspect -> byActs.computeIfAbsent(suspect.acts(), acts -> new ArrayList<>())
                            .add(suspect));
            return byActs.values().stream()
                    .map(group -> new Group(
                            group,
                            group.stream().mapToDouble(Suspect::likelihood).sum()))
                    .filter(group -> group.likelihood() > WORTH_SAYING)
                    .sorted(Comparator.comparingDouble(Group::likelihood).reversed())
                    .toList();
        }

        /** By how much each look is expected to lessen what is not known, in bits. */
        private List<Look> telling() {
            var gains = new LinkedHashMap<Look, Double>();
            for (var suspect : suspects) {
                suspect.cause()
                        .map(Cause::look)
                        .filter(look -> !observed.looks().containsKey(look.id()))
                        .ifPresent(look -> gains.putIfAbsent(look, gain(look)));
            }
            return gains.entrySet().stream()
                    .filter(gain -> gain.getValue() > WORTH_SAYING)
                    .sorted(Map.Entry.<Look, Double>comparingByValue().reversed())
                    .limit(MOST_LOOKS)
                    .map(Map.Entry::getKey)
                    .toList();
        }

        private double gain(Look look) {
            double[] prior = suspects.stream().mapToDouble(Suspect::likelihood).toArray();
            double all = Arrays.stream(prior).sum();
            var yes = new double[prior.length];
            var no = new double[prior.length];
            for (int i = 0; i < prior.length; i++) {
                double found = suspects.get(i)
                        .cause()
                        .filter(cause -> cause.look().id().equals(look.id()))
                        .map(Cause::found)
                        .orElse(look.otherwise());
                prior[i] /= all;
                yes[i] = prior[i] * found;
                no[i] = prior[i] * (1 - found);
            }
            return bits(prior) - bits(yes) - bits(no);
        }

        /** Entropy of what need not add up to one, weighed by what it adds up to. */
        private static double bits(double[] shares) {
            double sum = Arrays.stream(shares).sum();
            double bits = 0;
            for (double share : shares) {
                bits -= share > 0 ? share * Math.log(share / sum) / Math.log(2) : 0;
            }
            return bits;
        }
    }
}
