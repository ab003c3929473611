package com.deftchill.server.paper;

import com.deftchill.server.batchlog.BatchPageView;
import com.deftchill.server.batchlog.BatchPages;
import com.deftchill.server.batchlog.BatchRecord;
import com.deftchill.server.batchlog.BatchRecord.TastingScore;
import com.deftchill.server.making.Stories;
import com.deftchill.server.making.Stories.Moment;
import com.deftchill.server.making.Stories.Story;
import com.deftchill.server.paper.Pdf.Format;
import com.deftchill.server.workplace.Asked;
import com.deftchill.server.workplace.KitchenService;
import java.time.Instant;
import java.time.ZoneId;
import java.time.ZoneOffset;
import java.time.format.DateTimeFormatter;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.springframework.stereotype.Service;

/** The record of a batch on paper: how it was made and came out, and the moments that food safety asks for. */
@Service
class RecordPaper {
    private static final DateTimeFormatter DAY = DateTimeFormatter.ofPattern("EEEE d MMMM uuuu", Locale.UK);
    private static final DateTimeFormatter MOMENT = DateTimeFormatter.ofPattern("d MMM, HH:mm", Locale.UK);
    private static final DateTimeFormatter TIME = DateTimeFormatter.ofPattern("HH:mm", Locale.UK);
    private static final double TEN = 10;
    private static final Story NONE = new Story(ZoneOffset.UTC, List.of(), List.of(), List.of());

    private final Pdf pdf;
    private final PaperService papers;
    private final BatchPages batches;
    private final Stories stories;
    private final KitchenService kitchens;

    RecordPaper(Pdf pdf, PaperService papers, BatchPages batches, Stories stories, KitchenService kitchens) {
        this.pdf = pdf;
        this.papers = papers;
        this.batches = batches;
        this.stories = stories;
        this.kitchens = kitchens;
    }

    /** The PDF and what it is called. */
    record Paper(String name, byte[] bytes) {}

    /** A line of two or more columns. */
    record Row(List<String> cells) {
        static Row of(String... cells) {
            return new Row(List.of(cells));
        }
    }

    Paper of(UUID id, Format format, Asked asked) {
        var batch = batches.page(id);
        var story = batch.makingId().map(making -> stories.of(making, asked)).orElse(NONE);
        var model = new HashMap<String, Object>();
        var said = batch.said();
        model.put("name", batch.formula());
        model.put("kitchen", kitchens.workplace().kitchen().name());
        model.put("day", DAY.format(said.madeOn()));
        model.put("poured", TIME.format(said.pouredAt()));
        model.put("cook", said.cook());
        model.put("outcome", words(said.outcome()));
        model.put("note", said.note());
        model.put("id", batch.id().toString());
        model.put("corrections", batch.corrections());
        model.put("heights", heights(batch));
        model.put("beside", batch.beside().stream().map(RecordPaper::beside).toList());
        model.put("lots", lots(batch));
        model.put("weighed", papers.weighed(batch.document(), asked));
        model.put(
                "steps",
                story.moments().stream().map(m -> step(m, story.zone())).toList());
        model.put("limits", limits(story));
        model.put("cores", cores(batch, story));
        record(model, said.record());
        return new Paper(batch.formula() + " " + said.madeOn(), pdf.of("record", format, model));
    }

    private static void record(Map<String, Object> model, BatchRecord record) {
        model.put("happened", record.happened());
        model.put(
                "portions",
                record.portions().stream()
                        .map(p -> Row.of(
                                "No. " + p.number(), words(p.outcome()), mm(Optional.ofNullable(p.standingMm()))))
                        .toList());
        model.put(
                "shelf",
                record.shelf().stream()
                        .map(check -> Row.of(DAY.format(check.on()), words(check.state()), check.note()))
                        .toList());
        model.put(
                "tastings", record.tastings().stream().map(RecordPaper::tasting).toList());
    }

