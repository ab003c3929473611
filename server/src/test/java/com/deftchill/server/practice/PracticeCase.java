package com.deftchill.server.practice;

import com.deftchill.core.assess.Assessment;
import com.deftchill.core.cold.Chilled;
import com.deftchill.core.dessert.Dessert;
import com.deftchill.core.dessert.Portrait;
import com.deftchill.core.method.Step;
import com.deftchill.core.timing.Milestone;
import com.deftchill.core.verdict.Verdict;
import com.deftchill.core.verdict.Verdict.Tone;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.stream.Stream;
import tools.jackson.databind.JsonNode;

/** A dessert whose outcome any experienced cook knows, run through the whole assessment and the Cold. */
final class PracticeCase {
    /** Who may eat it is another matter than whether it works. */
    private static final Set<String> OF_GUESTS = Set.of("raw-egg", "alcohol", "caramel-burns");

    private final String number;
    private final JsonNode expected;
    private final List<String> wrong = new ArrayList<>();
    private Assessment told;
    private Chilled chilled;
    private Dessert dessert;

    private PracticeCase(Answered answered) {
        number = answered.name();
        expected = answered.file().get("expect");
        if (answered.bench().value().isEmpty()) {
            wrong.add("not understood: " + answered.bench().problems());
            return;
        }
        told = answered.bench().value().get();
        dessert = answered.study().value().orElseThrow();
        chilled = answered.cold().value().orElse(null);
        check();
    }

    static List<PracticeCase> all() {
        return Answered.cases().map(PracticeCase::new).toList();
    }

    Assessment told() {
        return told;
    }

    String name() {
        return number;
    }

    /** What is not as it must be; empty when all is. */
    List<String> wrong() {
        return wrong;
    }

    private void check() {
        tones();
        for (var codes : expected.path("any").isMissingNode() ? List.<List<String>>of() : List.of(texts("any"))) {
            if (verdicts().noneMatch(v -> codes.contains(v.code()))) {
                wrong.add("says none of " + codes);
            }
        }
        for (var code : texts("not")) {
            if (verdicts().anyMatch(v -> v.code().equals(code))) {
                wrong.add("says " + code);
            }
        }
        for (var word : texts("says")) {
            if (verdicts().noneMatch(v -> v.sentence().contains(word))) {
                wrong.add("does not say " + word);
            }
        }
        expected.path("hours").properties().forEach(e -> within(e.getKey() + " h", hours(e.getKey()), e.getValue()));
        if (expected.has("dip")) {
            within("dip s", told.prediction().dipSeconds().orElse(Double.NaN), expected.get("dip"));
        }
        expected.path("firm")
                .properties()
                .forEach(e -> within(
                        "firmness of " + e.getKey(),
                        portrait(e.getKey()).study().orElseThrow().rigidityAt(4),
                        e.getValue()));
        expected.path("at")
                .properties()
                .forEach(e -> within(
                        "firmness at " + e.getKey(),
                        dessert.main().orElseThrow().rigidityAt(Double.parseDouble(e.getKey())),
                        e.getValue()));
        expected.path("lost").properties().forEach(e -> {
            var component = portrait(e.getKey()).component();
            within(
                    "lost of " + e.getKey() + " %",
                    100 * component.lostG() / component.raw().massG(),
                    e.getValue());
        });
        expected.path("waits")
                .properties()
                .forEach(e -> within(
                        "wait of " + e.getKey() + " h", portrait(e.getKey()).startSeconds() / 3600, e.getValue()));
        expected.path("after").properties().forEach(e -> {
            if (!(portrait(e.getKey()).startSeconds()
                    > portrait(e.getValue().asString()).startSeconds() + 600)) {
                wrong.add(e.getKey() + " does not wait for " + e.getValue().asString());
            }
        });
        if (expected.path("grams").asBoolean(false)
                && verdicts()
                        .filter(v -> texts("any").contains(v.code()))
                        .allMatch(v -> v.fixes().isEmpty())) {
            wrong.add("offers no grams");
        }
        if (expected.path("noDose").asBoolean(false)
                && verdicts()
                        .flatMap(v -> v.fixes().stream())
                        .flatMap(f -> f.changes().stream())
                        .anyMatch(c -> c.path().endsWith("/gels/0/amount"))) {
            wrong.add("offers a dose for what needs time");
        }
        var verbs = new ArrayList<>(told.method().stream().map(Step::work).toList());
        for (var verb : texts("steps")) {
            if (!verbs.remove(verb)) {
                wrong.add("has no other step " + verb);
            }
        }
    }

    private void tones() {
        var bad = verdicts()
                .filter(v -> v.tone().compareTo(Tone.BAD) <= 0)
                .map(Verdict::code)
                .distinct()
                .toList();
        var careful = verdicts()
                .filter(v -> v.tone() == Tone.CAUTION && !OF_GUESTS.contains(v.code()))
                .map(Verdict::code)
                .distinct()
                .toList();
        var worst = expected.path("worst").asString("");
        if (expected.path("works").asBoolean(false) || worst.equals("CAUTION") && !expected.has("works")) {
            bad.forEach(code -> wrong.add("bad: " + code));
            // The line and the milestones know no failure either that no verdict names.
            if (told.milestones().stream().anyMatch(m -> m.minutes().isEmpty()) && careful.isEmpty()) {
                wrong.add("a moment never comes, and nothing says why");
            }
        } else if (worst.equals("BAD") && bad.isEmpty()) {
            wrong.add("nothing bad is said");
        }
        boolean warned = !bad.isEmpty() || !careful.isEmpty();
        boolean mustWarn = expected.has("worstAtLeast")
                || worst.equals("CAUTION") && !expected.path("works").asBoolean(false);
        if (mustWarn && !warned) {
            wrong.add("no caution");
        }
        if (worst.equals("NOTE")) {
            careful.forEach(code -> wrong.add("caution: " + code));
        }
    }

    private Stream<Verdict> verdicts() {
        return Stream.concat(
                told.verdicts().stream(), chilled == null ? Stream.of() : chilled.answer().verdicts().stream());
    }

    private Portrait portrait(String id) {
        return dessert.portraits().stream()
                .filter(p -> p.component().id().equals(id))
                .findFirst()
                .orElseThrow();
    }

    private double hours(String code) {
        // What alone sets in a dessert is called so without its name.
        boolean named = told.milestones().stream().anyMatch(m -> m.code().equals(code));
        var asked = !named && code.startsWith("sets-") ? "sets" : code;
        return told.milestones().stream()
                .filter(m -> m.code().equals(asked))
                .findFirst()
                .flatMap(Milestone::minutes)
                .map(m -> m / 60)
                .orElse(Double.NaN);
    }

    private void within(String what, double value, JsonNode range) {
        if (!(value >= range.get(0).asDouble() && value <= range.get(1).asDouble())) {
            wrong.add(String.format(Locale.ROOT, "%s: %.3g, not %s", what, value, range));
        }
    }

    private List<String> texts(String field) {
        return expected.path(field).valueStream().map(JsonNode::asString).toList();
    }

    /** One row of the table of the docs. */
    String row() {
        var line = told == null
                ? ""
                : told.line().stream()
                        .map(s -> s.text())
                        .reduce((a, b) -> a + " " + b)
                        .orElse("");
        return "| " + number.replace('-', ' ') + " | " + line.replace("|", "/")
                + (wrong.isEmpty() ? "" : " **" + String.join("; ", wrong) + "**") + " |";
    }
}
