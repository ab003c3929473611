package com.deftchill.server.rescue;

import com.deftchill.core.assess.Assessor;
import com.deftchill.core.formula.WrittenFormula;
import com.deftchill.core.kitchen.Workplace;
import com.deftchill.core.rescue.Observations;
import com.deftchill.core.rescue.Observed;
import com.deftchill.core.rescue.Rescue;
import com.deftchill.core.rescue.RescueFiles;
import com.deftchill.core.rescue.Symptom;
import com.deftchill.core.verdict.Answer;
import com.deftchill.core.verdict.Problem;
import com.deftchill.server.making.MadeBatches;
import com.deftchill.server.problem.NotUnderstoodException;
import com.deftchill.server.rescue.RescueViews.Named;
import com.deftchill.server.rescue.RescueViews.RescueView;
import com.deftchill.server.workplace.Asked;
import com.deftchill.server.workplace.Computing;
import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.tags.Tag;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.UUID;
import java.util.function.Function;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** What went wrong with a batch, and what to do about it. */
@RestController
@Tag(name = "Rescue")
class RescueController {
    private final MadeBatches batches;
    private final Computing computing;

    RescueController(MadeBatches batches, Computing computing) {
        this.batches = batches;
        this.computing = computing;
    }

    /**
     * A dessert that went wrong of which no batch was followed.
     *
     * @param symptom what is seen; empty: what can be seen is asked
     * @param looks by their id, whether what was looked for was found
     */
    record WentWrong(
            @NotNull(message = "is missing: the formula") WrittenFormula document,

            @Size(max = 40, message = "must have at most 40 characters")
            String symptom,

            @Size(max = 60, message = "must be at most 60 looks")
            Map<String, Boolean> looks) {}

    private record Question(WrittenFormula planned, WrittenFormula made, Optional<Observed> observed) {}

    @GetMapping("/api/makings/{id}/rescue")
    @Operation(
            operationId = "rescueMaking",
            summary = "What likely went wrong with a batch that is followed, and what to do about it",
            description = "The symptom and the looks are among what happened to it.")
    RescueView ofMaking(@PathVariable UUID id, Asked asked) {
        var making = batches.making(id);
        return answer(
                asked,
                workplace -> new Question(
                        making.planned(),
                        making.made(),
                        Observations.symptom(making)
                                .map(symptom -> Observations.of(making, workplace.kitchen(), symptom))));
    }

    @PostMapping("/api/rescue")
    @Operation(
            operationId = "rescue",
            summary = "What likely went wrong with a dessert by its formula alone, and what to do about it")
    RescueView ofFormula(@Valid @RequestBody WentWrong wrong, Asked asked) {
        var symptom = wrong.symptom() == null || wrong.symptom().isEmpty()
                ? Optional.<Symptom>empty()
                : Optional.of(named(wrong.symptom()));
        var observed = symptom.map(of -> new Observed(
                of, OptionalDouble.empty(), Set.of(), List.of(), wrong.looks() == null ? Map.of() : wrong.looks()));
        return answer(asked, workplace -> new Question(wrong.document(), wrong.document(), observed));
    }

    private static Symptom named(String id) {
        return RescueFiles.symptom(id)
                .orElseThrow(() -> new NotUnderstoodException(List.of(
                        Problem.of("field-invalid", "/symptom", "symptom", id, Problem.rule("making.symptom")))));
    }

    private RescueView answer(Asked asked, Function<Workplace, Question> toQuestion) {
        var answer = computing.heavy(asked, (assessor, workplace) -> {
            // A cause is a guess itself: it need not be computed finely.
            var coarse = assessor.rough();
            return view(coarse, workplace, toQuestion.apply(workplace));
        });
        return answer.value().orElseThrow(() -> new NotUnderstoodException(answer.problems()));
    }

    private static Answer<RescueView> view(Assessor assessor, Workplace workplace, Question question) {
        var studied = assessor.study(question.made(), workplace);
        if (studied.value().isEmpty()) {
            return Answer.not(studied.problems());
        }
        var symptoms = Rescue.symptoms(studied.value().get());
        if (question.observed().isEmpty()) {
            return Answer.of(RescueViews.open(symptoms));
        }
        var observed = question.observed().get();
        return Rescue.of(assessor, workplace, question.planned(), question.made(), observed)
                .map(rescue -> RescueViews.of(
                        symptoms,
                        rescue,
                        observed,
                        question.planned(),
                        new Named(workplace.larder(), question.made())));
    }
}
