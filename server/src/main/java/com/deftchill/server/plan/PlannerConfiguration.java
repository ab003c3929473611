package com.deftchill.server.plan;

import com.deftchill.core.plan.Solver;
import com.deftchill.planner.CpPlanner;
import java.util.concurrent.CompletableFuture;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/** The solver: its native library is loaded beside the start, so that neither it nor the first plan waits. */
@Configuration
class PlannerConfiguration {
    @Bean
    Solver planner() {
        var loaded = CompletableFuture.supplyAsync(CpPlanner::new);
        return (day, options) -> loaded.join().solve(day, options);
    }
}
