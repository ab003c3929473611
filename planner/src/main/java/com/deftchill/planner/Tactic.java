package com.deftchill.planner;

import com.google.ortools.sat.SatParameters;

/** How a question is looked into; which way is soonest was measured on made-up days of twenty desserts. */
enum Tactic {
    /** As the solver would by itself. */
    USUAL,
    /** Most of it is fixed already: what makes hard searches shorter only delays this one. */
    SMALL,
    /** Any schedule of a day so full that there is hardly one: one that nearly is one is followed for long, then left. */
    CROWDED,
    /** That there is none: every start is tried at the ends of its room until nothing is left, with the cooks as one. */
    PROOF;

    /** What is near is followed until it has failed so often. */
    private static final int FAILURES = 1000;

    /**
     * Threads of the solver. One gives the same answer to the same question, as long as its own clock ends the search; two
     * find far better plans for long days (measured: with turns taken by its own clock two are slower than one).
     */
    private static final int WORKERS = 2;

    boolean asOne() {
        return this == PROOF;
    }

    void set(SatParameters.Builder parameters, boolean repeatable) {
        parameters.setNumWorkers(repeatable || this != USUAL ? 1 : WORKERS);
        switch (this) {
            case USUAL -> {}
            case SMALL ->
                parameters.setSymmetryLevel(0).setLinearizationLevel(0).setCpModelProbingLevel(0);
            case CROWDED ->
                parameters
                        .setLinearizationLevel(0)
                        .setUseOverloadCheckerInCumulative(true)
                        .setUseTimetableEdgeFindingInCumulative(true)
                        .setRandomizeSearch(true)
                        .setHintConflictLimit(FAILURES);
            case PROOF -> parameters.addSubsolvers("variables_shaving_no_lp").addIgnoreSubsolvers("default_lp");
        }
    }
}
