package com.deftchill.server.text;

import com.deftchill.core.text.Argument;
import com.deftchill.core.text.Message;
import com.deftchill.core.text.Notation;
import com.deftchill.core.text.TemperatureScale;
import com.deftchill.core.text.Words;
import java.time.format.DateTimeFormatter;
import java.util.HashMap;
import java.util.Locale;
import java.util.function.Supplier;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;

/** Writes messages in English, in the units of a kitchen: the one place where they become text. */
@Component
public class MessageWriter {
    private static final String OWN = "own";
    private static final DateTimeFormatter ON = DateTimeFormatter.ofPattern("EEE HH:mm", Locale.ENGLISH);

    private final MessageFiles files = new MessageFiles();

    /** @param scale of the kitchen; asked for only where a temperature stands in the sentence */
    public String write(Message message, Supplier<TemperatureScale> scale) {
        if (message.equals(Message.NONE)) {
            return "";
        }
        if (message.key().equals(OWN)) {
            return (String) object(message.arguments().get("words"), scale);
        }
        var arguments = new HashMap<String, Object>();
        message.arguments().forEach((name, argument) -> arguments.put(name, object(argument, scale)));
        return files.pattern(message.key()).format(arguments);
    }

    /** What ICU takes: numbers and choices as they are, all else as the cook reads it. */
    private Object object(Argument argument, Supplier<TemperatureScale> scale) {
        if (argument instanceof Argument.Count count) {
            return count.number();
        }
        if (argument instanceof Argument.Choice choice) {
            // ICU takes no hyphen in a selector.
            return choice.code().replace('-', '_');
        }
        if (argument instanceof Argument.Name name) {
            return name.text();
        }
        if (argument instanceof Argument.Said said) {
            return write(Message.of(said.key(), said.arguments()), scale);
        }
        if (argument instanceof Argument.Listed listed) {
            return listed.items().stream()
                    .map(item -> object(item, scale).toString())
                    .collect(Collectors.joining(", "));
        }
        if (argument instanceof Argument.Degrees degrees) {
            return Words.temperature(degrees.celsius(), scale.get());
        }
        if (argument instanceof Argument.DegreesApart apart) {
            return Words.difference(apart.kelvin(), scale.get());
        }
        return figure(argument);
    }

    private static String figure(Argument argument) {
        if (argument instanceof Argument.Quantity quantity) {
            return quantity(quantity);
        }
        if (argument instanceof Argument.Weighed weighed) {
            return Words.grams(weighed.grams()) + " " + weighed.name();
        }
        if (argument instanceof Argument.Lasts lasts) {
            return Words.duration(lasts.seconds());
        }
        if (argument instanceof Argument.Counted counted) {
            return Words.seconds(counted.seconds());
        }
        if (argument instanceof Argument.Moment moment) {
            return Words.clock(moment.from(), moment.seconds());
        }
        if (argument instanceof Argument.On on) {
            return ON.format(on.at());
        }
        if (argument instanceof Argument.Figure figure) {
            return Notation.write(figure.value(), figure.decimals());
        }
        throw new IllegalStateException("an argument that is not written yet: " + argument);
    }

    private static String quantity(Argument.Quantity quantity) {
        double value = quantity.value();
        return switch (quantity.unit()) {
            case GRAMS -> Words.grams(value);
            case MILLILITRES -> Words.ml(value);
            case MILLIMETRES -> Words.mm(value);
            case SHARE -> Words.percent(value);
        };
    }
}
