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
     * @param served ids of the ways of serving it, the usual one first
     */
    record Template(String id, String what, String school, List<String> served, WrittenFormula document) {}

    /** A way of serving. */
    record Serving(String id, String words) {}

    /** A template as it is offered. */
    record Offered(
            String id, String what, String school, String name, List<Serving> served, String mould, String count) {
        static Offered of(Template template) {
            var document = template.document();
            return new Offered(
                    template.id(),
                    template.what(),
                    template.school(),
                    document.name(),
                    template.served().stream()
                            .map(id -> new Serving(
                                    id, Served.of(id).map(Served::words).orElse(id)))
                            .toList(),
                    document.moulds().of(),
                    document.moulds().count());
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
