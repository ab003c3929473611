package com.deftchill.core.formula;

import com.deftchill.core.larder.OwnEntry;
import java.util.List;

/**
 * A dessert as written. Amounts, temperatures, counts and times are text as typed; names of things are ids of the larder.
 * Text and lists left out count as not written.
 *
 * @param schema version of this document
 * @param name of the dessert
 * @param measures whose spoons and cups: {@code metric}, {@code us}, {@code uk}, {@code au}; empty: each is asked about
 * @param served {@code turned-out}, {@code in-glass}, {@code sliced}, {@code from-dish} or {@code piped}
 * @param wanted firmness such as 55, or standing height such as 44 mm; empty: as it is served
 * @param eatenAt temperature at which it is to be right, such as 10 °C; empty: straight from the cold
 * @param components what it is made of: layers bottom first, and parts made for other components
 * @param moulds what it is filled into
 * @param cooler where it chills
 * @param room where it is served, such as 22 °C; empty: the kitchen's own
 * @param plate that it is served on, such as 35 °C; empty: as warm as the room
 * @param starts time of day of the first pour, such as 14:00
 * @param readyBy time of day by which it is wanted; empty: whenever it is ready
 * @param dipWater of the dip that frees it, such as 60 °C; empty: as computed
 * @param dipLasts seconds of that dip, such as 3 s; empty: as computed
 * @param variants how many of the moulds are made otherwise
 * @param own larder entries of the kitchen's own that the formula needs, so that a file is whole by itself
 * @param notes in the cook's own words, computed by nobody: a recipe that was read stands here as it was written
 */
