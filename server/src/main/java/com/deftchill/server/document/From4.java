package com.deftchill.server.document;

import java.util.Map;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.JsonNodeFactory;
import tools.jackson.databind.node.ObjectNode;

/**
 * Version 4 kept what is done in one small object for each kind of work, whether it was written or not, and how a line joins
 * with the line. Version 5 has what is written, in one list. Fields that are known to neither go along, to be refused by name.
 * A fold is lifted as the one it was: of several foams in it, which belongs where is not guessed.
 */
final class From4 {
    private static final JsonNodeFactory JSON = JsonNodeFactory.instance;

    /** The verb whose entry names the lines that join so. */
    private static final Map<String, String> VERB_OF_SHARE =
            Map.of("cold", "join", "infused", "infuse", "soak", "soak");

    private From4() {}

    static ObjectNode lifted(ObjectNode document) {
        // The first documents of version 4 had no ids for their lines yet.
        var from = From3.lifted(document);
        var to = JSON.objectNode();
        move(from, "schema", to, "schema");
        for (var field : new String[] {"name", "measures", "served", "wanted"}) {
            move(from, field, to, field);
        }
        to.set("components", components(from.remove("components")));
        var mould = part(from, "mould");
        var moulds = to.putObject("moulds");
        move(mould, "mould", moulds, "of");
        move(mould, "count", moulds, "count");
        move(mould, "loss", moulds, "loss");
        move(mould, "slant", moulds, "slant");
        moulds.setAll(mould);
        cooler(part(from, "cooler"), to);
        move(from, "pouredAt", to, "starts");
        move(from, "own", to, "own");
        to.setAll(from);
        return to;
    }

    private static void cooler(ObjectNode cooler, ObjectNode to) {
        var lifted = to.putObject("cooler");
        move(cooler, "cooler", lifted, "of");
        move(cooler, "air", lifted, "air");
        cooler.path("places").forEach(place -> {
            if (place instanceof ObjectNode object && object.has("place")) {
                object.set("of", object.remove("place"));
                empty(object);
            }
        });
        move(cooler, "places", lifted, "places");
        move(cooler, "doors", lifted, "doors");
        move(cooler, "room", to, "room");
        move(cooler, "plate", to, "plate");
        lifted.setAll(cooler);
    }

    private static void empty(ObjectNode object) {
        object.removeIf(value -> value.isString() && value.asString().isEmpty());
    }

    private static JsonNode components(JsonNode from) {
        if (!(from instanceof ArrayNode list)) {
            return from == null ? JSON.nullNode() : from;
        }
        var lifted = JSON.arrayNode();
        list.forEach(component -> lifted.add(component instanceof ObjectNode object ? component(object) : component));
        return lifted;
    }

    private static ObjectNode component(ObjectNode from) {
        var to = JSON.objectNode();
        move(from, "id", to, "id");
        move(from, "name", to, "name");
        move(from, "kind", to, "kind");
        move(from, "place", to, "role");
        var work = new Work();
        boolean whipped = lines(from.remove("lines"), to, work);
        gel(part(from, "gel"), to);
        var heat = part(from, "heat");
        var cook = part(from, "cook");
        var fold = part(from, "fold");
        work.move(heat, "hot", "heat", "to");
        work.move(cook, "stage", "heat", "stage");
        work.move(heat, "held", "hold", "lasts");
        work.move(heat, "cold", "join", "at");
        work.move(cook, "join", "join", "way");
        work.move(cook, "minutes", "boil", "lasts");
        work.move(cook, "boiledAway", "boil", "away");
        var soak = part(from, "soak");
        work.move(soak, "dip", "soak", "lasts");
        work.move(soak, "barrier", "soak", "barrier");
        var crust = part(from, "crust");
        work.move(crust, "thickness", "press", "thickness");
        work.move(crust, "wall", "press", "wall");
        work.move(crust, "finish", "press", "way");
        foam(fold, whipped, to);
        work.move(fold, "school", "fold", "way");
        work.move(fold, "base", "fold", "base");
        work.move(from, "pourTemperature", "pour", "at");
        for (var rest : new ObjectNode[] {heat, cook, fold, soak, crust}) {
            to.setAll(rest);
        }
        var steps = from.remove("steps");
        if (steps instanceof ArrayNode list) {
            list.forEach(work::own);
        }
        if (!work.entries.isEmpty()) {
            to.set("work", work.entries);
        }
        to.setAll(from);
        return to;
    }

