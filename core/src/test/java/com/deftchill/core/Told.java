package com.deftchill.core;

import com.deftchill.core.text.Argument;
import com.deftchill.core.text.Message;
import com.deftchill.core.text.Notation;
import java.util.stream.Collectors;

/** What stands in a message, one after the other, for tests: the words themselves are the server's. */
public final class Told {
    private Told() {}

    /** Its arguments in the order in which they were given. */
    public static String of(Message message) {
        return message.arguments().values().stream().map(Told::of).collect(Collectors.joining(" "));
    }

    private static String of(Argument argument) {
        if (argument instanceof Argument.Name name) {
            return name.text();
        }
        if (argument instanceof Argument.Choice choice) {
            return choice.code();
        }
        if (argument instanceof Argument.Count count) {
            return Integer.toString(count.number());
        }
        if (argument instanceof Argument.Figure figure) {
            return Notation.write(figure.value(), figure.decimals());
        }
        if (argument instanceof Argument.Listed listed) {
            return listed.items().stream().map(Told::of).collect(Collectors.joining(", "));
        }
        return argument instanceof Argument.Said said ? said.key() : argument.toString();
    }
}
