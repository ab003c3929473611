package com.deftchill.server.plan;

import com.deftchill.core.assess.Sections;
import com.deftchill.core.kitchen.Workplace;
import com.deftchill.core.plan.Bowls;
import com.deftchill.core.plan.Breach;
import com.deftchill.core.plan.BreachWords;
import com.deftchill.core.plan.Checker;
import com.deftchill.core.plan.Day;
import com.deftchill.core.plan.Fetching;
import com.deftchill.core.plan.LeftOver;
import com.deftchill.core.plan.Meanwhile;
import com.deftchill.core.plan.Planning.Planned;
import com.deftchill.core.plan.ReadPlan;
import com.deftchill.core.plan.Reasons;
import com.deftchill.core.plan.Reasons.Reason;
import com.deftchill.core.plan.Schedule;
import com.deftchill.core.plan.SharedParts;
import com.deftchill.core.plan.Slot;
import com.deftchill.core.plan.Task;
import com.deftchill.core.plan.WrittenPlan;
import com.deftchill.server.book.SmallCut;
import com.deftchill.server.plan.PlanViews.PlanAnswer;
import com.deftchill.server.plan.PlanViews.PlanBreach;
import com.deftchill.server.plan.PlanViews.PlanDish;
import com.deftchill.server.plan.PlanViews.PlanHand;
import com.deftchill.server.plan.PlanViews.PlanHold;
import com.deftchill.server.plan.PlanViews.PlanItem;
import com.deftchill.server.plan.PlanViews.PlanLevel;
import com.deftchill.server.plan.PlanViews.PlanProposal;
import com.deftchill.server.plan.PlanViews.PlanReason;
import com.deftchill.server.plan.PlanViews.PlanShift;
import com.deftchill.server.plan.PlanViews.PlanStore;
import com.deftchill.server.plan.PlanViews.PlanTask;
import com.deftchill.server.plan.PlanViews.PlanUse;
import com.deftchill.server.plan.PlanViews.PlanVessels;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** Writes what was computed for a plan as the API shows it. */
final class PlanWriter {
    private final WrittenPlan plan;
    private final ReadPlan read;
    private final Planned planned;
    private final Day day;
    private final Optional<Schedule> schedule;

    private PlanWriter(WrittenPlan plan, ReadPlan read, Planned planned) {
        this.plan = plan;
        this.read = read;
        this.planned = planned;
        day = planned.day();
        schedule = planned.solution().schedule();
    }

    static PlanAnswer write(WrittenPlan plan, ReadPlan read, Planned planned, Workplace workplace) {
        return new PlanWriter(plan, read, planned).answer(workplace);
    }

    private PlanAnswer answer(Workplace workplace) {
        return new PlanAnswer(
                plan,
                schedule.orElse(new Schedule(Map.of())),
                day.zone().getId(),
                day.span().from(),
                day.span().to(),
                read.dishes().stream().map(made -> dish(made)).toList(),
                day.hands().stream()
                        .map(hand -> new PlanHand(
                                hand.id(),
                                hand.role(),
                                hand.shifts().stream()
                                        .map(s -> new PlanShift(s.from(), s.to()))
                                        .toList()))
                        .toList(),
                day.stores().values().stream()
                        .map(s -> new PlanStore(
                                s.id(),
                                s.kind(),
                                s.name(),
                                s.amount(),
                                planned.peakC().getOrDefault(s.id(), 0.0)))
                        .toList(),
                day.tasks().stream().map(this::task).toList(),
                schedule.map(this::holds).orElse(List.of()),
                schedule.map(s -> breaches(day, s)).orElse(List.of()),
                planned.solution().levels().stream()
                        .map(l -> new PlanLevel(l.code(), l.cost(), Math.max(0, l.bound()), l.seconds()))
                        .toList(),
                SharedParts.proposals(plan, read.dishes()).stream()
                        .map(p -> new PlanProposal(p.shared(), p.name(), p.dish(), p.with()))
                        .toList(),
                items(),
                LeftOver.of(Fetching.items(read.dishes()), workplace.larder()),
                schedule.map(s -> Bowls.mostAtOnce(day, s)).orElse(0),
                Fetching.vessels(read.dishes()).stream()
                        .map(v -> new PlanVessels(v.id(), v.name(), v.count(), v.dishes()))
                        .toList(),
                workplace.kitchen().currency(),
                planned.solution().impossible(),
                planned.lateUnproved(),
                planned.rounds(),
                stretched(),
                planned.solution().seconds());
    }

