package com.deftchill.core.batch;

import com.deftchill.core.larder.Cooler;
import com.deftchill.core.larder.Mould;
import com.deftchill.core.parameters.Parameters;
import java.time.LocalTime;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;

/**
 * A dessert understood.
 *
 * @param wanted firmness or height asked for
 * @param eatenAtC temperature at which it is to be right, °C; absent: straight from the cold
 * @param components in the order of the formula: layers bottom first, and parts made for others
 * @param mould what it is filled into
 * @param count of moulds, 1 or more
 * @param portions that each mould gives, 1 or more
 * @param loss share of each component that stays in bowl and jug, 0 to below 1
 * @param airC of the cooler, °C
 * @param timetable where it stands from the first pour to service
 * @param slantMm height that the first layer reaches on one side of a tilted glass, mm; 0: level
 * @param dip that the cook wants
 * @param pouredAt time of day of pouring the first layer
 * @param readyBy time of day by which it is wanted; empty: whenever it is ready
 */
public record Batch(
        String name,
        Served served,
        Optional<Wanted> wanted,
        OptionalDouble eatenAtC,
        List<Component> components,
        Mould mould,
        int count,
        int portions,
        double loss,
        Cooler cooler,
        double airC,
        Timetable timetable,
        double slantMm,
        ChosenDip dip,
        LocalTime pouredAt,
        Optional<LocalTime> readyBy) {
    public Batch {
        components = List.copyOf(components);
    }

    /** The same, asked for another figure. */
    public Batch wanting(Wanted other) {
        return new Batch(
                name,
                served,
                Optional.of(other),
                eatenAtC,
                components,
                mould,
                count,
                portions,
                loss,
                cooler,
                airC,
                timetable,
                slantMm,
                dip,
                pouredAt,
                readyBy);
    }

    /** Whether it is meant to leave something that lets it go. */
    public boolean turnsOut() {
        return !served.stays() && mould.release() != Mould.Release.NONE;
    }

    /** Whether the mould is turned over, so that what was poured first is on top. */
    public boolean turnedOver() {
        var release = mould.release();
        return components.size() == 1 || release == Mould.Release.DIP || release == Mould.Release.PEEL;
    }

    /** Share of a component that other components use up, 0 to 1 (above when more is used than made). */
    public double usedElsewhere(Component component) {
        double used = 0;
        for (var other : components) {
            for (var line : other.lines()) {
                if (line.made()
                        .filter(made -> made.of().id().equals(component.id()))
                        .isPresent()) {
                    used += line.made().get().share();
                }
            }
        }
        return used;
    }

    /** Mass of a component that goes into each mould by itself, g; 0 when others use it up. */
    public double perMouldG(Component component) {
        double left = component.layer() ? Math.max(0, 1 - usedElsewhere(component)) : 0;
        return left * Mixing.of(component).massG() * (1 - loss) / count;
    }

    /** Temperature of the water it is dipped into, °C. */
    public double dipWaterC() {
        return dip.waterC().orElse(parameters().turnout().dipWater().value());
    }

    /** Constants of the models that it is computed by: every component has the same. */
    public Parameters parameters() {
        return components.get(0).parameters();
    }

    /** Portions of all moulds. */
    public int allPortions() {
        return count * portions;
    }
}
