package com.deftchill.core.formula;

import com.deftchill.core.larder.OwnEntry;
import java.util.List;

/**
 * A dessert as written. Amounts, temperatures, counts and times are text as typed; names of things are ids of the larder.
 * Text left out counts as not written.
 *
 * @param schema version of this document. Every field of an older one is a field of the next, so that older documents are
 *     read as of this version
 * @param name of the dessert
 * @param measures whose spoons and cups: {@code metric}, {@code us}, {@code uk}, {@code au}; empty: each is asked about
 * @param served {@code turned-out}, {@code in-glass} or {@code sliced}
 * @param wanted firmness such as 55, or standing height such as 44 mm; empty: as it is served
 * @param components what it is made of: layers bottom first, and parts made for other components
 * @param mould what it is filled into
 * @param cooler where it chills
 * @param pouredAt time of day of pouring, such as 14:00
 * @param own larder entries of the kitchen's own that the formula needs, so that a file is whole by itself
 */
public record WrittenFormula(
        int schema,
        String name,
        String measures,
        String served,
        String wanted,
        List<Component> components,
        Moulds mould,
        Cooling cooler,
        String pouredAt,
        List<OwnEntry> own) {

    /** The version this code writes. */
    public static final int SCHEMA = 4;

    /** The oldest version it reads. */
    public static final int OLDEST_SCHEMA = 1;

    public WrittenFormula {
        schema = schema >= OLDEST_SCHEMA && schema < SCHEMA ? SCHEMA : schema;
        name = text(name);
        measures = text(measures);
        served = text(served);
        wanted = text(wanted);
        components = Ids.named(list(components), Component::id, Component::withId, component -> {
            var kind = component.kind().isEmpty() ? "cream" : component.kind();
            return new String[] {kind, kind + "-"};
        });
        mould = mould == null ? new Moulds("", "", "", "") : mould;
        cooler = cooler == null ? new Cooling("", "") : cooler;
        pouredAt = text(pouredAt);
        own = list(own);
    }

    /** The same with other components. */
    public WrittenFormula withComponents(List<Component> others) {
        return new WrittenFormula(schema, name, measures, served, wanted, others, mould, cooler, pouredAt, own);
    }

    /** The same in other moulds. */
    public WrittenFormula withMould(Moulds other) {
        return new WrittenFormula(schema, name, measures, served, wanted, components, other, cooler, pouredAt, own);
    }

    /** The same with other own entries of the larder. */
    public WrittenFormula withOwn(List<OwnEntry> others) {
        return new WrittenFormula(schema, name, measures, served, wanted, components, mould, cooler, pouredAt, others);
    }

    /**
     * One component of the dessert.
     *
     * @param id by which other components use it, as {@code @id} in place of an ingredient; one is made when it has none
     * @param name of the component
     * @param kind such as {@code ganache}; empty: a set cream
     * @param place {@code layer} of the stack, or {@code part} made only for other components; empty: a layer
     * @param lines its ingredients
     * @param gel its gelling agent
     * @param heat how it is heated
     * @param fold how foam is whipped and folded in
     * @param cook how it is joined, cooked and boiled down
     * @param soak how pieces are dipped
     * @param crust how thick a base is pressed
     * @param steps the cook's own words for steps of the method
     * @param pourTemperature such as 45 °C
     */
    public record Component(
            String id,
            String name,
            String kind,
            String place,
            List<Line> lines,
            Gel gel,
            Heat heat,
            Fold fold,
            Cook cook,
            Soak soak,
            Crust crust,
            List<OwnStep> steps,
            String pourTemperature) {
        public Component {
            id = text(id);
            name = text(name);
            kind = text(kind);
            place = text(place);
            boolean byPosition = lines != null
                    && !lines.isEmpty()
                    && lines.stream().allMatch(line -> line.id().isEmpty());
            lines = Ids.named(list(lines), Line::id, Line::withId, line -> new String[] {"l1", "l"});
            steps = byPosition ? byId(list(steps), lines) : list(steps);
            gel = gel == null ? new Gel("", "", "", "") : gel;
            heat = heat == null ? new Heat("", "", "") : heat;
            fold = fold == null ? new Fold("", "", "", "") : fold;
            cook = cook == null ? new Cook("", "", "", "") : cook;
            soak = soak == null ? new Soak("", "") : soak;
            crust = crust == null ? new Crust("", "", "") : crust;
            pourTemperature = text(pourTemperature);
        }

        /** Steps of a component whose lines had no ids yet named a line by its position: they name it by its new id. */
        private static List<OwnStep> byId(List<OwnStep> steps, List<Line> lines) {
            var ids = lines.stream().map(Line::id).toList();
            return steps.stream()
                    .map(step -> new OwnStep(
                            Ids.byId(step.of(), ids),
                            step.of().startsWith("move:") ? Ids.byId(step.text(), ids) : step.text(),
                            step.minutes()))
                    .toList();
        }

        /** The same under another id. */
        public Component withId(String other) {
            return new Component(
                    other, name, kind, place, lines, gel, heat, fold, cook, soak, crust, steps, pourTemperature);
        }

        /** A set cream. */
        public Component(String name, List<Line> lines, Gel gel, Heat heat, String pourTemperature) {
            this("", name, "", "", lines, gel, heat, null, null, null, null, null, pourTemperature);
        }

        /** The same with other amounts of everything weighed. */
        public Component withAmounts(List<Line> otherLines, Gel otherGel) {
            return new Component(
                    id, name, kind, place, otherLines, otherGel, heat, fold, cook, soak, crust, steps, pourTemperature);
        }

        /** The same with another note of what boils away. */
        public Component withBoiledAway(String text) {
            var cooked = new Cook(cook.join(), cook.minutes(), text, cook.stage());
            return new Component(
                    id, name, kind, place, lines, gel, heat, fold, cooked, soak, crust, steps, pourTemperature);
        }

        /** The same with another gelling agent, heat and pouring temperature. */
        public Component withGel(Gel otherGel, Heat otherHeat, String otherPour) {
            return new Component(
                    id, name, kind, place, lines, otherGel, otherHeat, fold, cook, soak, crust, steps, otherPour);
        }
    }

    /**
     * An ingredient's id and its amount, such as 500 g; or {@code @id} of another component, with grams or a share of it
     * such as {@code half}.
     *
     * @param id that the line keeps whatever becomes of its neighbours, unique in its component; one is made when it has none
     * @param treatment {@code raw}, {@code heated}, {@code canned} or {@code pasteurised}; empty: as bought
     * @param share {@code hot} or {@code cold}: whether it is heated or joins cold; {@code whipped}: folded in as foam;
     *     {@code infused}: steeped and strained out; {@code soak}: the liquid that pieces are dipped into; empty: hot
     */
    public record Line(String id, String ingredient, String amount, String treatment, String share) {
        public Line {
            id = text(id);
            ingredient = text(ingredient);
            amount = text(amount);
            treatment = text(treatment);
            share = text(share);
        }

        /** A new line. */
        public Line(String ingredient, String amount, String treatment, String share) {
            this("", ingredient, amount, treatment, share);
        }

        /** The same line with another amount. */
        public Line withAmount(String other) {
            return new Line(id, ingredient, other, treatment, share);
        }

        /** The same line under another id. */
        Line withId(String other) {
            return new Line(other, ingredient, amount, treatment, share);
        }
    }

    /**
     * A gelling agent's id, its amount and its bloom water, such as 8 g and 40 g.
     *
     * @param bloom {@code weighed} water that stays in, {@code squeezed} sheets, or {@code dry} into the hot liquid;
     *     empty: weighed
     */
    public record Gel(String product, String amount, String bloom, String bloomWater) {
        public Gel {
            product = text(product);
            amount = text(amount);
            bloom = text(bloom);
            bloomWater = text(bloomWater);
        }
    }

    /**
     * How it is heated; each empty when not written.
     *
     * @param hot temperature of the hot share when the gel goes in, such as 80 °C
     * @param held how long it is held that hot, such as 5 min
     * @param cold temperature of the cold share, such as 5 °C
     */
    public record Heat(String hot, String held, String cold) {
        public Heat {
            hot = text(hot);
            held = text(held);
            cold = text(cold);
        }
    }

    /**
     * How foam is whipped and folded in; each empty when not written.
     *
     * @param whip {@code ribbon}, {@code soft}, {@code medium} or {@code stiff}; empty: medium
     * @param school {@code thirds}, {@code first-beaten} or {@code beaten}; empty: thirds
     * @param base temperature of the base at folding, such as 30 °C
     * @param foam temperature of the foam, such as 5 °C
     */
    public record Fold(String whip, String school, String base, String foam) {
        public Fold {
            whip = text(whip);
            school = text(school);
            base = text(base);
            foam = text(foam);
        }
    }

    /**
     * How it is joined and cooked; each empty when not written.
     *
     * @param join of a ganache: {@code hot-cream}, {@code melted} or {@code butter-in-bits}; empty: hot-cream
     * @param minutes at the boil or simmer, such as 12 min
     * @param boiledAway what it loses, such as 20 % or 120 g
     * @param stage of a caramel: {@code light}, {@code medium} or {@code dark}; of a cooked egg: how it is heated
     */
    public record Cook(String join, String minutes, String boiledAway, String stage) {
        public Cook {
            join = text(join);
            minutes = text(minutes);
            boiledAway = text(boiledAway);
            stage = text(stage);
        }
    }

    /**
     * How pieces are dipped.
     *
     * @param dip how long each side stays in the liquid, such as 3 s; {@code drenched}
     * @param barrier {@code cream}: a thin layer below keeps the liquid from the rest; empty: none
     */
    public record Soak(String dip, String barrier) {
        public Soak {
            dip = text(dip);
            barrier = text(barrier);
        }
    }

    /**
     * How a base is pressed or rolled.
     *
     * @param thickness such as 6 mm
     * @param wall height of its wall, such as 25 mm; empty: none
     * @param finish {@code chilled} or {@code baked}; empty: chilled
     */
    public record Crust(String thickness, String wall, String finish) {
        public Crust {
            thickness = text(thickness);
            wall = text(wall);
            finish = text(finish);
        }
    }

    /**
     * The cook's own word on a step: other text for a computed one, or a step of one's own.
     *
     * @param of code of the computed step that it rewords, of a line's step with the line's id; {@code after:} and the code of the step that it follows;
     *     {@code move:} and the code of a step that goes right before the one whose code is the text
     * @param text what to do
     * @param minutes how long it takes, such as 5 min; empty: as computed, or no time
     */
    public record OwnStep(String of, String text, String minutes) {
        public OwnStep {
            of = WrittenFormula.text(of);
            text = WrittenFormula.text(text);
            minutes = WrittenFormula.text(minutes);
        }
    }

    /**
     * What it is filled into.
     *
     * @param mould its id
     * @param count how many are filled, such as 12
     * @param loss what stays in bowl and jug, such as 3 %; empty: nothing
     * @param slant height that the first layer reaches on one side of a glass that is tilted, such as 60 mm; empty: level
     */
    public record Moulds(String mould, String count, String loss, String slant) {
        public Moulds {
            mould = text(mould);
            count = text(count);
            loss = text(loss);
            slant = text(slant);
        }

        /** Filled level. */
        public Moulds(String mould, String count, String loss) {
            this(mould, count, loss, "");
        }
    }

    /**
     * Where it cools.
     *
     * @param cooler id of the cooler that it mostly stands in
     * @param air of it, such as 4 °C
     * @param places one after the other, from the first pour to service; empty: the cooler alone
     * @param doors how often the cooler is opened in an hour, such as 6; empty: never
     * @param room where it is served, such as 22 °C; empty: the kitchen's own
     * @param plate that it is served on, such as 35 °C; empty: as warm as the room
     */
    public record Cooling(String cooler, String air, List<Stay> places, String doors, String room, String plate) {
        public Cooling {
            cooler = text(cooler);
            air = text(air);
            places = list(places);
            doors = text(doors);
            room = text(room);
            plate = text(plate);
        }

        /** The cooler alone. */
        public Cooling(String cooler, String air) {
            this(cooler, air, null, null, null, null);
        }

        /** The same in other places. */
        public Cooling withPlaces(List<Stay> others) {
            return new Cooling(cooler, air, others, doors, room, plate);
        }
    }

    /**
     * A place that it stands in for a while.
     *
     * @param place id of a cooler of the larder; empty: the cooler that it mostly stands in
     * @param air there, such as 20 °C; empty: as usual in that place
     * @param stay how long, such as 2 h; empty, for the last one: until it is served
     * @param cover {@code film} or {@code lid}; empty: open
     * @param stand {@code tray} of metal or {@code rack}; empty: as usual in that place
     */
    public record Stay(String place, String air, String stay, String cover, String stand) {
        public Stay {
            place = text(place);
            air = text(air);
            stay = text(stay);
            cover = text(cover);
            stand = text(stand);
        }
    }

    private static String text(String given) {
        return given == null ? "" : given;
    }

    private static <T> List<T> list(List<T> given) {
        return given == null ? List.of() : List.copyOf(given);
    }
}
