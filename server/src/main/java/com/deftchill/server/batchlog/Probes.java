package com.deftchill.server.batchlog;

import java.time.Instant;

/** What is known of the kitchen's probes. */
public interface Probes {
    /** A probe by its name and when it was tried in ice water last before a moment: tried anew it is off by something else. */
    String asOf(String probe, Instant moment);

    /** K that it shows above what is so, by what the kitchen learnt since it was tried last and accepted; 0 where nothing. */
    double learntOffset(String probe);
}
