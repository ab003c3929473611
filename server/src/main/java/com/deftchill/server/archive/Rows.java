package com.deftchill.server.archive;

import java.sql.Date;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Time;
import java.sql.Timestamp;
import java.sql.Types;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalTime;
import java.util.Calendar;
import java.util.TimeZone;
import java.util.UUID;
import org.springframework.stereotype.Component;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/** Rows of the database as JSON and back; what is null there is absent here. */
@Component
class Rows {
    private final JsonMapper json;

    Rows(JsonMapper json) {
        this.json = json;
    }

    private static Calendar utc() {
        return Calendar.getInstance(TimeZone.getTimeZone("UTC"));
    }

    ObjectNode read(Table table, ResultSet row) throws SQLException {
        var node = json.createObjectNode();
        for (var column : table.columns()) {
            var value = read(column, row);
            if (!row.wasNull() && value != null) {
                node.set(column.key(), value);
            }
        }
        return node;
    }

    private JsonNode read(Column column, ResultSet row) throws SQLException {
        var name = column.name();
        return switch (column.kind()) {
            case ID, TEXT, DAY -> text(row.getString(name));
            case WHOLE -> json.getNodeFactory().numberNode(row.getLong(name));
            case FIGURE -> json.getNodeFactory().numberNode(row.getDouble(name));
            case YES_OR_NO -> json.getNodeFactory().booleanNode(row.getBoolean(name));
            case TIME -> {
                var time = row.getTime(name);
                yield time == null ? null : text(time.toLocalTime().toString());
            }
            case MOMENT -> {
                var moment = row.getTimestamp(name, utc());
                yield moment == null ? null : text(moment.toInstant().toString());
            }
            case JSON -> {
                var text = row.getString(name);
                yield text == null ? null : json.readTree(text);
            }
        };
    }

    private JsonNode text(String text) {
        return text == null ? null : json.getNodeFactory().stringNode(text);
    }

    /** Reads a row of a file as its table has it; throws what says why it cannot be one. */
    ObjectNode checked(Table table, JsonNode given) {
        var checked = json.createObjectNode();
        for (var column : table.columns()) {
            var value = given.get(column.key());
            if (value != null && !value.isNull()) {
                checked.set(column.key(), checked(column, value));
            }
        }
        return checked;
    }

    private JsonNode checked(Column column, JsonNode value) {
        var nodes = json.getNodeFactory();
        return switch (column.kind()) {
            case ID -> nodes.stringNode(UUID.fromString(text(column, value)).toString());
            case TEXT -> nodes.stringNode(text(column, value));
            case DAY -> nodes.stringNode(LocalDate.parse(text(column, value)).toString());
            case TIME -> nodes.stringNode(LocalTime.parse(text(column, value)).toString());
            case MOMENT -> nodes.stringNode(Instant.parse(text(column, value)).toString());
            case WHOLE -> nodes.numberNode(whole(column, value));
            case FIGURE -> nodes.numberNode(figure(column, value));
            case YES_OR_NO -> {
                if (!value.isBoolean()) {
                    throw new IllegalArgumentException(column.key() + " must be true or false");
                }
                yield value;
            }
            // Read as what it is and written anew: an earlier version of a document is lifted on the way.
            case JSON -> json.valueToTree(json.treeToValue(value, json.constructType(column.type())));
        };
    }

    private static String text(Column column, JsonNode value) {
        if (!value.isString()) {
            throw new IllegalArgumentException(column.key() + " must be a text");
        }
        return value.asString();
    }

    private static long whole(Column column, JsonNode value) {
        if (!value.isIntegralNumber() || !value.canConvertToLong()) {
            throw new IllegalArgumentException(column.key() + " must be a whole number");
        }
        return value.longValue();
    }

    private static double figure(Column column, JsonNode value) {
        if (!value.isNumber() || !Double.isFinite(value.doubleValue())) {
            throw new IllegalArgumentException(column.key() + " must be a number");
        }
        return value.doubleValue();
    }

    /** Sets one column of a statement, from {@code at} on. */
    void set(PreparedStatement statement, int at, Column column, JsonNode row) throws SQLException {
        var value = row.get(column.key());
        if (value == null) {
            statement.setNull(at, Types.NULL);
            return;
        }
        switch (column.kind()) {
            case ID, TEXT -> statement.setString(at, value.asString());
            case DAY -> statement.setDate(at, Date.valueOf(value.asString()));
            case TIME -> statement.setTime(at, Time.valueOf(LocalTime.parse(value.asString())));
            case MOMENT -> statement.setTimestamp(at, Timestamp.from(Instant.parse(value.asString())), utc());
            case WHOLE -> statement.setLong(at, value.asLong());
            case FIGURE -> statement.setDouble(at, value.asDouble());
            case YES_OR_NO -> statement.setBoolean(at, value.asBoolean());
            case JSON -> statement.setString(at, json.writeValueAsString(value));
        }
    }
}
