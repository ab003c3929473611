package com.deftchill.core.verdict;

import com.deftchill.core.parameters.Parameter;
import com.deftchill.core.text.Notation;
import com.deftchill.core.text.TemperatureScale;
import com.deftchill.core.text.Words;
import java.util.regex.Pattern;

/** Constants of the models as evidence shows them. */
public final class Constants {
    private static final Pattern CELSIUS = Pattern.compile("(\\d+) °C");

    private Constants() {}

    /** A constant of a model on a kitchen's scale, with where it comes from. */
    public static Evidence.Constant constant(Parameter parameter, TemperatureScale scale) {
        double value = parameter.value();
        var text = switch (parameter.unit()) {
            case "share" -> Words.percent(value);
            case "°C" -> Words.temperature(value, scale);
            case "K" -> Words.difference(value, scale);
            case "" -> Notation.write(value, 2);
            case "pH" -> "pH " + Notation.write(value, 1);
            default -> Notation.write(value, value < 10 ? 3 : 0) + " " + parameter.unit();
        };
        return new Evidence.Constant(named(parameter.name(), scale), text, parameter.grade(), parameter.source());
    }

    /** Temperatures within a name, such as those at which something was measured, on a kitchen's scale. */
    private static String named(String name, TemperatureScale scale) {
        return CELSIUS.matcher(name).replaceAll(found -> Words.temperature(Double.parseDouble(found.group(1)), scale));
    }
}