    private static Row tasting(TastingScore t) {
        return Row.of(
                t.taster(),
                Stream.of(
                                score("wobble", t.wobble()),
                                score("melt", t.melt()),
                                score("sweetness", t.sweetness()),
                                score("intensity", t.intensity()),
                                score("clean slice", t.cleanSlice()))
                        .filter(words -> !words.isEmpty())
                        .collect(Collectors.joining(", ")));
    }

    private static String score(String of, Integer score) {
        return score == null ? "" : of + " " + score + " of 5";
    }

    private static String words(Enum<?> value) {
        return value.name().toLowerCase(Locale.ROOT).replace('_', ' ');
    }

    private static String mm(Optional<Double> value) {
        return value.map(v -> String.format(Locale.ROOT, "%.1f mm", v)).orElse("");
    }

    private static String heights(BatchPageView batch) {
        var measured = mm(Optional.ofNullable(batch.said().standingMm()));
        var predicted = mm(batch.predicted().standingMm());
        return Stream.of(
                        measured.isEmpty() ? "" : "stood " + measured + " by ruler",
                        predicted.isEmpty() ? "" : predicted + " was predicted")
                .filter(words -> !words.isEmpty())
                .collect(Collectors.joining(", "));
    }

    private static Row beside(BatchPageView.Beside beside) {
        var of = beside.of().isEmpty() ? "" : ", " + beside.of();
        var at = beside.minutes()
                .map(minutes -> String.format(Locale.ROOT, " %.0f min after the pour", minutes))
                .orElse("");
        return Row.of(
                beside.quantity().replace('-', ' ') + of + at,
                figure(beside.measured(), beside.unit()),
                figure(beside.predicted(), beside.unit()));
    }

    private static String figure(double value, String unit) {
        return (Math.abs(value) >= TEN ? Math.round(value) : String.format(Locale.ROOT, "%.2f", value)) + " " + unit;
    }

    private static List<Row> lots(BatchPageView batch) {
        var names = batch.lotsOf().stream()
                .collect(Collectors.toMap(BatchPageView.LotOf::id, BatchPageView.LotOf::name, (a, b) -> a));
        return batch.said().record().lots().stream()
                .map(lot -> Row.of(names.getOrDefault(lot.of(), lot.of()), lot.lot()))
                .toList();
    }

    private static Row step(Moment moment, ZoneId zone) {
        return Row.of(
                moment.began().map(at -> at(at, zone)).orElse("")
                        + moment.ended().map(at -> " to " + at(at, zone)).orElse(""),
                moment.component().isEmpty() ? moment.title() : moment.title() + ": " + moment.component(),
                moment.wanted(),
                String.join(", ", moment.measured()),
                moment.by());
    }

    private static List<Row> limits(Story story) {
        return story.limits().stream()
                .map(limit -> Row.of(
                        limit.words(),
                        "by " + at(limit.by(), story.zone()),
                        limit.reached()
                                .map(at -> "first measured below it " + at(at, story.zone()))
                                .orElse("never measured below it")))
                .toList();
    }

    /** By the clock where it was made step by step; by minutes after the pour where only the log has them. */
    private static List<Row> cores(BatchPageView batch, Story story) {
        var rows = new ArrayList<Row>();
        for (var core : story.cores()) {
            rows.add(Row.of(
                    at(core.at(), story.zone()),
                    core.celsius(),
                    core.instrument().isEmpty() ? "typed" : core.instrument(),
                    core.by()));
        }
        for (var reading : batch.said().record().readings()) {
            if (reading.minutes() != null && story.cores().isEmpty()) {
                rows.add(Row.of(
                        String.format(Locale.ROOT, "%.0f min after the pour", reading.minutes()),
                        String.format(Locale.ROOT, "%.1f °C", reading.value()),
                        reading.probe() == null ? "" : reading.probe(),
                        ""));
            }
        }
        return rows;
    }

    private static String at(Instant at, ZoneId zone) {
        return MOMENT.format(at.atZone(zone));
    }
}
