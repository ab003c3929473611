package com.deftchill.core.plan;

import com.deftchill.core.method.Need;
import com.deftchill.core.method.Step;
import com.deftchill.core.text.Message;
import java.util.List;
import java.util.Optional;
import java.util.OptionalLong;

/**
 * A step of a dessert as a plan sees it.
 *
 * @param id unique in the plan: the dish's id, a slash, the step's id
 * @param dish id of the dish
 * @param component its name; empty for the whole dessert
 * @param title in a few words
 * @param kind what it needs of a cook
 * @param attention what it takes of a cook, of {@link Hand#ATTENTION}; 0 where nobody is needed
 * @param needs what it has for itself meanwhile, without hands, shelves and moulds
 * @param minutes how long it lasts
 * @param washMinutes for which a machine is held after it, until it is washed up
 * @param after what must have ended before
 * @param notBefore earliest start that the dessert bears, such as by its keeping; minutes since 1970
 * @param sharedBy names of the other dishes that it is done for too
 */
public record Task(
        String id,
        String dish,
        String component,
        Message title,
        Step.Kind kind,
        int attention,
        List<Need> needs,
        int minutes,
        int washMinutes,
        List<Lag> after,
        OptionalLong notBefore,
        List<String> sharedBy) {
    public Task {
        if (minutes < 0 || washMinutes < 0 || attention < 0 || attention > Hand.ATTENTION) {
            throw new IllegalArgumentException("minutes and attention of " + id + " are out of range");
        }
        needs = List.copyOf(needs);
        after = List.copyOf(after);
        sharedBy = List.copyOf(sharedBy);
    }

    public Task withAfter(List<Lag> others) {
        return new Task(
                id, dish, component, title, kind, attention, needs, minutes, washMinutes, others, notBefore, sharedBy);
    }

    public Task withMinutes(int others) {
        return new Task(
                id, dish, component, title, kind, attention, needs, others, washMinutes, after, notBefore, sharedBy);
    }

    public Task withNotBefore(OptionalLong other) {
        return new Task(
                id, dish, component, title, kind, attention, needs, minutes, washMinutes, after, other, sharedBy);
    }

    public Task withSharedBy(List<String> others) {
        return new Task(
                id, dish, component, title, kind, attention, needs, minutes, washMinutes, after, notBefore, others);
    }

    /** Whether it needs somebody. */
    public boolean hands() {
        return attention > 0;
    }

    public Optional<Lag> lagTo(String earlier) {
        return after.stream().filter(lag -> lag.task().equals(earlier)).findFirst();
    }
}
