package com.deftchill.server.document;

import com.deftchill.core.batch.Served;
import com.deftchill.core.formula.WrittenFormula;
import com.deftchill.core.kitchen.Kitchen;
import java.util.List;
import java.util.Optional;
import tools.jackson.databind.json.JsonMapper;

/** What a new dessert may be: every kind and its main schools, each with a formula that works in a mould of its own. */
final class NewDesserts {
    /**
     * One of them.
     *
     * @param what kind of dessert
     * @param school how it is held
     * @param served the ways of serving it, the usual one first
     */
    record Template(String id, String what, String school, List<Way> served, WrittenFormula document) {
        /** The mould that is usual for a way of serving. */
        Optional<String> mouldFor(String way) {
            return served.stream()
                    .filter(s -> s.id().equals(way))
                    .map(Way::mould)
                    .findFirst();
        }
    }

    /** A way of serving, in what and how many. */
    record Way(String id, String mould, String count) {}

    /** The same, with its words. */
    record Serving(String id, String words, String mould, String count) {}

    /** A template as it is offered. */
    record Offered(String id, String what, String school, String name, List<Serving> served) {
        static Offered of(Template template) {
            return new Offered(
                    template.id(),
                    template.what(),
                    template.school(),
                    template.document().name(),
                    template.served().stream()
                            .map(way -> new Serving(
                                    way.id(),
                                    Served.of(way.id()).map(Served::words).orElse(way.id()),
                                    way.mould(),
                                    way.count()))
                            .toList());
        }
    }

    private NewDesserts() {}

    /** All, their temperatures on the kitchen's scale. */
    static List<Template> of(Kitchen kitchen, JsonMapper json) {
        return List.of(json.readValue(Starts.read("desserts", kitchen.temperature()), Template[].class));
    }

    static Optional<Template> find(String id, Kitchen kitchen, JsonMapper json) {
        return of(kitchen, json).stream().filter(t -> t.id().equals(id)).findFirst();
    }
}
