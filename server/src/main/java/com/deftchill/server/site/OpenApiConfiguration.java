package com.deftchill.server.site;

import com.deftchill.core.text.Message;
import com.deftchill.server.problem.ProblemResponse;
import com.deftchill.server.workplace.Asked;
import io.swagger.v3.core.converter.AnnotatedType;
import io.swagger.v3.core.converter.ModelConverters;
import io.swagger.v3.oas.models.OpenAPI;
import io.swagger.v3.oas.models.info.Info;
import io.swagger.v3.oas.models.media.Content;
import io.swagger.v3.oas.models.media.MediaType;
import io.swagger.v3.oas.models.media.Schema;
import io.swagger.v3.oas.models.responses.ApiResponse;
import io.swagger.v3.oas.models.servers.Server;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import org.springdoc.core.customizers.OpenApiCustomizer;
import org.springdoc.core.utils.SpringDocUtils;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/** The description of the API: every property required unless it may be absent, problem details for every error. */
@Configuration
class OpenApiConfiguration {

    /** Record components that may be absent. */
    private static final Map<String, List<String>> MAY_BE_ABSENT = Map.ofEntries(
            Map.entry("Amounts", List.of("gel", "sheets")),
            Map.entry("ComponentAnswer", List.of("course", "warming", "strip")),
            Map.entry("After", List.of("mostMinutes")),
            Map.entry("PlanSummary", List.of("beginsAt")),
            Map.entry("StoredPlan", List.of("schedule")),
            Map.entry("NewPlan", List.of("writeId", "schedule")),
            Map.entry("SavePlan", List.of("schedule")),
            Map.entry("PlanQuestion", List.of("schedule", "now")),
            Map.entry("PlanCheckQuestion", List.of("hand", "now")),
            Map.entry("Warming", List.of("rightFromC", "rightToC", "minutesOut")),
            Map.entry("WholeWarming", List.of("rightFromC", "rightToC", "minutesOut")),
            Map.entry("Assessment", List.of("warming")),
            Map.entry("BookRow", List.of("cut", "made")),
            Map.entry("OwnPreview", List.of("mould", "ingredient")),
            Map.entry("SumAnswer", List.of("component", "moulds")),
            Map.entry("Section", List.of("standing")),
            Map.entry("Milestone", List.of("minutes", "clock")),
            Map.entry(
                    "StoredPrediction",
                    List.of("setsAfterMinutes", "turnsOutAfterMinutes", "standingMm", "dipSeconds")),
            Map.entry("Prediction", List.of("setsAfterMinutes", "turnsOutAfterMinutes", "standingMm", "dipSeconds")),
            Map.entry("DoseStrip", List.of("wanted")),
            Map.entry("StripDose", List.of("standingMm")),
            Map.entry("SwapDose", List.of("sheets", "standingMm")),
            Map.entry("SwapQuestion", List.of("component", "products")),
            Map.entry("Step", List.of("temperature")),
            Map.entry("LoggedBatch", List.of("standingMm")),
            Map.entry("MadeBatch", List.of("standingMm", "note", "cook", "record")),
            Map.entry("CameOut", List.of("standingMm", "note", "cook", "record")),
            Map.entry("BatchRecord", List.of("lots", "portions", "tastings", "shelf", "readings", "happened")),
            Map.entry("PortionCame", List.of("standingMm")),
            Map.entry("TastingScore", List.of("taster", "wobble", "melt", "sweetness", "intensity", "cleanSlice")),
            Map.entry("ShelfCheck", List.of("note")),
            Map.entry("ReadingMade", List.of("of", "minutes", "probe", "corrected")),
            Map.entry("FigureView", List.of("next")),
            Map.entry("LearningWish", List.of("without")),
            Map.entry("ReadingView", List.of("minutes")),
            Map.entry("ProgressView", List.of("share")),
            Map.entry("Acceptance", List.of("by")),
            Map.entry("NewLadder", List.of("document", "by")),
            Map.entry("LadderView", List.of("fit")),
            Map.entry("FitView", List.of("best", "low", "high", "moreToHalve", "bestX", "lowX", "highX")),
            Map.entry("Trial", List.of("number", "parent", "at")),
            Map.entry("LogLine", List.of("standingMm", "firmness", "photo")),
            Map.entry("Correction", List.of("by")),
            Map.entry("Beside", List.of("minutes")),
            Map.entry("BatchPageView", List.of("makingId", "revision")),
            Map.entry("StayView", List.of("endMinutes")),
            Map.entry("BowlView", List.of("roomMinutes")),
            Map.entry("GateView", List.of("bondsUntilMinutes", "bondsUntil")),
            Map.entry("Limit", List.of("reachedMinutes", "reached")),
            Map.entry("ColdAnswer", List.of("slant", "table")),
            Map.entry("Table", List.of("rightFromMinutes", "rightUntilMinutes", "sagsMinutes", "warmMinutes")),
            Map.entry("Range", List.of("earliestMinutes", "likelyMinutes", "latestMinutes", "earliest", "latest")),
            Map.entry(
                    "WhatIf",
                    List.of(
                            "setMinutes",
                            "set",
                            "goalMinutes",
                            "goalClock",
                            "coldMinutes",
                            "standingMm",
                            "peakAirC",
                            "worst",
                            "meets")),
            Map.entry("WhatIfQuestion", List.of("by")),
            Map.entry("MakingStep", List.of("began", "due", "ended", "from", "until", "cue")),
            Map.entry("MakingView", List.of("batch", "turningOut", "plan")),
            Map.entry("TurningOut", List.of("dipSeconds", "dipFrom", "dipTo")),
            Map.entry("RescueView", List.of("becomes")),
            Map.entry("SuspectView", List.of("look")),
            Map.entry("SafetyMoment", List.of("by")),
            Map.entry("MadeStep", List.of("ended")),
            Map.entry("LookView", List.of("found")),
            Map.entry("InstrumentView", List.of("raw", "value", "calibration")),
            Map.entry("Told", List.of("unit")),
            Map.entry("Placed", List.of("step")),
            Map.entry("Tried", List.of("boil", "altitude", "pressure", "by")),
            Map.entry("WentWrong", List.of("symptom", "looks")),
            Map.entry("CoolingLimit", List.of("reached")),
            Map.entry("NewMaking", List.of("document", "by", "zone", "planId", "planDish")),
            Map.entry("Accepting", List.of("name", "password")),
            Map.entry("AccountChange", List.of("password", "oldPassword")),
            Map.entry("Event", List.of("step", "by", "changes", "text", "instrument")),
            Map.entry("ProblemResponse", List.of("currentVersion")));

