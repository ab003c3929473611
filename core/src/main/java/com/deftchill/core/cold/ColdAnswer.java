package com.deftchill.core.cold;

import com.deftchill.core.assess.Section;
import com.deftchill.core.assess.Sentence;
import com.deftchill.core.timing.Milestone;
import com.deftchill.core.turnout.Point;
import com.deftchill.core.verdict.Evidence;
import com.deftchill.core.verdict.Verdict;
import java.util.List;
import java.util.Optional;

/**
 * The whole chill of a dessert, from the first pour to the table. Minutes count from the first pour unless said otherwise.
 *
 * @param line the answer in a sentence or two, bad news first
 * @param summary the whole in plain words, to be read out
 * @param pouredAt clock time of the first pour
 * @param lastMinutes until here it is followed
 * @param bowls what cools in its bowl before it is filled
 * @param stays where it stands when
 * @param milestones in the order of waiting
 * @param gates when a layer goes on the one below
 * @param limits of the kitchen's cooling rules
 * @param courses firmness and temperature of each layer over time
 * @param section the dessert in its mould, to scale
 * @param slant the first layer in a tilted glass; absent when it lies level
 * @param table what happens once it is served; absent when it never is, or is ice
 * @param verdicts that bear on the chill, worst first
 */
public record ColdAnswer(
        List<Sentence> line,
        List<String> summary,
        String pouredAt,
        double lastMinutes,
        List<BowlView> bowls,
        List<StayView> stays,
        List<Milestone> milestones,
        List<GateView> gates,
        List<Limit> limits,
        List<LayerCourse> courses,
        Section section,
        Optional<SlantView> slant,
        Optional<Table> table,
        List<Verdict> verdicts) {

    /**
     * A mix in its bowl, from its own heat to its pour.
     *
     * @param fromC as its parts meet, °C
     * @param toC as it is poured, °C
     * @param roomMinutes standing in the room; absent where that is too warm
     * @param iceMinutes stirred over ice water
     * @param ready clock time of its pour
     */
    public record BowlView(
            int component,
            String name,
            double fromC,
            double toC,
            Optional<Double> roomMinutes,
            double iceMinutes,
            String ready) {}

    /**
     * A place.
     *
     * @param how covered and standing, in words
     * @param endMinutes absent for one that it stays in until it is served
     * @param clock when it comes there
     */
    public record StayView(
            String name,
            String cooler,
            double airC,
            String how,
            double fromMinutes,
            Optional<Double> endMinutes,
            String clock) {}

    /**
     * A layer that goes on another one.
     *
     * @param opens clock time from which the lower one carries it
     * @param bondsUntilMinutes until then it bonds; absent where that does not end
     * @param lowestC coolest pour that still runs, °C
     * @param highestC warmest pour that melts no more than a millimetre, °C
     * @param meltedMm depth that melts as it is written, mm
     */
    public record GateView(
            int component,
            String name,
            String on,
            double opensMinutes,
            String opens,
            Optional<Double> bondsUntilMinutes,
            Optional<String> bondsUntil,
            double pourC,
            double lowestC,
            double highestC,
            double meltedMm) {}

    /**
     * A limit of the rule set: the warmest point below a temperature in time.
     *
     * @param byMinutes latest
     * @param reachedMinutes absent when it is not reached
     */
    public record Limit(
            String label,
            double celsius,
            double byMinutes,
            String by,
            Optional<Double> reachedMinutes,
            Optional<String> reached,
            boolean kept) {}

    /** A layer over time: firmness 0 to 100 at its slowest point, warmest temperature, °C. */
    public record LayerCourse(
            int component,
            String name,
            String tint,
            double pouredMinutes,
            double[] minutes,
            double[] firmness,
            double[] warmestC,
            double targetFrom,
            double targetTo) {}

    /** The first layer in a tilted glass. */
    public record SlantView(double tiltDegrees, double highMm, double lowMm, double propMm) {}

    /**
     * At the table; minutes count from service.
     *
     * @param onPlate whether it stands on a plate, out of its mould
     * @param servedMinutes when, after the first pour
     * @param firmness of the layer it is judged by, 0 to 100
     * @param rightFromMinutes from then on its firmness is right; absent when it never is
     * @param rightUntilMinutes until then; absent when longer than followed
     * @param sagsMinutes from then on it sags; absent when not within the time followed
     * @param warmMinutes from then on its warmest point is too warm to keep
     * @param shapes as it stands on its plate
     */
    public record Table(
            boolean onPlate,
            double servedMinutes,
            String served,
            double roomC,
            double plateC,
            double[] minutes,
            double[] firmness,
            double[] standingMm,
            double[] warmestC,
            double mouldedMm,
            double targetFrom,
            double targetTo,
            Optional<Double> rightFromMinutes,
            Optional<Double> rightUntilMinutes,
            Optional<Double> sagsMinutes,
            Optional<Double> warmMinutes,
            String sentence,
            List<Shape> shapes,
            boolean upsideDown,
            Evidence evidence) {}

    /** The body on its plate, from plate to top; its widest place, mm. */
    public record Shape(double minutes, double heightMm, double widthMm, List<Point> outline) {}
}
