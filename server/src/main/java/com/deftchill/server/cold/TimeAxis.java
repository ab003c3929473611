package com.deftchill.server.cold;

import com.deftchill.core.cold.Chilled;

/** How far the axis of the Cold reaches before it is asked for the whole. */
final class TimeAxis {
    private static final double LEAST_MINUTES = 240;
    private static final double MARGIN = 1.12;

    private TimeAxis() {}

    /** Until a little after the last moment that is waited for, at its best left out. */
    static double minutes(Chilled chilled) {
        var answer = chilled.answer();
        var table = chilled.dessert().batch().timetable();
        double end = LEAST_MINUTES;
        for (var milestone : answer.milestones()) {
            end = Math.max(
                    end,
                    milestone.code().equals("best")
                            ? 0
                            : MARGIN * milestone.minutes().orElse(0.0));
        }
        for (var gate : answer.gates()) {
            end = Math.max(end, MARGIN * gate.bondsUntilMinutes().orElse(0.0));
        }
        for (var limit : answer.limits()) {
            end = Math.max(end, MARGIN * limit.byMinutes());
        }
        int stays = table.stays().size();
        if (stays > 1 && !table.ends()) {
            end = Math.max(end, table.startSeconds(stays - 1) / 60 + 60);
        }
        return Math.min(answer.lastMinutes(), table.ends() ? Math.max(table.endSeconds() / 60, end) : end);
    }
}
