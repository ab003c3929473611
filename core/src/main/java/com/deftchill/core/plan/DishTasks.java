package com.deftchill.core.plan;

import com.deftchill.core.batch.Kind;
import com.deftchill.core.build.AtTheTable;
import com.deftchill.core.label.Flags;
import com.deftchill.core.label.KeepingLife;
import com.deftchill.core.larder.Ingredient.Trait;
import com.deftchill.core.larder.Larder;
import com.deftchill.core.method.Cooling;
import com.deftchill.core.method.Need;
import com.deftchill.core.method.Step;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.OptionalLong;
import java.util.Set;

/** The tasks of a dish, from the steps of its method, and what it holds for longer than one of them. */
final class DishTasks {
    private static final Set<Need> MACHINES = Set.of(Need.BURNER, Need.MIXER, Need.ICE_BATH, Need.OVEN);
    /** A whisk turns for a few minutes only and must be watched: nothing else goes on beside it. */
    private static final int WHISKING = 5;

    private final MadeDish made;
    private final Larder larder;
    private final List<Task> tasks = new ArrayList<>();

    private DishTasks(MadeDish made, Larder larder) {
        this.made = made;
        this.larder = larder;
    }

    /** Each after those it waits for. */
    static List<Task> of(MadeDish made, Larder larder) {
        var dish = new DishTasks(made, larder);
        var left = new LinkedHashMap<String, Step>();
        made.method().forEach(step -> left.put(step.id(), step));
        while (!left.isEmpty()) {
            var next = left.values().stream()
                    .filter(step -> step.after().stream().noneMatch(a -> left.containsKey(a.step())))
                    .findFirst()
                    .orElseThrow(() -> new IllegalStateException("steps wait for each other: " + left.keySet()));
            left.remove(next.id());
            dish.tasks.add(dish.task(next));
        }
        return dish.tasks;
    }

    private Task task(Step step) {
        var known = new HashSet<String>();
        tasks.forEach(task -> known.add(task.id()));
        var after = step.after().stream()
                .filter(a -> known.contains(made.task(a.step())))
                .map(a -> lag(step, a))
                .toList();
        var needs = step.needs().stream().filter(MACHINES::contains).toList();
        double wash = made.dessert().parameters().work().washUp().value();
        return new Task(
                made.task(step.id()),
                made.dish().id(),
                step.component(),
                step.title(),
                step.kind(),
                attention(step),
                needs,
                (int) Math.ceil(step.takes().likely()),
                needs.contains(Need.MIXER) ? (int) Math.round(wash) : 0,
                after,
                notBefore(step),
                List.of());
    }

    private Lag lag(Step step, Step.After after) {
        int least = (int) Math.ceil(after.leastMinutes());
        var most = after.mostMinutes()
                .map(minutes -> OptionalInt.of((int) Math.max(least, Math.floor(minutes))))
                .orElse(OptionalInt.empty());
        // What is whipped does not cool meanwhile; the base does.
        boolean base = step.id().endsWith(".fold") && !after.why().equals("collapses");
        var cooling = Optional.of(step.id()).filter(id -> base).flatMap(this::cooling);
        return new Lag(made.task(after.step()), least, most, after.why(), cooling);
    }

    private Optional<Cooling> cooling(String step) {
        int index = Integer.parseInt(step.substring(0, step.indexOf('.')));
        var component = made.dessert().portraits().get(index).component();
        return Cooling.ofBase(component, made.dessert().kitchen());
    }

    private static int attention(Step step) {
        return switch (step.kind()) {
            case WAITING -> 0;
            case TENDED -> step.needs().contains(Need.MIXER) ? WHISKING : Hand.GLANCE;
            case ACTIVE -> step.work().equals("weigh") ? Hand.WEIGHING : Hand.WHOLE;
        };
    }

    /** What is filled keeps only so long; what is turned out stands only so long; fresh fruit stays fresh only so long. */
    private OptionalLong notBefore(Step step) {
        long due = made.dish().due();
        if (step.needs().contains(Need.MOULD) && step.kind() == Step.Kind.ACTIVE) {
            return OptionalLong.of(due - lifeMinutes());
        }
        if (step.id().equals("turn-out")) {
            double most = made.dessert().parameters().work().plated().value();
            // All of them take a while to turn out; the first one waits for the last.
            long begins =
                    Math.max(Math.round(most), (long) Math.ceil(step.takes().likely()));
            return OptionalLong.of(due - Math.min(begins, standsMinutes().orElse(Integer.MAX_VALUE)));
        }
        if (step.work().equals("garnish") && fresh(step.component())) {
            double most = made.dessert().parameters().work().freshGarnish().value();
            return OptionalLong.of(due - Math.round(most));
        }
        return OptionalLong.empty();
    }

    /** How long the dessert keeps, frozen for a while on its way. */
    private long lifeMinutes() {
        var flags = new Flags(made.dessert(), larder);
        double frozen = made.dessert().frozenStaySeconds() / 60;
        return KeepingLife.of(made.dessert(), flags.rawEgg()).hours() * 60L + (long) frozen;
    }

    /** Minutes that it stands on its plate before it sags, where it does so within the time that is followed. */
    private OptionalInt standsMinutes() {
        double sags = made.dessert().parameters().turnout().sags().value();
        var course = made.dessert().build().table().filter(AtTheTable::onPlate).map(AtTheTable::course);
        return course.stream()
                .flatMap(c -> c.moments().stream())
                .filter(moment -> moment.seconds() > 60 && moment.worstStrain() > sags)
                .mapToInt(moment -> (int) (moment.seconds() / 60))
                .findFirst();
    }

    private boolean fresh(String component) {
        return made.dessert().portraits().stream()
                .filter(portrait ->
                        portrait.kind() == Kind.GARNISH && portrait.name().equals(component))
                .flatMap(portrait -> portrait.component().parts().stream())
                .anyMatch(part -> part.ingredient().has(Trait.FRESH_FRUIT));
    }

    /** Its place in the cooler from the first filling on, and its moulds, until it is turned out or served. */
    static List<Hold> holds(MadeDish made, List<Task> tasks, Map<String, Store> stores) {
        var filled = made.method().stream()
                .filter(step -> step.needs().contains(Need.MOULD) && step.kind() == Step.Kind.ACTIVE)
                .map(step -> made.task(step.id()))
                .filter(id -> tasks.stream().anyMatch(task -> task.id().equals(id)))
                .findFirst();
        if (filled.isEmpty()) {
            return List.of();
        }
        var turned = made.task("turn-out");
        var until = tasks.stream().anyMatch(task -> task.id().equals(turned)) ? turned : "";
        var holds = new ArrayList<Hold>();
        var batch = made.dessert().batch();
        var cooler = batch.timetable().last().cold() ? batch.timetable().last().cooler() : batch.cooler();
        if (stores.containsKey(cooler.id())) {
            holds.add(new Hold(cooler.id(), made.dish().id(), made.shelfHundredths(), filled.get(), until));
        }
        if (stores.containsKey(batch.mould().id())) {
            holds.add(new Hold(batch.mould().id(), made.dish().id(), made.dish().count(), filled.get(), until));
        }
        return holds;
    }
}