public record WrittenFormula(
        int schema,
        String name,
        String measures,
        String served,
        String wanted,
        String eatenAt,
        List<Component> components,
        Moulds moulds,
        Cooling cooler,
        String room,
        String plate,
        String starts,
        String readyBy,
        String dipWater,
        String dipLasts,
        List<Otherwise> variants,
        List<OwnEntry> own,
        String notes) {

    /** The version this code reads and writes; earlier ones are lifted before. */
    public static final int SCHEMA = 5;

    /** The oldest version that is lifted. */
    public static final int OLDEST_SCHEMA = 1;

    public WrittenFormula {
        name = text(name);
        measures = text(measures);
        served = text(served);
        wanted = text(wanted);
        eatenAt = text(eatenAt);
        components = Ids.named(list(components), Component::id, Component::withId, component -> {
            var kind = component.kind().isEmpty() ? "cream" : component.kind();
            return new String[] {kind, kind + "-"};
        });
        moulds = moulds == null ? new Moulds("", "", "", "", "") : moulds;
        cooler = cooler == null ? new Cooling("", "", null, "") : cooler;
        room = text(room);
        plate = text(plate);
        starts = text(starts);
        readyBy = text(readyBy);
        dipWater = text(dipWater);
        dipLasts = text(dipLasts);
        variants = list(variants);
        own = list(own);
        notes = text(notes);
    }

    /** A dessert of these components, in these moulds, in this cooler; the rest not written. */
    public static WrittenFormula of(
            String name, String served, List<Component> components, Moulds moulds, Cooling cooler, String starts) {
        return new WrittenFormula(
                SCHEMA,
                name,
                "",
                served,
                "",
                "",
                components,
                moulds,
                cooler,
                "",
                "",
                starts,
                "",
                "",
                "",
                null,
                null,
                "");
    }

    /** The same with other components. */
    public WrittenFormula withComponents(List<Component> others) {
        return Fields.with(this, "components", others);
    }

    /** The same in other moulds. */
    public WrittenFormula withMoulds(Moulds other) {
        return Fields.with(this, "moulds", other);
    }

    /** The same in another cooler. */
    public WrittenFormula withCooler(Cooling other) {
        return Fields.with(this, "cooler", other);
    }

    /** The same with other moulds made otherwise. */
    public WrittenFormula withVariants(List<Otherwise> others) {
        return Fields.with(this, "variants", others);
    }

    /** The same with other notes. */
    public WrittenFormula withNotes(String other) {
        return Fields.with(this, "notes", other);
    }

    /** The same with other own entries of the larder. */
    public WrittenFormula withOwn(List<OwnEntry> others) {
        return Fields.with(this, "own", others);
    }

    /**
     * One component of the dessert.
     *
     * @param id by which other components use it; one is made when it has none
     * @param kind such as {@code ganache}; empty: a set cream
     * @param role {@code layer} of the stack, or {@code part} made only for other components; empty: a layer
     * @param lines its ingredients
     * @param gels its gelling agents
     * @param foams what is whipped for it, each by itself
     * @param work what is done, in the cook's words where they are better; a kind brings its own default
     */
    public record Component(
            String id,
            String name,
            String kind,
            String role,
            List<Line> lines,
            List<Gel> gels,
            List<Foam> foams,
            List<Work> work) {
        public Component {
            id = text(id);
            name = text(name);
            kind = text(kind);
            role = text(role);
            lines = Ids.named(list(lines), Line::id, Line::withId, line -> new String[] {"l1", "l"});
            gels = Ids.named(list(gels), Gel::id, (gel, given) -> Fields.with(gel, "id", given), gel ->
                    new String[] {"g1", "g"});
            foams = Ids.named(list(foams), Foam::id, (foam, given) -> Fields.with(foam, "id", given), foam ->
                    new String[] {"f1", "f"});
            work = Ids.named(list(work), Work::id, (entry, given) -> Fields.with(entry, "id", given), entry ->
                    new String[] {"w1", "w"});
        }

        /** The same under another id. */
        Component withId(String other) {
            return Fields.with(this, "id", other);
        }

        /** The same with other lines. */
        public Component withLines(List<Line> others) {
            return Fields.with(this, "lines", others);
        }

        /** The same with other work. */
        public Component withWork(List<Work> others) {
            return Fields.with(this, "work", others);
        }

        /** The same with other foams. */
        public Component withFoams(List<Foam> others) {
            return Fields.with(this, "foams", others);
        }

        /** The same with other gelling agents. */
        public Component withGels(List<Gel> others) {
            return Fields.with(this, "gels", others);
        }

        /** Its first gelling agent; a blank one where there is none. */
        public Gel gel() {
            return gels.isEmpty() ? Gel.NONE : gels.get(0);
        }

        /** The first entry of a verb; a blank one where there is none. */
        public Work work(String verb) {
            return work.stream()
                    .filter(entry -> entry.verb().equals(verb))
                    .findFirst()
                    .orElseGet(() -> Work.of(verb));
        }
    }

    /**
     * An ingredient or something of another component.
     *
     * @param id that the line keeps whatever becomes of its neighbours, unique in its component; one is made when it has none
     * @param of id of an ingredient
     * @param component id of another component that it takes from, in place of an ingredient
     * @param amount such as 500 g; of a component also a share such as {@code half}
     * @param treatment {@code raw}, {@code heated}, {@code canned} or {@code pasteurised}; empty: as bought
     * @param foam id of the foam that it is whipped in; empty: it is not whipped
     */
    public record Line(String id, String of, String component, String amount, String treatment, String foam) {
        public Line {
            id = text(id);
            of = text(of);
            component = text(component);
            amount = text(amount);
            treatment = text(treatment);
            foam = text(foam);
        }

        /** The same line with another amount. */
        public Line withAmount(String other) {
            return Fields.with(this, "amount", other);
        }

        /** The same line under another id. */
        public Line withId(String other) {
            return Fields.with(this, "id", other);
        }
    }

    /**
     * A gelling agent.
     *
     * @param of its id
     * @param amount such as 8 g
     * @param bloom {@code weighed} water that stays in, {@code squeezed} sheets, or {@code dry} into the hot liquid;
     *     empty: weighed
     * @param water that it is bloomed in, such as 40 g
     */
    public record Gel(String id, String of, String amount, String bloom, String water) {
        static final Gel NONE = new Gel("", "", "", "", "");

        public Gel {
            id = text(id);
            of = text(of);
            amount = text(amount);
            bloom = text(bloom);
            water = text(water);
        }
    }

    /**
     * Something whipped by itself, in its own bowl; its lines name it.
     *
     * @param stage {@code ribbon}, {@code soft}, {@code medium} or {@code stiff}; empty: medium
     * @param at temperature when it is folded in, such as 5 °C
     * @param cooking of egg: {@code raw}, {@code over-water} or {@code hot-syrup}; empty: raw
     */
    public record Foam(String id, String stage, String at, String cooking) {
        public Foam {
            id = text(id);
            stage = text(stage);
            at = text(at);
            cooking = text(cooking);
        }
    }

    /**
     * Something that is done. Which fields a verb reads stands in docs/formula.md.
     *
     * @param verb such as {@code heat}, {@code fold}, {@code pour}; {@code own} for a step in the cook's own words
     * @param lines ids of the lines that it is done to: those that {@code join} cold, {@code infuse}, or {@code soak} pieces
     * @param gels ids of the gelling agents that it is done to
     * @param foams ids of the foams that it is done to
     * @param to temperature that is reached, such as 80 °C
     * @param at temperature at which it is done, such as 24 °C
     * @param lasts how long, such as 5 min
     * @param way how: of {@code join} hot-cream, melted or butter-in-bits; of {@code fold} thirds, first-beaten or beaten; of
     *     {@code press} chilled or baked
     * @param stage of a caramel: {@code light}, {@code medium} or {@code dark}
     * @param base temperature of the base that is folded into, such as 30 °C
     * @param away what boils away, such as 20 % or 120 g
     * @param pan that it boils in, such as 20 cm
     * @param thickness of what is pressed, such as 6 mm
     * @param wall height of a pressed wall, such as 25 mm; empty: none
     * @param barrier {@code cream}: a thin layer below soaked pieces keeps the liquid from the rest; empty: none
     * @param when of {@code pour}: {@code ready}, {@code not-before} a clock time or {@code after} a wait; empty: ready
     * @param clock time of day, such as 15:00
     * @param text the cook's own words for it
     * @param minutes the cook's own time for it, such as 5 min
     * @param follows step that a step of one's own follows: a verb, or a verb and the id of a line, as in {@code treat-l2}
     * @param before step right before which this one is moved
     */
    public record Work(
            String id,
            String verb,
            List<String> lines,
            List<String> gels,
            List<String> foams,
            String to,
            String at,
            String lasts,
            String way,
            String stage,
            String base,
            String away,
            String pan,
            String thickness,
            String wall,
            String barrier,
            String when,
            String clock,
            String text,
            String minutes,
            String follows,
            String before) {
        public Work {
            id = WrittenFormula.text(id);
            verb = WrittenFormula.text(verb);
            lines = list(lines);
            gels = list(gels);
            foams = list(foams);
            to = WrittenFormula.text(to);
            at = WrittenFormula.text(at);
            lasts = WrittenFormula.text(lasts);
            way = WrittenFormula.text(way);
            stage = WrittenFormula.text(stage);
            base = WrittenFormula.text(base);
            away = WrittenFormula.text(away);
            pan = WrittenFormula.text(pan);
            thickness = WrittenFormula.text(thickness);
            wall = WrittenFormula.text(wall);
            barrier = WrittenFormula.text(barrier);
            when = WrittenFormula.text(when);
            clock = WrittenFormula.text(clock);
            text = WrittenFormula.text(text);
            minutes = WrittenFormula.text(minutes);
            follows = WrittenFormula.text(follows);
            before = WrittenFormula.text(before);
        }

        /** Fields with figures and choices, in the order in which they are told; the cook's own words are not among them. */
        public static final List<String> FIELDS = List.of(
                "to",
                "at",
                "lasts",
                "way",
                "stage",
                "base",
                "away",
                "pan",
                "thickness",
                "wall",
                "barrier",
                "when",
                "clock");

        /** The text of a field. */
        public String text(String field) {
            return (String) Fields.of(this, field);
        }

        /** An entry of which only the verb is written. */
        public static Work of(String verb) {
            return new Work(
                    "", verb, null, null, null, "", "", "", "", "", "", "", "", "", "", "", "", "", "", "", "", "");
        }

        /** The same with one field written. */
        public Work with(String field, String text) {
            return Fields.with(this, field, text);
        }

        /** The same done to other lines. */
        public Work withLines(List<String> others) {
            return Fields.with(this, "lines", others);
        }
    }

    /**
     * What it is filled into.
     *
     * @param of id of the mould
     * @param count how many are filled, such as 12
     * @param portions that each of them gives, such as 8; empty: one
     * @param loss what stays in bowl and jug, such as 3 %; empty: nothing
     * @param slant height that the first layer reaches on one side of a glass that is tilted, such as 60 mm; empty: level
     */
    public record Moulds(String of, String count, String portions, String loss, String slant) {
        public Moulds {
            of = text(of);
            count = text(count);
            portions = text(portions);
            loss = text(loss);
            slant = text(slant);
        }
    }

    /**
     * Where it cools.
     *
     * @param of id of the cooler that it mostly stands in
     * @param air of it, such as 4 °C
     * @param places one after the other, from the first pour to service; empty: the cooler alone
     * @param doors how often the cooler is opened in an hour, such as 6; empty: never
     */
    public record Cooling(String of, String air, List<Stay> places, String doors) {
        public Cooling {
            of = text(of);
            air = text(air);
            places = list(places);
            doors = text(doors);
        }

        /** The cooler alone. */
        public Cooling(String of, String air) {
            this(of, air, null, "");
        }

        /** The same in other places. */
        public Cooling withPlaces(List<Stay> others) {
            return new Cooling(of, air, others, doors);
        }
    }

    /**
     * A place that it stands in for a while.
     *
     * @param of id of a cooler of the larder; empty: the cooler that it mostly stands in
     * @param air there, such as 20 °C; empty: as usual in that place
     * @param stay how long, such as 2 h; empty, for the last one: until it is served
     * @param cover {@code film} or {@code lid}; empty: open
     * @param stand {@code tray} of metal or {@code rack}; empty: as usual in that place
     */
    public record Stay(String of, String air, String stay, String cover, String stand) {
        public Stay {
            of = text(of);
            air = text(air);
            stay = text(stay);
            cover = text(cover);
            stand = text(stand);
        }
    }

    /**
     * Some of the moulds made otherwise.
     *
     * @param of id of a variant that the tool offers, such as {@code without-alcohol}, or of one of the cook's own
     * @param count of the moulds
     * @param name of one of the cook's own, such as Without nuts
     * @param swaps what is not the same about one of the cook's own; empty for those that the tool offers
     */
    public record Otherwise(String of, String count, String name, List<Swapped> swaps) {
        public Otherwise {
            of = text(of);
            count = text(count);
            name = text(name);
            swaps = list(swaps);
        }

        /** One that the tool offers. */
        public Otherwise(String of, String count) {
            this(of, count, "", null);
        }
    }

    /**
     * A line made otherwise.
     *
     * @param component its id
     * @param line its id
     * @param of id of the ingredient in its place; empty: it is left out
     */
    public record Swapped(String component, String line, String of) {
        public Swapped {
            component = text(component);
            line = text(line);
            of = text(of);
        }
    }

    private static String text(String given) {
        return given == null ? "" : given;
    }

    private static <T> List<T> list(List<T> given) {
        return given == null ? List.of() : List.copyOf(given);
    }
}
