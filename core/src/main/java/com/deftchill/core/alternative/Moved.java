package com.deftchill.core.alternative;

import com.deftchill.core.assess.Prediction;
import com.deftchill.core.batch.Component;
import com.deftchill.core.batch.Foaming;
import com.deftchill.core.batch.Kind;
import com.deftchill.core.composition.Constituent;
import com.deftchill.core.dessert.Dessert;
import com.deftchill.core.text.Argument;
import com.deftchill.core.text.Message;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * What today's models say of a dessert that earlier ones said otherwise, and why: a cook who knows a formula by its figures is
 * told once when they move.
 *
 * @param why the models in it that were changed; empty where none was
 * @param figures that read otherwise than before; empty where those from before are not known, or are the same
 */
public record Moved(List<Message> why, List<Message> figures) {
    /** Nothing. */
    public static final Moved NOTHING = new Moved(List.of(), List.of());

    /** Times that differ by less than a twentieth, and by less than this, read the same, min. */
    private static final double NOTICED_MIN = 5;

    private static final double NOTICED_SHARE = 0.05;
    private static final double NOTICED_MM = 1;
    /** What is turned out is colder than this in its core, °C. */
    private static final double CORE_C = 8;
    /** Below these shares chocolate and butter hardly make a mix firm, g/g. */
    private static final double COCOA_BUTTER = 0.01;

    private static final double BUTTER_FAT = 0.05;

    public Moved {
        why = List.copyOf(why);
        figures = List.copyOf(figures);
    }

    /** Whether there is anything to tell. */
    public boolean tellsNothing() {
        return why.isEmpty() && figures.isEmpty();
    }

    /**
     * What has moved.
     *
     * @param before what was predicted then; absent where it is not known
     */
    public static Moved of(Dessert dessert, Optional<Prediction> before, Prediction now) {
        var limits = dessert.setting().isEmpty()
                ? Stream.<Message>empty()
                : Stream.of(Message.of("moved.why.limits")
                        .with("turned", Argument.when(dessert.batch().turnsOut()))
                        .with("core", Argument.degrees(CORE_C)));
        var ofMixes = dessert.batch().components().stream().flatMap(component -> why(component).stream());
        var why = Stream.concat(limits, ofMixes).distinct().toList();
        if (before.isEmpty()) {
            return new Moved(why, List.of());
        }
        var figures = figures(before.get(), now);
        return figures.isEmpty() ? NOTHING : new Moved(why, figures);
    }

    private static List<Message> why(Component component) {
        var why = new ArrayList<Message>();
        var mix = component.raw().composition();
        if (mix.share(Constituent.COCOA_BUTTER) > COCOA_BUTTER || mix.share(Constituent.BUTTER_FAT) > BUTTER_FAT) {
            why.add(Message.of("moved.why.fat"));
        }
        if (new Foaming(component).any()) {
            why.add(Message.of("moved.why.foam"));
        }
        if (component.parts().stream().anyMatch(part -> part.ingredient().curd().isPresent())) {
            why.add(Message.of("moved.why.curd"));
        }
        if (component.kind() == Kind.CUSTARD || component.kind() == Kind.STARCH_CUSTARD) {
            why.add(Message.of("moved.why.custard"));
        }
        if (component.kind() == Kind.CARAMEL) {
            why.add(Message.of("moved.why.caramel"));
        }
        return why;
    }

    private static List<Message> figures(Prediction before, Prediction now) {
        var figures = new ArrayList<Message>();
        time("moved.sets", before.setsAfterMinutes(), now.setsAfterMinutes(), figures);
        time("moved.turns-out", before.turnsOutAfterMinutes(), now.turnsOutAfterMinutes(), figures);
        if (before.standingMm().isPresent() && now.standingMm().isPresent()) {
            double then = before.standingMm().get();
            double today = now.standingMm().get();
            if (Math.abs(then - today) >= NOTICED_MM) {
                figures.add(Message.of("moved.stands")
                        .with("before", Argument.figure(then, 0))
                        .with("now", Argument.figure(today, 0)));
            }
        }
        if (!before.firmnessWords().equals(now.firmnessWords())) {
            figures.add(Message.of("moved.firmness")
                    .with("before", before.firmnessWords())
                    .with("now", now.firmnessWords()));
        }
        return figures;
    }

    private static void time(String key, Optional<Double> before, Optional<Double> now, List<Message> figures) {
        double then = before.orElse(Double.POSITIVE_INFINITY);
        double today = now.orElse(Double.POSITIVE_INFINITY);
        boolean same =
                then == today || Math.abs(then - today) < Math.max(NOTICED_MIN, NOTICED_SHARE * Math.min(then, today));
        if (!same) {
            figures.add(Message.of(key).with("before", after(before)).with("now", after(now)));
        }
    }

    private static Argument after(Optional<Double> minutes) {
        return minutes.map(m -> Message.of("moved.after").with("lasts", new Argument.Lasts(60 * m)))
                .orElse(Message.of("moved.never"))
                .said();
    }
}
