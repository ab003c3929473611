package com.deftchill.core.text;

import java.time.LocalDateTime;
import java.time.LocalTime;
import java.util.List;
import java.util.Map;

/** What stands in a sentence, until it is read in the units and the clock of a kitchen. */
public sealed interface Argument {
    /** A unit that every kitchen reads alike. */
    enum Unit {
        GRAMS,
        MILLILITRES,
        MILLIMETRES,
        /** Of a share: 0.5 reads as 50 %. */
        SHARE
    }

    /** So much of something. */
    record Quantity(double value, Unit unit) implements Argument {}

    /** So many grams of something by its name. */
    record Weighed(double grams, String name) implements Argument {}

    /** A temperature, °C. */
    record Degrees(double celsius) implements Argument {}

    /** A difference of temperature, K. */
    record DegreesApart(double kelvin) implements Argument {}

    /** How long, s. */
    record Lasts(double seconds) implements Argument {}

    /** Seconds as they are counted at a dip. */
    record Counted(double seconds) implements Argument {}

    /** A clock time some seconds after another. */
    record Moment(LocalTime from, double seconds) implements Argument {}

    /** A day and a clock time in the kitchen. */
    record On(LocalDateTime at) implements Argument {}

    /** A plain number, to so many decimals. */
    record Figure(double value, int decimals) implements Argument {}

    /** How many: a sentence may read otherwise for one than for several. */
    record Count(int number) implements Argument {}

    /** A name, as the cook or the larder gives it, or text as it was typed. */
    record Name(String text) implements Argument {}

    /** One of several wordings of the sentence. */
    record Choice(String code) implements Argument {}

    /** One after the other. */
    record Listed(List<Argument> items) implements Argument {
        public Listed {
            items = List.copyOf(items);
        }
    }

    /** A sentence within a sentence, by its key. */
    record Said(String key, Map<String, Argument> arguments) implements Argument {
        public Said {
            arguments = Map.copyOf(arguments);
        }
    }

    static Argument grams(double grams) {
        return new Quantity(grams, Unit.GRAMS);
    }

    static Argument millilitres(double ml) {
        return new Quantity(ml, Unit.MILLILITRES);
    }

    static Argument millimetres(double mm) {
        return new Quantity(mm, Unit.MILLIMETRES);
    }

    static Argument degrees(double celsius) {
        return new Degrees(celsius);
    }

    static Argument name(String text) {
        return new Name(text);
    }

    /** Rounded to what is read, so that what reads alike is equal. */
    static Argument figure(double value, int decimals) {
        double scale = Math.pow(10, decimals);
        return new Figure(Math.rint(value * scale) / scale, decimals);
    }

    /** A choice between two wordings. */
    static Argument either(boolean first, String code, String otherwise) {
        return new Choice(first ? code : otherwise);
    }

    /** A choice between a wording and its absence. */
    static Argument when(boolean said) {
        return either(said, "yes", "no");
    }

    static Argument names(List<String> names) {
        return new Listed(names.stream().map(Argument::name).toList());
    }
}
