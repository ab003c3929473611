package com.deftchill.server.batchlog;

import com.deftchill.server.database.Like;
import com.deftchill.server.tenancy.Kitchens;
import java.util.Arrays;
import java.util.HashSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.jdbc.core.namedparam.MapSqlParameterSource;
import org.springframework.jdbc.core.namedparam.NamedParameterJdbcTemplate;
import org.springframework.stereotype.Component;

/**
 * The words that batches are found by, each kept once for a kitchen. A part of a word is looked for among them, which are few, and
 * not in the log, which is long.
 */
@Component
class BatchWords {
    /** A word that more batches have is soon met while the log is read, newest first. */
    private static final int FEW = 500;
    /** A part that stands in more words says little. */
    private static final int FEW_WORDS = 200;

    private final NamedParameterJdbcTemplate database;

    BatchWords(NamedParameterJdbcTemplate database) {
        this.database = database;
    }

    /** Words of a text or a wish, in small letters. */
    static Set<String> in(String text) {
        return Arrays.stream(text.toLowerCase(Locale.ROOT).split("\\s+"))
                .filter(word -> !word.isEmpty())
                .collect(Collectors.toCollection(LinkedHashSet::new));
    }

    /** Keeps the words of a batch that was stored just now, in the same transaction. */
    void keep(UUID batch, String foundBy) {
        var words = in(foundBy);
        var values = new MapSqlParameterSource("kitchen", Kitchens.current())
                .addValue("batch", batch.toString())
                .addValue("words", words);
        database.update("delete from batch_word where batch_id = :batch", values);
        if (words.isEmpty()) {
            return;
        }
        var known = new HashSet<>(database.queryForList(
                "select word from log_word where kitchen = :kitchen and word in (:words)", values, String.class));
        for (var word : words) {
            if (!known.contains(word)) {
                // Another may keep the same word at the same moment.
                database.update(
                        "insert ignore into log_word (kitchen, word) values (:kitchen, :word)",
                        new MapSqlParameterSource("kitchen", Kitchens.current()).addValue("word", word));
            }
        }
        database.update(
                "insert ignore into batch_word (word_id, batch_id)"
                        + " select id, :batch from log_word where kitchen = :kitchen and word in (:words)",
                values);
    }

    /**
     * Of the words of a wish one that only few batches have, as the ids of all words that it is a part of: empty where no batch has it;
     * absent where each is in many.
     */
    Optional<List<Long>> rare(Set<String> wished) {
        return wished.stream()
                .map(this::ids)
                .filter(ids -> ids.size() <= FEW_WORDS && (ids.isEmpty() || isRare(ids)))
                .findFirst();
    }

    private List<Long> ids(String part) {
        return database.queryForList(
                "select id from log_word where kitchen = :kitchen and word like :part escape '!' limit "
                        + (FEW_WORDS + 1),
                new MapSqlParameterSource("kitchen", Kitchens.current()).addValue("part", Like.containing(part)),
                Long.class);
    }

    private boolean isRare(List<Long> ids) {
        var found = database.queryForObject(
                "select count(*) from (select 1 from batch_word where word_id in (:ids) limit " + (FEW + 1) + ") x",
                new MapSqlParameterSource("ids", ids),
                Integer.class);
        return found != null && found <= FEW;
    }
}
