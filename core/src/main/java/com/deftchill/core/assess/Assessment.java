package com.deftchill.core.assess;

import com.deftchill.core.label.Flag;
import com.deftchill.core.label.Nutrition;
import com.deftchill.core.method.Step;
import com.deftchill.core.timing.Milestone;
import com.deftchill.core.verdict.Verdict;
import java.util.List;
import java.util.Optional;

/**
 * Everything computed about a dessert.
 *
 * @param line the answer in a sentence or two, bad news first
 * @param components each by itself, in the order of the formula
 * @param warming where all layers eat right at once; absent where there are not two that set
 * @param section the dessert in its mould, to scale
 * @param milestones in the order of waiting
 * @param verdicts worst first
 * @param prediction the figures a log entry keeps
 * @param flags what must be known before it is served
 * @param nutrition calculated from the composition
 * @param method step by step
 * @param untried fixes that are still to be tried on the whole dessert; none of them is shown before
 */
public record Assessment(
        List<Sentence> line,
        List<ComponentAnswer> components,
        Optional<WholeWarming> warming,
        Section section,
        List<Milestone> milestones,
        List<Verdict> verdicts,
        Prediction prediction,
        List<Flag> flags,
        Nutrition nutrition,
        List<Step> method,
        int untried) {}
