package com.deftchill.core.batch;

import com.deftchill.core.text.Words;
import java.util.List;
import java.util.stream.Collectors;

/**
 * Where a dessert stands from its first pour to service, and where it is served.
 *
 * @param stays one after the other, one or more; only the last may be without an end
 * @param doorsPerHour how often the cooler is opened
 * @param roomC air where it is served, °C
 * @param plateC plate that it is served on, °C
 */
public record Timetable(List<Stay> stays, double doorsPerHour, double roomC, double plateC) {
    public Timetable {
        stays = List.copyOf(stays);
    }

    /** Whether it ends: then that is when the dessert is served. */
    public boolean ends() {
        return !last().open();
    }

    /** Seconds from the first pour to service; infinite without an end. */
    public double endSeconds() {
        return stays.stream().mapToDouble(Stay::seconds).sum();
    }

    /** Seconds from the first pour until it comes into a place. */
    public double startSeconds(int index) {
        return stays.subList(0, index).stream().mapToDouble(Stay::seconds).sum();
    }

    public Stay last() {
        return stays.get(stays.size() - 1);
    }

    /** Seconds until it leaves the cold for the table; infinite when it stays there. */
    public double coldUntilSeconds() {
        int count = stays.size();
        while (count > 1 && !stays.get(count - 1).cold()) {
            count--;
        }
        return count == stays.size() && !ends() ? Double.POSITIVE_INFINITY : startSeconds(count);
    }

    /** The places in words, such as: Cool room 20 min, then Fridge with still air under film. */
    public String words() {
        return stays.stream()
                .map(stay -> stay.cooler().name()
                        + (stay.how().isEmpty() ? "" : " " + stay.how())
                        + (stay.open() ? "" : " for " + Words.duration(stay.seconds())))
                .collect(Collectors.joining(", then "));
    }

    /** Whether any of it freezes water. */
    public boolean freezes() {
        return stays.stream().anyMatch(stay -> stay.airC() < -0.5);
    }

    /** Whether it is more than one place without anything over or under it. */
    public boolean isPlain() {
        return stays.size() == 1
                && last().open()
                && last().cover() == Stay.Cover.OPEN
                && last().stand() == Stay.Stand.USUAL;
    }
}
