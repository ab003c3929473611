package com.deftchill.server.support;

import static org.assertj.core.api.Assertions.assertThat;

import tools.jackson.databind.JsonNode;

/** Plans as the page has them planned: again and for longer, as long as nothing was found and it may still be. */
public final class Solving {
    private static final double[] ROUNDS_S = {1.5, 5, 9, 9};

    private Solving() {}

    /** The answer in which every task has its time; a busy machine takes more than one round for it. */
    public static JsonNode solved(Api api, JsonNode plan) {
        JsonNode answer = null;
        for (var seconds : ROUNDS_S) {
            var question = Api.json().put("aim", "BEST").put("seconds", seconds);
            question.set("document", plan);
            var answered = api.post("/api/plan-answers", question.toString());
            assertThat(answered.status()).as(answered.text()).isEqualTo(200);
            answer = answered.json();
            if (isPlaced(answer) || answer.path("impossible").asBoolean()) {
                break;
            }
        }
        assertThat(isPlaced(answer)).as("planned: %s", answer).isTrue();
        return answer;
    }

    /** Where nothing was found no step has its place. */
    private static boolean isPlaced(JsonNode answer) {
        return !answer.at("/schedule/slots").isEmpty();
    }
}