    private PlanDish dish(com.deftchill.core.plan.MadeDish made) {
        var dish = made.dish();
        long ready = schedule.map(s -> day.tasks().stream()
                        .filter(task -> task.dish().equals(dish.id()))
                        .mapToLong(task -> s.of(task.id()).end())
                        .max()
                        .orElse(dish.due()))
                .orElse(0L);
        var formula = plan.dishes().stream()
                .filter(d -> d.id().equals(dish.id()))
                .findFirst()
                .map(WrittenPlan.PlannedDish::formula)
                .orElse("");
        return new PlanDish(
                dish.id(),
                formula,
                dish.name(),
                dish.count(),
                dish.due(),
                dish.service(),
                ready,
                planned.extraMinutes().getOrDefault(dish.id() + "/chill", 0),
                made.shelfHundredths(),
                SmallCut.of(Sections.of(made.dessert())));
    }

    private PlanTask task(Task task) {
        var slot = schedule.map(s -> s.of(task.id())).orElse(new Slot(0, day.minutes(task), ""));
        var room = schedule.map(s -> Reasons.of(day, s, task));
        var pin = day.pin(task);
        return new PlanTask(
                task.id(),
                task.dish(),
                task.component(),
                task.title(),
                task.kind(),
                task.needs().stream().map(Enum::name).toList(),
                slot.minutes(),
                slot.start(),
                slot.hand(),
                pin.filter(p -> !p.done()).isPresent(),
                day.done(task),
                room.map(Reasons.Room::earliest).orElse(0L),
                room.map(Reasons.Room::latest).orElse(0L),
                task.after().stream().anyMatch(lag -> lag.most().isPresent()),
                reasons(room.map(Reasons.Room::before)),
                reasons(room.map(Reasons.Room::after)),
                reasons(room.map(Reasons.Room::beside)),
                schedule.map(s -> Meanwhile.of(s, task)).orElse(List.of()),
                task.sharedBy());
    }

    private static List<PlanReason> reasons(Optional<List<Reason>> reasons) {
        return reasons.orElse(List.of()).stream()
                .map(r -> new PlanReason(r.code(), r.words(), r.bound(), r.other()))
                .toList();
    }

    private List<PlanHold> holds(Schedule found) {
        return day.holds().stream()
                .map(hold -> {
                    var held = Checker.held(day, found, hold);
                    return new PlanHold(hold.what(), hold.dish(), hold.amount(), held.from(), held.to());
                })
                .toList();
    }

    static List<PlanBreach> breaches(Day day, Schedule found) {
        return Checker.check(day, found).stream()
                .map(b -> new PlanBreach(b.code(), b.tasks(), BreachWords.of(day, b), b.minutes()))
                .toList();
    }

    private List<PlanBreach> stretched() {
        return planned.stretched().entrySet().stream()
                .sorted(Map.Entry.comparingByKey())
                .map(task -> new Breach("stretched", List.of(task.getKey(), task.getKey()), "", task.getValue()))
                .map(b -> new PlanBreach(b.code(), b.tasks().subList(0, 1), BreachWords.of(day, b), b.minutes()))
                .toList();
    }

    private List<PlanItem> items() {
        return Fetching.items(read.dishes()).stream()
                .map(item -> new PlanItem(
                        item.id(),
                        item.name(),
                        item.group(),
                        item.grams(),
                        item.cost().orElse(0.0),
                        item.allergens(),
                        item.uses().stream()
                                .map(u -> new PlanUse(u.dish(), u.component(), u.grams(), u.weighing()))
                                .toList()))
                .toList();
    }
}
