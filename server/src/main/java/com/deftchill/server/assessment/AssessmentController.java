package com.deftchill.server.assessment;

import com.deftchill.core.assess.Assessment;
import com.deftchill.core.assess.Assessor;
import com.deftchill.core.formula.WrittenFormula;
import com.deftchill.server.problem.NotAssessableException;
import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.tags.Tag;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** A formula in, its whole assessment out; nothing is stored. */
@RestController
@RequestMapping("/api/assessments")
@Tag(name = "Assessments")
class AssessmentController {
    private final Assessor assessor;

    AssessmentController(Assessor assessor) {
        this.assessor = assessor;
    }

    @PostMapping
    @Operation(
            operationId = "assess",
            summary = "Assess a formula",
            description = "Computes setting, turning out, standing height and verdicts. Stores nothing. 422 names every"
                    + " field that cannot be understood.")
    Assessment assess(@RequestBody WrittenFormula formula) {
        var outcome = assessor.assess(formula);
        return outcome.assessment().orElseThrow(() -> new NotAssessableException(outcome.problems()));
    }
}
