package com.deftchill.core.sums;

import com.deftchill.core.amount.Measures;
import com.deftchill.core.amount.Subject;
import com.deftchill.core.batch.FieldReader;
import com.deftchill.core.kitchen.Workplace;
import com.deftchill.core.larder.GelProduct;
import com.deftchill.core.larder.Ingredient;
import com.deftchill.core.larder.Mould;
import com.deftchill.core.parameters.Parameter;
import com.deftchill.core.parameters.Parameters;
import com.deftchill.core.text.Notation;
import com.deftchill.core.text.TemperatureScale;
import com.deftchill.core.verdict.Constants;
import com.deftchill.core.verdict.Evidence;
import java.util.Map;
import java.util.Optional;

/** Reads the fields of a sum; what cannot be read is kept as a problem. */
final class SumReader {
    private static final double MOST_G = 100_000;

    private final Map<String, String> typed;
    private final Map<String, SumField> fields;
    private final Workplace workplace;
    private final FieldReader reader;

    SumReader(Map<String, String> typed, Map<String, SumField> fields, Workplace workplace) {
        this.typed = typed;
        this.fields = fields;
        this.workplace = workplace;
        reader = new FieldReader(
                Measures.of(workplace.kitchen().measures().id()).orElse(Measures.UNKNOWN),
                workplace.kitchen().temperature());
    }

    /** Constants of the models. */
    Parameters parameters() {
        return workplace.parameters();
    }

    FieldReader problems() {
        return reader;
    }

    String text(String name) {
        return typed.getOrDefault(name, fields.get(name).on(scale()).example()).strip();
    }

    private String label(String name) {
        return fields.get(name).label();
    }

    private static String path(String name) {
        return "/fields/" + name;
    }

    Ingredient ingredient(String name) {
        return reader.known(
                workplace.larder().ingredient(text(name)), "ingredient-unknown", path(name), label(name), text(name));
    }

    Optional<Ingredient> optionalIngredient(String name) {
        return text(name).isEmpty() ? Optional.empty() : Optional.ofNullable(ingredient(name));
    }

    GelProduct gel(String name) {
        return reader.known(workplace.larder().gel(text(name)), "gel-unknown", path(name), label(name), text(name));
    }

    Mould mould(String name) {
        return reader.known(workplace.larder().mould(text(name)), "mould-unknown", path(name), label(name), text(name));
    }

    /** Grams of an ingredient, as a notebook writes them; what is left empty is none. */
    double grams(String name, Ingredient of) {
        return of == null ? Double.NaN : grams(name, of.subject());
    }

    double grams(String name, Subject of) {
        return text(name).isEmpty()
                ? 0
                : reader.amount(path(name), label(name), text(name), of, 0, MOST_G)
                        .grams();
    }

    double celsius(String name, double least, double most) {
        return reader.celsius(path(name), label(name), text(name), least, most);
    }

    double number(String name, double blank, double least, double most, String unit) {
        return reader.number(path(name), label(name), text(name), blank, least, most, unit);
    }

    /** A choice, or what counts when it is none of them. */
    <T> T choice(String name, Optional<T> found) {
        return reader.known(found, "choice-unknown", path(name), label(name), text(name));
    }

    private TemperatureScale scale() {
        return workplace.kitchen().temperature();
    }

    String celsius(double celsius) {
        return Notation.write(scale().of(celsius), 1) + " " + scale().unit();
    }

    String celsius(double low, double high) {
        return Notation.write(scale().of(low), 0) + " to " + celsius(high);
    }

    String difference(double kelvin) {
        return Notation.write(scale().ofDifference(kelvin), 0) + " " + scale().unit();
    }

    double weighed(double grams) {
        return workplace.kitchen().weighed(grams);
    }

    double roomC() {
        return workplace.kitchen().roomC();
    }

    /** A constant as this kitchen reads it, with where it comes from. */
    Evidence.Constant constant(Parameter parameter) {
        return Constants.constant(parameter, scale());
    }
}