    /** Of the formula document only these are always there: what is not written is absent. */
    private static final Map<String, List<String>> OF_A_DOCUMENT = Map.ofEntries(
            Map.entry("WrittenFormula", List.of("schema", "components", "moulds", "cooler")),
            Map.entry("Component", List.of("id", "lines")),
            Map.entry("Line", List.of("id")),
            Map.entry("Gel", List.of("id")),
            Map.entry("Foam", List.of("id")),
            Map.entry("Work", List.of("id", "verb")),
            Map.entry("Moulds", List.of()),
            Map.entry("Cooling", List.of()),
            Map.entry("Stay", List.of()),
            Map.entry("Otherwise", List.of()),
            Map.entry("WrittenPlan", List.of("schema", "services", "dishes", "people")),
            Map.entry("Service", List.of("id", "on", "at")),
            Map.entry("PlannedDish", List.of("id", "formula", "version", "service")),
            Map.entry("Person", List.of("id", "shifts")),
            Map.entry("Shift", List.of("from", "to")),
            Map.entry("Kit", List.of()),
            Map.entry("PlannedCooler", List.of("of")),
            Map.entry("OwnedMould", List.of("of")),
            Map.entry("Settled", List.of("task", "done")),
            Map.entry("Shared", List.of("dish", "component", "with", "withComponent")),
            Map.entry("Swapped", List.of("component", "line")));

    static {
        // Comes from a header, which is told of once for all.
        SpringDocUtils.getConfig().addRequestWrapperToIgnore(Asked.class);
        // Leaves as text.
        SpringDocUtils.getConfig().replaceWithClass(Message.class, String.class);
    }

    @Bean
    OpenAPI description() {
        return new OpenAPI()
                .info(new Info()
                        .title("Deft Chill")
                        .version("1")
                        .description("Units are in the names: G grams, C °C, Mm mm, Ml ml. A page that sends "
                                + Asked.HEADER
                                + ": page.kind.number with its questions has its older ones ended by newer"
                                + " ones of the same kind (409 newer-question). 503 with Retry-After: too many wait."))
                .servers(List.of(new Server().url("/")));
    }

    @Bean
    OpenApiCustomizer requiredAndProblems() {
        return api -> {
            ModelConverters.getInstance(true)
                    .readAll(new AnnotatedType(ProblemResponse.class))
                    .forEach((name, schema) -> api.getComponents().addSchemas(name, schema));
            api.getComponents().setSchemas(new TreeMap<>(api.getComponents().getSchemas()));
            api.getComponents().getSchemas().forEach(OpenApiConfiguration::require);
            var content = new Content()
                    .addMediaType(
                            "application/problem+json",
                            new MediaType().schema(new Schema<>().$ref("#/components/schemas/ProblemResponse")));
            api.getPaths()
                    .values()
                    .forEach(path -> path.readOperations().forEach(operation -> {
                        operation
                                .getResponses()
                                .keySet()
                                .removeIf(status -> status.startsWith("4") || status.startsWith("5"));
                        operation
                                .getResponses()
                                .addApiResponse(
                                        "default",
                                        new ApiResponse().description("Problem").content(content));
                    }));
        };
    }

    private static void require(String name, Schema<?> schema) {
        if (schema.getProperties() == null) {
            return;
        }
        if (OF_A_DOCUMENT.containsKey(name)) {
            schema.setRequired(OF_A_DOCUMENT.get(name));
            return;
        }
        var absent = MAY_BE_ABSENT.getOrDefault(name, List.of());
        schema.setRequired(schema.getProperties().keySet().stream()
                .map(String.class::cast)
                .filter(property -> !absent.contains(property))
                .toList());
    }
}
