package com.deftchill.server.document;

import java.sql.Connection;
import java.sql.SQLException;
import org.flywaydb.core.api.migration.BaseJavaMigration;
import org.flywaydb.core.api.migration.Context;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.stereotype.Component;
import tools.jackson.databind.json.JsonMapper;

/**
 * Lifts every stored document to version 5 and keeps the old text in a column beside it. May be run again: a row that was
 * lifted is left alone.
 */
@Component
class V4__LiftDocuments extends BaseJavaMigration {
    private static final Logger LOG = LoggerFactory.getLogger(V4__LiftDocuments.class);
    private static final String[] TABLES = {"formula", "revision", "batch"};

    private final JsonMapper json;

    V4__LiftDocuments(JsonMapper json) {
        this.json = json;
    }

    @Override
    public void migrate(Context context) throws SQLException {
        for (var table : TABLES) {
            try (var statement = context.getConnection().createStatement()) {
                statement.execute("alter table " + table + " add column if not exists document_before json null");
            }
            int lifted = lift(context.getConnection(), table);
            LOG.info("lifted {} documents of {}", lifted, table);
        }
    }

    private int lift(Connection connection, String table) throws SQLException {
        int lifted = 0;
        try (var rows = connection.createStatement();
                var found = rows.executeQuery("select id, document from " + table + " where document_before is null");
                var write = connection.prepareStatement(
                        "update " + table + " set document_before = document, document = ? where id = ?")) {
            while (found.next()) {
                var document = json.readTree(found.getString("document"));
                if (Lifts.isOlder(document)) {
                    write.setString(1, json.writeValueAsString(Lifts.lifted(document)));
                    write.setString(2, found.getString("id"));
                    lifted += write.executeUpdate();
                }
            }
        }
        return lifted;
    }
}
