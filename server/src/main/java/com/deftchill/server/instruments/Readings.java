package com.deftchill.server.instruments;

import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.Instant;
import java.time.LocalDateTime;
import java.time.ZoneOffset;
import java.util.List;
import java.util.Optional;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/** The table that readings pass through: a stream, written and cleared in bulk, so by plain statements. */
@Component
class Readings {
    private final JdbcClient jdbc;

    Readings(JdbcClient jdbc) {
        this.jdbc = jdbc;
    }

    /** Of several copies that hear the same one stores it. */
    @Transactional
    void store(List<Reading> readings) {
        for (var reading : readings) {
            jdbc.sql(
                            "insert ignore into instrument_reading (instrument, at, seq, kind, reading, stable, state, simulated)"
                                    + " values (?, ?, ?, ?, ?, ?, ?, ?)")
                    .params(
                            reading.instrument(),
                            utc(reading.at()),
                            reading.seq(),
                            reading.kind(),
                            reading.value().orElse(null),
                            reading.stable(),
                            reading.state(),
                            reading.simulated())
                    .update();
        }
    }

    /** The last one of each instrument that was heard of since a moment. */
    @Transactional(readOnly = true)
    List<Reading> last(Instant since) {
        return jdbc.sql(
                        "select r.* from instrument_reading r join (select instrument, max(at) at from instrument_reading"
                                + " where at >= ? group by instrument) l on l.instrument = r.instrument and l.at = r.at"
                                + " group by r.instrument order by r.instrument")
                .params(utc(since))
                .query((row, n) -> reading(row))
                .list();
    }

    /** What one showed since a moment, in order. */
    @Transactional(readOnly = true)
    List<Reading> since(String instrument, Instant since) {
        return jdbc.sql("select * from instrument_reading where instrument = ? and at >= ? order by at, seq limit 8000")
                .params(instrument, utc(since))
                .query((row, n) -> reading(row))
                .list();
    }

    @Transactional
    void forgetBefore(Instant moment) {
        jdbc.sql("delete from instrument_reading where at < ? limit 20000")
                .params(utc(moment))
                .update();
    }

    private static LocalDateTime utc(Instant moment) {
        return LocalDateTime.ofInstant(moment, ZoneOffset.UTC);
    }

    private static Reading reading(ResultSet row) throws SQLException {
        double value = row.getDouble("reading");
        Optional<Double> shown = row.wasNull() ? Optional.empty() : Optional.of(value);
        return new Reading(
                row.getString("instrument"),
                row.getString("kind"),
                row.getLong("seq"),
                row.getObject("at", LocalDateTime.class).toInstant(ZoneOffset.UTC),
                shown,
                row.getBoolean("stable"),
                row.getString("state"),
                row.getBoolean("simulated"));
    }
}
