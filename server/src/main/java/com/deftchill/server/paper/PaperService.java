package com.deftchill.server.paper;

import com.deftchill.core.assess.Assessment;
import com.deftchill.core.assess.ComponentAnswer;
import com.deftchill.core.assess.Sentence;
import com.deftchill.core.formula.WrittenFormula;
import com.deftchill.core.kitchen.Workplace;
import com.deftchill.core.label.Flags;
import com.deftchill.core.label.KeepingLife;
import com.deftchill.core.larder.GelProduct;
import com.deftchill.core.larder.Ingredient;
import com.deftchill.core.method.Step;
import com.deftchill.core.text.Message;
import com.deftchill.core.text.Words;
import com.deftchill.core.verdict.Verdict;
import com.deftchill.core.verdict.Verdict.Tone;
import com.deftchill.server.paper.Pdf.Format;
import com.deftchill.server.problem.NotUnderstoodException;
import com.deftchill.server.text.MessageWriter;
import com.deftchill.server.workplace.Asked;
import com.deftchill.server.workplace.Computing;
import com.deftchill.server.workplace.KitchenService;
import java.time.LocalDateTime;
import java.time.format.DateTimeFormatter;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.springframework.stereotype.Service;

/** Puts together what stands on each paper. */
@Service
class PaperService {
    private static final Set<String> ON_LABELS = Set.of("allergens", "may-contain", "egg", "alcohol", "vegetarian");
    /** Verdicts about who should not have it. */
    private static final Set<String> WHO_EATS_IT = Set.of("raw-egg", "alcohol");

    private static final Set<Tone> TO_MIND = EnumSet.of(Tone.UNSAFE, Tone.BAD, Tone.CAUTION);
    private static final DateTimeFormatter MOMENT = DateTimeFormatter.ofPattern("EEE d MMM uuuu, HH:mm", Locale.UK);

    private final Pdf pdf;
    private final Computing computing;
    private final KitchenService kitchens;
    private final MessageWriter messages;

    PaperService(Pdf pdf, Computing computing, KitchenService kitchens, MessageWriter messages) {
        this.pdf = pdf;
        this.computing = computing;
        this.kitchens = kitchens;
        this.messages = messages;
    }

    /** An amount and what it is of. */
    record Row(String grams, String what) {}

    /** What is weighed together. */
    record Weighed(String name, List<Row> rows, String sum) {}

    /** A step as it is read beside the bench. */
    record Done(int number, String title, String text, String temperature, String cue, String caution, String takes) {}

    /** Something that must be known. */
    record Known(String label, String words) {}

    /** The method, to hang beside the bench. */
    byte[] card(WrittenFormula document, Format format, Asked asked) {
        var workplace = kitchens.workplace();
        var assessment = assessed(document, asked).assessment();
        var model = head(document, workplace, assessment);
        model.put("weighed", weighed(document, assessment, workplace));
        model.put("steps", steps(assessment.method()));
        model.put(
                "known",
                assessment.flags().stream()
                        .map(flag -> new Known(write(flag.label()), write(flag.words())))
                        .toList());
        model.put(
                "mind",
                assessment.verdicts().stream()
                        .filter(verdict -> TO_MIND.contains(verdict.tone()))
                        .map(PaperService::mind)
                        .toList());
        return pdf.of("card", format, model);
    }

    /** What was weighed for a formula as it was made. */
    List<Weighed> weighed(WrittenFormula document, Asked asked) {
        return weighed(document, assessed(document, asked).assessment(), kitchens.workplace());
    }

    private static Known mind(Verdict verdict) {
        return new Known(verdict.headline(), verdict.sentence());
    }

    /**
     * Labels of a batch.
     *
     * @param made when it was made, by the kitchen's clock
     * @param count how many
     */
    byte[] labels(WrittenFormula document, LocalDateTime made, int count, Asked asked) {
        var workplace = kitchens.workplace();
        var assessed = assessed(document, asked);
        var assessment = assessed.assessment();
        var model = head(document, workplace, assessment);
        model.put("made", MOMENT.format(made));
        model.put("useBy", MOMENT.format(made.plusHours(assessed.keepsHours())));
        model.put(
                "known",
                assessment.flags().stream()
                        .filter(flag -> ON_LABELS.contains(flag.code()))
                        .map(flag -> new Known(write(flag.label()), write(flag.words())))
                        .toList());
        model.put(
                "cautions",
                assessment.verdicts().stream()
                        .filter(verdict -> WHO_EATS_IT.contains(verdict.code()))
                        .map(Verdict::sentence)
                        .toList());
        model.put("portion", Math.round(portionG(assessment)) + " g");
        // Two beside each other; an odd one has nothing beside it.
        model.put(
                "rows",
                IntStream.range(0, (count + 1) / 2)
                        .mapToObj(row -> List.of(true, 2 * row + 1 < count))
                        .toList());
        return pdf.of("label", Format.A4, model);
    }

