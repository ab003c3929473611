package com.deftchill.server.plan;

import com.deftchill.core.method.Step;
import com.deftchill.core.plan.LeftOver;
import com.deftchill.core.plan.Schedule;
import com.deftchill.core.plan.WrittenPlan;
import com.deftchill.core.text.Message;
import com.deftchill.server.book.SmallCut;
import java.util.List;

/** Plans as the API shows them. Moments are whole minutes since 1970, UTC. */
final class PlanViews {
    private PlanViews() {}

    /**
     * A plan with everything that was computed for it.
     *
     * @param plan with the formulas of all dishes
     * @param schedule every step's place; empty where there is none
     * @param zone time zone of the kitchen
     * @param from when work may begin
     * @param to when all is over
     * @param breaches what is wrong with it, such as what is late
     * @param levels in which respects it was made better, in their order
     * @param impossible whether it was proved that nothing keeps all rules
     * @param lateUnproved whether something is late that no search has proved must be so
     * @param bowls that are in use at once, at most
     * @param rounds of planning and following the coolers
     * @param stretched where plan and coolers do not quite agree: what begins sooner than its cooler lets it, with so much warm in there
     * @param seconds that it took
     */
    record PlanAnswer(
            WrittenPlan plan,
            Schedule schedule,
            String zone,
            long from,
            long to,
            List<PlanDish> dishes,
            List<PlanHand> hands,
            List<PlanStore> stores,
            List<PlanTask> tasks,
            List<PlanHold> holds,
            List<PlanBreach> breaches,
            List<PlanLevel> levels,
            List<PlanProposal> proposals,
            List<PlanItem> fetch,
            List<LeftOver> leftOver,
            int bowls,
            List<PlanVessels> vessels,
            String currency,
            boolean impossible,
            boolean lateUnproved,
            int rounds,
            List<PlanBreach> stretched,
            double seconds) {}

    /** A dessert; its latest end, how many minutes late it is, and how many it chills longer since others are warm. */
    record PlanDish(
            String id,
            String formula,
            String name,
            int count,
            long due,
            String service,
            long ready,
            int extraMinutes,
            int shelf,
            SmallCut cut) {}

    record PlanShift(long from, long to) {}

    record PlanHand(String id, String role, List<PlanShift> shifts) {}

    /** What there is of something; coolers in hundredths of a shelf, with the highest temperature of their air, °C. */
    record PlanStore(String id, String kind, String name, int amount, double peakC) {}

    /** One thing that holds a step. */
    record PlanReason(String code, Message words, long bound, String task) {}

    /**
     * A step with its place and its room.
     *
     * @param start minutes since 1970; 0 where there is no schedule
     * @param earliest start that what comes before it allows
     * @param latest start that what comes after it allows
     * @param window whether waiting before it has an end
     * @param meanwhile what has become of what it works with while that waited
     */
    record PlanTask(
            String id,
            String dish,
            String component,
            Message title,
            Step.Kind kind,
            List<String> needs,
            int minutes,
            long start,
            String hand,
            boolean settled,
            boolean done,
            long earliest,
            long latest,
            boolean window,
            List<PlanReason> before,
            List<PlanReason> after,
            List<PlanReason> beside,
            List<Message> meanwhile,
            List<String> sharedBy) {}

    record PlanHold(String what, String dish, int amount, long from, long to) {}

    record PlanBreach(String code, List<String> tasks, Message words, long minutes) {}

    record PlanLevel(String code, double cost, double bound, double seconds) {}

    /** Components that are equal per gram and could be made once. */
    record PlanProposal(WrittenPlan.Shared shared, String name, String dish, String with) {}

    /** @param weighing id of the step in which it is weighed */
    record PlanUse(String dish, String component, double grams, String weighing) {}

    /** An ingredient over all desserts. */
    record PlanItem(
            String id,
            String name,
            String group,
            double grams,
            double cost,
            List<String> allergens,
            List<PlanUse> uses) {}

    record PlanVessels(String id, String name, int count, List<String> dishes) {}

    /** A wish that collides with others. */
    record PlanWish(String code, String about, Message words) {}

    /** A change with which everything fits: tried. */
    record PlanWay(String code, Message words, WrittenPlan plan) {}

    /** Why nothing fits, and what would help. */
    record PlanConflict(boolean fits, List<PlanWish> wishes, List<PlanWay> ways) {}

    /** What would be wrong with a step in another place. */
    record PlanCheck(List<PlanBreach> breaches) {}
}