    /** Whether any of them is whipped. */
    private static boolean lines(JsonNode from, ObjectNode to, Work work) {
        if (!(from instanceof ArrayNode list)) {
            if (from != null) {
                to.set("lines", from);
            }
            return false;
        }
        boolean whipped = false;
        var lines = to.putArray("lines");
        for (var line : list) {
            if (!(line instanceof ObjectNode object)) {
                lines.add(line);
                continue;
            }
            var lifted = lines.addObject();
            move(object, "id", lifted, "id");
            var ingredient = object.path("ingredient").asString("");
            if (ingredient.startsWith("@")) {
                object.put("ingredient", ingredient.substring(1));
                move(object, "ingredient", lifted, "component");
            } else {
                move(object, "ingredient", lifted, "of");
            }
            move(object, "amount", lifted, "amount");
            move(object, "treatment", lifted, "treatment");
            var share = object.path("share").asString("");
            object.remove("share");
            if (VERB_OF_SHARE.containsKey(share)) {
                work.names(VERB_OF_SHARE.get(share), lifted.path("id").asString(""));
            } else if (share.equals("whipped")) {
                whipped = true;
                lifted.put("foam", "f1");
            } else if (!share.isEmpty() && !share.equals("hot")) {
                // No share that is known: it is named as the foam that there is not.
                lifted.put("foam", share);
            }
            lifted.setAll(object);
        }
        return whipped;
    }

    private static void gel(ObjectNode gel, ObjectNode to) {
        var lifted = JSON.objectNode();
        move(gel, "product", lifted, "of");
        move(gel, "amount", lifted, "amount");
        move(gel, "bloom", lifted, "bloom");
        move(gel, "bloomWater", lifted, "water");
        lifted.setAll(gel);
        if (!lifted.isEmpty()) {
            to.putArray("gels").add(JSON.objectNode().put("id", "g1").setAll(lifted));
        }
    }

    private static void foam(ObjectNode fold, boolean whipped, ObjectNode to) {
        var foam = JSON.objectNode();
        move(fold, "whip", foam, "stage");
        move(fold, "foam", foam, "at");
        if (whipped || !foam.isEmpty()) {
            to.putArray("foams").add(JSON.objectNode().put("id", "f1").setAll(foam));
        }
    }

    /** A part of a document, taken out of it; an empty one where it is not written. What is no object stays and is refused. */
    private static ObjectNode part(ObjectNode from, String name) {
        var part = from.get(name);
        if (part instanceof ObjectNode object) {
            from.remove(name);
            return object;
        }
        if (part != null && part.isNull()) {
            from.remove(name);
        }
        return JSON.objectNode();
    }

    /** Moves a value under another name; what is not written goes. */
    private static void move(ObjectNode from, String name, ObjectNode to, String as) {
        var value = from.remove(name);
        boolean written = value != null
                && !value.isNull()
                && !(value.isString() && value.asString().isEmpty())
                && !(value.isArray() && value.isEmpty());
        if (written) {
            to.set(as, value);
        }
    }

    /** The list of what is done, as it grows. */
    private static final class Work {
        private final ArrayNode entries = JSON.arrayNode();

        private ObjectNode entry(String verb) {
            for (var entry : entries) {
                if (entry.path("verb").asString("").equals(verb)) {
                    return (ObjectNode) entry;
                }
            }
            return added(verb);
        }

        private ObjectNode added(String verb) {
            return entries.addObject().put("id", "w" + entries.size()).put("verb", verb);
        }

        void move(ObjectNode from, String name, String verb, String as) {
            var value = from.path(name);
            boolean written = !value.isMissingNode()
                    && !value.isNull()
                    && !(value.isString() && value.asString().isEmpty());
            if (written) {
                From4.move(from, name, entry(verb), as);
            } else {
                from.remove(name);
            }
        }

        void names(String verb, String line) {
            entry(verb).withArray("lines").add(line);
        }

        /** A step in the cook's own words: of its own, moved, or reworded. */
        void own(JsonNode step) {
            var of = step.path("of").asString("");
            var text = step.path("text").asString("");
            var minutes = step.path("minutes").asString("");
            if (of.startsWith("after:")) {
                var entry = added("own");
                entry.put("text", text);
                put(entry, "minutes", minutes);
                put(entry, "follows", name(of.substring("after:".length())));
            } else if (of.startsWith("move:")) {
                free(name(of.substring("move:".length())), "before").put("before", name(text));
            } else {
                var entry = free(name(of), "text");
                put(entry, "text", text);
                put(entry, "minutes", minutes);
            }
        }

        /** The entry of a step's name that does not say this of it yet. */
        private ObjectNode free(String name, String field) {
            boolean treat = name.startsWith("treat-");
            var verb = treat ? "treat" : name;
            var line = treat ? name.substring("treat-".length()) : "";
            for (var entry : entries) {
                boolean same = entry.path("verb").asString("").equals(verb)
                        && (!treat || entry.at("/lines/0").asString("").equals(line));
                if (same && !entry.has(field)) {
                    return (ObjectNode) entry;
                }
            }
            var entry = added(verb);
            if (treat) {
                entry.putArray("lines").add(line);
            }
            return entry;
        }

        private static void put(ObjectNode entry, String field, String text) {
            if (!text.isEmpty()) {
                entry.put(field, text);
            }
        }

        /** What a step of version 4 is called in the work. */
        private static String name(String code) {
            return switch (code) {
                case "cold", "stop" -> "join";
                case "burn" -> "heat";
                case "simmer" -> "boil";
                case "mix" -> "beat";
                case "harden" -> "bake";
                case "line" -> "lay";
                case "fill" -> "pour";
                default -> code;
            };
        }
    }
}
