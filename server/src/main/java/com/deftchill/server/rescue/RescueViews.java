package com.deftchill.server.rescue;

import com.deftchill.core.formula.Changes;
import com.deftchill.core.formula.WrittenFormula;
import com.deftchill.core.larder.Larder;
import com.deftchill.core.rescue.Cause;
import com.deftchill.core.rescue.Look;
import com.deftchill.core.rescue.Observed;
import com.deftchill.core.rescue.Pleading;
import com.deftchill.core.rescue.Ranking;
import com.deftchill.core.rescue.Remedy;
import com.deftchill.core.rescue.Rescue;
import com.deftchill.core.rescue.Suspect;
import com.deftchill.core.rescue.Suspect.What;
import com.deftchill.core.rescue.Symptom;
import com.deftchill.core.text.Argument;
import com.deftchill.core.text.Message;
import java.util.List;
import java.util.Optional;

/** What a rescue looks like from outside. */
final class RescueViews {
    private RescueViews() {}

    /** Something that a cook may see of this dessert. */
    record SymptomView(String id, Message name) {}

    /**
     * Something to look at.
     *
     * @param measures address of the document that a figure is asked of in place of yes or no; empty: yes or no
     * @param found what was seen; absent while nobody looked
     */
    record LookView(String id, Message words, String measures, Optional<Boolean> found) {}

    /**
     * A cause in question.
     *
     * @param likelihood of all in question, %
     */
    record SuspectView(
            Message name,
            double likelihood,
            List<Message> speaksFor,
            List<Message> speaksAgainst,
            Optional<LookView> look,
            Message next) {}

    /** Causes that do the same to the dessert: only a look tells them apart. */
    record SuspectGroup(double likelihood, List<SuspectView> suspects) {}

    /**
     * What went wrong, as far as it is known.
     *
     * @param symptoms that this dessert can show
     * @param symptom that is asked about; empty while none is
     * @param groups the likeliest first; none where nothing in this batch gives the symptom
     * @param out causes that what was measured rules out
     * @param telling what to look at next, what tells most first
     * @param remedies for what is there now
     * @param becomes what can be made of it where nothing helps
     */
    record RescueView(
            List<SymptomView> symptoms,
            String symptom,
            List<SuspectGroup> groups,
            List<Message> out,
            List<LookView> telling,
            List<Remedy> remedies,
            Optional<Message> becomes) {}

    static List<SymptomView> symptoms(List<Symptom> symptoms) {
        return symptoms.stream()
                .map(symptom -> new SymptomView(symptom.id(), Message.of("rescue.symptom." + symptom.id())))
                .toList();
    }

    /** Nothing is asked about yet. */
    static RescueView open(List<Symptom> symptoms) {
        return new RescueView(symptoms(symptoms), "", List.of(), List.of(), List.of(), List.of(), Optional.empty());
    }

    static RescueView of(
            List<Symptom> symptoms, Rescue rescue, Observed observed, WrittenFormula planned, Named named) {
        var ranking = rescue.ranking();
        return new RescueView(
                symptoms(symptoms),
                rescue.symptom().id(),
                ranking.groups().stream()
                        .map(group -> group(group, observed, planned, named))
                        .toList(),
                ranking.out().stream()
                        .map(cause -> Message.of("rescue.cause." + cause.id()))
                        .toList(),
                ranking.telling().stream().map(look -> look(look, observed)).toList(),
                rescue.remedies(),
                Optional.of(Message.of("rescue.becomes." + rescue.symptom().becomes())));
    }

    /** What is written and measured where. */
    record Named(Larder larder, WrittenFormula made) {}

    private static SuspectGroup group(Ranking.Group group, Observed observed, WrittenFormula planned, Named named) {
        var pleading = new Pleading(observed);
        return new SuspectGroup(
                100 * group.likelihood(),
                group.suspects().stream()
                        .map(suspect -> new SuspectView(
                                name(suspect, planned, named),
                                100 * suspect.likelihood(),
                                pleading.speaksFor(suspect),
                                pleading.speaksAgainst(suspect),
                                suspect.cause().map(Cause::look).map(look -> look(look, observed)),
                                next(suspect)))
                        .toList());
    }

    private static Message name(Suspect suspect, WrittenFormula planned, Named named) {
        if (suspect.what() != What.MEASURED) {
            return Pleading.name(suspect);
        }
        var address = suspect.address();
        return Message.of("rescue.measured")
                .with("what", of(address, planned, named.larder()).said())
                .with("is", Argument.name(Changes.text(named.made(), address)))
                .with("was", Argument.name(Changes.text(planned, address)));
    }

    /** What a measured address is of: an ingredient by its name, else the field in words. */
    private static Message of(String address, WrittenFormula planned, Larder larder) {
        var steps = address.split("/");
        var field = steps[steps.length - 1];
        var of = Changes.text(planned, address.replaceAll("/[^/]*$", "/of"));
        var name = larder.ingredient(of)
                .map(ingredient -> ingredient.name())
                .or(() -> larder.gel(of).map(gel -> gel.name()));
        if (name.isPresent()) {
            return Message.of(field.equals("water") ? "making.ask.bloom-water" : "making.ask.amount")
                    .with("name", Argument.name(name.get()));
        }
        var verb = steps.length > 4 ? steps[4] : "";
        return switch (verb + "." + field) {
            case "fold.base" -> Message.of("making.ask.base");
            case "pour.at" -> Message.of("making.ask.poured");
            case "soak.lasts" -> Message.of("making.ask.each-side");
            case "boil.away" -> Message.of("making.ask.away");
            case "heat.to" -> Message.of("making.ask.reached");
            default -> Message.of(field.equals("air") ? "making.ask.air" : "making.ask.lasted");
        };
    }

    private static Message next(Suspect suspect) {
        return Message.of("rescue.next."
                + switch (suspect.what()) {
                    case FORMULA -> "formula";
                    case MEASURED -> "measured";
                    case TOO_EARLY -> "too-early";
                    case CAUSE -> suspect.cause().orElseThrow().id();
                });
    }

    private static LookView look(Look look, Observed observed) {
        return new LookView(
                look.id(),
                Message.of("rescue.look." + look.id()),
                look.measures(),
                Optional.ofNullable(observed.looks().get(look.id())));
    }
}