    /**
     * What is known of a dessert.
     *
     * @param keepsHours its shortest life, chilled, and as long as it stands frozen
     */
    private record Assessed(Assessment assessment, int keepsHours) {}

    private Assessed assessed(WrittenFormula document, Asked asked) {
        var outcome = computing.light(
                asked,
                (assessor, workplace) -> assessor.study(document, workplace)
                        .map(dessert -> new Assessed(
                                assessor.assessment(dessert, workplace),
                                KeepingLife.of(dessert, new Flags(dessert, workplace.larder()).rawEgg())
                                                .hours()
                                        + (int) (dessert.frozenStaySeconds() / 3600))));
        return outcome.value().orElseThrow(() -> new NotUnderstoodException(outcome.problems()));
    }

    private Map<String, Object> head(WrittenFormula document, Workplace workplace, Assessment assessment) {
        var model = new HashMap<String, Object>();
        model.put("name", document.name());
        model.put("kitchen", workplace.kitchen().name());
        model.put(
                "moulds",
                document.moulds().count() + " × " + assessment.section().mould() + ", "
                        + Math.round(assessment.section().fillMl()) + " ml, " + Math.round(portionG(assessment))
                        + " g each");
        model.put("line", assessment.line().stream().map(Sentence::text).collect(Collectors.joining(" ")));
        return model;
    }

    private static double portionG(Assessment assessment) {
        return assessment.components().stream()
                .mapToDouble(c -> c.amounts().portionG())
                .sum();
    }

    private List<Weighed> weighed(WrittenFormula document, Assessment assessment, Workplace workplace) {
        var all = new ArrayList<Weighed>();
        boolean several = document.components().size() > 1;
        for (int i = 0; i < document.components().size(); i++) {
            var written = document.components().get(i);
            var amounts = assessment.components().get(i).amounts();
            var rows = new ArrayList<Row>();
            for (int n = 0; n < written.lines().size(); n++) {
                var line = written.lines().get(n);
                rows.add(new Row(grams(amounts.lines().get(n).grams()), called(line, document, workplace)));
            }
            gel(written, amounts, workplace, rows);
            all.add(new Weighed(
                    several ? written.name() : "",
                    rows,
                    grams(amounts.totalG()) + " in all, " + Math.round(amounts.yieldMl()) + " ml"));
        }
        return all;
    }

    private static void gel(
            WrittenFormula.Component written, ComponentAnswer.Amounts amounts, Workplace workplace, List<Row> rows) {
        if (amounts.gel().isPresent() && !written.gels().isEmpty()) {
            var of = written.gels().get(0).of();
            rows.add(new Row(
                    grams(amounts.gel().get().grams()),
                    workplace.larder().gel(of).map(GelProduct::name).orElse(of)));
            if (amounts.bloomWaterG() > 0) {
                rows.add(new Row(grams(amounts.bloomWaterG()), "water of the bloom"));
            }
        }
    }

    private static String called(WrittenFormula.Line line, WrittenFormula document, Workplace workplace) {
        if (line.component() != null && !line.component().isEmpty()) {
            return document.components().stream()
                    .filter(c -> c.id().equals(line.component()))
                    .map(WrittenFormula.Component::name)
                    .findFirst()
                    .orElse(line.component());
        }
        return workplace.larder().ingredient(line.of()).map(Ingredient::name).orElse(line.of());
    }

    /** As the steps say them. */
    private static String grams(double g) {
        return Words.grams(g);
    }

    private List<Done> steps(List<Step> method) {
        var steps = new ArrayList<Done>();
        for (var step : method) {
            steps.add(new Done(
                    steps.size() + 1,
                    step.component().isEmpty() ? write(step.title()) : write(step.title()) + ": " + step.component(),
                    write(step.text()),
                    step.temperature().map(this::write).orElse(""),
                    write(step.cue()),
                    write(step.caution()),
                    minutes(step.minutes())));
        }
        return steps;
    }

    private static String minutes(double minutes) {
        long whole = Math.max(1, Math.round(minutes));
        long hours = whole / 60;
        return hours == 0 ? whole + " min" : hours + " h " + whole % 60 + " min";
    }

    private String write(Message message) {
        return messages.write(message, () -> kitchens.workplace().kitchen().temperature());
    }
}
