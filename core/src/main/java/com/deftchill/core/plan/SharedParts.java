package com.deftchill.core.plan;

import com.deftchill.core.dessert.Portrait;
import com.deftchill.core.method.Step;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** Components of several dishes that are made once. */
public final class SharedParts {
    /** Shares of a line may differ by so much where two components count as equal, g/g. */
    private static final double EQUAL = 0.005;

    private SharedParts() {}

    /** Two components that could be made together: where they stand, and their names. */
    public record Proposal(WrittenPlan.Shared shared, String name, String dish, String with) {}

    /** Pairs of components that are equal per gram and not made together yet. */
    public static List<Proposal> proposals(WrittenPlan plan, List<MadeDish> dishes) {
        var proposals = new ArrayList<Proposal>();
        for (int i = 0; i < dishes.size(); i++) {
            for (int j = 0; j < i; j++) {
                proposals.addAll(between(plan, dishes.get(j), dishes.get(i)));
            }
        }
        return proposals;
    }

    private static List<Proposal> between(WrittenPlan plan, MadeDish first, MadeDish second) {
        var proposals = new ArrayList<Proposal>();
        for (var one : first.dessert().portraits()) {
            for (var other : second.dessert().portraits()) {
                var shared = new WrittenPlan.Shared(
                        second.dish().id(),
                        other.component().id(),
                        first.dish().id(),
                        one.component().id());
                if (!plan.shared().contains(shared) && equal(one, other)) {
                    proposals.add(new Proposal(
                            shared,
                            one.name(),
                            second.dish().name(),
                            first.dish().name()));
                }
            }
        }
        return proposals;
    }

    /** Of the same kind, with the same lines in the same shares, the same gelling agent and the same work. */
    static boolean equal(Portrait one, Portrait other) {
        var a = one.component();
        var b = other.component();
        return a.kind() == b.kind()
                && a.work().equals(b.work())
                && a.gel().product().equals(b.gel().product())
                && Math.abs(gelShare(one) - gelShare(other)) < EQUAL / 10
                && alike(shares(one), shares(other));
    }

    private static boolean alike(Map<String, Double> one, Map<String, Double> other) {
        return one.keySet().equals(other.keySet())
                && one.entrySet().stream()
                        .allMatch(line -> Math.abs(line.getValue() - other.get(line.getKey())) < EQUAL);
    }

    private static double gelShare(Portrait portrait) {
        return portrait.component().gel().grams() / grams(portrait);
    }

    private static double grams(Portrait portrait) {
        return portrait.component().lines().stream()
                .mapToDouble(line -> line.part().grams())
                .sum();
    }

    private static Map<String, Double> shares(Portrait portrait) {
        var shares = new HashMap<String, Double>();
        double all = grams(portrait);
        for (var line : portrait.component().lines()) {
            shares.merge(
                    line.part().ingredient().id() + " " + line.share() + " "
                            + line.part().treatment(),
                    line.part().grams() / all,
                    Double::sum);
        }
        return shares;
    }

    /** The tasks of a plan with those of shared components done once, for as much as all of them need. */
    static List<Task> join(WrittenPlan plan, List<MadeDish> dishes, List<Task> tasks) {
        var joined = tasks;
        for (var shared : plan.shared()) {
            var one = find(dishes, shared.with(), shared.withComponent());
            var other = find(dishes, shared.dish(), shared.component());
            if (one.isPresent() && other.isPresent() && equal(one.get(), other.get())) {
                joined = join(joined, dishes, shared, one.get(), other.get());
            }
        }
        return joined;
    }

    private static Optional<Portrait> find(List<MadeDish> dishes, String dish, String component) {
        return dishes.stream()
                .filter(made -> made.dish().id().equals(dish))
                .flatMap(made -> made.dessert().portraits().stream())
                .filter(portrait -> portrait.component().id().equals(component))
                .findFirst();
    }

    private static List<Task> join(
            List<Task> tasks, List<MadeDish> dishes, WrittenPlan.Shared shared, Portrait one, Portrait other) {
        var kept = shared.with() + "/" + one.index() + ".";
        var gone = shared.dish() + "/" + other.index() + ".";
        double more = (grams(one) + grams(other)) / grams(one);
        var name = dishes.stream()
                .filter(made -> made.dish().id().equals(shared.dish()))
                .findFirst()
                .orElseThrow()
                .dish()
                .name();
        var ids = new HashSet<String>();
        tasks.forEach(task -> ids.add(task.id()));
        var joined = new ArrayList<Task>();
        for (var task : tasks) {
            if (made(task.id(), gone) && ids.contains(kept + task.id().substring(gone.length()))) {
                continue;
            }
            var after = task.after().stream()
                    .map(lag -> made(lag.task(), gone)
                                    && ids.contains(kept + lag.task().substring(gone.length()))
                            ? lag.behind(kept + lag.task().substring(gone.length()))
                            : lag)
                    .toList();
            joined.add(made(task.id(), kept) ? longer(task, more, name) : task.withAfter(after));
        }
        return inOrder(joined);
    }

    /** Each after those it waits for, else as they were. */
    private static List<Task> inOrder(List<Task> tasks) {
        var left = new ArrayList<>(tasks);
        var done = new HashSet<String>();
        var ordered = new ArrayList<Task>();
        while (!left.isEmpty()) {
            var next = left.stream()
                    .filter(task -> task.after().stream().allMatch(lag -> done.contains(lag.task())))
                    .findFirst()
                    .orElseThrow();
            left.remove(next);
            done.add(next.id());
            ordered.add(next);
        }
        return ordered;
    }

    /** Whether a task makes a component; filling it into moulds is each dish's own. */
    private static boolean made(String task, String prefix) {
        return task.startsWith(prefix) && !task.endsWith(".fill") && !task.endsWith(".garnish");
    }

    private static Task longer(Task task, double more, String name) {
        boolean grows = task.kind() != Step.Kind.WAITING && task.attention() != Hand.WEIGHING;
        var names = new ArrayList<>(task.sharedBy());
        names.add(name);
        return task.withMinutes(grows ? (int) Math.ceil(task.minutes() * more) : task.minutes())
                .withSharedBy(names);
    }
}
